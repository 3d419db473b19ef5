import { family } from '../variant';
import { steps } from './kit-groups';

export default family(
  'landing',
  { blocks: ['power', 'prevention'], pattern: 'landing', planes: ['sagittal'], position: 'both-feet', speed: 'fast' },
  [
    {
      id: 'snap-down',
      name: 'Snap down',
      otherNames: ['drop squat', 'quick drop'],
      purpose: 'catching the body quietly, feet never leave by much',
      blocks: ['power', 'balance'],
      regions: ['knee', 'ankle', 'hip'],
      quiet: true,
      dose: '2x6 X r30',
      harder: 'drop-and-stick',
      jointActions: ['knee extension lengthening', 'hip extension lengthening'],
      cues: ['Tall on the toes, arms up', 'Drop under yourself', 'Freeze: chest over knees over toes'],
      faults: [{ see: 'Still moving after the catch', say: 'Slower drop, freeze for two.' }],
      keyframes: [
        { name: 'tall', base: 'standing', change: { ankle: -25, shoulder: 165 }, on: ['toes'], inPassing: true },
        {
          name: 'catch',
          base: 'athletic stance',
          change: { lean: 40, hip: 82, knee: 72, ankle: 24, shoulder: -15, elbow: 20 },
          on: ['feet'],
          inPassing: true,
        },
      ],
    },
    {
      id: 'drop-and-stick',
      name: 'Drop from a step and stick',
      otherNames: ['depth landing', 'step-off landing'],
      purpose: 'calf and thigh absorb the landing',
      regions: ['knee+high+landing', 'ankle+landing', 'hip'],
      level: 'intermediate',
      impactContacts: 1,
      needs: { kit: [steps] },
      dose: '3x4 X r60',
      easier: 'snap-down',
      jointActions: ['knee extension lengthening', 'hip extension lengthening', 'ankle extension lengthening'],
      cues: ['Step off, do not jump', 'Land on both feet, soft', 'Hold two seconds'],
      faults: [{ see: 'Loud heels', say: "Land like on a sleeping child's floor." }],
      cautions: ['Step must not slide or tip; stop when landings get loud.'],
      sources: ['Olsen 2005 (neuromuscular programme in youth handball)'],
      keyframes: [
        { name: 'on the step', base: 'standing', change: { shoulder: 10 }, on: ['feet@step'] },
        {
          name: 'falling',
          base: 'standing',
          change: { hip: 18, knee: 22, ankle: -20, shoulder: 35 },
          on: [],
          airborne: 0.06,
          shift: 0.2,
        },
        {
          name: 'stick',
          base: 'athletic stance',
          change: { lean: 40, hip: 84, knee: 76, ankle: 26, shoulder: 60, elbow: 20 },
          on: ['feet'],
          inPassing: true,
          shift: 0.06,
        },
      ],
    },
  ],
);
