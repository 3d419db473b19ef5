import { family } from '../variant';

export default family(
  'adductor',
  {
    blocks: ['prevention'],
    pattern: 'hip-adduction',
    planes: ['frontal'],
    view: 'front',
    side: 'single',
    position: 'lying',
  },
  [
    {
      id: 'side-lying-inner-raise',
      name: 'Side-lying inner raise',
      otherNames: ['lying adduction'],
      purpose: 'groin, no kit',
      regions: ['groin'],
      speed: 'slow',
      jointActions: ['hip adduction shortening'],
      dose: '2x12/side 2-1-2 rir3 r30',
      harder: 'adductor-side-hold',
      cues: ['Lower leg long, heel leads', 'Lift, pause, lower', 'Top foot rests in front'],
      faults: [{ see: 'Body rolls back', say: 'Hand on the floor in front.' }],
      keyframes: [
        {
          name: 'down',
          base: 'side lying',
          change: { near: { shoulder: 172, hip: 0 }, far: { shoulder: 5, elbow: 30, hip: 18, knee: 42 } },
          on: ['near.hip-side', 'near.shoulder-side', 'near.instep'],
        },
        {
          name: 'up',
          base: 'side lying',
          change: { near: { shoulder: 172, hip: -14 }, far: { shoulder: 5, elbow: 30, hip: 18, knee: 42 } },
          on: ['near.hip-side', 'near.shoulder-side'],
        },
      ],
    },
    {
      id: 'adductor-side-hold',
      name: 'Adductor side raise on a chair',
      otherNames: ['Copenhagen adduction', 'inner-thigh side plank'],
      purpose: 'groin brakes the side cut',
      regions: ['groin+high', 'shoulder'],
      level: 'intermediate',
      needs: { kit: [['chair', 'sofa', 'bench']] },
      speed: 'slow',
      jointActions: ['hip adduction lengthening', 'trunk lateral-flexion holding'],
      dose: '2x6/side 3-1-1 rir3 r45',
      easier: 'side-lying-inner-raise',
      cues: ['Top leg on the seat, knee or shin', 'Body in one line', 'Three seconds down'],
      faults: [{ see: 'Hips sag towards the floor', say: 'Rest the top knee, not the foot, on the seat.' }],
      cautions: ['Chair against a wall; start with the knee supported.', 'Groin pain above 2: leave out.'],
      sources: ['Haroy 2019'],
      keyframes: [
        {
          name: 'low',
          base: 'side lying',
          change: { lean: 82, near: { shoulder: 84, elbow: 88, hip: 4 }, far: { shoulder: 4, elbow: 20, hip: 20 } },
          on: ['near.forearm', 'far.instep@chair', 'near.instep'],
        },
        {
          name: 'high',
          base: 'side lying',
          change: { lean: 92, near: { shoulder: 92, elbow: 88, hip: -6 }, far: { shoulder: 4, elbow: 20, hip: 0 } },
          on: ['near.forearm', 'far.instep@chair'],
        },
      ],
    },
  ],
);
