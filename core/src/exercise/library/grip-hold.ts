import { family } from '../variant';
import { frame } from './frame';
import { handWeights } from './kit-groups';

export default family(
  'grip-hold',
  {
    pattern: 'grip',
    planes: ['sagittal'],
    position: 'both-feet',
    blocks: ['strength', 'prevention'],
    speed: 'slow',
    regions: ['wrist', 'elbow'],
    jointActions: ['wrist flexion holding'],
    cues: ['Shoulders down', 'Stand tall', 'Let go before it slips'],
    faults: [{ see: 'Shoulders hang forwards', say: 'Chest proud, blades back.' }],
  },
  [
    {
      id: 'fist-open-close',
      name: 'Fist and spread',
      otherNames: ['finger opens', 'hand pumps'],
      purpose: 'forearm warm and ready, no kit',
      speed: 'controlled',
      blocks: ['activate', 'prevention'],
      jointActions: ['wrist flexion shortening', 'wrist extension shortening'],
      dose: '2x30s! r15',
      cues: ['Fist tight', 'Then fingers as wide as they go', 'Arms out in front'],
      keyframes: [
        frame('fist', 'standing', 'feet', { shoulder: 84, elbow: 4, wrist: -20 }),
        frame('spread', 'standing', 'feet', { shoulder: 84, elbow: 4, wrist: 30 }),
      ],
    },
    {
      id: 'towel-wring',
      name: 'Towel wring',
      otherNames: ['towel twist'],
      purpose: 'grip and forearm turn both ways',
      speed: 'controlled',
      needs: { kit: [['towel']] },
      prop: 'stick',
      jointActions: ['wrist flexion shortening', 'wrist extension shortening'],
      dose: '3x30s! r20',
      cues: ['Wring one way, then the other', 'As if it were wet', 'Shoulders quiet'],
      keyframes: [
        frame('one way', 'standing', 'feet', {
          near: { shoulder: 50, elbow: 50, wrist: 30 },
          far: { shoulder: 50, elbow: 50, wrist: -30 },
        }),
        frame('other way', 'standing', 'feet', {
          near: { shoulder: 50, elbow: 50, wrist: -30 },
          far: { shoulder: 50, elbow: 50, wrist: 30 },
        }),
      ],
    },
    {
      id: 'bag-hold',
      name: 'Two-bag hold',
      otherNames: ['farmer hold', 'static carry'],
      purpose: 'grip and posture under load',
      level: 'beginner',
      needs: { kit: [handWeights] },
      load: { place: 'hands', source: 'weight', required: true, hands: 2 },
      jointActions: ['wrist flexion holding', 'scapula retraction holding'],
      dose: '3x30s r45',
      keyframes: [
        frame('hold', 'standing', 'feet', { shoulder: 2 }),
        frame('taller', 'standing', 'feet', { shoulder: 0, neck: -4 }),
      ],
    },
    {
      id: 'pinch-hold',
      name: 'Book pinch hold',
      otherNames: ['plate pinch'],
      purpose: 'thumb and fingers hold, for ball, shaft and sleeve',
      level: 'intermediate',
      side: 'single',
      needs: { kit: [['plate', 'rucksack', 'paint-tin']] },
      load: { place: 'near-hand', source: 'weight', required: true, maxKg: 10, hands: 1 },
      dose: '3x20s/side r30',
      keyframes: [
        frame('hold', 'standing', 'feet', { near: { shoulder: 4 } }),
        frame('hold on', 'standing', 'feet', { near: { shoulder: 2 }, neck: -4 }),
      ],
    },
    {
      id: 'fingertip-plank',
      name: 'Fingertip lean on the knees',
      otherNames: ['fingertip plank'],
      purpose: 'fingers carry weight, no kit',
      position: 'hands-and-feet',
      level: 'intermediate',
      dose: '3x15s r30',
      cues: ['Fingers wide and domed', 'Weight over the hands', 'Stop when they flatten'],
      keyframes: [
        frame('hold', 'plank', 'knees hands', { knee: 90, lean: 58, shoulder: 58, ankle: -60 }, { fix: ['hip'] }),
        frame('lean', 'plank', 'knees hands', { knee: 84, lean: 62, shoulder: 68, ankle: -60 }, { fix: ['hip'] }),
      ],
    },
  ],
);
