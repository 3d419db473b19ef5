import type { MovementFacts } from '../movement';
import { changed, early, fine, out, type RegionLimits } from '../rule';

const legWork = (m: MovementFacts) =>
  m.pattern(
    'knee-dominant',
    'hip-dominant',
    'knee-flexion',
    'hip-abduction',
    'hip-adduction',
    'calf',
    'balance',
    'pulse',
    'locomotion',
    'skill',
    'throw',
    'whole-body-lift',
  ) && !m.is('feet-up-breathing');
const lifts = (m: MovementFacts) => m.has('both-legs-long', 'one-leg-long');

export const hip: RegionLimits = {
  region: 'hip',
  ranges:
    'Bent 0 to 90° under load, no more than 10° behind straight, opened to 30°, no forced turning; tendon: the thigh does not cross the middle.',
  dose: { share: 0.6, pain: 2, contacts: 0, say: 'Holds 5 x 30 s, then 3 x 8-12.' },
  underAvoid: 'The upper body, sitting or lying.',
  told: 'No pinch at the front of the hip. Groin pain on one leg or at night: stop loading and report it.',
  lift: 'Pain without a cause and tendon: the coach. Suspected bone stress, locking, operation, a limping child: a clinician.',
  sources: [
    'Grimaldi and Fearon 2015, Mellor 2018 (gluteal tendon)',
    'Griffin 2016 (impingement)',
    'Fredericson 2006 (bone stress)',
  ],
  avoid: [
    out(
      'Hip muscles hold the body.',
      (m) =>
        m.at('hands-and-feet', 'hanging') ||
        m.inStraps ||
        (m.family('roller', 'roller-parts') && m.handsLoaded) ||
        (m.handsLoaded &&
          m.pattern('horizontal-push', 'elbow-extension', 'grip') &&
          m.over('wristLoaded', 0) &&
          !m.at('both-feet')),
    ),
    out('Landing loads it with several times body weight.', (m) => m.lands),
    out(
      'It works or carries.',
      (m) =>
        legWork(m) ||
        m.at('one-foot', 'split', 'kneeling') ||
        m.acts('hip') ||
        lifts(m) ||
        m.family('hip-stretch', 'dead-bug', 'bird-dog', 'side-plank', 'hollow'),
    ),
    changed('The hip holds the trunk bent forward.', 'Sitting upright.', (m) => m.at('both-feet') && m.over('hip', 45)),
    changed('Standing loads it.', 'Seated.', (m) => m.at('both-feet')),
  ],
  limit: [
    out(
      'Wide, deep or turning under load.',
      (m) =>
        (m.has('turns-hip') &&
          !m.is('figure-four-stretch', 'ninety-ninety-switch', 'bridge-and-turn', 'shrimp', 'carioca')) ||
        m.is('deep-side-squat', 'front-split', 'straddle-sit'),
    ),
    out(
      'Muscle pull and bending on the neck of the thigh bone.',
      (m) =>
        m.pattern('knee-flexion') ||
        m.family('side-plank', 'adductor', 'copenhagen') ||
        m.at('kneeling', 'hanging') ||
        m.acts('hip') ||
        m.family('wall-walk'),
      { causes: ['bone-stress'] },
    ),
    out('Landing loads it with several times body weight.', (m) => m.lands),
    out(
      'No loading until a clinician has seen a picture.',
      (m) => m.at('one-foot', 'split') || (legWork(m) && !m.pattern('knee-flexion')) || lifts(m),
      { causes: ['bone-stress'] },
    ),
    changed('Standing loads it.', 'Seated.', (m) => m.at('both-feet'), { causes: ['bone-stress'] }),
    out(
      'Early weeks: no long lever, nothing past 90°, no turning, no standing on one leg.',
      (m) =>
        lifts(m) ||
        m.family('leg-lowering', 'hollow', 'dead-bug', 'hip-stretch', 'hip-opener', 'hip-flexion') ||
        m.over('hip', 90) ||
        m.at('one-foot', 'split') ||
        (m.pattern('pulse', 'locomotion', 'skill', 'throw', 'whole-body-lift', 'hip-adduction') &&
          !m.is('easy-walk', 'feet-up-breathing')),
      early,
    ),
    out('Leading the thigh to the middle squeezes the tendon.', (m) => m.has('crosses-middle'), { causes: ['tendon'] }),
    changed(
      'The force of a partner is not known.',
      { say: 'Loop or belt round the knees, half force.', hold: { sets: 5, seconds: 30 } },
      (m) => m.partner && m.pattern('hip-abduction'),
    ),
    fine('Little load between straight and 90°.', (m) =>
      m.is('bridge', 'hip-thrust', 'wall-tap-hinge', 'side-lying-leg-raise', 'clam', 'band-clamshell'),
    ),
    out(
      'Much load on one hip, or deep under load.',
      (m) =>
        (m.at('one-foot', 'split') && m.over('hip', 100)) ||
        m.is(
          'deep-squat-reach',
          'sofa-thigh-stretch',
          'duck-walk',
          'mountain-run',
          'low-crawl',
          'rear-foot-raised-split-squat',
          'feet-and-shoulders-raised-thrust',
          'opposite-hand-hinge',
          'chair-step-down',
          'single-leg-chair-squat',
          'rear-knee-tap-squat',
          'squat-walk',
        ),
    ),
    out(
      'Fast to the end of its range.',
      (m) =>
        m.fast &&
        (m.has('swings-leg') ||
          m.family('burpee') ||
          m.is(
            'skating-push',
            'keeper-side-step',
            'long-lunge-drill',
            'high-knee-run',
            'bridge-and-turn',
            'sprawl',
            'pop-up',
          )),
    ),
    changed('Bent actively past 90°.', { say: 'Only to 80°, slow.', range: { hip: 80 }, slow: true }, (m) =>
      m.is('slow-front-kick'),
    ),
    out(
      'Long legs held by the hip flexors.',
      (m) =>
        (m.has('both-legs-long') && !m.is('hollow-hold', 'sit-up', 'windscreen-wipers')) ||
        m.is('long-sitting-leg-lift'),
    ),
    changed(
      'Speed.',
      { say: 'Slow, hip at or under 90°.', slow: true, range: { hip: 90 } },
      (m) => m.fast && m.standing,
    ),
    changed(
      'Bent past 90°.',
      { say: 'Hip at or under 90°.', range: { hip: 90 } },
      (m) =>
        m.over('hip', 91) &&
        m.pattern('knee-dominant', 'whole-body-lift', 'hip-dominant', 'mobility', 'skill', 'stretch') &&
        !m.at('hands-and-feet'),
    ),
    changed(
      'Past 90°, or a long lever.',
      { say: 'Half the range, slow; pain at most 2.', rangeShare: 0.5, slow: true },
      (m) =>
        (m.has('bends-knee-sideways') && m.pattern('hip-adduction')) ||
        m.is(
          'hand-walk-out',
          'lunge-and-open',
          'sliding-side-lunge',
          'kneeling-chest-throw',
          'cross-behind-lunge',
          'pelvis-drop',
        ),
    ),
    changed(
      'Wide, quick, a long lever, or past 90°.',
      {
        say: 'Small range, slow, hip at or under 90° and opened at most 30°; pain at most 2.',
        rangeShare: 0.5,
        slow: true,
      },
      (m) =>
        m.has('swings-leg', 'one-leg-long', 'both-legs-long') ||
        (m.pattern('knee-dominant') && m.over('hipOut', 45)) ||
        m.is('side-shuffle', 'brisk-step-up', 'crab-walk', 'bear-crawl') ||
        (m.at('hands-and-feet') && m.pattern('vertical-push')),
    ),
  ],
};
