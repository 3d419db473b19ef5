import { painLimits } from '../athlete/pain-limits';
import { regionNames } from '../athlete/restriction-vocabulary';
import { partWords } from '../common/text';
import type { Decision } from './decision-case';
import type { Facts } from './facts';
import { redFlagIn, says, signs } from './note-signs';

/** A rule: what it decides, or nothing where it does not speak. */
export type Rule = (facts: Facts) => Decision | undefined;

const meanwhile = 'everything that does not load it goes on';

/** What ends training whatever was done: a note outranks every figure. */
const redFlag: Rule = ({ note }) => {
  const how = redFlagIn(note);
  return how
    ? { move: 'refer', how, why: 'What the note says is looked at by a clinician first.', rule: 'red-flag' }
    : undefined;
};

/** One sore spot on a bone after impact is a stress injury until shown otherwise. */
const boneStress: Rule = ({ note, pain, cause, impact, given }) => {
  const named = cause === 'bone-stress' && (pain ?? 0) > 0;
  const spot =
    says(note, signs.boneSpot) &&
    (pain === null || pain > 0) &&
    (impact || /bone|shin|foot|heel|hip|groin/i.test(note));
  if (!named && !(spot && given.athlete.age >= 18) && !(spot && impact)) return undefined;
  return {
    move: 'refer',
    how: `no impact and no load on it; a clinician before any hop; ${meanwhile}`,
    why: 'One sore spot on a bone: bone stress until shown otherwise, whatever the score.',
    rule: 'bone-stress-suspected',
  };
};

/** Pain at the end of a growing bone. */
const growthPlate: Rule = ({ minor, note, pain, morning }) => {
  if (!minor || (pain ?? 0) < 1 || !says(note, signs.growthPlate)) return undefined;
  if (says(note, signs.swelling) || says(note, signs.limp) || (morning ?? 0) > painLimits.stop)
    return {
      move: 'refer',
      how: `no jumping or deep loading until a clinician has looked; guardian and coach are told the same; ${meanwhile}`,
      why: 'Pain with swelling or a limp at the end of a growing bone.',
      rule: 'minor-growth-plate',
    };
  if ((pain ?? 0) <= painLimits.safe) return undefined;
  return {
    move: 'regress',
    how: 'half the sets in the range without pain, no jumps; a clinician if it lasts two weeks',
    why: 'Pain at the end of a growing bone: load down until it is 2 or less.',
    rule: 'minor-growth-plate',
  };
};

const limping: Rule = ({ note, minor, pain, given }) =>
  says(note, signs.limp)
    ? given.returnStage && !minor
      ? {
          move: 'regress',
          how: 'one stage back until walking is even on two days',
          why: 'A limp is a step back in every plan of return.',
          rule: 'return-stage-back',
        }
      : {
          move: minor || (pain ?? 0) > painLimits.safe ? 'refer' : 'stop',
          how: `nothing that loads it until somebody has looked; ${meanwhile}`,
          why: `A limp is not trained through${minor ? '; the guardian is told the same day' : ''}.`,
          rule: 'red-flag',
        }
    : undefined;

/** Pain above five counts, masked or contradicted. */
const painStop: Rule = ({ pain, before, morning, given }) => {
  const worst = Math.max(pain ?? 0, morning ?? 0);
  if (worst <= painLimits.stop) return undefined;
  const where = given.session.pain.find(({ score }) => score === pain);
  const part = where ? `the ${partWords(where)}` : 'that region';
  if ((before?.pain ?? 0) > painLimits.stop || (morning ?? 0) > painLimits.stop)
    return {
      move: 'refer',
      how: `to a clinician; nothing that loads ${part}`,
      why:
        (morning ?? 0) > painLimits.stop
          ? `Pain ${morning} the morning after, at rest.`
          : 'Pain above 5 in two sessions running.',
      rule: 'pain-stop-twice',
    };
  return {
    move: 'stop',
    how: `stop this and whatever loads ${part}; ask how it is, look at it before it is trained again`,
    why: `Pain ${pain} of 10 is above 5.`,
    rule: 'pain-stop',
  };
};

const sharp: Rule = ({ note, pain }) =>
  says(note, signs.sharp) &&
  !(pain === 0 && !says(note, signs.hurts) && !/pain|joint|knee|shoulder|back|hip|ankle/i.test(note))
    ? {
        move: 'stop',
        how: 'stop this item at any score; ask what caught or stabbed before it is done again',
        why: 'Sharp or catching pain is stopped whatever its number.',
        rule: 'pain-stop',
      }
    : undefined;

/** A score that a painkiller has made. */
const masked: Rule = ({ note }) =>
  says(note, signs.painkiller)
    ? {
        move: 'hold',
        how: 'same dose; the score is not used; ask again without the tablet',
        why: 'A painkiller before training hides pain. Taken to get through sessions more than once: a clinician.',
        rule: 'masked-pain',
      }
    : undefined;

/** Note and score disagree: the worse is believed. */
const contradiction: Rule = ({ note, pain, given, variant }) => {
  const scored = given.session.pain.filter(({ score }) => score > 0);
  const elsewhere = scored.some(({ region }) => !variant?.regions.some((load) => load.region === region));
  if ((pain ?? 0) > 0 || elsewhere || !says(note, signs.hurts)) return undefined;
  // A note about another part does not decide this item.
  const named = regionNames.filter(([name]) => new RegExp(`\\b${name}\\b`, 'i').test(note)).map(([, region]) => region);
  if (variant && named.length > 0 && !named.some((region) => variant.regions.some((load) => load.region === region)))
    return undefined;
  // Soreness of muscles, dull and on both sides, is no pain.
  if (/muscle|doms|both (legs|thighs|sides|arms)|stiff from|yesterday's/i.test(note)) return undefined;
  return {
    move: 'hold',
    how: 'same dose; ask: the form says no pain, the note says it hurts',
    why: 'Note and score disagree: the worse is believed until answered.',
    rule: 'contradiction',
  };
};

/** What comes before everything, in order. */
export const safetyRules: readonly Rule[] = [
  redFlag,
  boneStress,
  growthPlate,
  limping,
  painStop,
  sharp,
  masked,
  contradiction,
];
