import type { MovementFacts } from '../movement';
import { changed, early, fine, out, type RegionLimits } from '../rule';

const trunkWork = (m: MovementFacts) =>
  m.pattern('trunk-flexion', 'trunk-extension', 'anti-extension', 'rotation', 'anti-rotation', 'anti-lateral-flexion');
const movesBack = (m: MovementFacts) => m.pattern('mobility', 'stretch') && m.acts('trunk');

export const lowerBack: RegionLimits = {
  region: 'lower-back',
  ranges:
    'Neutral, within 20° of bending and 10° of arching under load; hip hinge with a still back to 60°; no loaded turn beyond 20°.',
  dose: {
    share: 0.5,
    pain: 3,
    contacts: 0,
    say: 'Holds of 8-10 s, six, four and two of them on each side; hinges 2-3 x 10-12 light.',
  },
  underAvoid: 'Arms and legs while lying or sitting without load, and walking.',
  told: 'Move often, sit less. Some ache does no harm. Numb between the legs, trouble with bladder or bowel, a weak leg: hospital now.',
  lift: 'Pain without a cause: the coach, step by step, once hinge and squat are at 2 or less. Leg signs, bone stress, operation, fever, night pain: a clinician.',
  sources: [
    'McGill 2007 (curl-up, side bridge, bird dog)',
    'Hayden 2021 (exercise for low-back pain)',
    'Standaert 2000 (spondylolysis)',
  ],
  avoid: [
    fine('Rest.', (m) => m.is('feet-up-breathing')),
    out(
      'It steadies, is jerked or goes to the end of its range.',
      (m) =>
        (m.pattern('hip-adduction') && m.at('lying', 'one-foot') && m.contacts.has('forearms')) ||
        (m.pattern('knee-dominant', 'knee-flexion') && !(m.at('sitting') && m.variant.side === 'single')) ||
        (m.has('one-leg-long', 'opens-groin', 'swings-leg', 'unforeseen', 'eyes-closed', 'carries-head') &&
          !m.is('side-hip-lift')) ||
        (m.pattern('balance') && m.over('hip', 60) && m.at('one-foot')) ||
        (m.family('prone-letters', 'roller', 'roller-parts', 'hip-circle', 'hip-opener', 'squat-reach', 'arm-circle') &&
          !m.is('arm-circle')) ||
        m.is(
          'prone-heel-to-seat-lift',
          'sofa-thigh-stretch',
          'tall-kneeling-sit-back',
          'partner-arm-brake',
          'pelvis-drop',
          'standing-side-leg-raise',
          'wall-push-up-far',
          'prone-head-hold',
          'loaded-single-leg-calf-lowering',
        ) ||
        (m.pattern('stretch') && m.at('sitting') && m.over('hip', 100)),
    ),
    out(
      'It works or is jolted.',
      (m) =>
        m.lands ||
        trunkWork(m) ||
        (m.pattern('hip-dominant', 'whole-body-lift', 'pulse', 'locomotion', 'skill', 'throw') &&
          !m.is('feet-up-breathing')) ||
        m.at('hanging', 'hands-and-feet'),
    ),
    out('Load goes through it.', (m) => m.loaded && !m.at('lying', 'sitting')),
    out('The library calls it loaded.', (m) => m.loads('lower-back') && !m.at('lying')),
    out('It moves.', movesBack),
  ],
  limit: [
    out(
      'Bends and turns to the end of its range, or under load.',
      (m) =>
        (m.has('rounds-back') && !m.is('deep-squat-reach')) ||
        (m.has('arches-back') && !m.is('prone-press-up')) ||
        m.is('nordic-lowering-arms-long'),
    ),
    out(
      'Fast turns or a long lever.',
      (m) => m.is('band-punch') || (m.has('bends-knee-sideways') && !m.pattern('hip-adduction')),
      { causes: ['bone-stress'] },
    ),
    out(
      'Early after an operation: walking and what the surgeon lists.',
      (m) =>
        trunkWork(m) ||
        (m.pattern('hip-dominant', 'whole-body-lift', 'locomotion', 'skill', 'throw', 'pulse', 'knee-dominant') &&
          !m.is('easy-walk', 'feet-up-breathing')) ||
        m.lands ||
        m.at('hanging', 'hands-and-feet') ||
        movesBack(m) ||
        (m.loaded && !m.at('lying', 'sitting')),
      early,
    ),
    out(
      'Arching, turning, impact or heavy load on a bone under stress.',
      (m) =>
        m.pattern('trunk-extension', 'rotation', 'throw') ||
        m.family(
          'racket-swing',
          'wall-walk',
          'paddle-stroke',
          'cat-camel',
          'open-book',
          'swim-pull',
          'prone-pull',
          'prone-letters',
          'hip-opener',
          'back-bend',
        ) ||
        m.lands ||
        m.is('wheel-roll-out', 'wheel-roll-out-short', 'long-plank', 'sofa-thigh-stretch', 'roll-upper-back') ||
        (m.loaded && m.pattern('hip-dominant', 'whole-body-lift', 'vertical-push')),
      { causes: ['bone-stress', 'post-operative-early'] },
    ),
    fine('Neutral or without load; keeps the back active.', (m) =>
      m.is(
        'curl-up',
        'bird-dog',
        'dead-bug',
        'dead-bug-arms',
        'side-plank-knees',
        'bear-hold',
        'cat-camel',
        'bridge',
        'wall-tap-hinge',
        'folded-kneeling-rest',
        'prone-press-up',
        'knees-to-chest',
        'lumbar-rotation',
        'feet-up-breathing',
        'psoas-march',
      ),
    ),
    changed(
      'Long holds.',
      { say: 'Six holds of 10 s; the easier version when it sags.', holdAtMost: 10 },
      (m) =>
        (m.family('plank') && m.forearmsLoaded && !m.is('long-plank')) ||
        m.is('side-plank', 'side-plank-raised', 'copenhagen-knee-hold'),
    ),
    out(
      'High load while bent or arched.',
      (m) =>
        m.has('both-legs-long') ||
        m.is(
          'weighted-curl-up',
          'edge-back-raise',
          'swimmer-sweep',
          'long-lying-hold',
          'long-plank',
          'hiking-lean-back',
        ) ||
        m.family('prone-pull') ||
        (m.family('roll-out') && !m.is('ball-roll-out')) ||
        (m.family('ball-tuck') && m.handsLoaded),
    ),
    out(
      'Fast loaded bending, turning or arching.',
      (m) =>
        m.pattern('throw') ||
        (m.fast && m.pattern('rotation', 'skill', 'whole-body-lift', 'hip-dominant')) ||
        m.family('burpee', 'wall-walk') ||
        (m.has('turns-on-foot', 'falls-on-hands') && m.pattern('skill')),
    ),
    out('Jolts: back in once sitting, walking and stairs are free of pain.', (m) => m.lands),
    changed(
      'Stays in with less load.',
      { say: 'Half the usual load, from knee height, back neutral; pain at most 3.', load: 0.5 },
      (m) =>
        m.loaded &&
        !m.at('sitting', 'lying') &&
        m.pattern(
          'hip-dominant',
          'whole-body-lift',
          'horizontal-pull',
          'anti-lateral-flexion',
          'locomotion',
          'vertical-push',
        ),
    ),
    changed(
      'The weight presses down the spine.',
      { say: 'Half the load, down to a chair.', load: 0.5 },
      (m) => m.weighted && m.pattern('knee-dominant') && m.at('both-feet', 'split'),
    ),
    changed(
      'A long lever on the back.',
      { say: 'No load, hand on a support.', load: 0, handSupport: true },
      (m) => m.pattern('hip-dominant') && m.at('one-foot', 'split'),
    ),
    changed(
      'It turns or arches.',
      { say: 'Half the range, no weight, slow; pain at most 2.', rangeShare: 0.5, load: 0, slow: true },
      (m) => m.pattern('rotation', 'trunk-extension'),
    ),
    changed(
      'The trunk holds much, or a long lever.',
      { say: 'Easier version, holds of 10 s or half the range, no load.', rangeShare: 0.5, load: 0, holdAtMost: 10 },
      (m) =>
        m.family('get-up', 'squat-reach') ||
        m.hangsInStraps ||
        m.is('plank-row', 'hand-walk-out', 'kneeling-lean-back-loaded', 'side-plank-leg-raised', 'side-hip-lift-long'),
    ),
    changed(
      'A long lever, a held bend, load or speed.',
      {
        say: 'Easier version, less load and range, slow, back still; pain at most 3.',
        rangeShare: 0.7,
        load: 0.5,
        slow: true,
      },
      (m) =>
        m.family('swim-pull', 'paddle-stroke') ||
        m.has('one-leg-long', 'swings-leg') ||
        m.is(
          'sitting-lean-back',
          'bent-leg-lowering',
          'plank-shoulder-touch',
          'push-up-feet-high',
          'nordic-lowering',
          'band-held-lowering',
          'high-band-inward-fast',
          'band-punch',
          'loaded-pull-up',
          'lunge-and-open',
          'deep-side-squat',
          'duck-walk',
          'dead-bug-weighted',
          'loaded-single-leg-calf-lowering',
          'hand-weight-curl',
          'bag-hold',
          'level-change',
          'brisk-step-up',
        ) ||
        (m.at('hands-and-feet') && m.pattern('vertical-push')) ||
        (m.family('copenhagen', 'trunk-floor', 'plank-move', 'rear-shoulder') &&
          !m.pattern('shoulder-external-rotation')),
    ),
  ],
};
