import { family } from './family';
import { frame } from './frame';

export default family(
  'prone-letters',
  {
    pattern: 'scapular',
    planes: ['transverse'],
    position: 'lying',
    speed: 'slow',
    jointActions: ['scapula retraction holding', 'shoulder external-rotation holding'],
  },
  [
    {
      id: 'prone-arm-letters',
      name: 'Prone Y-T-W raises',
      otherNames: ['Y T W raises', 'rear-shoulder letters', 'prone YTW', 'Lying arm letters'],
      standing: 3,
      blocks: ['activate', 'prevention'],
      purpose: 'back of the shoulder against too much throwing',
      regions: ['shoulder', 'upper-back'],
      dose: '2x8 2-3-2 r30',
      cues: ['Thumbs to the ceiling', 'Shoulder blades slide down and together', 'Two to three seconds at the top'],
      faults: [{ see: 'Shoulders shrug to the ears', say: 'Long neck; lift the arms less.' }],
      keyframes: [
        { name: 'down', base: 'prone', change: { shoulder: 178 }, on: ['chest', 'seat', 'knees'] },
        { name: 'up', base: 'prone', change: { trunk: -12, neck: -6, shoulder: 190 }, on: ['seat', 'knees'] },
      ],
    },
    {
      id: 'prone-letter-a',
      name: 'Prone A raise',
      otherNames: ['A raise', 'prone arm lift back', 'Lying A'],
      standing: 1,
      blocks: ['activate', 'prevention'],
      purpose: 'lower shoulder-blade muscles and the back of the shoulder together',
      regions: ['shoulder', 'upper-back'],
      level: 'new',
      dose: '2x10 1-3-2 r30',
      cues: ['Arms back beside the hips, thumbs out', 'Shoulder blades down and together', 'Hold three'],
      faults: [{ see: 'Lower back lifts the chest', say: 'Ribs down; only the arms move.' }],
      keyframes: [
        frame('down', 'prone', 'chest seat knees insteps', { shoulder: 6 }),
        frame('up', 'prone', 'seat knees insteps', { trunk: -8, shoulder: -22, elbow: 0 }),
      ],
    },
    {
      id: 'prone-drop-catch',
      name: 'Prone ball drop and catch',
      otherNames: ['prone ball drops', 'reverse catch', 'Lying drop and catch'],
      standing: 1,
      blocks: ['prevention'],
      purpose: 'the back of the shoulder reacts fast, for throwers and servers',
      level: 'advanced',
      pattern: 'shoulder-external-rotation',
      speed: 'fast',
      side: 'single',
      needs: { kit: [['ball', 'can', 'bottle', 'medicine-ball']] },
      load: { place: 'near-hand', source: 'weight', required: false, maxKg: 1, hands: 1 },
      jointActions: ['shoulder external-rotation stretch-shortening', 'scapula retraction holding'],
      dose: '2x15s!/side r30',
      cues: ['Arm out over the edge, elbow square', 'Let go, catch again at once', 'The shoulder does not sink'],
      faults: [{ see: 'Shoulder shrugs to the ear', say: 'Slower, lighter thing.' }],
      cautions: ['Nothing over 1 kg and nothing that breaks. Sore throwing shoulder: leave out.'],
      keyframes: [
        frame('let go', 'prone', 'chest@sofa seat@sofa knees@sofa', {
          near: { shoulder: 92, elbow: 84 },
          far: { shoulder: 170 },
        }),
        frame('caught', 'prone', 'chest@sofa seat@sofa knees@sofa', {
          near: { shoulder: 92, elbow: 70 },
          far: { shoulder: 170 },
        }),
      ],
    },
  ],
);
