import { family } from '../variant';
import { frame } from './frame';

export default family(
  'open-book',
  {
    pattern: 'mobility',
    planes: ['transverse'],
    blocks: ['mobilise', 'flexibility'],
    speed: 'slow',
    regions: ['upper-back', 'shoulder'],
    jointActions: ['trunk rotation lengthening'],
    cues: ['Eyes follow the hand', 'Breathe out as you open', 'Hips stay'],
    faults: [{ see: 'Hips roll with it', say: 'Squeeze a cushion between the knees.' }],
  },
  [
    {
      id: 'all-fours-turn',
      name: 'All-fours elbow turn',
      otherNames: ['thread the needle', 'quadruped thoracic rotation'],
      purpose: 'upper back turns before throwing or swinging',
      position: 'kneeling',
      side: 'single',
      dose: '1x8/side 2-1-2',
      keyframes: [
        frame('under', 'all fours', 'knees insteps far.hand', { near: { shoulder: 60, elbow: 110, wrist: 0 } }),
        frame('open', 'all fours', 'knees insteps far.hand', {
          trunk: -6,
          neck: -14,
          near: { shoulder: -40, elbow: 130, wrist: 0 },
        }),
      ],
    },
    {
      id: 'lunge-and-open',
      name: 'Long lunge and open',
      otherNames: ["runner's lunge with rotation", 'spiderman with rotation'],
      purpose: 'hip, back and shoulder in one go',
      position: 'split',
      side: 'alternating',
      level: 'beginner',
      regions: ['hip', 'upper-back', 'groin'],
      jointActions: ['hip flexion lengthening', 'trunk rotation lengthening'],
      dose: '1x6 2-2-2',
      cues: ['Long step, hand inside the foot', 'Turn the chest to the front knee, arm up', 'Back leg long'],
      keyframes: [
        frame(
          'down',
          'standing',
          'near.foot far.toes far.hand',
          {
            lean: 78,
            trunk: 20,
            near: { hip: 126, knee: 98, ankle: 14, shoulder: 70, elbow: 80 },
            far: { hip: -6, knee: 10, ankle: 10, shoulder: 88, elbow: 6, wrist: 84 },
          },
          { inPassing: true },
        ),
        frame(
          'open',
          'standing',
          'near.foot far.toes far.hand',
          {
            lean: 78,
            trunk: 20,
            neck: -20,
            near: { hip: 126, knee: 98, ankle: 14, shoulder: -68, elbow: 4 },
            far: { hip: -6, knee: 10, ankle: 10, shoulder: 88, elbow: 6, wrist: 84 },
          },
          { inPassing: true },
        ),
      ],
    },
    {
      id: 'standing-trunk-turn',
      name: 'Standing loose turns',
      otherNames: ['trunk twists', 'standing rotation'],
      purpose: 'the spine turns easily, hips follow',
      position: 'both-feet',
      side: 'alternating',
      view: 'above',
      speed: 'controlled',
      dose: '1x20',
      cues: ['Arms loose', 'Heel lifts as the hip turns', 'Grow tall'],
      faults: [{ see: 'Only the arms swing', say: 'Start from the hips.' }],
      keyframes: [
        frame('one side', 'standing', 'feet', { ankle: 8, lean: -26, trunk: -30, shoulder: 40, elbow: 70, wrist: 50 }),
        frame('other side', 'standing', 'feet', { ankle: 8, lean: 26, trunk: 30, shoulder: 40, elbow: 70, wrist: 50 }),
      ],
    },
  ],
);
