import { setWords, stepBack } from './next-step';
import { says, signs } from './note-signs';
import type { Rule } from './safety-rules';

const ill: Rule = ({ given, note }) =>
  given.session.readiness?.ill || says(note, signs.ill)
    ? {
        move: 'hold',
        how: 'no session while ill; afterwards half the volume for as many days as it lasted',
        why: 'Ill: rest. What was done says nothing.',
        rule: 'ill',
      }
    : undefined;

/** A treating clinician's word wins over every rule of progression. */
const clinicianHolds: Rule = ({ note }) =>
  says(note, signs.clinicianHolds)
    ? {
        move: 'hold',
        how: 'same dose until the clinician says otherwise',
        why: 'A treating clinician set the dose: that word wins over every rule here.',
        rule: 'return-clinician-gate',
      }
    : undefined;

const neverLoaded: Rule = ({ cause, given }) =>
  given.restriction && (cause === 'concussion' || cause === 'bone-stress' || cause === 'post-operative-early')
    ? {
        move: 'hold',
        how: 'same dose; the clinician moves it on',
        why: 'Only a clinician moves this on.',
        rule: 'return-clinician-gate',
      }
    : undefined;

/** Days after which a week was missed, and after which several were. */
const [week, weeks] = [7, 15];

/** Time away: the dose on record stays at first, and falls after weeks. Joint guideline of CSCCa and NSCA 2019, from memory. */
const away: Rule = (facts) => {
  const { sessions, last } = facts;
  const gaps = sessions.slice(1).map((one, i) => (sessions[i]?.daysAgo ?? 0) - one.daysAgo);
  const usual = gaps.length > 0 ? ([...gaps].sort((a, b) => a - b)[Math.floor(gaps.length / 2)] as number) : 3;
  if (last.daysAgo < week || last.daysAgo <= 1.5 * usual) return undefined;
  if (last.daysAgo < weeks)
    return {
      move: 'hold',
      how:
        last.daysAgo <= week
          ? 'same dose, one set fewer the first time'
          : 'same dose, four fifths of the sets and a little lighter the first time',
      why: `${last.daysAgo} days away: no loss of strength, but nothing is added on old figures.`,
      rule: 'missed-week',
    };
  return {
    move: 'regress',
    how: `half the volume in the first week, ${stepBack(facts).how}; up again over the weeks`,
    why: `${last.daysAgo} days away: injuries cluster in the first weeks back.`,
    rule: 'missed-weeks',
  };
};

const calendar: Rule = ({ given, value }) => {
  const { deload, phase, daysToFixture, item } = given;
  const half = Math.max(1, Math.round(item.dose.sets / 2));
  if (deload)
    return {
      move: 'hold',
      how: `${setWords(half)} at the same load this week; on from there after`,
      why: 'A planned deload: volume halves, intensity stays.',
      rule: 'deload',
    };
  if (phase === 'taper')
    return {
      move: 'hold',
      how: `${setWords(half)}, load kept`,
      why: 'Taper: volume down by 41 to 60 %, intensity and frequency kept (Bosquet 2007, from memory).',
      rule: 'taper',
    };
  if (daysToFixture !== null && daysToFixture <= value('nearFixture') && daysToFixture >= 0)
    return {
      move: 'hold',
      how: 'same dose, nothing new before the fixture',
      why: `${daysToFixture === 0 ? 'Fixture today' : `Fixture in ${daysToFixture} days`}: what is new is felt on the day.`,
      rule: 'fixture-near',
    };
  if (phase === 'transition' || phase === 'break')
    return {
      move: 'hold',
      how: 'same dose; no new step in these weeks',
      why: 'After the season the aim is to recover and keep moving.',
      rule: 'transition',
    };
  return undefined;
};

/** Illness, a clinician's word, time away, and where the week stands. */
export const stateRules: readonly Rule[] = [ill, clinicianHolds, neverLoaded, away, calendar];
