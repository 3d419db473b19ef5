import { family } from './family';
import { bothSides } from './frame';

export default family(
  'burpee',
  {
    pattern: 'pulse',
    planes: ['sagittal'],
    position: 'hands-and-feet',
    speed: 'fast',
    jointActions: ['hip extension shortening', 'knee extension stretch-shortening', 'shoulder flexion shortening'],
  },
  [
    {
      id: 'mountain-run',
      name: 'Mountain climber',
      otherNames: ['plank knee drive', 'running plank', 'Mountain run'],
      standing: 2,
      blocks: ['raise', 'finisher'],
      purpose: 'pulse up, trunk held',
      regions: ['hip', 'shoulder', 'wrist'],
      quiet: true,
      level: 'beginner',
      dose: '3x20s! r40',
      cues: ['Plank stays level', 'Knee to the chest, quick', 'Push the floor away'],
      faults: [{ see: 'Hips bounce up', say: 'Slower, hands under the shoulders.' }],
      keyframes: bothSides(
        {
          name: 'left in',
          base: 'plank',
          change: { near: { hip: 118, knee: 126, ankle: -65 } },
          on: ['far.toes', 'hands'],
        },
        'right in',
      ),
    },
    {
      id: 'burpee',
      name: 'Burpee',
      otherNames: ['squat thrust jump'],
      standing: 2,
      blocks: ['finisher'],
      purpose: 'hard finish when the aim asks for it',
      regions: ['knee+landing', 'shoulder', 'wrist', 'lower-back'],
      level: 'intermediate',
      impactContacts: 2,
      dose: '3x8 r60',
      cues: ['Hands down, jump back', 'Plank stays straight', 'Stand up tall with a small jump'],
      faults: [{ see: 'Back sags as the feet go out', say: 'Step back instead of jumping.' }],
      cautions: ['Not with a sore back, shoulder or knee.'],
      keyframes: [
        {
          name: 'squat',
          base: 'standing',
          change: { lean: 72, hip: 140, knee: 110, ankle: 30, shoulder: 82, wrist: 80 },
          on: ['toes', 'hands'],
        },
        { name: 'plank', base: 'plank', on: ['toes*', 'hands'], fix: ['hip', 'knee'] },
        { name: 'jump', base: 'standing', change: { ankle: -35, shoulder: 170 }, on: [], airborne: 0.08 },
      ],
    },
  ],
);
