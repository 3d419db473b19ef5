import { family } from './family';
import { frame } from './frame';

export default family(
  'dip',
  {
    pattern: 'elbow-extension',
    planes: ['sagittal'],
    position: 'hands-and-feet',
    elbowsOut: 30,
    needs: { kit: [['chair', 'sofa', 'bench']] },
    jointActions: ['elbow extension shortening', 'shoulder flexion shortening'],
    faults: [{ see: 'Shoulders roll forwards', say: 'Less deep, chest up.' }],
    cautions: ['Chair against a wall. Sore front of the shoulder: leave out.'],
  },
  [
    {
      id: 'chair-dip-bent-knees',
      name: 'Chair dip, knees bent',
      otherNames: ['bench dip, bent legs'],
      standing: 2,
      blocks: ['strength'],
      purpose: 'back of the arm, part of the body on the feet',
      level: 'beginner',
      dose: '3x10 2-0-1 rir2 r60',
      cues: ['Hands on the edge, hips close to it', 'Bend the elbows straight back', 'Feet help as much as you need'],
      keyframes: [
        frame('up', 'standing', 'palms@sofa feet', { lean: -4, hip: 72, knee: 82, shoulder: -24, elbow: 6, wrist: 60 }),
        frame('down', 'standing', 'palms@sofa feet', {
          lean: -2,
          hip: 98,
          knee: 92,
          shoulder: -62,
          elbow: 78,
          wrist: 60,
        }),
      ],
    },
    {
      id: 'chair-dip',
      name: 'Chair dip, legs straight',
      otherNames: ['bench dip', 'triceps dip'],
      standing: 1,
      blocks: ['strength'],
      purpose: 'back of the arm, longer lever',
      level: 'intermediate',
      dose: '3x8 2-0-1 rir2 r60',
      cues: [
        'Legs long, heels on the floor',
        'Lower until the upper arm is almost level',
        'Push up, shoulders away from the ears',
      ],
      keyframes: [
        frame('up', 'long sitting', 'palms@sofa heels', {
          lean: -8,
          hip: 62,
          knee: 2,
          shoulder: -16,
          elbow: 8,
          wrist: 60,
        }),
        frame('down', 'long sitting', 'palms@sofa heels', {
          lean: -6,
          hip: 82,
          knee: 2,
          shoulder: -52,
          elbow: 72,
          wrist: 60,
        }),
      ],
    },
  ],
);
