import type { MovementFacts } from '../movement';
import { changed, early, fine, out, type RegionLimits } from '../rule';

const sideways = (m: MovementFacts) =>
  m.pattern('knee-dominant', 'hip-adduction') &&
  m.variant.view === 'front' &&
  m.at('both-feet', 'one-foot', 'split') &&
  (m.over('hipOut', 39) || m.is('cross-behind-lunge'));

export const knee: RegionLimits = {
  region: 'knee',
  ranges:
    'Two legs to 60°, one leg to 45°; straightening against weight only from 90 to 45°; tendon: two legs to 90°, one to 60°, slow; no kneeling, twisting or landing.',
  dose: {
    share: 0.6,
    pain: 2,
    contacts: 0,
    say: 'Holds 5 x 30-45 s, then 3 x 8-12 with three seconds down.',
  },
  underAvoid: 'Upper body sitting or lying, trunk lying, hips lying with a straight knee.',
  told: 'Slow, small range, both legs. Swelling the next morning, giving way or locking: stop and report it.',
  lift: 'Overuse and tendon: the coach, by the pain rule. Operation, ligament, meniscus, locking, swelling, a kneecap that slipped: a clinician, in writing with a date.',
  sources: [
    'Rio 2015 (holds)',
    'Kongsgaard 2009 (heavy and slow)',
    'Malliaras 2015 (stages)',
    'Barton 2015 (kneecap pain)',
    'van Melick 2016 (ACL)',
  ],
  avoid: [
    out(
      'The lower leg is held, pushed or carries.',
      (m) =>
        (m.has('both-legs-long') && m.partner) ||
        m.is('edge-back-raise') ||
        (m.family('roller', 'roller-parts') && m.at('sitting')) ||
        m.family('hiking'),
    ),
    out('Landing puts several times body weight through it.', (m) => m.lands),
    out(
      'It is loaded or moves.',
      (m) =>
        m.pattern(
          'knee-dominant',
          'hip-dominant',
          'knee-flexion',
          'calf',
          'pulse',
          'locomotion',
          'skill',
          'throw',
          'whole-body-lift',
          'balance',
        ) && !m.is('feet-up-breathing', 'ankle-weight-leg-back'),
    ),
    out(
      'Weight on it, or a misstep.',
      (m) => m.kneeling || m.at('kneeling', 'hands-and-feet', 'one-foot', 'split', 'hanging'),
    ),
    out(
      'A long lever bends it sideways.',
      (m) => m.pattern('hip-abduction', 'hip-adduction') && (m.forearmsLoaded || m.at('both-feet')),
    ),
    out('It bends to the end of its range.', (m) => m.pattern('stretch', 'mobility') && m.over('knee', 90)),
    changed('Standing loads it.', 'Seated.', (m) => m.at('both-feet')),
  ],
  limit: [
    out('A push that nobody foresees.', (m) => m.has('unforeseen') && m.standing && m.pattern('anti-rotation'), {
      causes: ['joint-instability'],
    }),
    out(
      'It kneels, bends deep or turns under load.',
      (m) =>
        m.family('get-up') ||
        m.is('floor-stand-up', 'feet-and-shoulders-raised-thrust', 'figure-four-stretch', 'crab-walk') ||
        (m.has('turns-hip') && m.pattern('stretch', 'mobility') && !m.is('butterfly-stretch')) ||
        m.is('shrimp'),
    ),
    out('It turns over a planted foot.', (m) => m.fast && m.at('split') && !m.pattern('mobility')),
    out('Landing puts several times body weight through it.', (m) => m.lands),
    fine('The front of the thigh works with a nearly straight knee.', (m) => m.is('knee-press-down')),
    out(
      'Straightening the free leg waits for the surgeon.',
      (m) => m.pattern('knee-dominant') && m.at('sitting'),
      early,
    ),
    out('Pulling with the hamstrings waits for the surgeon.', (m) => m.pattern('knee-flexion'), early),
    out(
      'Early weeks: no standing on one leg, no squat, no lunge without the clinician.',
      (m) =>
        m.at('one-foot', 'split') ||
        (m.pattern('balance', 'skill', 'locomotion', 'pulse', 'throw', 'whole-body-lift', 'knee-dominant') &&
          !m.is('feet-up-breathing')),
      early,
    ),
    out('A loaded hinge waits.', (m) => m.pattern('hip-dominant') && m.at('both-feet'), early),
    changed(
      'Bridges inside the range that is allowed.',
      { say: 'Two legs, no weight, within the clinician’s range.', load: 0 },
      (m) => m.pattern('hip-dominant'),
      early,
    ),
    changed(
      'Standing, while the leg is not trusted.',
      'Seated.',
      (m) => m.at('both-feet') && !m.pattern('stretch', 'mobility'),
      early,
    ),
    out('Direct pressure and a deep bend.', (m) => m.kneeling || m.at('kneeling')),
    fine('A hold settles tendon pain.', (m) => m.family('wall-sit') || m.is('hiking-wall-sit'), { causes: ['tendon'] }),
    fine(
      'A two-legged hold at about 60°.',
      (m) =>
        m.pattern('knee-dominant') &&
        m.variant.dose.work.kind === 'hold' &&
        m.at('both-feet') &&
        !m.over('kneeLoaded', 65),
    ),
    changed('As drawn it bends to 90°.', { say: 'Slide only down to 60°.', range: { knee: 60 } }, (m) =>
      m.is('wall-sit', 'hiking-wall-sit'),
    ),
    changed(
      'Slow heavy work on two legs is what it needs.',
      { say: 'To 90°, three seconds down and up; pain at most 3.', range: { knee: 90 }, slow: true },
      (m) => m.pattern('knee-dominant') && m.at('both-feet') && !m.fast && !m.over('kneeLoaded', 118) && !sideways(m),
      { causes: ['tendon'] },
    ),
    changed(
      'Work on one leg in a small range.',
      { say: 'Knee to 60°, slow; pain at most 3.', range: { knee: 60 }, slow: true },
      (m) =>
        m.pattern('knee-dominant') &&
        m.family('step-up', 'step-down', 'split-squat', 'lunge', 'step-touch') &&
        !m.fast &&
        !m.over('kneeLoaded', 95) &&
        !m.is('forward-lunge', 'rear-foot-raised-split-squat'),
      { causes: ['tendon'] },
    ),
    changed(
      'The step leads to work on one leg, in a small range.',
      {
        say: 'Step of 10 cm, knee at or under 45°, hand on a support; pain at most 2.',
        range: { knee: 45 },
        handSupport: true,
      },
      (m) => m.family('step-up', 'step-down', 'step-touch') && !m.over('kneeLoaded', 70) && !m.fast,
    ),
    changed(
      'A hold in a small range.',
      { say: 'Knee at or under 45°, hand on a support.', range: { knee: 45 }, handSupport: true },
      (m) => m.at('split') && m.variant.dose.work.kind === 'hold' && m.pattern('knee-dominant'),
    ),
    out('Sideways bends load it across.', sideways),
    out(
      'Bends past 45° on one leg, and the rear knee bends too.',
      (m) => m.at('split') && (m.pattern('knee-dominant', 'locomotion', 'skill') || m.over('kneeLoaded', 45)),
    ),
    out(
      'Fast, deep or sideways.',
      (m) => m.family('shuttle', 'burpee', 'march', 'crawl', 'run-drill') || m.over('knee', 118),
    ),
    out(
      'Turns over a planted foot, or pushes off fast.',
      (m) => m.fast && m.pattern('rotation', 'throw', 'skill', 'pulse'),
    ),
    changed(
      'Speed goes, the movement may stay.',
      { say: 'Slow, knee at or under 60°.', slow: true, range: { knee: 60 } },
      (m) => m.fast && m.at('both-feet'),
    ),
    out(
      'Hamstrings lengthen hard across it.',
      (m) => m.pattern('knee-flexion') && m.acts('knee', 'flexion', ['lengthening']),
    ),
    changed(
      'Holds come first.',
      { say: 'Hold at mid range.', hold: { sets: 5, seconds: 25 } },
      (m) => m.pattern('knee-flexion') && m.variant.dose.work.kind !== 'hold',
    ),
    changed(
      'Straightening the free leg, in the protected part.',
      { say: 'From 90° to 45°, no weight, slow.', load: 0, slow: true, rangeShare: 0.5 },
      (m) => m.pattern('knee-dominant') && m.at('sitting'),
    ),
    out('A long lever bends it sideways.', (m) => m.has('bends-knee-sideways')),
    changed(
      'It bends past 60° under load.',
      { say: 'To 60°, two legs, slow and light.', range: { knee: 60 }, slow: true, load: 0.5 },
      (m) => m.pattern('knee-dominant', 'whole-body-lift', 'mobility') && m.at('both-feet') && m.over('kneeLoaded', 60),
    ),
    changed('The legs push from a deep bend.', 'Legs still, arms and trunk only.', (m) => m.is('rowing-stroke-drill')),
    out('Standing on one leg.', (m) => m.at('one-foot'), { oneSided: true }),
    changed(
      'A long lever opens it.',
      { say: 'Holds of 10 s; stop if the knee feels opened.', holdAtMost: 10 },
      (m) => m.pattern('anti-lateral-flexion') && m.contacts.has('insteps'),
    ),
    changed('It bends far against gravity.', { say: 'To 60°, no squeeze at the end.', range: { knee: 60 } }, (m) =>
      m.is('prone-heel-to-seat-lift', 'standing-quad-stretch'),
    ),
    changed(
      'One leg far out, or sideways steps in a bend.',
      { say: 'Two legs; steps nearly upright, knee at or under 45°.', range: { knee: 45 } },
      (m) =>
        (m.pattern('hip-abduction') && m.at('both-feet') && m.over('hipOut', 35)) ||
        m.is('single-leg-bridge-walk-out', 'squat-walk'),
    ),
  ],
};
