import { family } from './family';
import { frame } from './frame';
import { seats } from './kit-groups';

export default family('wind-down', { blocks: ['cool-down'], planes: ['sagittal'], pattern: 'pulse', speed: 'slow' }, [
  {
    id: 'feet-up-breathing',
    name: 'Breathing with the feet up',
    otherNames: ['90/90 breathing', 'breathing drill', 'belly breathing'],
    standing: 3,
    purpose: 'brings pulse and breath down after hard work',
    position: 'lying',
    needs: { kit: [seats] },
    jointActions: ['trunk flexion holding'],
    dose: '1x8br',
    cues: ['On your back, lower legs on the chair', 'In through the nose, belly rises', 'Breathe out twice as long'],
    faults: [{ see: 'Chest and shoulders lift first', say: 'A hand on the belly, slower.' }],
    keyframes: [
      frame('out', 'supine', 'back seat heels@chair', { hip: 88, knee: 88, ankle: 0, shoulder: 20, elbow: 30 }),
      frame('in', 'supine', 'back seat heels@chair', { hip: 88, knee: 88, ankle: 0, shoulder: 26, elbow: 34 }),
    ],
  },
  {
    id: 'easy-walk',
    name: 'Easy walk',
    otherNames: ['walk it off', 'walking cool-down'],
    standing: 2,
    purpose: 'legs keep moving while the pulse falls',
    position: 'both-feet',
    side: 'alternating',
    jointActions: ['ankle extension shortening', 'hip extension shortening'],
    dose: '1x120s!',
    cues: ['Walk up and down the room', 'Arms loose, long steps', 'Breathe until you can talk easily'],
    faults: [{ see: 'Stops and sits down at once', say: 'Keep walking for two minutes.' }],
    keyframes: [
      frame('one', 'standing', 'near.foot far.toes', {
        near: { hip: 22, knee: 6 },
        far: { hip: -16, knee: 12, ankle: 4 },
        shoulder: 10,
        elbow: 20,
      }),
      frame(
        'other',
        'standing',
        'far.foot near.toes',
        { far: { hip: 22, knee: 6 }, near: { hip: -16, knee: 12, ankle: 4 }, shoulder: 10, elbow: 20 },
        { shift: 0.2 },
      ),
    ],
  },
]);
