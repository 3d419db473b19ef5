import type { Variant } from './variant';
import type { Pattern } from './vocabulary';

/** A caution that a kind of exercise has to carry, and the words by which one already written is known. */
export interface RequiredCaution {
  about: string;
  text: string;
  known: RegExp;
}

interface Rule extends RequiredCaution {
  asks: (variant: Variant) => boolean;
}

const patternIn =
  (...patterns: Pattern[]) =>
  (variant: Variant) =>
    patterns.includes(variant.pattern);
const needsKit =
  (...kinds: string[]) =>
  (variant: Variant) =>
    variant.needs.kit.some((any) => any.every((kind) => kinds.includes(kind)));

/** What can hurt and what to say about it; common practice, no source. */
const rules: readonly Rule[] = [
  {
    about: 'anchor',
    asks: (v) => v.needs.anchors.length > 0 && !v.needs.anchors.includes('feet'),
    known: /anchor/i,
    text: 'Test the anchor before pulling; a door is pulled shut, never open.',
  },
  {
    about: 'band',
    asks: (v) => v.load?.source === 'band',
    known: /band|tears|eyes/i,
    text: 'Look the band over for tears and keep it away from the eyes.',
  },
  {
    about: 'held ankles',
    asks: (v) => v.needs.anchors.includes('feet'),
    known: /ankle|feet|held/i,
    text: 'What holds the feet must not move.',
  },
  {
    about: 'partner',
    asks: (v) => v.needs.partner,
    known: /partner|stop/i,
    text: 'Agree on the word "stop"; the partner lets go at once.',
  },
  {
    about: 'furniture',
    asks: needsKit('chair', 'sofa', 'bench', 'step', 'stairs'),
    known: /slide|slip|tip|edge|rail|against a wall|steady/i,
    text: 'It must not slide or tip: chair against a wall.',
  },
  {
    about: 'sliding',
    asks: (v) => v.needs.slidingFloor,
    known: /smooth|slid|behind/i,
    text: 'Clear the way of the slide; start short.',
  },
  {
    about: 'landing',
    asks: (v) => v.impactContacts > 0 && patternIn('jump', 'landing', 'hop')(v),
    known: /floor|landing|shoes|mat|pain-free/i,
    text: 'Shoes and a floor that gives a little; stop when landings get loud.',
  },
  {
    about: 'neck',
    asks: patternIn('neck-flexion', 'neck-extension', 'neck-lateral'),
    known: /forced|dizz/i,
    text: 'Never forced; dizziness or tingling: stop.',
  },
  {
    about: 'overhead',
    asks: (v) => v.pattern === 'vertical-push' && v.load?.source === 'weight',
    known: /ceiling|overhead|head/i,
    text: 'Check the ceiling; nothing with a loose lid overhead.',
  },
  {
    about: 'lifting',
    asks: patternIn('whole-body-lift'),
    known: /grip|lid|drop|room|back/i,
    text: 'A grip that holds, a lid that is taped, room to put it down.',
  },
  {
    about: 'throwing',
    asks: (v) => v.pattern === 'throw' && v.needs.kit.length > 0,
    known: /room|window|lamp|clear|let go/i,
    text: 'Clear room in front; nothing that breaks.',
  },
];

/** Cautions that a variant has to carry by what it asks for and that its own words do not give yet. */
export function requiredCautions(variant: Variant): RequiredCaution[] {
  return rules.filter((rule) => rule.asks(variant) && !variant.cautions.some((c) => rule.known.test(c)));
}
