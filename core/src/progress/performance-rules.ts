import { capital, partWords } from '../common/text';
import type { Region } from '../exercise/model/vocabulary';
import type { Decision } from './decision-case';
import type { Facts } from './facts';
import { nextStep, setWords, stepBack } from './next-step';
import { byPercent } from './percent-of-1rm';
import type { Rule } from './safety-rules';

/** A hold that ends at this share of the first was too long; common practice, no source. */
const holdLost = 0.65;

const isometricDrop: Rule = (facts) => {
  const { last, byTime, given } = facts;
  if (!byTime || last.full || given.item.dose.holdSeconds === undefined || last.sets.length < 2) return undefined;
  const [first, end] = [last.sets[0]?.done ?? 0, last.sets.at(-1)?.done ?? 0];
  if (first === 0 || end / first > holdLost) return undefined;
  return {
    move: 'regress',
    how: stepBack(facts).how,
    why: `The last hold was ${Math.round((end / first) * 100)} % of the first: hold a time that can be repeated.`,
    rule: 'isometric-drop',
  };
};

/** Reserve falls session by session at one load, and then the repetitions. */
const falling: Rule = (facts) => {
  const fellShort = facts.value('fellShort') / 100;
  const three = facts.sessions.slice(-3);
  const shares = three.map(({ share }) => share);
  const reserves = three.flatMap(({ meanRir }) => (meanRir === undefined ? [] : [meanRir]));
  const drops = (values: readonly number[]) =>
    values.length === 3 && values.every((v, i) => i === 0 || v < (values[i - 1] as number));
  if (facts.last.full) return undefined;
  if (drops(shares) && facts.last.share < fellShort)
    return {
      move: 'regress',
      how: `${stepBack(facts).how}; an easy week`,
      why: 'Three sessions, each less than the one before, without pain: fatigue. Cut, do not push.',
      rule: 'decline-trend',
    };
  if (drops(reserves))
    return {
      move: 'regress',
      how: `${setWords(Math.max(1, facts.given.item.dose.sets - 1))} at the same load for one session; look at sleep and volume`,
      why: 'The reserve falls three sessions running at one load, then the repetitions: fatigue. Less volume, same load.',
      rule: 'rir-falling',
    };
  return undefined;
};

const short: Rule = (facts) => {
  const { last, planned, variant } = facts;
  if (last.full) return undefined;
  const share = `${Math.round(last.share * 100)} %`;
  if (last.share < facts.value('fellShort') / 100)
    return {
      move: 'regress',
      how: stepBack(facts).how,
      why: `${share} of what was planned.`,
      rule:
        last.sets.every(({ done }) => done < planned) && variant?.easier && facts.given.item.load.kg === undefined
          ? 'ladder-down'
          : 'fell-short',
    };
  return { move: 'hold', how: 'same dose until all of it is done', why: `${share} done.`, rule: 'not-full' };
};

/** What was not done. */
export const shortRules: readonly Rule[] = [isometricDrop, falling, short];

const regionsWords = (regions: readonly Region[]): string =>
  [...new Set(regions)].map((region) => partWords({ region })).join(' and ');

function progress(facts: Facts, rule: string, why: string): Decision {
  const step = nextStep(facts, { small: (facts.pain ?? 0) > 0 && facts.cause !== 'tendon' });
  // Pain in a part that this does not load is told, and decides nothing here.
  const elsewhere =
    facts.sore.length > 0
      ? `Pain in the ${regionsWords(facts.sore)} is not loaded by this: look at what else is planned.`
      : undefined;
  return {
    move: 'progress',
    ...{ how: step.how, next: step.next },
    why: [why, step.why && capital(step.why), elsewhere].filter(Boolean).join(' '),
    rule: step.rule ?? (elsewhere ? 'pain-elsewhere' : rule),
  };
}

/** Sessions at the load and dose of now, the latest first. */
function comparable({ sessions, given }: Facts): Facts['sessions'] {
  const kgOf = (session: Facts['last']) => session.raw.planned?.kg;
  const now = given.item.load.kg;
  return sessions.filter((session) => {
    const kg = kgOf(session);
    return kg === undefined || now === undefined || kg === now;
  });
}

/** All of it done: whether more is asked, by which rule. */
const full: Rule = (facts) => {
  const { last, rir, pain, given, cause, value } = facts;
  const { dose, block } = given.item;
  const [sessionsFirst, muchLeft, twoOver] = [value('newSessions'), value('muchInReserve'), value('over')];
  const same = comparable(facts);
  const before = same.at(-2);
  const hold = (how: string, why: string, rule: string): Decision => ({ move: 'hold', how, why, rule });
  if (pain === null) return hold('same dose; ask how it hurt', 'A missing score is not 0.', 'missing-morning');
  if (same.length < facts.sessions.length && same.length < sessionsFirst)
    return hold(
      'once more at this load',
      'The session before was at another load: full twice means at the same one.',
      'load-changed',
    );
  const isNew = given.athlete.level === 'new' || given.athlete.level === 'beginner';
  if (same.length < sessionsFirst && isNew)
    return hold(
      'same dose once more',
      'At least two sessions of a new movement before anything is added.',
      'new-movement',
    );
  const clearlyEasy = (last.minRir ?? 0) > rir + muchLeft || (last.over >= twoOver && (before?.over ?? 0) >= twoOver);
  if (given.phase === 'in-season' && !clearlyEasy)
    return hold(
      'same dose: it is kept',
      'In season, at the planned effort: strength is held, the sport comes first.',
      'in-season-hold',
    );
  const percent = byPercent(facts);
  if (percent?.move === 'progress') return progress(facts, 'percent-of-1rm', percent.why);
  if (percent) {
    const step =
      percent.move === 'regress'
        ? { how: `${percent.toKg} kg instead of ${given.item.load.kg}`, next: { kg: percent.toKg } }
        : { how: 'same weight' };
    return { move: percent.move, ...step, why: percent.why, rule: 'percent-of-1rm' };
  }
  // A range: its top in every set.
  if (dose.repsRange) {
    if (last.sets.every(({ done }) => done >= facts.top))
      return last.minRir === 0
        ? hold('same dose', 'The top of the range, but nothing in reserve.', 'rir-low')
        : progress(facts, 'double-progression', 'The top of the range in every set.');
    return hold(
      'same load; more repetitions within the range',
      'Inside the range: repetitions come before load.',
      'double-progression',
    );
  }
  if (last.minRir !== undefined && last.minRir < Math.min(rir, 1))
    return hold('same dose', `All done, but ${last.minRir} in reserve where ${rir} were planned.`, 'rir-low');
  if (last.minRir !== undefined && last.minRir >= rir + muchLeft && !isNew)
    return progress(facts, 'rir-high', `All done with ${last.minRir} in reserve where ${rir} were planned.`);
  if (!before?.full)
    return hold(
      'same dose once more',
      facts.doubled
        ? 'Two logs of one day count once: full twice means on two days.'
        : 'Full once: twice before anything is added.',
      before ? 'two-for-two' : facts.doubled ? 'duplicate-log' : 'no-history',
    );
  if (!before.tempoKept)
    return hold(
      'same dose once more at the tempo',
      'The tempo was kept once: twice before anything is added.',
      'tempo-kept',
    );
  if (last.over >= twoOver && before.over >= twoOver)
    return progress(facts, 'two-for-two', 'Two over the target in the last set, two sessions running.');
  const { planned: rpePlanned, actual } = given.session.rpe ?? {};
  if (rpePlanned != null && actual != null && actual <= rpePlanned - muchLeft && (last.minRir ?? rir) >= rir)
    return progress(facts, 'effort-under', `Full twice at RPE ${actual} where ${rpePlanned} was planned.`);
  if (facts.byTime || dose.rangeCm)
    return last.minRir !== undefined && last.minRir < rir
      ? hold('same dose', `${last.minRir} in reserve where ${rir} were planned.`, 'rir-low')
      : progress(
          facts,
          !facts.byTime ? 'range' : dose.holdSeconds === undefined ? 'time' : 'isometric-time',
          'Full twice.',
        );
  if (last.minRir === undefined || before.minRir === undefined)
    return progress(
      facts,
      block === 'power' ? 'power-quality' : 'two-full-sessions',
      'Full twice; ask how many were left.',
    );
  if (last.minRir > rir && before.minRir >= rir)
    return progress(
      facts,
      cause === 'tendon' ? 'tendon-loading' : pain > 0 ? 'pain-safe' : 'rir-rising',
      'Full twice, with more in reserve than planned.',
    );
  if (last.minRir < rir)
    return hold('same dose', `All done, but ${last.minRir} in reserve where ${rir} were planned.`, 'rir-low');
  return hold(
    'same again',
    'Full at the planned effort; two over in the last set, twice, before more is asked.',
    last.over >= twoOver ? 'two-for-two' : 'effort-near-plan',
  );
};

/** What was done in full. */
export const fullRules: readonly Rule[] = [full];
