import { family } from '../variant';

export default family(
  'neck-hold',
  {
    blocks: ['prevention'],
    pattern: 'neck-flexion',
    planes: ['sagittal'],
    position: 'both-feet',
    speed: 'slow',
    regions: ['neck'],
  },
  [
    {
      id: 'neck-hand-hold',
      name: 'Neck hold against the hand',
      otherNames: ['isometric neck'],
      purpose: 'neck ready for knocks and falls',
      jointActions: ['neck flexion holding', 'neck extension holding'],
      dose: '2x15s r20',
      cues: ['Hand on the forehead, then behind', 'Push gently, nothing moves', 'Keep breathing'],
      faults: [{ see: 'Head moves or jaw clenches', say: 'Half the push.' }],
      cautions: ['Never forced, never bent back beyond neutral; dizziness: stop.'],
      keyframes: [
        { name: 'front', base: 'standing', change: { near: { shoulder: 100, elbow: 132 } }, on: ['feet'] },
        { name: 'press', base: 'standing', change: { neck: 6, near: { shoulder: 104, elbow: 130 } }, on: ['feet'] },
      ],
    },
  ],
);
