import { family } from '../variant';

export default family(
  'prone-letters',
  {
    blocks: ['activate', 'prevention'],
    pattern: 'scapular',
    planes: ['transverse'],
    position: 'lying',
    speed: 'slow',
    jointActions: ['scapula retraction holding', 'shoulder external-rotation holding'],
  },
  [
    {
      id: 'prone-arm-letters',
      name: 'Lying arm letters',
      otherNames: ['Y T W raises', 'rear-shoulder letters'],
      purpose: 'back of the shoulder against too much throwing',
      regions: ['shoulder', 'upper-back'],
      dose: '2x8 2-3-2 r30',
      cues: ['Thumbs to the ceiling', 'Blades slide down and together', 'Two to three seconds at the top'],
      faults: [{ see: 'Shoulders shrug to the ears', say: 'Long neck; lift the arms less.' }],
      keyframes: [
        { name: 'down', base: 'prone', change: { shoulder: 178 }, on: ['chest', 'seat', 'knees'] },
        { name: 'up', base: 'prone', change: { trunk: -12, neck: -6, shoulder: 190 }, on: ['seat', 'knees'] },
      ],
    },
  ],
);
