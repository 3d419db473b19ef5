/** What a rule is about, in the order in which kinds go before each other. */
export const ruleKinds = ['safety', 'pain', 'state', 'data', 'form', 'performance'] as const;
export type RuleKind = (typeof ruleKinds)[number];

/** A rule of progression as a coach reads it. */
export interface RuleEntry {
  /** As a coach calls it. */
  title: string;
  kind: RuleKind;
  says: string;
  source: string;
}

const common = 'common practice, no source';
const twoForTwo = 'handbook of the National Strength and Conditioning Association, from memory';
const painMonitoring = 'Thomee 1997; Silbernagel 2007; values from memory';
const minors = 'Lloyd 2014 (youth resistance training), from memory; ceilings common practice';
const reserveScale = 'Zourdos 2016 (RPE by repetitions in reserve), from memory';
const away = 'CSCCa and NSCA guideline 2019 on return after inactivity, from memory';

const entry = (kind: RuleKind, title: string, says: string, source = common): RuleEntry => ({
  ...{ title, kind, says, source },
});

/** Every rule that decides, by the name that decisions carry. */
export const ruleBook: Readonly<Record<string, RuleEntry>> = {
  'red-flag': entry('safety', 'Red flag', 'What the note says is looked at by a clinician before anything is trained.'),
  'bone-stress-suspected': entry(
    'safety',
    'Bone stress',
    'One sore spot on a bone after impact: no impact until a clinician has looked.',
    'Warden 2014, from memory',
  ),
  'minor-growth-plate': entry(
    'safety',
    'Growth plate',
    'Pain at the end of a growing bone: load down, with swelling or a limp to a clinician.',
    minors,
  ),
  'pain-stop': entry(
    'safety',
    'Pain above 5',
    'Pain above 5, or sharp pain at any score, stops what loads the region.',
    painMonitoring,
  ),
  'pain-stop-twice': entry(
    'safety',
    'Pain above 5 twice',
    'Above 5 in two sessions, or at rest the morning after: a clinician looks.',
    painMonitoring,
  ),
  'masked-pain': entry('safety', 'Painkiller', 'A painkiller before training hides pain: the score is not used.'),
  contradiction: entry(
    'safety',
    'Note against score',
    'The note hurts where the score does not: ask, and hold until answered.',
  ),
  'pain-trend': entry(
    'pain',
    'Rising pain',
    'Pain up by 1 or more three sessions running is a step back, whatever the score.',
    painMonitoring,
  ),
  'missing-morning': entry('pain', 'Pain not answered', 'A missing score is not 0: hold and ask.', painMonitoring),
  'pain-not-settled': entry(
    'pain',
    'Not settled',
    'Worse the next morning: less, until two mornings are clear.',
    painMonitoring,
  ),
  'pain-tolerable': entry(
    'pain',
    'Above its ceiling',
    'Pain above the ceiling of its cause is a step back.',
    painMonitoring,
  ),
  'pain-at-ceiling': entry(
    'pain',
    'At its ceiling',
    'Settled by the morning and within the ceiling: same load, nothing added.',
    painMonitoring,
  ),
  'tendon-hold': entry(
    'pain',
    'Tendon within its ceiling',
    'A tendon is loaded on while it settles by the morning.',
    painMonitoring,
  ),
  'tendon-loading': entry(
    'pain',
    'Tendon loads on',
    'A tendon that stays at 2 or less progresses like anything else.',
    painMonitoring,
  ),
  'isometric-instead': entry(
    'pain',
    'Held instead of moved',
    'Fast work that hurts is held for a time instead.',
    'Rio 2015, from memory',
  ),
  'pain-safe': entry('pain', 'Safe pain', 'Up to 2 and gone by the morning: the usual rules go on.', painMonitoring),
  'pain-elsewhere': entry(
    'pain',
    'Pain elsewhere',
    'Pain in a part that an exercise does not load decides nothing here.',
  ),
  'pain-in-next-variant': entry(
    'pain',
    'Next one loads the sore part',
    'The next harder exercise loads a part that hurts: more within this one.',
  ),
  'return-clinician-gate': entry(
    'state',
    'Clinician decides',
    'What a clinician has set moves on only with the clinician.',
  ),
  'return-stage': entry('state', 'Stage of return', 'A stage is passed by its criteria, not by its date.'),
  'return-stage-back': entry('state', 'Stage back', 'Worse the next morning, or a limp: one stage back.'),
  'return-impact': entry('state', 'Impact on return', 'Landings are added only after clear mornings.'),
  ill: entry(
    'state',
    'Ill',
    'No session while ill; afterwards half the volume for as many days.',
    'Schwellnus 2016 (illness in athletes), from memory',
  ),
  'missed-week': entry(
    'state',
    'A week missed',
    'A week away loses no strength: same dose, a set fewer at first.',
    away,
  ),
  'missed-weeks': entry('state', 'Weeks missed', 'Two weeks away and more: half the volume in the first week.', away),
  deload: entry('state', 'Deload', 'A planned easy week: half the sets, same load.'),
  taper: entry('state', 'Taper', 'Volume down by 41 to 60 %, load kept.', 'Bosquet 2007, from memory'),
  'fixture-near': entry('state', 'Fixture near', 'Nothing new in the last days before a fixture.'),
  transition: entry('state', 'After the season', 'No new step in weeks of recovery.'),
  'off-season': entry('state', 'Off season', 'The weeks in which more is built.'),
  'no-decision': entry('data', 'Nothing to decide', 'Warm-up, mobility and cool-down stay as they are.'),
  'not-done': entry('data', 'Not done', 'An exercise that was left out: ask why.'),
  incomplete: entry('data', 'Sets missing', 'Half a session says little: same again.'),
  'data-not-comparable': entry(
    'data',
    'Other equipment',
    'Done with another band or load: the figures cannot be compared.',
  ),
  outlier: entry('data', 'Figure out of range', 'More than twice what was asked is asked about first.'),
  'duplicate-log': entry('data', 'Logged twice', 'Two logs of one day count once.'),
  'load-missing': entry('data', 'Load not logged', 'Without the weight repetitions move, not the load.'),
  'load-changed': entry('data', 'Load changed', 'Another load than planned: two sessions at it first.'),
  'band-unknown': entry('data', 'Band of unknown force', 'An unmeasured band progresses by repetitions and distance.'),
  'no-history': entry('data', 'First session', 'One session: twice in full before anything is added.'),
  'readiness-low': entry('state', 'A bad day', 'Short sleep or tired: the plan is not wrong because of one day.'),
  'effort-far-over': entry(
    'performance',
    'Effort far over plan',
    'All done but much harder than planned: hold, or a set fewer.',
    reserveScale,
  ),
  'asymmetry-large': entry(
    'safety',
    'Side far behind',
    'Half of the other side or less, twice: a clinician looks at nerve and joint.',
  ),
  asymmetry: entry(
    'performance',
    'Weaker side directs',
    'A side behind the other sets the dose of both.',
    'Bishop 2018 (asymmetry), from memory',
  ),
  'minor-contacts': entry(
    'form',
    'Landings of the young',
    'Landings have a ceiling by age and halve in a growth spurt.',
    minors,
  ),
  'minor-ceiling': entry(
    'form',
    'Weight ceiling under 16',
    'Under 16 a weight has a ceiling: repetitions or tempo move.',
    minors,
  ),
  'minor-reps-first': entry('form', 'Repetitions before weight', 'Under 18 repetitions move before weight.', minors),
  'arm-care-ceiling': entry('form', 'Ceiling of the exercise', 'Care of a small joint is never heavy.'),
  'power-quality': entry(
    'form',
    'Quality of power',
    'Power moves on by speed and height; a set ends when they fall.',
    'Pareja-Blanco 2017 (velocity loss), from memory',
  ),
  'tempo-kept': entry('form', 'Tempo kept', 'Repetitions at a lost tempo do not count.'),
  range: entry('form', 'Range reached', 'The range is reached before it is loaded.'),
  'range-lost': entry('form', 'Range lost', 'A range that was cut to finish had been too long.'),
  'new-movement': entry('form', 'New movement', 'A new movement stays as it is for its first sessions.'),
  'isometric-drop': entry(
    'performance',
    'Hold drops',
    'A last hold far under the first is shortened to what can be repeated.',
  ),
  'isometric-time': entry('performance', 'Longer hold', 'A hold done in full twice gets longer.'),
  'isometric-ladder': entry('performance', 'Harder hold', 'Past a minute a hold gets harder instead of longer.'),
  time: entry('performance', 'Longer work', 'Work by the clock done in full twice gets longer.'),
  'decline-trend': entry(
    'performance',
    'Three sessions down',
    'Less in each of three sessions without pain is fatigue: an easy week.',
  ),
  'rir-falling': entry(
    'performance',
    'Reserve falls',
    'Less in reserve at one load three times running: a set fewer.',
    reserveScale,
  ),
  'fell-short': entry('performance', 'Fell short', 'Far less than planned: one step back.'),
  'ladder-down': entry('performance', 'Easier exercise', 'Short in every set: the easier exercise.'),
  'ladder-up': entry('performance', 'Harder exercise', 'Many repetitions: the harder exercise with fewer.'),
  'not-full': entry('performance', 'Not all done', 'Nearly all: same dose until all of it is done.'),
  'in-season-hold': entry(
    'performance',
    'Held in season',
    'In season strength is held at the planned effort; only what is clearly easy moves on.',
  ),
  'double-progression': entry(
    'performance',
    'Double progression',
    'Repetitions to the top of the range in every set, then load.',
    twoForTwo,
  ),
  'two-for-two': entry(
    'performance',
    'Two for two',
    'Two repetitions over target in the last set, two sessions running.',
    twoForTwo,
  ),
  'two-full-sessions': entry('performance', 'Full twice', 'All of it done in two sessions running.'),
  'rir-high': entry('performance', 'Much in reserve', 'Two more in reserve than planned: more at once.', reserveScale),
  'rir-rising': entry('performance', 'Reserve rises', 'Full twice with more in reserve than planned.', reserveScale),
  'rir-low': entry(
    'performance',
    'Little in reserve',
    'All done, but nearer to failure than planned: hold.',
    reserveScale,
  ),
  'effort-under': entry(
    'performance',
    'Easier than planned',
    'Full twice at a session RPE well under plan.',
    reserveScale,
  ),
  'effort-near-plan': entry('performance', 'As planned', 'Full at the planned effort: same again.'),
  'load-step-too-big': entry(
    'performance',
    'Next weight too far',
    'The next weight is too big a step: repetitions or tempo first.',
    twoForTwo,
  ),
  'percent-of-1rm': entry(
    'performance',
    'Percent of 1RM',
    'The load is a set percentage of the 1RM that the last session shows, a weight at a time.',
    'Epley 1985 (1RM from repetitions), from memory; the percentage is the club’s',
  ),
  density: entry('performance', 'Density', 'The same work with less rest, where rest is not what the work lives on.'),
  'published-steps': entry('performance', 'Published steps', 'A published programme goes by its own steps.'),
};

/** Kinds that a coach's preference never makes more daring. */
const guarded: ReadonlySet<RuleKind> = new Set(['safety', 'pain', 'form']);

/** Whether a house rule may turn what a rule proposes into more than it says. */
export const isGuarded = (rule: string): boolean => guarded.has(ruleBook[rule]?.kind ?? 'safety');

/** A value of a rule that a club may set within limits. */
interface RuleValueEntry {
  says: string;
  usual: number;
  range: readonly [min: number, max: number];
  step: number;
  unit: 'reps' | '%' | 'sessions' | 'points' | 'days' | 's';
}

const value = (
  says: string,
  usual: number,
  range: readonly [number, number],
  unit: RuleValueEntry['unit'],
  step = 1,
): RuleValueEntry => ({ says, usual, range, step, unit });

/** Values that a club may set; the limits keep them where the sources are. */
export const ruleValues = {
  over: value('Repetitions over target in the last set, twice, before more is asked', 2, [1, 4], 'reps'),
  muchInReserve: value('More in reserve than planned that is enough after one session', 2, [1, 4], 'reps'),
  loadStep: value('Largest rise of the load at once', 10, [2, 15], '%'),
  manyReps: value('Repetitions at which the exercise gets harder instead of longer', 15, [10, 25], 'reps'),
  fellShort: value('Share of the plan under which it is one step back', 80, [60, 95], '%', 5),
  sideBehind: value('Share of the stronger side under which the weaker one directs', 90, [80, 95], '%'),
  effortOver: value('Session RPE over plan that is far over', 3, [2, 5], 'points'),
  nearFixture: value('Days before a fixture without anything new', 2, [0, 4], 'days'),
  share1rm: value(
    'Percentage of the estimated 1RM that loads follow; 0 goes by repetitions in reserve',
    0,
    [0, 90],
    '%',
    5,
  ),
  restStep: value('Rest taken off timed work instead of making it longer; 0 makes it longer', 0, [0, 15], 's', 5),
  newSessions: value('Sessions of a new movement before more is asked', 2, [1, 4], 'sessions'),
} as const satisfies Record<string, RuleValueEntry>;
export type RuleValue = keyof typeof ruleValues;
