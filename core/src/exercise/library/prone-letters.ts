import { family } from '../variant';
import { frame } from './frame';

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
    {
      id: 'prone-letter-a',
      name: 'Lying A',
      otherNames: ['A raise', 'prone arm lift back'],
      purpose: 'lower blade muscles and arm brake together',
      regions: ['shoulder', 'upper-back'],
      level: 'beginner',
      dose: '2x10 1-3-2 r30',
      cues: ['Arms back beside the hips, thumbs out', 'Blades down and together', 'Hold three'],
      faults: [{ see: 'Lower back lifts the chest', say: 'Ribs down; only the arms move.' }],
      keyframes: [
        frame('down', 'prone', 'chest seat knees insteps', { shoulder: 6 }),
        frame('up', 'prone', 'seat knees insteps', { trunk: -8, shoulder: -22, elbow: 0 }),
      ],
    },
  ],
);
