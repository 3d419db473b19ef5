import { family } from './family';
import { frame } from './frame';
import { longBands, loopBands } from './kit-groups';

export default family(
  'hip-flexion',
  {
    pattern: 'trunk-flexion',
    planes: ['sagittal'],
    blocks: ['activate', 'prevention'],
    needs: { kit: [[...loopBands, ...longBands]] },
  },
  [
    {
      id: 'psoas-march',
      name: 'Psoas march with a loop band',
      otherNames: ['banded dead bug march', 'lying band march'],
      standing: 2,
      purpose: 'hip flexors pull the knee up while the back stays flat',
      position: 'lying',
      side: 'alternating',
      speed: 'slow',
      level: 'beginner',
      load: { place: 'ankles', source: 'band', required: true, hands: 1 },
      line: { from: 'near-foot', to: { place: 'far-hand' } },
      jointActions: ['hip flexion shortening', 'trunk flexion holding'],
      dose: '2x8/side 2-1-2 r30',
      cues: [
        'Band round both feet, knees over hips',
        'Push one leg long, the other knee stays',
        'Back pressed to the floor',
      ],
      faults: [{ see: 'The held knee drifts away', say: 'Lighter band, shorter push.' }],
      keyframes: [
        frame('both up', 'supine', 'back seat', { hip: 92, knee: 92, ankle: 10, shoulder: 20, elbow: 10 }),
        frame('one long', 'supine', 'back seat', {
          near: { hip: 98, knee: 96, ankle: 12 },
          far: { hip: 22, knee: 10, ankle: 6 },
          shoulder: 20,
          elbow: 10,
        }),
      ],
    },
    {
      id: 'band-hip-flexion',
      name: 'Standing band hip flexion',
      otherNames: ['standing hip flexion', 'band knee drive', 'hip flexor march with a band'],
      standing: 3,
      blocks: ['activate', 'prevention', 'strength'],
      purpose: 'knee drive of the sprint and the kick, groin and hip flexor',
      position: 'one-foot',
      side: 'single',
      level: 'beginner',
      needs: { kit: [longBands], anchors: ['door-low', 'post'] },
      load: { place: 'ankles', source: 'band', required: true, hands: 1 },
      line: { from: 'near-foot', to: [-0.7, 0.1] },
      jointActions: ['hip flexion shortening', 'hip flexion lengthening', 'hip abduction holding'],
      dose: '2x10/side 1-1-3 rir2 r30',
      cues: [
        'Band round the foot, back to the anchor',
        'Drive the knee to hip height',
        'Let it back in three seconds, stand tall',
      ],
      faults: [
        {
          see: 'Trunk leans back to lift the leg',
          say: 'Lower the knee, hold on to something.',
          shown: { at: 'drive', change: { lean: -20 } },
        },
      ],
      keyframes: [
        frame('back', 'standing', 'far.foot', { near: { hip: -14, knee: 50, ankle: -10 }, shoulder: 10, elbow: 40 }),
        frame('drive', 'standing', 'far.foot', { near: { hip: 92, knee: 94, ankle: 6 }, shoulder: 16, elbow: 60 }),
      ],
    },
  ],
);
