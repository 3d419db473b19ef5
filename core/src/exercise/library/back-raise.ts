import { family } from '../variant';
import { frame } from './frame';

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
    {
      id: 'hands-at-head-back-raise',
      name: 'Lying back raise, hands at the head',
      otherNames: ['prisoner back extension'],
      purpose: 'back of the trunk with a longer lever',
      level: 'beginner',
      dose: '2x8 2-2-2 r30',
      cues: ['Elbows wide, eyes down', "Lift the chest a hand's width", 'Hold two, lower slowly'],
      faults: [{ see: 'Neck bends back', say: 'Nose to the floor.', shown: { change: { neck: -46 } } }],
      cautions: ['No forced arch; after it, rest folded on the knees.'],
      keyframes: [
        { name: 'down', base: 'prone', change: { shoulder: 184, elbow: 140 }, on: ['chest', 'seat', 'insteps'] },
        {
          name: 'up',
          base: 'prone',
          change: { trunk: -24, shoulder: 184, elbow: 140, neck: -6 },
          on: ['seat', 'insteps'],
        },
      ],
    },
    {
      id: 'edge-back-raise',
      name: 'Back raise over the edge',
      otherNames: ['sofa back extension', 'hip-edge extension'],
      purpose: 'the whole trunk hangs and is lifted',
      level: 'advanced',
      needs: { kit: [['sofa', 'bench']], anchors: ['feet', 'partner'] },
      jointActions: ['trunk extension holding', 'hip extension shortening'],
      regions: ['lower-back+high', 'hamstring', 'hip'],
      dose: '3x8 3-1-1 rir3 r60',
      cues: ['Hips on the edge, ankles held', 'One line at the top, never beyond', 'Three seconds down'],
      faults: [{ see: 'Back arches above the line', say: 'Stop level.', shown: { change: { trunk: -34, hip: -10 } } }],
      cautions: ['Ankles held so that they cannot slip. Back pain: leave out.'],
      keyframes: [
        frame('hanging', 'prone', 'seat@sofa knees@sofa insteps@sofa!', {
          lean: 106,
          hip: 16,
          shoulder: 60,
          elbow: 120,
        }),
        frame('level', 'prone', 'seat@sofa knees@sofa insteps@sofa!', { lean: 90, hip: 0, shoulder: 60, elbow: 120 }),
      ],
    },
  ],
);
