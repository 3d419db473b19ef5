import { painLimits } from '../athlete/pain-limits';
import type { Facts } from './facts';
import { stepBack } from './next-step';
import { says, signs } from './note-signs';
import type { Rule } from './safety-rules';

/** So many sessions with a rise each make a trend. */
const trendOf = 3;

const painsOf = ({ sessions }: Facts): number[] => sessions.flatMap(({ pain }) => (pain === null ? [] : [pain]));

/** Back to before by the next morning: gone, or less than it has been at its least. */
function isSettled(facts: Facts): boolean {
  const least = Math.min(...painsOf(facts).slice(0, -1), painLimits.stop);
  return facts.morning !== undefined && facts.morning !== null && facts.morning <= Math.max(1, least - 1);
}

/** Three sessions, each worse than the one before, though no score is over the ceiling. */
const trend: Rule = (facts) => {
  const pains = painsOf(facts).slice(-trendOf);
  const rises = pains.length === trendOf && pains.every((pain, i) => i === 0 || pain >= (pains[i - 1] as number) + 1);
  return rises
    ? {
        move: 'regress',
        how: `${stepBack(facts).how}; the morning back to what it was first`,
        why: `Pain ${pains.join(', ')}: rising three sessions running, though each score may be allowed.`,
        rule: 'pain-trend',
      }
    : undefined;
};

/** Nobody said how it hurt: that is not 0. */
const unanswered: Rule = ({ pain, given }) =>
  pain === null && given.restriction
    ? { move: 'hold', how: 'same dose; ask how it hurt', why: 'A missing score is not 0.', rule: 'missing-morning' }
    : undefined;

/** Pain that is safe during, and worse the next morning. */
const worseInTheMorning: Rule = ({ pain, morning, impact, note, given }) => {
  if (pain === null || pain > painLimits.safe) return undefined;
  const worse = (morning ?? 0) >= pain + 2 || says(note, signs.swelling);
  const energy = (impact || given.returnStage !== undefined) && (morning ?? 0) > pain;
  if (!worse && !energy) return undefined;
  const staged = given.returnStage !== undefined && worse;
  return {
    move: staged ? 'regress' : 'hold',
    how: staged
      ? 'one stage back until two mornings are clear'
      : 'same dose, one set fewer, a day more between; two clear mornings before anything is added',
    why: says(note, signs.swelling)
      ? 'It swells: yesterday was too much.'
      : `Pain ${pain} during and ${morning} the next morning: the morning counts.`,
    rule: staged ? 'return-stage-back' : energy && given.returnStage ? 'return-impact' : 'pain-not-settled',
  };
};

/** Three to five: by the next morning, the cause, and its ceiling. */
const tolerable: Rule = (facts) => {
  const { pain, morning, cause, ceiling, fast, impact, minor, given } = facts;
  if (pain === null || pain <= painLimits.safe) return undefined;
  const isometric = (fast || impact) && !(given.restriction && pain <= ceiling);
  const back = isometric
    ? 'held instead of moved: five times 30 s without pain; nothing fast on it'
    : stepBack(facts).how;
  if (morning !== undefined && morning !== null && !isSettled(facts))
    return {
      move: 'regress',
      how: `${back}; a third to half of the volume less`,
      why: `Pain ${pain} and ${morning} the next morning: not settled.`,
      rule: isometric ? 'isometric-instead' : 'pain-not-settled',
    };
  const allowed = cause === 'tendon' || cause === 'overuse' || cause === 'nonspecific-pain';
  if (!allowed || pain > ceiling || (minor && cause === 'tendon'))
    return {
      move: 'regress',
      how: back,
      why:
        cause && cause !== 'unstated'
          ? `Pain ${pain} is above ${ceiling}, the ceiling here.`
          : `Pain ${pain} of 10 without a known reason: easier until it is known.`,
      rule: isometric ? 'isometric-instead' : 'pain-tolerable',
    };
  if (morning === undefined || morning === null)
    return {
      move: 'hold',
      how: 'same load and sets; ask in the morning before the next session is written',
      why: `Pain ${pain}, and nobody has said how the morning was: a missing answer is not 0.`,
      rule: 'missing-morning',
    };
  return {
    move: 'hold',
    how: 'same load and sets',
    why: `Pain ${pain}, settled by the morning and at most ${ceiling}: loading goes on, nothing is added until it is 2 or less.`,
    rule: cause === 'tendon' ? 'tendon-hold' : 'pain-at-ceiling',
  };
};

/** Stopped for pain the time before: one quiet session is not the end of it. */
const justStopped: Rule = ({ pain, before }) =>
  (pain ?? 0) <= painLimits.safe && (before?.pain ?? 0) > painLimits.stop
    ? {
        move: 'hold',
        how: 'same dose once more; ask how the days between were',
        why: `Pain ${before?.pain} the session before: one quiet one is not yet settled.`,
        rule: 'pain-not-settled',
      }
    : undefined;

/** An operation, a bone, a head: above its own ceiling pain is no pain to train with. */
const overItsCeiling: Rule = (facts) => {
  const { pain, ceiling, cause, given } = facts;
  if (pain === null || pain === 0 || !given.restriction || pain > painLimits.safe || pain <= ceiling) return undefined;
  if (!['post-operative-early', 'bone-stress', 'concussion'].includes(cause ?? '')) return undefined;
  return {
    move: 'regress',
    how: stepBack(facts).how,
    why: `Pain ${pain} is above ${ceiling}, the ceiling here.`,
    rule: 'pain-tolerable',
  };
};

/** Pain by score, morning, cause and trend; Thomee 1997 and Silbernagel 2007, values from memory. */
export const painRules: readonly Rule[] = [
  trend,
  unanswered,
  worseInTheMorning,
  tolerable,
  overItsCeiling,
  justStopped,
];
