import { family } from './family';
import { frame } from './frame';

export default family(
  'kick',
  {
    pattern: 'skill',
    planes: ['sagittal'],
    position: 'one-foot',
    side: 'single',
    regions: ['hip', 'knee'],
    jointActions: ['hip flexion shortening', 'knee extension shortening', 'hip abduction holding'],
    faults: [{ see: 'Trunk falls back', say: 'Lower kick, guard up.' }],
  },
  [
    {
      id: 'slow-front-kick',
      name: 'Slow front kick',
      otherNames: ['front kick chamber'],
      standing: 0,
      blocks: ['technique'],
      sports: ['striking-combat'],
      purpose: 'lifts, extends and folds the leg without falling',
      speed: 'slow',
      dose: '2x8/side 2-1-2 r20',
      cues: ['Lift the knee high', 'Push the foot out slowly, hold', 'Back by the same way, standing leg steady'],
      keyframes: [
        frame('stand', 'standing', 'near.foot', {
          near: { hip: 6, knee: 8 },
          far: { hip: 16, knee: 50 },
          shoulder: 50,
          elbow: 110,
        }),
        frame('chamber', 'standing', 'near.foot', {
          near: { hip: 6, knee: 10 },
          far: { hip: 98, knee: 104 },
          shoulder: 50,
          elbow: 110,
        }),
        frame('extend', 'standing', 'near.foot', {
          lean: -14,
          near: { hip: -6, knee: 10 },
          far: { hip: 80, knee: 8 },
          shoulder: 50,
          elbow: 110,
        }),
      ],
    },
    {
      id: 'ball-strike-swing',
      name: 'Shadow kick',
      otherNames: ['kicking drill without a ball', 'Kicking swing without a ball'],
      standing: 0,
      purpose: 'hip whips the leg through, the trunk answers',
      speed: 'fast',
      level: 'beginner',
      blocks: ['technique'],
      sports: ['football'],
      dose: '2x8/side X r30',
      cues: [
        'Plant the foot beside the ball you imagine',
        'Swing from the hip, ankle locked',
        'Follow through and stop balanced',
      ],
      keyframes: [
        frame(
          'back',
          'standing',
          'near.foot',
          { lean: 10, near: { hip: 24, knee: 20, shoulder: -20 }, far: { hip: -22, knee: 84, shoulder: 60 } },
          { inPassing: true },
        ),
        frame(
          'strike',
          'standing',
          'near.foot',
          { lean: 4, near: { hip: 4, knee: 4, shoulder: 30 }, far: { hip: 44, knee: 60, ankle: -36, shoulder: 10 } },
          { inPassing: true },
        ),
        frame(
          'through',
          'standing',
          'near.foot',
          { lean: -6, near: { hip: 2, knee: 8, shoulder: 50 }, far: { hip: 72, knee: 10, ankle: -36, shoulder: -30 } },
          { inPassing: true },
        ),
      ],
    },
  ],
);
