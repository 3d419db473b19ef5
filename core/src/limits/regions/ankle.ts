import type { MovementFacts } from '../movement';
import { changed, early, type LimitRule, out, type RegionLimits } from '../rule';

const footCarries = (m: MovementFacts) =>
  m.contacts.has('toes') || m.contacts.has('feet') || m.contacts.has('heels') || m.contacts.has('insteps');
/** Work whose lower leg is propped, held or pressed at the foot. */
export const footHeld = (m: MovementFacts) =>
  (m.kneeling && (m.contacts.has('feet') || m.contacts.has('toes'))) ||
  m.at('hanging') ||
  (m.pattern('knee-flexion') && (m.kneeling || m.banded || m.partner)) ||
  (m.forearmsLoaded && m.at('lying') && m.contacts.has('insteps')) ||
  m.is('folded-kneeling-rest', 'butterfly-stretch', 'sofa-thigh-stretch', 'half-kneeling-hip-opener');

/** Ankle and foot under `avoid` are spared in the same way: no weight, no landing, nothing that holds or presses the foot. */
export const footSpared: readonly LimitRule[] = [
  out('The foot carries, is held or is pressed.', footHeld),
  out('Landing.', (m) => m.lands),
  out(
    'Weight on it.',
    (m) =>
      (m.pattern(
        'knee-dominant',
        'hip-dominant',
        'calf',
        'balance',
        'pulse',
        'locomotion',
        'skill',
        'throw',
        'whole-body-lift',
      ) &&
        !m.is('feet-up-breathing', 'ankle-weight-leg-back', 'ankle-weight-knee-extension')) ||
      m.at('one-foot', 'split'),
    { oneSided: true },
  ),
  out('The foot carries part of the body.', (m) => m.at('hands-and-feet') && footCarries(m)),
  out('The heel digs in.', (m) => m.pattern('knee-flexion') && (m.contacts.has('heels') || m.contacts.has('feet'))),
  changed(
    'Standing or bracing loads it.',
    'Sit on a chair, the sore foot free.',
    (m) => m.at('both-feet') || (m.at('sitting') && (m.contacts.has('heels') || m.contacts.has('feet'))),
  ),
];

export const ankle: RegionLimits = {
  region: 'ankle',
  ranges:
    'Shin over foot to 20° under load with the foot flat; no tilting; two feet before one; nothing soft with closed eyes.',
  dose: {
    share: 0.6,
    pain: 2,
    contacts: 0,
    say: 'Balance 3 x 20-30 s with a hand on a support, two-leg raises 3 x 12-15.',
  },
  underAvoid: 'Lying, sitting, kneeling with the foot free.',
  told: 'If you cannot take four steps, or the bone itself is sore, it needs a picture first.',
  lift: 'A sprain: the coach, by the criteria. A sore bone, giving way again and again, a high sprain, operation: a clinician.',
  sources: ['Stiell 1992 (Ottawa rules)', 'Vuurberg 2018 (ankle sprain)', 'Smith 2021 (return)', 'Doherty 2017'],
  avoid: footSpared,
  limit: [
    out('A push that nobody foresees.', (m) => m.has('unforeseen') && m.pattern('anti-rotation'), {
      causes: ['joint-instability'],
    }),
    out('Deep, sideways or dropping on to it.', (m) => m.is('deep-side-squat', 'level-change', 'overarm-bowl-drill')),
    out('Landing.', (m) => m.lands),
    out(
      'Early weeks: nothing that works or loads it.',
      (m) =>
        m.loads('ankle') ||
        m.loads('foot') ||
        m.at('one-foot', 'split') ||
        (m.pattern('balance', 'calf', 'knee-dominant', 'pulse', 'locomotion', 'skill', 'whole-body-lift') &&
          !m.is('feet-up-breathing')),
      early,
    ),
    changed('Standing.', 'Seated.', (m) => m.at('both-feet'), early),
    out(
      'Soft ground, closed eyes or distraction: a late stage.',
      (m) => m.has('soft-ground', 'eyes-closed') || (m.has('unforeseen') && m.pattern('balance')),
    ),
    changed(
      'Balance is the treatment once walking is without a limp.',
      'Hand on a wall, level floor, stop at pain above 2.',
      (m) => m.pattern('balance') && m.at('one-foot'),
      {
        except: ['post-operative-early', 'bone-stress', 'concussion'],
      },
    ),
    out(
      'The heel sinks below the step under load.',
      (m) => m.pattern('calf') && m.contacts.has('toes') && m.over('ankle', 15.5) && !m.over('kneeLoaded', 20),
    ),
    changed(
      'All the weight on one foot.',
      { say: 'Two legs.', instead: 'calf-raise' },
      (m) => m.pattern('calf') && m.at('one-foot'),
    ),
    changed(
      'The shin is led forward under load.',
      { say: 'Only to the first stretch, no bouncing.', rangeShare: 0.6 },
      (m) => m.is('half-kneeling-ankle-rock', 'deep-calf-stretch', 'wall-calf-stretch'),
    ),
    out('Pushes off fast, or turns over it.', (m) => m.fast && m.standing),
    out(
      'Sideways, fast or travelling on the toes.',
      (m) =>
        m.family('shuttle', 'crawl', 'burpee', 'march', 'run-drill') ||
        m.is('skating-push', 'keeper-side-step', 'heel-walk', 'squat-walk'),
    ),
    changed(
      'The shin is led far forward.',
      { say: 'Down to a higher seat, shin at or under 20°.', range: { ankle: 20 } },
      (m) => m.at('both-feet') && m.over('ankle', 30),
    ),
    out('The whole body on one ankle.', (m) => m.at('one-foot'), { oneSided: true }),
    changed(
      'The rear ankle and the front shin reach the end of their range.',
      { say: 'Short stance, shallow, hand on a support.', rangeShare: 0.6, handSupport: true },
      (m) =>
        m.at('split') &&
        (m.pattern('knee-dominant', 'hip-dominant', 'knee-flexion', 'hip-abduction', 'hip-adduction', 'calf') ||
          (m.pattern('mobility') && m.over('kneeLoaded', 45) && !m.has('opens-chest'))),
    ),
    changed(
      'It is forced straight, or held.',
      'A cushion under the shins, the ankle free.',
      (m) =>
        m.family('kneeling-lean-back') ||
        m.is('tall-kneeling-sit-back', 'folded-kneeling-rest', 'kneeling-back-bend', 'frog-stretch') ||
        (m.pattern('knee-flexion') && m.kneeling),
    ),
    changed(
      'The foot is turned in under load.',
      { say: 'On the knees.', instead: 'side-plank-knees' },
      (m) => m.contacts.has('insteps') && m.forearmsLoaded && m.variant.view === 'front',
    ),
    changed('The end of its range.', 'Rear knee down.', (m) => m.is('lunge-and-open', 'lunge-flow')),
    changed('A side step, or a twist on the foot.', { say: 'Slow, small step, foot flat.', slow: true }, (m) =>
      m.is('step-jack', 'bridge-and-turn'),
    ),
  ],
};
