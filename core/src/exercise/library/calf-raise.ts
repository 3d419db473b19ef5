import { family } from '../variant';

export default family(
  'calf-raise',
  {
    blocks: ['strength', 'prevention'],
    pattern: 'calf',
    planes: ['sagittal'],
    jointActions: ['ankle extension shortening', 'ankle extension lengthening'],
    speed: 'slow',
    cues: ['Up tall over the big toe', 'Pause at the top', 'Two seconds down, full way'],
    faults: [{ see: 'Foot rolls to the outside', say: 'Press the big toe into the floor.' }],
  },
  [
    {
      id: 'calf-raise',
      name: 'Calf raise',
      otherNames: ['heel raise'],
      purpose: 'spring and brake of the lower leg',
      position: 'both-feet',
      regions: ['calf', 'ankle'],
      load: { place: 'hands', source: 'weight', required: false, hands: 2 },
      dose: '3x12 2-0-2 rir2 r30',
      harder: 'single-leg-calf-raise',
      keyframes: [
        { name: 'down', base: 'standing', on: ['feet'] },
        { name: 'up', base: 'standing', change: { ankle: -32 }, on: ['toes'] },
      ],
    },
    {
      id: 'single-leg-calf-raise',
      name: 'Single-leg calf raise',
      otherNames: ['one-leg heel raise'],
      purpose: 'the last push of take-off and the first brake of landing',
      position: 'one-foot',
      side: 'single',
      regions: ['calf+high', 'ankle'],
      level: 'beginner',
      load: { place: 'near-hand', source: 'weight', required: false, hands: 1 },
      dose: '3x10/side 2-1-2 rir2 r30',
      easier: 'calf-raise',
      cautions: ['Fingertips on a wall are allowed, pulling is not.'],
      keyframes: [
        { name: 'down', base: 'standing', change: { far: { hip: 12, knee: 70 } }, on: ['near.foot'] },
        { name: 'up', base: 'standing', change: { ankle: -32, far: { hip: 12, knee: 70 } }, on: ['near.toes'] },
      ],
    },
  ],
);
