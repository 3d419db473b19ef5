import { family } from './family';

export default family(
  'step-jack',
  {
    pattern: 'pulse',
    planes: ['frontal'],
    position: 'both-feet',
    view: 'front',
    jointActions: ['hip abduction shortening', 'shoulder abduction shortening'],
    dose: '1x60s!',
  },
  [
    {
      id: 'step-jack',
      name: 'Step jack',
      otherNames: ['half star', 'low-impact jumping jack', 'side step with arms overhead'],
      standing: 2,
      blocks: ['raise'],
      purpose: 'warms shoulders and side of the hip',
      regions: ['shoulder', 'hip'],
      cues: ['Arms all the way up', 'Step wide, foot lands quietly', 'Alternate sides'],
      faults: [{ see: 'Arms stop at shoulder height', say: 'Reach for the ceiling every time.' }],
      keyframes: [
        { name: 'together', base: 'standing', change: { shoulder: 12, hip: 4, knee: 4 }, on: ['feet*'] },
        {
          name: 'apart',
          base: 'standing',
          change: { shoulder: 160, near: { hip: 28 }, far: { hip: 12 } },
          on: ['far.foot*', 'near.foot*'],
        },
      ],
    },
  ],
);
