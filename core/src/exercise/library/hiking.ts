import { family } from './family';
import { frame } from './frame';

export default family(
  'hiking',
  {
    standing: 0,
    sports: ['sailing'],
    planes: ['sagittal'],
    speed: 'slow',
    blocks: ['prevention', 'strength', 'trunk'],
    pattern: 'knee-dominant',
  },
  [
    {
      id: 'hiking-lean-back',
      name: 'Hiking lean-back',
      otherNames: ['hiking hold', 'hiking bench', 'sailor lean-back'],
      purpose: 'thighs and belly hold the body out over the side of the boat',
      position: 'sitting',
      level: 'intermediate',
      needs: { kit: [['sofa', 'bench', 'chair']], anchors: ['feet', 'partner'] },
      jointActions: ['hip flexion holding', 'knee extension holding', 'trunk flexion holding'],
      dose: '3x40s r60',
      cues: ['Feet hooked under, thighs on the edge', 'Lean back with a long trunk', 'Hold and work the sheet hand'],
      faults: [
        {
          see: 'Back rounds and the chin pokes out',
          say: 'Sit up more, hold longer.',
          shown: { at: 'out', change: { trunk: 34 } },
        },
      ],
      cautions: ['What holds the feet must not move. Knee or back pain: sit up more.'],
      keyframes: [
        frame(
          'up',
          'long sitting',
          'seat@sofa insteps@step!',
          { lean: -16, hip: 74, knee: 50, ankle: 0, shoulder: 50, elbow: 80 },
          { fix: ['lean'] },
        ),
        frame(
          'out',
          'long sitting',
          'seat@sofa insteps@step!',
          { lean: -46, hip: 44, knee: 46, ankle: 0, shoulder: 50, elbow: 80 },
          { fix: ['lean'] },
        ),
      ],
    },
    {
      id: 'hiking-wall-sit',
      name: 'Hiking wall sit',
      otherNames: ['leaning wall sit', 'sailor wall sit'],
      purpose: 'thighs hold bent and long at a time, as on the toe straps',
      position: 'both-feet',
      level: 'beginner',
      needs: { wall: true },
      wall: -0.3,
      jointActions: ['knee extension holding', 'trunk flexion holding'],
      dose: '3x60s r60',
      cues: [
        'Slide down the wall, heels heavy',
        'Pull with the arms as if sheeting in',
        'Change the depth every ten seconds',
      ],
      faults: [{ see: 'Hands push on the thighs', say: 'Higher up the wall, arms in front.' }],
      keyframes: [
        frame('high', 'standing', 'feet seat@wall', { hip: 62, knee: 64, ankle: 4, shoulder: 60, elbow: 60 }),
        frame('low', 'standing', 'feet seat@wall', { hip: 86, knee: 88, ankle: 2, shoulder: 50, elbow: 100 }),
      ],
    },
  ],
);
