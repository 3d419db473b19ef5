import { family } from '../variant';
import { frame } from './frame';

export default family(
  'neck-extension',
  {
    pattern: 'neck-extension',
    planes: ['sagittal'],
    blocks: ['prevention'],
    speed: 'slow',
    regions: ['neck'],
    cues: ['Chin in, back of the neck long', 'Push slowly up to half', 'Never beyond straight'],
    faults: [{ see: 'Chin pokes forwards', say: 'Chin in first, less push.', shown: { change: { neck: 34 } } }],
    cautions: ['Only to neutral, never bent back, never forced; dizziness: stop.'],
  },
  [
    {
      id: 'neck-back-press',
      name: 'Head press back into the hands',
      otherNames: ['isometric neck extension'],
      purpose: 'back of the neck holds, no kit',
      position: 'both-feet',
      jointActions: ['neck extension holding'],
      line: { from: 'head', to: [1, 0.93], resist: 0.05 },
      dose: '3x10s r15',
      keyframes: [
        frame('rest', 'standing', 'feet', { neck: 4, shoulder: 122, elbow: 142 }),
        frame('press', 'standing', 'feet', { neck: -2, shoulder: 122, elbow: 142 }),
      ],
    },
    {
      id: 'prone-head-hold',
      name: 'Lying head hold over the edge',
      otherNames: ['prone neck hold'],
      purpose: 'back of the neck carries the head',
      position: 'lying',
      level: 'beginner',
      needs: { kit: [['sofa', 'bench']] },
      jointActions: ['neck extension holding'],
      dose: '3x15s r20',
      keyframes: [
        frame('hold', 'prone', 'chest@sofa seat@sofa knees@sofa', { neck: 6, shoulder: 20 }),
        frame('longer', 'prone', 'chest@sofa seat@sofa knees@sofa', { neck: -4, shoulder: 20 }),
      ],
    },
    {
      id: 'towel-neck-press',
      name: 'Neck press into a towel',
      otherNames: ['towel neck extension'],
      purpose: 'back of the neck moves against a steady pull',
      position: 'both-feet',
      level: 'intermediate',
      needs: { kit: [['towel']] },
      jointActions: ['neck extension shortening', 'neck extension lengthening'],
      line: { from: 'head', to: [0.9, 0.8], resist: 0.06 },
      dose: '2x10 3-1-3 rir3 r30',
      keyframes: [
        frame('bent', 'standing', 'feet', { neck: 30, shoulder: 80, elbow: 60 }),
        frame('straight', 'standing', 'feet', { neck: 0, shoulder: 84, elbow: 56 }),
      ],
    },
  ],
);
