export const dayBeforeChoices = ['primer', 'mobility', 'nothing'] as const;

/** What the labels of the days allow, as a coach may change it. */
export interface LabelRules {
  /** Days before a fixture without slow lowering. */
  slowBefore: number;
  /** Days after a fixture that was played without slow lowering. */
  slowAfter: number;
  /** Days before a peak without slow lowering. */
  slowBeforePeak: number;
  /** Days before a fixture without heavy sets of the legs. */
  legsBefore: number;
  /** Days after a fixture that was played without heavy sets of the legs. */
  legsAfter: number;
  /** Days before and after a peak without heavy sets of the legs. */
  legsRoundPeak: number;
  /** Days from one heavy session of the legs to the next. */
  legsApart: number;
  /** Jump contacts two days before a fixture, at the most. */
  landingsTwoBefore: number;
  /** What is done on the day before a fixture. */
  dayBefore: (typeof dayBeforeChoices)[number];
  /** Behind a practice that ends later there is no session, "21:30". */
  practiceEndsBy: string;
}

export const defaultLabelRules: LabelRules = {
  slowBefore: 3,
  slowAfter: 2,
  slowBeforePeak: 7,
  legsBefore: 2,
  legsAfter: 1,
  legsRoundPeak: 3,
  legsApart: 2,
  landingsTwoBefore: 40,
  dayBefore: 'primer',
  practiceEndsBy: '21:30',
};

interface LabelRuleFacts {
  name: string;
  unit: string;
  least: number;
  most: number;
  step: number;
  /** Why it stands as it does, and who says so. */
  source: string;
}

type NumberRule = { [K in keyof LabelRules]: LabelRules[K] extends number ? K : never }[keyof LabelRules];

/** The rules that are numbers, with their bounds and where their usual value comes from. */
export const labelRuleFacts: Readonly<Record<NumberRule, LabelRuleFacts>> = {
  slowBefore: {
    name: 'No slow eccentrics before a fixture',
    unit: 'days',
    least: 1,
    most: 5,
    step: 1,
    source: 'Soreness peaks one to three days after slow eccentrics (Cheung 2003, from memory).',
  },
  slowAfter: {
    name: 'No slow eccentrics after a fixture played',
    unit: 'days',
    least: 0,
    most: 4,
    step: 1,
    source: 'Sprint and force are down for two to three days after a match (Nédélec 2012, from memory).',
  },
  slowBeforePeak: {
    name: 'No slow eccentrics before a peak',
    unit: 'days',
    least: 3,
    most: 14,
    step: 1,
    source: 'Nothing that causes soreness in the peak week. Common practice, no source.',
  },
  legsBefore: {
    name: 'No heavy legs before a fixture',
    unit: 'days',
    least: 1,
    most: 4,
    step: 1,
    source: 'Strength recovers within 48 hours of heavy sets. Common practice, no source.',
  },
  legsAfter: {
    name: 'No heavy legs after a fixture played',
    unit: 'days',
    least: 1,
    most: 3,
    step: 1,
    source: 'The day after a match is for recovery. Common practice, no source.',
  },
  legsRoundPeak: {
    name: 'No heavy legs around a peak',
    unit: 'days',
    least: 1,
    most: 7,
    step: 1,
    source: 'Less volume, same loads, then fresh (Bosquet 2007, from memory).',
  },
  legsApart: {
    name: 'Days between heavy leg sessions',
    unit: 'days',
    least: 2,
    most: 3,
    step: 1,
    source: 'Two days, three from the age of forty. Common practice, no source.',
  },
  landingsTwoBefore: {
    name: 'Jump contacts two days before a fixture',
    unit: 'at most',
    least: 0,
    most: 80,
    step: 10,
    source: 'Fast and few. Common practice, no source.',
  },
};

export const numberRules = Object.keys(labelRuleFacts) as NumberRule[];

/** The rules of a coach over the usual ones. @example labelRulesOf({ slowBefore: 2 }).legsBefore // 2 */
export const labelRulesOf = (changed: Partial<LabelRules> = {}): LabelRules => ({ ...defaultLabelRules, ...changed });
