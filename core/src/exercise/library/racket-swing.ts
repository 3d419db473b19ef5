import { family } from '../variant';
import { frame } from './frame';

export default family(
  'racket-swing',
  {
    pattern: 'skill',
    planes: ['transverse'],
    position: 'split',
    side: 'single',
    blocks: ['technique'],
    speed: 'fast',
    view: 'above',
    prop: 'racket',
    regions: ['shoulder', 'elbow', 'lower-back'],
    jointActions: ['trunk rotation shortening', 'shoulder internal-rotation shortening'],
    cues: ['Turn the shoulders first', 'Hip, ribs, arm, hand', 'Finish balanced'],
    faults: [{ see: 'The arm swings alone', say: 'Slow; let the hip start.' }],
  },
  [
    {
      id: 'shadow-forehand',
      name: 'Forehand in the air',
      otherNames: ['shadow forehand', 'dry swing'],
      purpose: 'turns from the ground to the racket',
      dose: '2x10/side r20',
      keyframes: [
        frame('back', 'standing', 'feet', {
          lean: -28,
          trunk: -26,
          near: { hip: -14, ankle: 8, shoulder: 6, elbow: 10, wrist: 70 },
          far: { hip: 20, ankle: 8, shoulder: 70, elbow: 30, wrist: 70 },
        }),
        frame('through', 'standing', 'feet', {
          lean: 24,
          trunk: 24,
          near: { hip: -14, ankle: 8, shoulder: 96, elbow: 40, wrist: 80 },
          far: { hip: 20, ankle: 8, shoulder: 20, elbow: 80, wrist: 60 },
        }),
      ],
    },
    {
      id: 'shadow-backhand',
      name: 'Backhand in the air',
      otherNames: ['shadow backhand'],
      purpose: 'the back of the shoulder leads and brakes',
      dose: '2x10/side r20',
      jointActions: ['trunk rotation shortening', 'shoulder external-rotation shortening'],
      keyframes: [
        frame('back', 'standing', 'feet', {
          lean: 30,
          trunk: 34,
          near: { hip: 20, ankle: 8, shoulder: 120, elbow: 50, wrist: 70 },
          far: { hip: -14, ankle: 8, shoulder: 40, elbow: 90, wrist: 50 },
        }),
        frame('through', 'standing', 'feet', {
          lean: -6,
          trunk: -10,
          near: { hip: 20, ankle: 8, shoulder: 20, elbow: 4, wrist: 80 },
          far: { hip: -14, ankle: 8, shoulder: 0, elbow: 40, wrist: 60 },
        }),
      ],
    },
    {
      id: 'shadow-serve',
      name: 'Serve or smash in the air',
      otherNames: ['overhead shadow swing'],
      purpose: 'reach, whip and land in balance',
      view: 'side',
      planes: ['sagittal', 'transverse'],
      level: 'beginner',
      dose: '2x8/side r30',
      jointActions: ['shoulder internal-rotation shortening', 'elbow extension shortening', 'trunk flexion shortening'],
      keyframes: [
        frame(
          'trophy',
          'standing',
          'far.foot near.toes',
          {
            lean: -14,
            trunk: -6,
            far: { hip: 24, knee: 30, shoulder: 160 },
            near: { hip: -6, knee: 34, ankle: 16, shoulder: 86, elbow: 120 },
          },
          { inPassing: true },
        ),
        frame(
          'hit',
          'standing',
          'far.toes',
          {
            lean: 8,
            far: { hip: 4, knee: 4, ankle: -24, shoulder: 40, elbow: 90 },
            near: { hip: -16, knee: 20, shoulder: 172, elbow: 6 },
          },
          { inPassing: true },
        ),
        frame(
          'through',
          'standing',
          'far.foot',
          {
            lean: 30,
            trunk: 10,
            far: { hip: 44, knee: 24, shoulder: 20, elbow: 60 },
            near: { hip: -10, knee: 30, shoulder: 60, elbow: 10 },
          },
          { inPassing: true },
        ),
      ],
    },
  ],
);
