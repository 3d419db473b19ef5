import { changed, fine, out, type RegionLimits } from '../rule';
import { footHeld, footSpared } from './ankle';

const staged = { causes: ['bone-stress', 'post-operative-early'] } as const;

export const foot: RegionLimits = {
  region: 'foot',
  ranges: 'Flat foot, toes bent back no more than 30° under load, heel level.',
  dose: {
    share: 0.6,
    pain: 3,
    contacts: 0,
    say: 'Small foot muscles 3 x 10 x 5 s, two-leg raises 3 x 12 with three seconds.',
  },
  underAvoid: 'Lying, sitting on a chair, kneeling with the foot free.',
  told: 'Shoes on, flat foot. Pain on one bony spot that grows with running and stays at night: no more impact, see a clinician.',
  lift: 'Pain under the heel and overuse: the coach. Bone stress (navicular and fifth metatarsal above all), numbness, operation: a clinician.',
  sources: [
    'Rathleff 2015 (plantar heel pain)',
    'McKeon 2015 (foot core)',
    'Hoenig 2022 (bone stress)',
    'Mountjoy 2023 (low energy)',
  ],
  avoid: footSpared,
  limit: [
    out(
      'The foot carries weight or is held.',
      (m) =>
        (footHeld(m) && !m.at('hanging') && !(m.pattern('knee-flexion') && m.at('lying'))) ||
        (m.pattern('anti-lateral-flexion') && m.contacts.has('insteps')),
      staged,
    ),
    out('Landing on it.', (m) => m.lands),
    out(
      'Bone stress: nothing more than walking until released.',
      (m) =>
        (m.pattern('calf', 'balance', 'pulse', 'locomotion', 'skill', 'throw', 'whole-body-lift', 'knee-dominant') &&
          !m.is('feet-up-breathing')) ||
        m.at('one-foot', 'split'),
      staged,
    ),
    changed(
      'Heel only, nothing on the forefoot.',
      { say: 'Press through the heels, no added weight.', load: 0 },
      (m) => m.pattern('hip-dominant'),
      staged,
    ),
    changed(
      'The foot braces.',
      'Sit on a chair, the foot free.',
      (m) => m.at('both-feet') || (m.at('sitting') && (m.contacts.has('heels') || m.contacts.has('feet'))),
      staged,
    ),
    out('The forefoot is bent back under load.', (m) => m.at('hands-and-feet') && m.contacts.has('toes'), staged),
    changed(
      'The toes are bent back under part of the body.',
      'On the knees.',
      (m) => m.at('hands-and-feet') && m.contacts.has('toes'),
    ),
    out(
      'The whole body on one forefoot.',
      (m) => m.pattern('calf') && m.at('one-foot') && (m.over('ankle', 14.5) || m.is('tiptoe-hold')),
      { oneSided: true },
    ),
    changed(
      'Slow loading is right, the range below the step is not yet.',
      { say: 'Two legs on the floor, towel under the toes, three seconds up and down.', instead: 'calf-raise' },
      (m) =>
        m.pattern('calf') &&
        (m.at('one-foot') || (m.contacts.has('toes') && !m.contacts.has('feet') && m.over('ankle', 10))),
    ),
    out(
      'The forefoot is loaded fast or again and again.',
      (m) => m.family('shuttle', 'march', 'burpee', 'crawl', 'run-drill') || (m.fast && m.standing),
    ),
    changed(
      'The rear toes are bent back under load.',
      { say: 'Short step, rear heel low; or a squat on two legs.', rangeShare: 0.6 },
      (m) => m.at('split') && m.contacts.has('toes'),
    ),
    changed(
      'The heel presses down.',
      'Only if the sore bone is not the heel; no pain at all.',
      (m) => m.pattern('knee-flexion') && m.contacts.has('heels'),
      { causes: ['bone-stress'] },
    ),
    fine('Small muscles of the foot.', (m) => m.family('short-foot') || m.is('short-foot-standing')),
  ],
};
