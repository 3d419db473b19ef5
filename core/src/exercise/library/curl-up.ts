import { family } from '../variant';

export default family(
  'curl-up',
  {
    blocks: ['trunk'],
    pattern: 'trunk-flexion',
    planes: ['sagittal'],
    position: 'lying',
    speed: 'slow',
    jointActions: ['trunk flexion shortening'],
    regions: ['lower-back'],
  },
  [
    {
      id: 'curl-up',
      name: 'Curl-up',
      otherNames: ['half sit-up'],
      purpose: 'front of the trunk through its range',
      dose: '2x12 2-1-1 r30',
      cues: ['Ribs towards hips', 'Chin stays a fist from the chest', 'Lower one bone at a time'],
      faults: [{ see: 'Pulling on the head', say: 'Hands on the thighs instead.' }],
      keyframes: [
        { name: 'down', base: 'hook lying', change: { shoulder: 35 }, on: ['back', 'seat', 'feet'] },
        { name: 'up', base: 'hook lying', change: { trunk: 34, neck: 18, shoulder: 48 }, on: ['seat', 'feet'] },
      ],
    },
  ],
);
