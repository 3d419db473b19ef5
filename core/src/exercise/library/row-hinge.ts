import { family } from './family';
import { frame } from './frame';
import { handWeights } from './kit-groups';

export default family(
  'row-hinge',
  {
    blocks: ['strength'],
    pattern: 'hip-dominant',
    planes: ['sagittal', 'transverse'],
    position: 'one-foot',
    side: 'single',
    level: 'intermediate',
  },
  [
    {
      id: 'single-leg-deadlift-row',
      name: 'Single-leg deadlift with row',
      otherNames: ['single-leg RDL to row', 'one-leg hinge and row'],
      standing: 2,
      purpose: 'balance, hinge and pull in one: saves time with one weight',
      needs: { kit: [handWeights] },
      load: { place: 'far-hand', source: 'weight', required: true, maxKg: 24, hands: 1 },
      elbowsOut: 30,
      jointActions: [
        'hip extension shortening',
        'shoulder extension shortening',
        'elbow flexion shortening',
        'hip abduction holding',
      ],
      dose: '3x6/side 2-1-1 rir2 r60',
      cues: [
        'Hinge on one leg until the trunk is low',
        'Row the weight to the hip, hold one second',
        'Lower it, then stand up tall',
      ],
      faults: [{ see: 'Trunk twists with the row', say: 'Lighter; toes of the free leg on the floor.' }],
      keyframes: [
        frame('tall', 'standing', 'near.foot', { near: { hip: 6, knee: 10 }, far: { hip: 0, knee: 56 } }),
        frame('folded', 'standing', 'near.foot', {
          lean: 60,
          near: { hip: 78, knee: 26, ankle: 6 },
          far: { hip: -2, knee: 12, shoulder: 60 },
          neck: -10,
        }),
        frame('rowed', 'standing', 'near.foot', {
          lean: 60,
          near: { hip: 78, knee: 26, ankle: 6 },
          far: { hip: -2, knee: 12, shoulder: -6, elbow: 66 },
          neck: -10,
        }),
      ],
    },
  ],
);
