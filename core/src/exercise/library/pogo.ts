import { family } from './family';
import { frame } from './frame';

export default family(
  'pogo',
  { blocks: ['power', 'finisher'], pattern: 'hop', planes: ['sagittal'], position: 'both-feet', speed: 'fast' },
  [
    {
      id: 'pogo-jump',
      name: 'Pogo jumps',
      otherNames: ['pogos', 'ankle jumps', 'ankle hops', 'Stiff-ankle jumps'],
      standing: 3,
      blocks: ['raise', 'power'],
      purpose: 'spring in the calf for short contacts',
      regions: ['calf+high', 'ankle+landing', 'foot'],
      level: 'beginner',
      impactContacts: 1,
      dose: '3x15 X r60',
      jointActions: ['ankle extension stretch-shortening', 'knee extension holding'],
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
    {
      id: 'single-leg-pogo',
      name: 'Single-leg pogo',
      otherNames: ['one-leg ankle hops'],
      standing: 2,
      blocks: ['power'],
      purpose: 'stiff ankle on one leg, for sprint and take-off',
      position: 'one-foot',
      side: 'single',
      level: 'advanced',
      regions: ['ankle+high+landing', 'calf+high', 'foot', 'knee+landing'],
      impactContacts: 1,
      jointActions: ['ankle extension stretch-shortening', 'knee extension holding', 'hip abduction holding'],
      cues: ['Stiff ankle', 'Quick off the floor', 'Hips level'],
      faults: [{ see: 'Heel drops', say: 'Both feet again, lower.' }],
      cautions: ['Sore calf or Achilles tendon: leave out.', 'Hard floor: shoes and a mat.'],
      dose: '3x10c/side r60',
      keyframes: [
        frame(
          'contact',
          'standing',
          'near.toes',
          { near: { knee: 12, hip: 8, ankle: -6 }, far: { hip: 20, knee: 70 }, shoulder: 10, elbow: 60 },
          { inPassing: true },
        ),
        frame(
          'flight',
          'standing',
          '',
          { near: { ankle: -30 }, far: { hip: 24, knee: 70 }, shoulder: 16, elbow: 60 },
          { airborne: 0.04 },
        ),
      ],
    },
  ],
);
