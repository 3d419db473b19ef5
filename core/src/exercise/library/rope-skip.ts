import { family } from './family';
import { frame } from './frame';

export default family(
  'rope-skip',
  {
    pattern: 'pulse',
    planes: ['sagittal'],
    position: 'both-feet',
    speed: 'fast',
    quiet: false,
    jointActions: ['ankle extension stretch-shortening'],
    regions: ['calf', 'ankle+landing', 'foot'],
    faults: [{ see: 'High kicks behind', say: 'Just clear the rope.' }],
  },
  [
    {
      id: 'air-skip',
      name: 'Ropeless skipping',
      otherNames: ['shadow skipping', 'skipping without a rope'],
      standing: 2,
      blocks: ['raise', 'finisher'],
      purpose: 'pulse and springy ankles, no kit',
      impactContacts: 1,
      dose: '3x40s! r20',
      cues: ['Turn the wrists as if there were a rope', 'Small quiet hops', 'Stay tall, elbows in'],
      keyframes: [
        frame('down', 'standing', 'toes', { hip: 6, knee: 10, ankle: -6, shoulder: 4, elbow: 80 }, { inPassing: true }),
        frame('up', 'standing', '', { ankle: -30, shoulder: 6, elbow: 84, hip: 2, knee: 4 }, { airborne: 0.03 }),
      ],
    },
    {
      id: 'rope-skip',
      name: 'Rope skipping',
      otherNames: ['jump rope', 'skipping'],
      standing: 3,
      blocks: ['raise', 'finisher'],
      purpose: 'pulse, rhythm and calves',
      level: 'beginner',
      impactContacts: 1,
      needs: { kit: [['skipping-rope']] },
      prop: 'rope',
      dose: '3x60s! r30',
      cues: ['Turn the rope from the wrists', 'Jump just high enough for the rope', 'Land on the front of the feet'],
      keyframes: [
        frame('down', 'standing', 'toes', { hip: 6, knee: 10, ankle: -6, shoulder: 4, elbow: 80 }, { inPassing: true }),
        frame('up', 'standing', '', { ankle: -30, shoulder: 6, elbow: 84, hip: 2, knee: 4 }, { airborne: 0.04 }),
      ],
    },
  ],
);
