import { family } from './family';
import { frame } from './frame';

const artistic = ['dance', 'gymnastics', 'skating'];
const afterwards = 'Afterwards round the back gently. Back pain: leave out.';

export default family(
  'back-bend',
  {
    planes: ['sagittal'],
    speed: 'slow',
    pattern: 'mobility',
    jointActions: ['trunk extension shortening', 'hip flexion lengthening'],
  },
  [
    {
      id: 'prone-press-up',
      name: 'Prone press-up',
      otherNames: ['cobra', 'cobra stretch', 'back extension stretch on the hands'],
      standing: 2,
      blocks: ['mobilise', 'flexibility', 'cool-down'],
      purpose: 'extends a back that sits or leans forward all day',
      position: 'lying',
      dose: '1x8 2-2-2',
      cues: [
        'Hands beside the chest, hips stay down',
        'Press the chest up slowly',
        'Breathe out at the top, shoulders low',
      ],
      faults: [{ see: 'Hips lift off with the chest', say: 'Straighten the arms less.' }],
      cautions: ['Leg pain or tingling: stop.'],
      keyframes: [
        frame('down', 'prone', 'chest seat knees insteps hands', { shoulder: 30, elbow: 110, neck: -10 }),
        frame(
          'up',
          'prone',
          'seat knees insteps hands',
          { trunk: -44, shoulder: 66, elbow: 30, neck: -10 },
          { inPassing: true },
        ),
      ],
    },
    {
      id: 'bow-hold',
      name: 'Bow',
      otherNames: ['bow pose', 'prone ankle hold'],
      standing: 1,
      sports: artistic,
      blocks: ['flexibility'],
      purpose: 'opens hips, back and shoulders together',
      position: 'lying',
      level: 'intermediate',
      jointActions: ['hip extension shortening', 'trunk extension shortening', 'shoulder extension lengthening'],
      dose: '2x20s r20',
      cues: ['Face down, hold both ankles', 'Push the feet into the hands', 'Chest and thighs rise together'],
      faults: [{ see: 'Pulls with the arms only', say: 'Kick back; the arms stay long.' }],
      cautions: [afterwards],
      keyframes: [
        frame('held', 'prone', 'seat chest', { hip: -8, knee: 120, ankle: -30, shoulder: -40, elbow: 4 }),
        frame('bow', 'prone', 'seat', { trunk: -26, hip: -26, knee: 100, ankle: -30, shoulder: -56, elbow: 2 }),
      ],
    },
    {
      id: 'kneeling-back-bend',
      name: 'Kneeling back bend',
      otherNames: ['camel pose', 'camel', 'back-bend on the knees'],
      standing: 1,
      sports: artistic,
      blocks: ['flexibility'],
      purpose: 'second step of the back bend: hips forward, hands to the heels',
      position: 'kneeling',
      level: 'intermediate',
      dose: '2x20s r20',
      cues: [
        'Kneel tall, hips forward first',
        'Lift the chest, then lean back',
        'Hands to the hips, later to the heels',
      ],
      faults: [{ see: 'All the bend is in the low back', say: 'Hands on the hips, lift the chest higher.' }],
      cautions: [afterwards],
      keyframes: [
        frame('tall', 'tall kneeling', 'knees insteps', { hip: 0, shoulder: -10, elbow: 30 }),
        frame(
          'back',
          'tall kneeling',
          'knees insteps',
          { lean: -14, trunk: -30, hip: -16, shoulder: -44, elbow: 10, neck: -20 },
          { inPassing: true },
        ),
      ],
    },
    {
      id: 'full-back-bridge',
      name: 'Full back bridge',
      otherNames: ['backbend', 'wheel', 'gymnastic bridge', 'back bridge'],
      standing: 1,
      sports: ['gymnastics', 'dance', 'grappling-combat'],
      blocks: ['flexibility', 'strength'],
      purpose: 'last step of the back bend: shoulders, back and hips push up',
      position: 'hands-and-feet',
      level: 'advanced',
      jointActions: ['shoulder flexion holding', 'hip extension shortening', 'trunk extension holding'],
      dose: '3x10s r45',
      cues: [
        'Hands beside the ears, fingers to the feet',
        'Push up through hands and feet',
        'Straighten the arms, look at the floor',
      ],
      faults: [{ see: 'Knees splay out', say: 'Feet parallel, squeeze a cushion.' }],
      cautions: [afterwards],
      keyframes: [
        frame(
          'ready',
          'hook lying',
          'back seat feet hands',
          { hip: 60, knee: 120, shoulder: 190, elbow: 110, wrist: 80 },
          { inPassing: true },
        ),
        frame(
          'up',
          'hook lying',
          'toes hands',
          { lean: -106, trunk: -48, hip: -16, knee: 96, ankle: -20, shoulder: 190, elbow: 30, wrist: 98, neck: -20 },
          { inPassing: true },
        ),
      ],
    },
  ],
);
