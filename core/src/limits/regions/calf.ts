import { changed, early, fine, out, type RegionLimits } from '../rule';

export const calf: RegionLimits = {
  region: 'calf',
  ranges:
    'Floor level, the heel not below the forefoot; two legs before one. Strain: no stretch; tendon at the heel bone: nothing beyond neutral.',
  dose: {
    share: 0.6,
    pain: 3,
    contacts: 0,
    say: 'Two-leg holds 5 x 30-45 s, then 3 x 15 slow.',
  },
  underAvoid: 'Lying and sitting work; nothing on the toes.',
  told: 'Slow up, slow down, on the floor. A hot, swollen calf without a kick or a pull is no strain: a doctor today.',
  lift: 'Strain and tendon: the coach, by the number of heel raises. Rupture, suspicion of a clot, operation: a clinician.',
  sources: ['Alfredson 1998, Silbernagel 2007, Beyer 2015 (Achilles)', 'Green and Pizzari 2017 (calf strain)'],
  avoid: [
    out('The foot is held, or the body drops.', (m) => m.at('hanging') || (m.pattern('knee-flexion') && m.kneeling)),
    out('Landing and pushing off are its work.', (m) => m.lands),
    out(
      'It works.',
      (m) =>
        (m.pattern(
          'calf',
          'knee-dominant',
          'hip-dominant',
          'balance',
          'pulse',
          'locomotion',
          'skill',
          'throw',
          'whole-body-lift',
        ) &&
          !m.is('feet-up-breathing', 'ankle-weight-leg-back')) ||
        m.at('one-foot', 'split'),
      { oneSided: true },
    ),
    out('The toes push.', (m) => m.at('hands-and-feet') && m.contacts.has('toes')),
    out(
      'It helps to bend the knee, or is stretched.',
      (m) =>
        (m.pattern('knee-flexion') && (m.contacts.has('heels') || m.banded || m.partner)) ||
        (m.pattern('stretch', 'mobility') && (m.loads('calf') || m.over('hamstring', 90))),
    ),
    changed('Standing works it.', 'Seated.', (m) => m.at('both-feet')),
  ],
  limit: [
    out('A braking stride.', (m) => m.is('overarm-bowl-drill')),
    out('Landing and pushing off are its work.', (m) => m.lands),
    out(
      'After a repair: nothing until the surgeon says.',
      (m) =>
        (m.pattern('calf', 'pulse', 'locomotion', 'skill', 'throw', 'whole-body-lift', 'balance', 'knee-dominant') &&
          !m.is('feet-up-breathing')) ||
        m.at('one-foot', 'split') ||
        (m.pattern('stretch', 'mobility') && m.loads('calf')),
      early,
    ),
    changed(
      'The ankle stays as it is.',
      'Heels only, boot on, if standing is allowed.',
      (m) => m.pattern('hip-dominant'),
      early,
    ),
    changed('Standing.', 'Seated.', (m) => m.at('both-feet'), early),
    out(
      'Stretch or pressure provokes it.',
      (m) => m.is('deep-calf-stretch', 'wall-calf-stretch', 'half-kneeling-ankle-rock', 'roll-calf'),
      { causes: ['muscle-strain', 'tendon'], oneSided: true },
    ),
    fine(
      'Held, then slow and heavy at floor level.',
      (m) => m.is('tiptoe-hold', 'single-leg-calf-raise', 'single-leg-bent-knee-calf-raise'),
      { causes: ['tendon'] },
    ),
    changed(
      'Two legs before one.',
      { say: 'Two legs, floor level; holds of 20-30 s first.', instead: 'calf-raise' },
      (m) => m.pattern('calf') && m.at('one-foot') && (!m.over('ankle', 14) || m.over('kneeLoaded', 20)),
    ),
    changed(
      'The heel sinks below the step.',
      { say: 'Floor level, three seconds up and down.', range: { ankle: 0 }, slow: true },
      (m) =>
        m.pattern('calf') &&
        m.at('both-feet') &&
        m.over('ankle', 10) &&
        m.contacts.has('toes') &&
        !m.over('kneeLoaded', 20),
    ),
    out('Lengthened under the whole body weight.', (m) => m.pattern('calf') && m.at('one-foot'), { oneSided: true }),
    changed(
      'Speed.',
      { say: 'A slow hinge with the same weight.', slow: true },
      (m) =>
        m.fast &&
        m.at('both-feet') &&
        m.pattern('hip-dominant', 'whole-body-lift') &&
        (m.weighted || m.banded) &&
        !m.is('bag-to-shoulder', 'hang-clean', 'high-pull'),
    ),
    out('Pushes off fast.', (m) => m.fast && m.standing),
    out('Many or fast push-offs.', (m) => m.family('march', 'shuttle', 'crawl', 'burpee', 'run-drill')),
    out('All the weight on one foot.', (m) => m.at('one-foot'), { oneSided: true }),
    changed(
      'The toes push off fast.',
      { say: 'Slow, or on the knees.', slow: true },
      (m) => m.fast && m.at('hands-and-feet') && m.pattern('horizontal-push'),
    ),
    changed('A stretch.', { say: 'Gentle, short of pain, not in the first days.', rangeShare: 0.6 }, (m) =>
      m.is('deep-calf-stretch', 'wall-calf-stretch', 'half-kneeling-ankle-rock'),
    ),
    changed(
      'A shin far forward stretches it.',
      { say: 'Down to a higher seat, heels down.', range: { ankle: 20 } },
      (m) => m.pattern('knee-dominant', 'whole-body-lift', 'mobility') && m.over('ankle', 25),
      { causes: ['muscle-strain', 'tendon'] },
    ),
    changed(
      'The rear calf pushes off or is stretched.',
      { say: 'Short step, rear heel low, slow; pain at most 2.', slow: true, rangeShare: 0.6 },
      (m) =>
        m.is(
          'level-change',
          'step-jack',
          'forward-lunge',
          'reverse-lunge',
          'sliding-reverse-lunge',
          'rear-foot-raised-split-squat',
          'bridge-and-turn',
          'walking-lunge',
        ),
    ),
  ],
};
