import type { Facts } from './facts';
import { setWords } from './next-step';
import { says, signs } from './note-signs';
import type { Rule } from './safety-rules';

/** Contacts of a session by age, from which halving in a growth spurt starts; common practice, no single source. */
const contactCeilings: readonly (readonly [from: number, contacts: number])[] = [
  [0, 40],
  [10, 60],
  [13, 80],
  [16, 100],
];

const growing: Rule = ({ minor, impact, note, given }) => {
  const { contacts } = given.item.dose;
  const most = contactCeilings.findLast(([from]) => from <= given.athlete.age)?.[1] ?? Number.POSITIVE_INFINITY;
  if (!minor || !impact) return undefined;
  const spurt = says(note, signs.growth);
  if (!spurt && (contacts ?? 0) <= most) return undefined;
  return {
    move: 'regress',
    how: spurt
      ? `${contacts ? `${Math.ceil(contacts / 2)} contacts instead of ${contacts}` : 'half the contacts'}, landing before height`
      : `${most} contacts at most`,
    why: spurt
      ? 'A growth spurt: contacts halve, loads stay.'
      : `${contacts} contacts are more than ${most}, the most at ${given.athlete.age}.`,
    rule: 'minor-contacts',
  };
};

/** A jump that loses so much of its height inside a session is fatigue only. */
const heightLost = 0.1;

const dropOf = ({ raw }: Facts['last']): number => {
  const heights = raw.heightCm ?? [];
  return heights.length < 2 ? 0 : 1 - (heights.at(-1) as number) / Math.max(...heights);
};

const power: Rule = ({ last, before, given, fast }) => {
  const { dose } = given.item;
  if (dropOf(last) >= heightLost)
    return before && dropOf(before) >= heightLost
      ? {
          move: 'regress',
          how: `${setWords(Math.max(1, dose.sets - 1))} instead of ${dose.sets}; end a set when the height falls by a tenth`,
          why: `Height fell ${Math.round(dropOf(before) * 100)} and ${Math.round(dropOf(last) * 100)} % inside the session: the last set is only fatigue.`,
          rule: 'power-quality',
        }
      : {
          move: 'hold',
          how: 'same dose, longer rests; end a set when the height falls by a tenth',
          why: `Height fell ${Math.round(dropOf(last) * 100)} % inside the session: quality first.`,
          rule: 'power-quality',
        };
  if (!last.tempoKept && (fast || given.item.block === 'power'))
    return {
      move: 'hold',
      how: `same load, rest ${dose.restSeconds ? `${Math.round((dose.restSeconds * 1.3) / 5) * 5} s instead of ${dose.restSeconds}` : 'longer'}; end a set when it slows`,
      why: 'Power work is decided by speed, and speed was lost.',
      rule: 'power-quality',
    };
  return undefined;
};

const range: Rule = ({ last, before, given }) => {
  const [now, was] = [last.raw.rangeCm, before?.raw.rangeCm];
  const [from] = given.item.dose.rangeCm ?? [undefined];
  const lost = now !== undefined && ((was !== undefined && now <= was * 0.9) || (from !== undefined && now < from));
  if (!lost) return undefined;
  const back = Math.round((now * 0.95) / 5) * 5;
  return last.full && (last.minRir ?? 1) > 0
    ? { move: 'hold', how: 'same dose; the whole range first', why: `The range fell to ${now} cm.`, rule: 'range-lost' }
    : {
        move: 'regress',
        how: `range ${back} cm${was ? ` instead of ${was}` : ''}`,
        why: 'The range was cut to finish: it had been too long.',
        rule: 'range-lost',
      };
};

const tempo: Rule = ({ last, given, note }) => {
  const broke = says(note, signs.formBroke);
  if (!last.full || (last.tempoKept && !broke)) return undefined;
  return {
    move: 'hold',
    how: `same load, ${given.item.dose.tempo ? `tempo ${given.item.dose.tempo}` : 'every repetition as planned'} first`,
    why: `Repetitions ${broke && last.tempoKept ? 'without the form' : 'at a lost tempo'} do not count.`,
    rule: 'tempo-kept',
  };
};

/** Ceilings of minors, and form before more. */
export const formRules: readonly Rule[] = [growing, power, range, tempo];
