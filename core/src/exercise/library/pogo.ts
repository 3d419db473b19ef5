import { family } from '../variant';

export default family(
  'pogo',
  { blocks: ['power', 'finisher'], pattern: 'hop', planes: ['sagittal'], position: 'both-feet', speed: 'fast' },
  [
    {
      id: 'pogo-jump',
      name: 'Stiff-ankle jumps',
      otherNames: ['pogos', 'ankle jumps'],
      purpose: 'spring in the calf for short contacts',
      regions: ['calf+high', 'ankle+landing', 'foot'],
      level: 'beginner',
      impactContacts: 1,
      dose: '3x15 X r60',
      jointActions: ['ankle extension stretch-shortening'],
      cues: ['Knees almost straight', 'Bounce off the forefoot', 'Short contact, tall body'],
      faults: [{ see: 'Heels slap or knees bend deep', say: 'Lower and quicker.' }],
      cautions: ['Sore calf or Achilles tendon: leave out.', 'Hard floor: shoes and a mat.'],
      keyframes: [
        {
          name: 'contact',
          base: 'standing',
          change: { hip: 8, knee: 14, ankle: -4, shoulder: 15, elbow: 60 },
          on: ['toes'],
          inPassing: true,
        },
        { name: 'flight', base: 'standing', change: { ankle: -38, shoulder: 25, elbow: 60 }, on: [], airborne: 0.07 },
      ],
    },
  ],
);
