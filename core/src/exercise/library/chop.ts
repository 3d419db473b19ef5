import { family } from './family';
import { frame } from './frame';
import { longBands } from './kit-groups';

export default family(
  'chop',
  {
    pattern: 'rotation',
    planes: ['transverse', 'sagittal'],
    position: 'kneeling',
    side: 'single',
    needs: { kit: [longBands] },
    load: { place: 'hands', source: 'band', required: true, hands: 2 },
    regions: ['lower-back', 'shoulder'],
    jointActions: ['trunk rotation shortening', 'trunk flexion shortening', 'shoulder extension shortening'],
    faults: [{ see: 'Hips twist with the band', say: 'Squeeze the glutes of the kneeling leg.' }],
  },
  [
    {
      id: 'band-chop',
      name: 'Half-kneeling band chop',
      otherNames: ['wood chop, high to low', 'woodchop'],
      standing: 3,
      blocks: ['trunk'],
      purpose: 'turns and bends down across the body',
      level: 'beginner',
      needs: { kit: [longBands], anchors: ['door-high', 'post'] },
      line: { from: 'hands', to: [0.5, 1.1] },
      dose: '2x10/side 1-1-2 rir2 r30',
      cues: ['Hands from high to the opposite hip', 'Turn the ribs, hips face forward', 'Let it back up slowly'],
      keyframes: [
        frame('high', 'half kneeling', 'near.foot far.knee far.toes', { trunk: -4, shoulder: 132, elbow: 20 }),
        frame('low', 'half kneeling', 'near.foot far.knee far.toes', { trunk: 14, shoulder: 24, elbow: 8 }),
      ],
    },
    {
      id: 'band-lift',
      name: 'Half-kneeling band lift',
      otherNames: ['reverse wood chop, low to high', 'reverse woodchop'],
      standing: 3,
      blocks: ['trunk'],
      purpose: 'turns and rises across the body',
      level: 'beginner',
      needs: { kit: [longBands], anchors: ['door-low', 'post'] },
      line: { from: 'hands', to: [0.62, 0.08] },
      jointActions: ['trunk rotation shortening', 'trunk extension shortening', 'shoulder flexion shortening'],
      dose: '2x10/side 1-1-2 rir2 r30',
      cues: ['Hands from low to above the far shoulder', 'Press up and across', 'Hips square, slow back down'],
      keyframes: [
        frame('low', 'half kneeling', 'near.foot far.knee far.toes', { trunk: 12, shoulder: 40, elbow: 8 }),
        frame('high', 'half kneeling', 'near.foot far.knee far.toes', { trunk: -4, shoulder: 140, elbow: 20 }),
      ],
    },
    {
      id: 'band-lift-fast',
      name: 'Fast half-kneeling band lift',
      otherNames: ['explosive reverse chop'],
      standing: 2,
      purpose: 'turns and rises fast, as in a throw from below',
      level: 'advanced',
      speed: 'fast',
      blocks: ['power'],
      needs: { kit: [longBands], anchors: ['door-low', 'post'] },
      line: { from: 'hands', to: [0.62, 0.08] },
      jointActions: ['trunk rotation shortening', 'trunk extension shortening', 'shoulder flexion shortening'],
      dose: '3x5/side X r60',
      cues: ['Up as fast as you can', 'Stop it dead at the top', 'Slow back'],
      keyframes: [
        frame('low', 'half kneeling', 'near.foot far.knee far.toes', { trunk: 14, shoulder: 36, elbow: 8 }),
        frame('high', 'half kneeling', 'near.foot far.knee far.toes', { trunk: -4, shoulder: 144, elbow: 16 }),
      ],
    },
  ],
);
