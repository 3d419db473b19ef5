import { family } from '../variant';
import { frame } from './frame';
import { loopBands } from './kit-groups';

export default family(
  'scapular-push-up',
  {
    pattern: 'scapular',
    planes: ['sagittal', 'transverse'],
    position: 'hands-and-feet',
    blocks: ['activate', 'prevention'],
    speed: 'slow',
    regions: ['shoulder', 'upper-back', 'wrist'],
    jointActions: ['scapula protraction shortening', 'trunk flexion holding'],
    cues: ['Arms stay straight', 'Let the chest sink, then push the floor away', 'Neck long'],
    faults: [{ see: 'Elbows bend', say: 'Lock them; only the blades move.' }],
  },
  [
    {
      id: 'scapular-push-up-all-fours',
      name: 'Blade push on all fours',
      otherNames: ['quadruped serratus push', 'shoulder blade push-up'],
      purpose: 'the blade learns to glide round the ribs',
      load: {
        place: 'back',
        source: 'weight',
        required: false,
        maxKg: 15,
        hands: 1,
        with: ['rucksack', 'weight-vest'],
      },
      dose: '2x12 1-1-2 r20',
      keyframes: [
        frame('sunk', 'all fours', 'knees insteps hands', { trunk: -6, neck: -6 }),
        frame('pushed', 'all fours', 'knees insteps hands', { lean: 84, trunk: 8, neck: 6 }),
      ],
    },
    {
      id: 'scapular-push-up',
      name: 'Blade push-up',
      otherNames: ['push-up plus', 'scapular push-up'],
      purpose: 'blade strong behind every push and punch',
      level: 'beginner',
      dose: '2x12 1-1-2 rir3 r30',
      keyframes: [
        frame('sunk', 'plank', 'toes hands', { trunk: -4 }, { fix: ['hip', 'knee'] }),
        frame('pushed', 'plank', 'toes hands', { trunk: 6, neck: 4 }, { fix: ['hip', 'knee'] }),
      ],
    },
    {
      id: 'forearm-wall-slide',
      name: 'Forearm wall slide with a loop',
      otherNames: ['serratus wall slide'],
      purpose: 'blades turn up while the arms hold apart',
      position: 'both-feet',
      level: 'beginner',
      needs: { kit: [loopBands], wall: true },
      load: { place: 'hands', source: 'band', required: true, hands: 2 },
      wall: 0.3,
      jointActions: [
        'scapula protraction shortening',
        'shoulder external-rotation holding',
        'shoulder flexion shortening',
      ],
      line: { from: 'hands', to: 'other' },
      dose: '2x10 2-1-2 rir3 r30',
      cues: ['Loop round the wrists, pull apart', 'Slide the forearms up', 'Lean a little into the wall'],
      keyframes: [
        frame('low', 'standing', 'feet', { lean: 4, hip: 6, shoulder: 78, elbow: 96 }),
        frame('high', 'standing', 'feet', { lean: 6, hip: 8, shoulder: 132, elbow: 46 }),
      ],
    },
  ],
);
