import type { MovementFacts } from '../movement';
import { changed, early, fine, out, type RegionLimits } from '../rule';

const carries = (m: MovementFacts) => m.handsLoaded || m.forearmsLoaded || m.hanging;
const armWork = (m: MovementFacts) => m.acts('elbow') || m.acts('wrist') || m.pattern('throw');
const pulls = (m: MovementFacts) =>
  m.pattern('horizontal-pull', 'vertical-pull', 'shoulder-external-rotation', 'shoulder-internal-rotation', 'scapular');

export const elbow: RegionLimits = {
  region: 'elbow',
  ranges: 'Between 10° short of straight and 120°; no turning of the forearm under load; grip at or below half.',
  dose: {
    share: 0.6,
    pain: 2,
    contacts: 200,
    say: 'Holds 5 x 30-45 s, then 3 x 12-15 with three seconds down, for the muscles of the forearm first.',
  },
  underAvoid: 'Nothing with that arm; legs and trunk that need no hands.',
  told: 'Loose grip. Stop when the inner side opens, the joint locks or fingers tingle.',
  lift: 'Tendon pain: the coach, once a full grip is at 2 or less. Instability, locking, operation, a growing thrower: a clinician.',
  sources: ['Coombes 2015 (lateral elbow)', 'Peterson 2014 (eccentric forearm work)', 'Wilk 2004 (thrower’s elbow)'],
  avoid: [
    out(
      'The hand presses or pulls, even without moving.',
      (m) => m.is('inward-hand-press', 'door-frame-rotation-hold', 'forearm-stretch') || m.family('turn-brake'),
      { oneSided: true },
    ),
    out(
      'The hand catches, throws, grips or swings.',
      (m) =>
        m.has('falls-on-hands', 'snaps-wrist') ||
        (m.has('holds-on') && m.variant.side !== 'single') ||
        (m.has('unforeseen') && !m.neckWork) ||
        m.is('partner-arm-brake', 'prone-drop-catch', 'self-held-curl', 'neck-hand-hold', 'towel-neck-press') ||
        m.family('band-press-out', 'punch', 'shadow-boxing', 'swim-pull', 'paddle-stroke') ||
        m.is('bridge-and-turn'),
    ),
    out('Early weeks: no jolts, nothing fast.', (m) => m.lands || m.fast, early),
    out(
      'The arm carries or works.',
      (m) =>
        carries(m) ||
        armWork(m) ||
        m.loads('elbow') ||
        m.weightInHands ||
        m.has('strong-grip', 'holds-on') ||
        (m.loaded && pulls(m)) ||
        m.is('side-lying-hand-lift', 'side-lying-arm-rotation'),
      { oneSided: true },
    ),
    changed('The hand holds a band.', 'Band round the trunk or the forearm.', (m) => m.bandInHands),
  ],
  limit: [
    out('The hand catches a fall.', (m) => m.has('falls-on-hands')),
    out(
      'Much of the body goes over a nearly straight or turning arm.',
      (m) =>
        (m.pattern('anti-extension') && m.handsLoaded && m.over('armRaised', 105)) ||
        (m.family('crawl') && m.handsLoaded && !m.is('hand-walk-out', 'low-crawl')) ||
        m.is('jump-shot-drill', 'overarm-bowl-drill', 'sit-through', 'step-through'),
    ),
    out('Early weeks: no jolts, nothing fast.', (m) => m.lands || m.fast, early),
    out(
      'Early weeks: the arm carries or works.',
      (m) => m.handsLoaded || m.hanging || armWork(m) || (m.loaded && m.upper),
      { ...early, oneSided: true },
    ),
    out(
      'Force opens the inner side of the joint.',
      (m) =>
        m.family('towel-throw') ||
        m.is(
          'high-band-inward-fast',
          'high-band-inward-rotation',
          'shadow-serve',
          'shadow-forehand',
          'band-forehand-swing',
          'band-overhead-swing',
        ) ||
        (m.variant.view === 'front' &&
          m.contacts.has('forearms') &&
          m.contacts.has('insteps') &&
          !m.is('side-plank-raised')),
      { causes: ['joint-instability'] },
    ),
    fine('Slow loading of the forearm.', (m) => m.family('wrist-curl', 'hand-drill') && !m.has('snaps-wrist'), {
      except: ['muscle-strain', 'bone-stress', 'concussion', 'post-operative-early'],
    }),
    out(
      'Strong grip, or weight on the fingertips.',
      (m) => m.has('on-fingertips') || (m.has('strong-grip') && !m.pattern('anti-lateral-flexion')),
      { oneSided: true },
    ),
    out(
      'Hanging, throwing, striking, or speed at the elbow.',
      (m) =>
        m.at('hanging') ||
        m.hangsInStraps ||
        m.family('dip', 'throw-release', 'towel-throw', 'punch', 'shadow-boxing', 'band-swing') ||
        m.is('burpee') ||
        m.pattern('throw') ||
        m.is('shadow-serve', 'low-crawl', 'sofa-elbow-press', 'overhead-elbow-press') ||
        (m.fast && (m.pattern('horizontal-push', 'shoulder-internal-rotation') || (m.bandInHands && m.acts('elbow')))),
    ),
    fine('Little load, or a hold.', (m) =>
      m.is(
        'wall-push-up',
        'wall-push-up-far',
        'push-up-worktop',
        'forearm-plank',
        'forearm-plank-knees',
        'fist-open-close',
        'inward-hand-press',
        'door-frame-rotation-hold',
        'band-arm-rotation',
      ),
    ),
    out(
      'Presses with the body’s weight.',
      (m) =>
        m.pattern('horizontal-push', 'vertical-push', 'elbow-extension') &&
        m.handsLoaded &&
        !m.is('push-up-knees', 'push-up-hands-raised'),
      { oneSided: true },
    ),
    changed(
      'Presses nearly straighten the arm.',
      { say: 'Half the load, stop 10° short of straight.', load: 0.5 },
      (m) => m.pattern('horizontal-push', 'vertical-push'),
    ),
    changed(
      'Not the pull but the grip is the problem.',
      { say: 'Light, loose neutral grip.', load: 0.5 },
      (m) => m.weighted && m.pattern('horizontal-pull', 'vertical-pull', 'scapular'),
    ),
    changed('Not the pull but the grip is the problem.', 'Loop round the forearm, or a loose neutral grip.', (m) =>
      m.pattern('horizontal-pull', 'vertical-pull', 'scapular'),
    ),
    changed(
      'The elbow itself lifts.',
      { say: 'Half the load, neutral grip, three seconds down.', load: 0.5, slow: true },
      (m) => m.pattern('elbow-flexion', 'elbow-extension'),
    ),
    changed(
      'Hands or bent elbows hold the weight.',
      { say: 'A rucksack worn instead, or the body alone.', load: 0 },
      (m) => m.weightInHands && m.pattern('knee-dominant', 'hip-dominant', 'whole-body-lift'),
    ),
    out('The hands carry and the library calls the elbow loaded.', (m) => m.handsLoaded && m.loads('elbow'), {
      oneSided: true,
    }),
    changed(
      'Grip, or a sudden load.',
      { say: 'Slow and light, soft elbow; pain at most 2.', slow: true, load: 0.5 },
      (m) => m.is('plank-row', 'hand-walk-out', 'partner-arm-brake', 'shadow-forehand', 'shadow-backhand'),
    ),
  ],
};
