import { family } from '../variant';
import { frame } from './frame';

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
      line: { from: 'head', to: [-1, 0.93], resist: 0.05 },
      dose: '2x15s r20',
      cues: ['Hand on the forehead, then behind', 'Push gently, nothing moves', 'Keep breathing'],
      faults: [{ see: 'Head moves or jaw clenches', say: 'Half the push.' }],
      cautions: ['Never forced, never bent back beyond neutral; dizziness: stop.'],
      keyframes: [
        { name: 'front', base: 'standing', change: { near: { shoulder: 100, elbow: 132 } }, on: ['feet'] },
        { name: 'press', base: 'standing', change: { neck: 6, near: { shoulder: 104, elbow: 130 } }, on: ['feet'] },
      ],
    },
    {
      id: 'lying-chin-nod',
      name: 'Lying chin nod',
      otherNames: ['deep neck flexor nod', 'chin tuck'],
      purpose: 'the small muscles in front of the neck',
      position: 'lying',
      blocks: ['activate', 'prevention'],
      jointActions: ['neck flexion holding'],
      dose: '1x8 1-5-1',
      cues: ['Small yes, chin to throat', 'Back of the head stays down', 'Jaw loose'],
      faults: [{ see: 'Head lifts', say: 'Only nod; half the force.' }],
      keyframes: [
        frame('rest', 'hook lying', 'back seat feet head', { neck: 0 }),
        frame('nod', 'hook lying', 'back seat feet head', { neck: 5 }),
      ],
    },
    {
      id: 'lying-head-lift',
      name: 'Lying head lift',
      otherNames: ['neck curl'],
      purpose: 'front of the neck for falls and contact',
      position: 'lying',
      level: 'beginner',
      jointActions: ['neck flexion shortening', 'neck flexion lengthening'],
      dose: '2x12 1-2-2 rir3 r30',
      cues: ['Chin in first', "Lift two fingers' width", 'Slow down'],
      faults: [{ see: 'Chin pokes up', say: 'Nod first, then lift.' }],
      keyframes: [
        frame('down', 'hook lying', 'back seat feet', { neck: 0 }),
        frame('up', 'hook lying', 'back seat feet', { neck: 26 }),
      ],
    },
  ],
);
