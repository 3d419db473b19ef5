import { family } from '../variant';
import { frame } from './frame';

export default family(
  'rope-skip',
  {
    pattern: 'pulse',
    planes: ['sagittal'],
    position: 'both-feet',
    blocks: ['raise', 'finisher'],
    speed: 'fast',
    quiet: false,
    jointActions: ['ankle extension stretch-shortening'],
    regions: ['calf', 'ankle+landing', 'foot'],
    cues: ['Wrists turn, elbows in', 'Low, quiet hops', 'Tall'],
    faults: [{ see: 'High kicks behind', say: 'Just clear the rope.' }],
  },
  [
    {
      id: 'air-skip',
      name: 'Skipping without a rope',
      otherNames: ['shadow skipping'],
      purpose: 'pulse and springy ankles, no kit',
      impactContacts: 1,
      dose: '3x40s! r20',
      keyframes: [
        frame('down', 'standing', 'toes', { hip: 6, knee: 10, ankle: -6, shoulder: 4, elbow: 80 }, { inPassing: true }),
        frame('up', 'standing', '', { ankle: -30, shoulder: 6, elbow: 84, hip: 2, knee: 4 }, { airborne: 0.03 }),
      ],
    },
    {
      id: 'rope-skip',
      name: 'Rope skipping',
      otherNames: ['jump rope', 'skipping'],
      purpose: 'pulse, rhythm and calves',
      level: 'beginner',
      impactContacts: 1,
      needs: { kit: [['skipping-rope']] },
      prop: 'rope',
      dose: '3x60s! r30',
      keyframes: [
        frame('down', 'standing', 'toes', { hip: 6, knee: 10, ankle: -6, shoulder: 4, elbow: 80 }, { inPassing: true }),
        frame('up', 'standing', '', { ankle: -30, shoulder: 6, elbow: 84, hip: 2, knee: 4 }, { airborne: 0.04 }),
      ],
    },
  ],
);
