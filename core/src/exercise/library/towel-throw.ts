import { family } from './family';

export default family(
  'towel-throw',
  {
    pattern: 'skill',
    planes: ['transverse', 'sagittal'],
    position: 'split',
    side: 'single',
    speed: 'fast',
    jointActions: [
      'shoulder internal-rotation shortening',
      'trunk rotation shortening',
      'shoulder external-rotation lengthening',
    ],
  },
  [
    {
      id: 'towel-throw',
      name: 'Towel throw',
      otherNames: ['shadow throw'],
      standing: 0,
      blocks: ['technique'],
      sports: ['handball', 'water-polo', 'bat-and-ball', 'athletics-throws'],
      purpose: 'the throwing chain in order, without a ball',
      regions: ['shoulder'],
      needs: { kit: [['towel', 'tights']] },
      dose: '2x8/side X r20',
      level: 'beginner',
      cues: [
        'Hip opens, then trunk, then elbow, then hand',
        'Elbow at shoulder height',
        'Let the arm finish across the body',
      ],
      faults: [{ see: 'Arm starts before the hip turns', say: 'Pause cocked for a second, then lead with the hip.' }],
      cautions: ['Clear the space in front; shoulder pain above 2: leave it out today.'],
      keyframes: [
        {
          name: 'cocked',
          base: 'standing',
          change: {
            lean: -8,
            near: { shoulder: 95, elbow: 100, hip: -18, knee: 18 },
            far: { hip: 20, knee: 5, shoulder: 70, elbow: 20 },
          },
          on: ['far.foot', 'near.foot'],
          inPassing: true,
        },
        {
          name: 'release',
          base: 'standing',
          change: {
            lean: 12,
            near: { shoulder: 130, elbow: 35, hip: -10, knee: 20 },
            far: { hip: 30, knee: 15, shoulder: 10, elbow: 70 },
          },
          on: ['far.foot', 'near.toes'],
          inPassing: true,
        },
        {
          name: 'finish',
          base: 'standing',
          change: {
            lean: 30,
            near: { shoulder: 55, elbow: 10, hip: 5, knee: 25 },
            far: { hip: 52, knee: 30, shoulder: -20, elbow: 60 },
          },
          on: ['far.foot', 'near.toes'],
          inPassing: true,
        },
      ],
    },
  ],
);
