import type { MovementFacts } from '../movement';
import { changed, early, fine, out, type RegionLimits } from '../rule';

const legWork = (m: MovementFacts) =>
  m.pattern(
    'hip-adduction',
    'hip-abduction',
    'knee-dominant',
    'hip-dominant',
    'knee-flexion',
    'pulse',
    'locomotion',
    'skill',
    'throw',
    'whole-body-lift',
    'balance',
  ) && !m.is('feet-up-breathing');

export const groin: RegionLimits = {
  region: 'groin',
  ranges: 'Opened to 30°, no load beyond that; squeezes at 0, 45 and 90° of hip bend.',
  dose: {
    share: 0.6,
    pain: 2,
    contacts: 0,
    say: 'Squeezes 5-10 x 10-30 s at a force that keeps pain at 2.',
  },
  underAvoid: 'Upper body, calves, trunk without long legs.',
  told: 'Squeeze up to a 2, never through it. Groin pain on coughing, a lump, or pain in a testicle: a doctor.',
  lift: 'The coach, by the squeeze test (0 to 2 at full force). Signs of a hernia or the hip joint, a growing athlete: a clinician.',
  sources: [
    'Holmich 1999 (active training)',
    'Serner 2020 (criteria)',
    'Thorborg 2017 (5-second squeeze)',
    'Haroy 2019',
  ],
  avoid: [
    out(
      'The trunk pulls on the pubic bone, or the legs brace suddenly.',
      (m) =>
        (m.pattern('anti-extension') &&
          !m.is('forearm-plank', 'forearm-plank-knees', 'bear-hold', 'dead-bug', 'dead-bug-arms') &&
          !m.family('plank', 'dead-bug')) ||
        m.is('long-plank') ||
        m.is('weighted-curl-up', 'sit-up', 'half-kneeling-ankle-rock') ||
        m.has('unforeseen') ||
        m.family('wall-walk') ||
        (m.fast && m.pattern('rotation')),
    ),
    out('It works or opens.', (m) => m.lands || legWork(m)),
    out(
      'It is stretched, or the legs’ weight pulls on the pubic bone.',
      (m) =>
        m.at('one-foot', 'split') ||
        (m.pattern('stretch', 'mobility') && m.acts('hip')) ||
        (m.has('both-legs-long', 'one-leg-long', 'opens-groin') &&
          !m.is('lying-leg-raise-active', 'long-sitting-leg-lift')) ||
        m.is('bent-leg-lowering') ||
        m.family('side-plank', 'side-plank-move'),
    ),
  ],
  limit: [
    out('A hard pull on the pubic bone, or a fast drop into a split.', (m) =>
      m.is(
        'wheel-roll-out',
        'wheel-roll-out-short',
        'level-change',
        'kneeling-chest-throw',
        'front-split',
        'foot-sweep-drill',
      ),
    ),
    out(
      'Fast or wide.',
      (m) =>
        m.is(
          'bag-swing',
          'low-crawl',
          'duck-walk',
          'bridge-and-turn',
          'long-lunge-drill',
          'overarm-bowl-drill',
          'crab-walk',
        ) || m.has('swings-leg'),
    ),
    out(
      'Early after an operation: nothing that works or opens it.',
      (m) =>
        legWork(m) ||
        m.lands ||
        m.at('one-foot', 'split') ||
        m.family('leg-lowering', 'hollow', 'side-plank', 'side-plank-move') ||
        m.has('both-legs-long'),
      early,
    ),
    fine('A hold at a force that keeps pain at 2.', (m) => m.is('cushion-squeeze'), {
      except: ['bone-stress', 'concussion', 'post-operative-early'],
    }),
    fine('The weight of the leg in a short range.', (m) => m.is('side-lying-inner-raise')),
    changed(
      'A partner sets the force.',
      { say: 'Squeeze a cushion instead, or half the force; pain at most 2.', instead: 'cushion-squeeze' },
      (m) => m.partner && m.pattern('hip-adduction'),
    ),
    out(
      'Eccentric work or a long lever on a fresh strain.',
      (m) => m.pattern('hip-adduction') && (m.forearmsLoaded || m.at('one-foot')),
      { causes: ['muscle-strain'] },
    ),
    changed(
      'Short lever, held.',
      { say: 'Knee on the seat, hold only; pain at most 2.', hold: { sets: 5, seconds: 15 } },
      (m) => m.is('adductor-side-hold', 'copenhagen-knee-hold'),
    ),
    changed(
      'Light through range is the second stage.',
      {
        say: 'Hand support, light band, three seconds back; pain at most 2.',
        slow: true,
        load: 0.5,
        handSupport: true,
      },
      (m) => m.is('band-leg-pull-in'),
    ),
    out(
      'A long lever, or wide open under load.',
      (m) => m.has('opens-groin') || (m.has('bends-knee-sideways') && m.pattern('hip-adduction')),
    ),
    out(
      'Opened fast, kicks or changes of direction.',
      (m) =>
        (m.family('shuttle', 'kick', 'burpee', 'run-drill') && m.variant.speed !== 'slow' && !m.is('a-march')) ||
        m.is('slow-front-kick', 'skating-push', 'keeper-side-step', 'step-jack', 'high-knee-run'),
    ),
    out('Landing and pushing off are a later stage.', (m) => m.lands),
    out('Trunk and hip flexors pull hard on the pubic bone.', (m) => m.has('both-legs-long')),
    out('Speed.', (m) => m.fast && m.standing),
    changed(
      'A long split stance stretches it.',
      { say: 'Short stance, shallow; pain at most 2.', rangeShare: 0.6 },
      (m) => m.pattern('knee-dominant') && m.at('split'),
    ),
    changed(
      'Stretched, or opened by somebody else.',
      { say: 'Small range, own force; pain at most 2.', rangeShare: 0.5 },
      (m) =>
        m.family('hip-opener') ||
        (m.partner && m.pattern('hip-abduction')) ||
        m.is(
          'sofa-thigh-stretch',
          'single-leg-squat',
          'figure-four-stretch',
          'loop-band-side-walk',
          'bridge-march',
          'pigeon-stretch',
          'ninety-ninety-switch',
          'diagonal-band-walk',
          'roll-adductor',
        ),
    ),
    changed(
      'A long lever, or a quick or wide step.',
      {
        say: 'Easier version, short holds or half the range, slow; pain at most 2.',
        rangeShare: 0.5,
        slow: true,
        holdAtMost: 10,
      },
      (m) =>
        (m.family('roll-out') && !m.is('ball-roll-out')) ||
        m.has('one-leg-long') ||
        m.family('get-up') ||
        m.is(
          'long-plank',
          'weighted-curl-up',
          'side-hip-lift-long',
          'side-plank-leg-raised',
          'brisk-step-up',
          'floor-stand-up',
          'half-kneeling-ankle-rock',
        ),
    ),
  ],
};
