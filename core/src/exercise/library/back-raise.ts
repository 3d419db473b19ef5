import { family } from '../variant';

export default family(
  'back-raise',
  {
    blocks: ['trunk'],
    pattern: 'trunk-extension',
    planes: ['sagittal'],
    position: 'lying',
    speed: 'slow',
    jointActions: ['trunk extension shortening'],
    regions: ['lower-back', 'upper-back'],
  },
  [
    {
      id: 'prone-back-raise',
      name: 'Lying back raise',
      otherNames: ['prone extension', 'superman'],
      purpose: 'back of the trunk, answers all the bending forward',
      dose: '2x10 2-2-2 r30',
      cues: ['Long neck, eyes down', "Lift the chest a hand's width", 'Hold two, lower slowly'],
      faults: [{ see: 'Throwing the chest up', say: 'Lower and slower; no pinch in the back.' }],
      cautions: ['No forced arch; after it, rest folded on the knees.'],
      keyframes: [
        { name: 'down', base: 'prone', change: { shoulder: -8 }, on: ['chest', 'seat', 'insteps'] },
        { name: 'up', base: 'prone', change: { trunk: -24, shoulder: -14, neck: -6 }, on: ['seat', 'insteps'] },
      ],
    },
  ],
);
