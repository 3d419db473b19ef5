import type { MovementFacts } from '../movement';
import { changed, early, fine, out, type RegionLimits } from '../rule';

const unstable = { causes: ['joint-instability'] } as const;

/** The arm works: it is moved, braced or fixed by its muscles. */
const armWorks = (m: MovementFacts) => m.acts('shoulder') || m.acts('scapula') || m.pattern('throw');
/** Both arms are used, though one side works. */
const bothArms = (m: MovementFacts) =>
  carriesArm(m) ||
  m.is('cross-body-arm-stretch', 'inward-hand-press', 'door-chest-stretch') ||
  m.family('band-press-out', 'turn-brake', 'trunk-turn');
const barOnBack = (m: MovementFacts) =>
  m.variant.load?.place === 'back' && (m.variant.load.with ?? []).includes('barbell');
const carriesArm = (m: MovementFacts) => m.handsLoaded || m.forearmsLoaded || m.hanging;
/** Hands behind or beside the head. */
const handsAtHead = (m: MovementFacts) => m.over('armRaised', 95);

export const shoulder: RegionLimits = {
  region: 'shoulder',
  ranges:
    'Under load the arm stays at or below shoulder height, no further back than 20° behind the trunk and turned out at most 45° at the side. Without load to 120° or the first discomfort.',
  dose: {
    share: 0.6,
    pain: 2,
    contacts: 60,
    say: 'Holds 5 x 20-45 s, then 2-3 x 12-15 slow; arm care with at most 2.3 kg.',
  },
  underAvoid: 'Nothing with that arm; legs and trunk with the arm at rest.',
  told: 'Light and slow, hand in front of the body. Stop when it slips, catches or goes numb.',
  lift: 'Overuse: the coach, by the pain rule. Dislocation, operation, night pain or weakness on turning out: a clinician.',
  sources: ['Ellenbecker and Cools 2010 (throwing shoulder)', 'Wilk 2011', 'Jaggi 2017 (instability)'],
  avoid: [
    out(
      'The hand catches, pulls or presses.',
      (m) =>
        m.has('falls-on-hands', 'unforeseen') ||
        m.is('towel-wring', 'self-held-curl', 'neck-hand-hold', 'forearm-stretch') ||
        (m.has('holds-on') && m.variant.side !== 'single') ||
        (m.bandInHands && m.pattern('hip-dominant')) ||
        (m.family('roller') && m.contacts.has('back')),
    ),
    out('Early weeks: nothing fast and no jolts, a fall would do harm.', (m) => m.fast || m.lands, early),
    out('Early weeks: the arm carries, and both arms take part.', bothArms, early),
    out('Early weeks: the arm works.', (m) => armWorks(m) || m.acts('elbow') || m.weightInHands || m.bandInHands, {
      ...early,
      oneSided: true,
    }),
    fine('Only the hand moves, the shoulder rests.', (m) => m.is('fist-open-close', 'forearm-rotation')),
    out('Both hands hold it.', (m) => m.family('band-press-out', 'turn-brake', 'trunk-turn') && !m.weighted),
    out('The arm carries weight.', carriesArm, { oneSided: true }),
    changed(
      'The arms reach without load.',
      'Arms still.',
      (m) =>
        m.is('deep-squat-reach', 'step-jack') ||
        (m.family('dead-bug') && !m.weighted) ||
        (m.pattern('pulse') && !m.lands && m.over('armRaised', 120)) ||
        (m.pattern('mobility') && m.standing && !m.handsLoaded && !m.acts('shoulder') && m.over('armRaised', 60)),
    ),
    out(
      'The shoulder works or carries.',
      (m) =>
        armWorks(m) ||
        m.weightInHands ||
        m.bandInHands ||
        m.has('holds-on', 'strong-grip', 'snaps-wrist') ||
        (m.loaded && m.upper) ||
        (m.variant.load?.place === 'back' && m.loaded) ||
        (m.fast && m.pattern('skill', 'rotation', 'pulse')),
      {
        oneSided: true,
      },
    ),
    changed('The arms swing in jumps.', { say: 'Hands on the hips, low.', contacts: 20 }, (m) => m.lands),
    changed(
      'The arms are raised or hold the head.',
      'Arms by the sides.',
      (m) =>
        (m.pattern('neck-extension', 'neck-lateral') && m.standing) ||
        (m.at('lying', 'sitting', 'both-feet') &&
          !m.kneeling &&
          handsAtHead(m) &&
          (m.pattern('trunk-flexion', 'trunk-extension') || m.pattern('hip-dominant'))) ||
        (m.pattern('stretch') && m.over('armRaised', 80) && m.at('lying', 'sitting') && m.over('hamstring', 70)),
    ),
  ],
  limit: [
    out(
      'Unforeseen or strong pulls on a joint that gives way.',
      (m) =>
        (m.has('unforeseen') && m.pattern('anti-rotation', 'rotation')) ||
        m.is('partner-towel-row', 'hand-weight-punch'),
      unstable,
    ),
    out('The arm would have to catch a fall.', (m) => m.has('falls-on-hands')),
    out('Early weeks: nothing fast and no jolts, a fall would do harm.', (m) => m.fast || m.lands, early),
    out('Early weeks: the arm carries, and both arms take part.', bothArms, early),
    out(
      'Early weeks: the arm works, even without moving.',
      (m) => armWorks(m) || m.acts('elbow') || m.weightInHands || m.bandInHands,
      { ...early, oneSided: true },
    ),
    out(
      'The arm is flung or pulled fast.',
      (m) => m.fast && (m.has('snaps-wrist') || m.is('bridge-and-turn') || (m.bandInHands && m.pattern('rotation'))),
    ),
    out('The arm opens behind the body.', (m) => m.has('opens-chest'), unstable),
    out('Raised and turned out, or at the end of its range.', (m) => m.has('arm-turned-out') || barOnBack(m), unstable),
    out('The weight draws the arm out of its joint.', (m) => m.has('pulls-arm-down'), { ...unstable, oneSided: true }),
    fine(
      'Below shoulder height, slow and light.',
      (m) =>
        !m.has('arm-turned-out') &&
        !m.fast &&
        ((m.pattern('shoulder-external-rotation', 'shoulder-internal-rotation') && !m.is('prone-l-raise')) ||
          m.is(
            'prone-letter-a',
            'scapular-push-up-all-fours',
            'wall-push-up',
            'wall-push-up-far',
            'band-row',
            'towel-lean-row',
            'sitting-band-row',
            'supine-elbow-press',
            'cross-body-arm-stretch',
            'goblet-squat',
            'band-pull-apart',
            'band-press',
            'band-draw-and-hold',
          )),
    ),
    changed(
      'The arms rise above shoulder height.',
      { say: 'Only up to 120° or the first discomfort.', range: { armRaised: 120 } },
      (m) =>
        m.family('wall-slide') ||
        m.is('forearm-wall-slide', 'serratus-wall-slide', 'arm-circle', 'step-jack', 'slow-shoulder-circle'),
    ),
    out(
      'Load over the head, hanging, throwing or speed.',
      (m) =>
        m.pattern('throw', 'vertical-push') ||
        m.family('racket-swing', 'band-swing', 'towel-throw', 'dip', 'get-up', 'burpee') ||
        m.at('hanging') ||
        m.hangsInStraps ||
        (m.fast && (m.acts('shoulder') || m.acts('scapula'))),
      { oneSided: true },
    ),
    changed(
      'Turning the raised arm is a later stage.',
      { say: 'Elbow at the side, light and slow.', slow: true, load: 0.5 },
      (m) =>
        m.has('arm-turned-out') && m.pattern('shoulder-external-rotation', 'shoulder-internal-rotation') && !m.fast,
    ),
    changed(
      'A bar on the back turns the arms out and up.',
      { say: 'A weight held in front of the chest instead.', instead: 'goblet-squat' },
      barOnBack,
    ),
    changed(
      'Presses with much of the body on the arms.',
      { say: 'Hands raised on a worktop or the wall, elbows at 45°.', instead: 'push-up-worktop' },
      (m) =>
        m.handsLoaded &&
        m.at('hands-and-feet') &&
        !m.fast &&
        !m.loads('shoulder', 'high') &&
        ((m.pattern('horizontal-push') && !m.is('push-up-worktop', 'push-up-one-side')) || m.is('narrow-knee-push-up')),
    ),
    changed(
      'Presses with part of the body on the arms.',
      { say: 'Hands on the worktop or the wall, elbows at 45°, not all the way down.', rangeShare: 0.7 },
      (m) => m.is('push-up-worktop'),
    ),
    changed(
      'The floor keeps the elbow from going too far back.',
      { say: 'Light, elbows at 45°; pain at most 2.', load: 0.5 },
      (m) => m.pattern('horizontal-push') && m.loaded && m.at('lying'),
    ),
    out(
      'High load, a long lever, or above shoulder height.',
      (m) =>
        m.loads('shoulder', 'high') ||
        (m.loads('shoulder', 'deep') &&
          !m.pattern('mobility', 'stretch', 'trunk-extension', 'knee-flexion', 'trunk-flexion', 'hip-dominant')) ||
        (m.handsLoaded && m.over('armRaised', 100)) ||
        ((m.weightInHands || m.bandInHands) && m.over('armRaised', 130)) ||
        (m.pattern('anti-extension') &&
          m.over('armRaised', 110) &&
          m.at('kneeling', 'hands-and-feet') &&
          !m.is('body-saw', 'ball-roll-out')) ||
        (m.handsLoaded && m.over('armBehind', 40) && m.at('hands-and-feet')) ||
        m.is('push-up-one-side', 'low-crawl', 'prone-drop-catch', 'stick-pass-over', 'overarm-bowl-drill') ||
        (m.family('elbow-press') && m.handsLoaded && !m.is('sofa-elbow-press')) ||
        m.is('push-up-narrow') ||
        m.family('prone-pull') ||
        m.is('prone-arm-letters', 'overhead-march'),
      { oneSided: true },
    ),
    changed(
      'The arms carry the trunk.',
      { say: 'Holds of 10 s, or lying instead; pain at most 2.', holdAtMost: 10 },
      (m) =>
        (m.handsLoaded || m.forearmsLoaded) &&
        m.pattern(
          'anti-extension',
          'anti-rotation',
          'anti-lateral-flexion',
          'locomotion',
          'hip-abduction',
          'hip-adduction',
          'grip',
        ),
    ),
    out(
      'A weight is swung or pressed to shoulder height and above.',
      (m) => m.weightInHands && m.fast && m.pattern('hip-dominant', 'whole-body-lift'),
      { oneSided: true },
    ),
    changed(
      'The arm is drawn down, or carries much.',
      { say: 'Light, easier version; pain at most 2.', load: 0.5 },
      (m) =>
        (m.has('pulls-arm-down') && !m.is('suitcase-hold', 'suitcase-march')) ||
        m.is('strap-row', 'weight-turn') ||
        (m.pattern('scapular') && m.at('hands-and-feet') && m.variant.level !== 'new'),
    ),
    changed('The arms swing or reach over the head.', 'Hands on the hips or crossed.', (m) =>
      m.is('jumping-jack', 'deep-squat-reach', 'squat-to-stand'),
    ),
    changed('Much of the maximum for one arm.', { say: 'Light, small range; pain at most 2.', load: 0.5 }, (m) =>
      m.is('sofa-elbow-press', 'one-arm-chair-row', 'bar-row', 'bench-press'),
    ),
    changed('The arms go over the head.', 'Arms only to the vertical.', (m) => m.family('dead-bug'), unstable),
    changed(
      'Traction, a partner, a stretch or body weight sets the load.',
      { say: 'Easier version, own force, hand below shoulder height; pain at most 2.', load: 0.5 },
      (m) =>
        (m.partner && m.upper && !m.pattern('neck-flexion', 'neck-extension', 'neck-lateral')) ||
        (m.has('unforeseen') && m.pattern('anti-rotation')) ||
        m.has('opens-chest', 'pulls-arm-down') ||
        m.is(
          'roll-lat',
          'hand-weight-punch',
          'scapular-push-up',
          'door-chest-stretch',
          'band-held-lowering',
          'bent-over-swim-pull',
          'stick-paddle-stroke',
          'sleeper-stretch',
          'lateral-raise',
          'reverse-fly',
          'bent-over-letters',
          'light-weight-arm-circles',
        ) ||
        (m.pattern('hip-adduction') && m.forearmsLoaded),
    ),
  ],
};
