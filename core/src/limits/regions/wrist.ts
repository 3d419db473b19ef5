import type { MovementFacts } from '../movement';
import { changed, early, fine, out, type RegionLimits } from '../rule';

const throwsOrSwings = (m: MovementFacts) =>
  m.has('snaps-wrist', 'falls-on-hands') || (m.has('unforeseen') && !m.neckWork) || m.family('paddle-stroke');
const lightGrip = { say: 'Light, loose grip, wrist straight; pain at most 2.', load: 0.5 };
const bandForearm = 'Band round the forearm instead of in the hand.';

export const wrist: RegionLimits = {
  region: 'wrist',
  ranges:
    'The hand within 45° of straight under load, no push on a hand bent back over 60°, grip at or below half, no twisting.',
  dose: {
    share: 0.5,
    pain: 2,
    contacts: 200,
    say: 'Holds 5 x 30 s with at most 1 kg, then 3 x 15.',
  },
  underAvoid: 'Nothing with that hand; work on the forearms where the arm itself is sound.',
  told: 'Fists or handles, never a flat hand. Pain at the thumb side after a fall on the hand: have it looked at first.',
  lift: 'A sprain with a clean examination: the coach, once a plank on the fists is free of pain. Fracture, operation, clicking with weakness: a clinician.',
  sources: ['common practice of hand therapy, no single source'],
  avoid: [
    out('The hand presses, even without moving.', (m) => m.is('inward-hand-press', 'door-frame-rotation-hold'), {
      oneSided: true,
    }),
    out(
      'The hand catches, throws, grips or swings.',
      (m) =>
        throwsOrSwings(m) ||
        m.has('holds-on') ||
        m.is('bridge-and-turn', 'neck-hand-hold', 'prone-drop-catch', 'partner-arm-brake'),
    ),
    out('Early weeks: no jolts, nothing fast.', (m) => m.lands || m.fast, early),
    out('Early weeks: the hand therapist says what.', (m) => m.loaded && m.upper, { ...early, oneSided: true }),
    out(
      'The hand carries, grips or works.',
      (m) => m.handsLoaded || m.hanging || m.acts('wrist') || m.pattern('throw', 'grip') || m.weightInHands,
      { oneSided: true },
    ),
    changed('The hand holds a band.', bandForearm, (m) => m.bandInHands),
  ],
  limit: [
    out('The hand catches a fall.', (m) => m.has('falls-on-hands')),
    out('Strokes turn and bend the wrist fast.', (m) => m.family('racket-swing', 'towel-throw', 'band-swing')),
    out('Early weeks: no jolts, nothing fast.', (m) => m.lands || m.fast, early),
    out(
      'Early weeks: the hand therapist says what.',
      (m) =>
        m.handsLoaded ||
        m.hanging ||
        m.acts('wrist') ||
        m.pattern('throw', 'grip') ||
        (m.loaded && m.upper) ||
        m.weightInHands,
      { ...early, oneSided: true },
    ),
    out(
      'Weight, turning or speed on a bent wrist.',
      (m) =>
        m.has('on-fingertips') ||
        m.is('push-up-one-side', 'scapular-push-up-one-arm', 'forearm-stretch', 'floor-stand-up', 'wrist-rock') ||
        (m.handsLoaded &&
          (m.family('crawl', 'dip', 'burpee', 'wall-walk', 'plank-move', 'ball-tuck', 'ground-drill', 'water-drill') ||
            (m.family('roll-out') && !m.forearmsLoaded) ||
            (m.fast && m.over('wristLoaded', 45)))),
      { oneSided: true },
    ),
    out(
      'Strong grip or speed in the hand.',
      (m) =>
        m.at('hanging') ||
        m.hangsInStraps ||
        m.has('strong-grip') ||
        m.pattern('throw') ||
        (m.weightInHands &&
          m.fast &&
          m.over('armRaised', 80) &&
          m.pattern('hip-dominant', 'whole-body-lift') &&
          !m.is('push-press', 'bag-to-shoulder')),
      { oneSided: true },
    ),
    changed('Holds come first.', { say: 'Hold at mid range, at most 1 kg.', hold: { sets: 5, seconds: 30 } }, (m) =>
      m.family('wrist-curl', 'hand-drill'),
    ),
    fine('The wrist carries nothing.', (m) => m.contacts.has('forearms') && !m.handsLoaded && !m.weightInHands),
    changed(
      'The hand is bent back under load.',
      'On fists, handles or forearms, wrist straight.',
      (m) => m.contacts.has('fingertips') || (m.handsLoaded && m.over('wristLoaded', 45)),
    ),
    changed(
      'A weight is pressed.',
      { say: 'Light, neutral grip; pain at most 2.', load: 0.5 },
      (m) => m.weighted && m.pattern('horizontal-push', 'vertical-push'),
    ),
    changed('The hand grips.', bandForearm, (m) => m.banded && m.upper),
    changed('The hand grips a weight.', lightGrip, (m) => m.loaded && m.upper),
    changed(
      'The hand grips a weight.',
      { say: 'A rucksack worn, or the body alone.', load: 0 },
      (m) => m.weightInHands,
    ),
    changed('The hand grips.', { say: 'Light, loose grip, wrist straight; pain at most 2.', load: 0.5 }, (m) =>
      m.has('holds-on'),
    ),
    changed('The hand holds a band.', bandForearm, (m) => m.bandInHands),
  ],
};
