import type { MovementFacts } from '../movement';
import { changed, early, fine, out, type RegionLimits } from '../rule';

const shoulderGirdle = (m: MovementFacts) =>
  m.pattern(
    'horizontal-pull',
    'vertical-pull',
    'scapular',
    'vertical-push',
    'horizontal-push',
    'throw',
    'rotation',
    'anti-extension',
    'anti-rotation',
    'trunk-extension',
    'whole-body-lift',
    'locomotion',
  );

export const upperBack: RegionLimits = {
  region: 'upper-back',
  ranges: 'Arms below shoulder height under load, no loaded end of turning or arching; turns without load to 45°.',
  dose: {
    share: 0.6,
    pain: 3,
    contacts: 60,
    say: 'Light rows 2-3 x 12-15, mobility 10 on each side.',
  },
  underAvoid: 'Legs without any weight that hangs from the shoulders.',
  told: 'Moving is good. A catch on breathing in is not: report it.',
  lift: 'Pain without a cause: the coach. Pain on breathing or coughing, a sore rib, a blow, a band of pain round the chest: a clinician.',
  sources: ['Evans and Redgrave 2016 (rib stress in rowers)', 'common practice, no source'],
  avoid: [
    out(
      'Bends, presses on or pulls at it.',
      (m) =>
        m.has('falls-on-hands', 'unforeseen', 'opens-chest', 'arches-back', 'both-legs-long') ||
        (m.has('holds-on', 'strong-grip') && !m.pattern('elbow-flexion') && !m.is('towel-wring')) ||
        (m.bandInHands && !m.pattern('elbow-flexion', 'elbow-extension')) ||
        (m.neckWork && !m.is('lying-chin-nod')) ||
        (m.pattern('trunk-flexion') && m.over('trunkBent', 5)) ||
        m.is('sitting-lean-back') ||
        (m.family('hip-thrust', 'roller', 'upper-stretch', 'squat-reach') && !m.is('roll-calf', 'forearm-stretch')) ||
        (m.handsLoaded && !m.standing && !m.pattern('mobility', 'stretch')) ||
        m.is('wrist-rock') ||
        (m.pattern('stretch') && m.over('trunkBent', 20)) ||
        m.is('squat-to-stand', 'hands-at-head-hinge'),
    ),
    out(
      'A weight hangs from it, or it is jerked.',
      (m) => m.contacts.has('forearms') || (m.weighted && !m.at('lying', 'sitting')) || (m.fast && m.pattern('skill')),
    ),
    out('Muscles between the shoulder blades pull on the rib.', (m) => shoulderGirdle(m) || m.lands, {
      causes: ['bone-stress'],
    }),
    out(
      'It works, carries or is jolted.',
      (m) =>
        m.loads('upper-back') ||
        m.lands ||
        shoulderGirdle(m) ||
        m.pattern('shoulder-external-rotation', 'shoulder-internal-rotation') ||
        m.at('hanging', 'hands-and-feet') ||
        m.family('racket-swing', 'band-swing', 'punch', 'paddle-stroke', 'burpee') ||
        (m.variant.load?.place === 'back' && m.loaded),
    ),
  ],
  limit: [
    out(
      'Body weight is pressed above shoulder height or at the end of range.',
      (m) =>
        (m.at('hands-and-feet') && m.pattern('vertical-push') && !m.is('pike-lean-hold')) ||
        m.is('push-up-feet-high', 'low-crawl'),
    ),
    out(
      'Early after an operation: only what the surgeon lists.',
      (m) =>
        m.loads('upper-back') ||
        shoulderGirdle(m) ||
        m.pattern('skill') ||
        m.lands ||
        m.at('hanging', 'hands-and-feet'),
      early,
    ),
    out(
      'Rowing, pressing and trunk muscles pull on the rib.',
      (m) =>
        (m.pattern(
          'throw',
          'horizontal-push',
          'vertical-push',
          'horizontal-pull',
          'vertical-pull',
          'scapular',
          'rotation',
          'trunk-flexion',
          'elbow-extension',
        ) &&
          !m.is('floor-arm-slide')) ||
        m.family('paddle-stroke', 'punch', 'swim-pull', 'swimmer-raise', 'roller', 'roll-out', 'plank', 'side-plank') ||
        m.at('hanging', 'hands-and-feet') ||
        m.lands,
      { causes: ['bone-stress'] },
    ),
    fine('Light, mid range or without load.', (m) =>
      m.is(
        'band-row',
        'wall-slide',
        'cat-camel',
        'prone-letter-a',
        'floor-arm-slide',
        'standing-trunk-turn',
        'supine-elbow-press',
        'band-pull-apart',
        'chair-back-stretch',
        'towel-lean-row',
        'sitting-band-row',
        'side-lying-open-book',
      ),
    ),
    out(
      'High load, or the end of a long reach.',
      (m) =>
        m.at('hanging') ||
        m.family('prone-pull', 'wall-walk') ||
        m.inStraps ||
        m.is('wheel-roll-out', 'long-plank', 'roll-upper-back', 'full-back-bridge', 'ball-pike'),
    ),
    out(
      'Fast turning or snatching.',
      (m) =>
        m.pattern('throw') || (m.fast && m.pattern('rotation', 'skill', 'scapular', 'hip-dominant', 'whole-body-lift')),
    ),
    changed(
      'A row in a bent-over position.',
      { say: 'Light, chest on a bench, or a standing band row.', load: 0.5 },
      (m) => m.pattern('horizontal-pull') && (m.weighted || m.partner),
    ),
    changed(
      'Load above the head.',
      { say: 'Light, to the first discomfort.', load: 0.5 },
      (m) => m.pattern('vertical-push') && m.loaded,
    ),
    out('High load.', (m) => m.loads('upper-back', 'high')),
    changed('One-armed or fast.', { say: 'Easier version, slow.', slow: true }, (m) =>
      m.is('plank-row', 'scapular-push-up-one-arm', 'overarm-bowl-drill', 'push-up-fast', 'push-up-hands-off'),
    ),
    changed(
      'A loaded turn, a load over the head, or much load.',
      {
        say: 'Light, hands below shoulder height, turns of at most 20°, slow.',
        load: 0.5,
        slow: true,
        range: { trunkTurned: 20 },
      },
      (m) =>
        (m.loaded && m.pattern('rotation')) ||
        m.is('pike-lean-hold', 'stick-pass-over', 'push-up-feet-raised', 'chair-dip') ||
        (m.weightInHands && m.over('armRaised', 150) && !m.pattern('elbow-extension') && !m.at('lying')) ||
        (m.has('strong-grip') && m.pattern('locomotion')) ||
        m.family('paddle-stroke'),
    ),
  ],
};
