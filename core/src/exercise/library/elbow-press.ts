import { family } from '../variant';
import { frame } from './frame';
import { handWeights, longBands } from './kit-groups';

export default family(
  'elbow-press',
  {
    pattern: 'elbow-extension',
    planes: ['sagittal'],
    blocks: ['strength', 'prevention'],
    regions: ['elbow', 'shoulder'],
    jointActions: ['elbow extension shortening', 'elbow extension lengthening'],
    cues: ['Elbows stay where they are', 'Straighten all the way', 'Three seconds back'],
    faults: [{ see: 'Upper arm swings', say: 'Lighter; elbow still.' }],
  },
  [
    {
      id: 'narrow-knee-push-up',
      name: 'Narrow push-up on the knees',
      otherNames: ['kneeling triceps push-up'],
      purpose: 'back of the arm without kit',
      position: 'hands-and-feet',
      jointActions: ['elbow extension shortening', 'shoulder flexion shortening'],
      dose: '3x8 2-0-1 rir2 r60',
      keyframes: [
        frame('top', 'plank', 'knees hands', { knee: 90, lean: 62, shoulder: 62, ankle: -60 }, { fix: ['hip'] }),
        frame(
          'bottom',
          'plank',
          'knees hands',
          { lean: 80, knee: 80, ankle: -60, shoulder: 0, elbow: 112 },
          { fix: ['hip'] },
        ),
      ],
    },
    {
      id: 'band-push-down',
      name: 'Band push-down',
      otherNames: ['triceps pushdown'],
      purpose: 'elbow snap at the end of a throw',
      position: 'both-feet',
      level: 'beginner',
      needs: { kit: [longBands], anchors: ['door-high', 'post'] },
      load: { place: 'hands', source: 'band', required: true, hands: 2 },
      line: { from: 'hands', to: [0.28, 1.1] },
      dose: '3x12 1-1-3 rir2 r45',
      keyframes: [
        frame('bent', 'standing', 'feet', { lean: 8, hip: 14, knee: 12, shoulder: 6, elbow: 128 }),
        frame('straight', 'standing', 'feet', { lean: 8, hip: 14, knee: 12, shoulder: 2, elbow: 6 }),
      ],
    },
    {
      id: 'overhead-elbow-press',
      name: 'Overhead elbow press',
      otherNames: ['overhead triceps extension'],
      purpose: 'elbow strong above the head',
      position: 'both-feet',
      level: 'intermediate',
      needs: { kit: [handWeights] },
      load: { place: 'hands', source: 'weight', required: true, maxKg: 12, hands: 1 },
      dose: '3x10 3-0-1 rir2 r60',
      cautions: ['Sealed and held in both hands; nothing loose over the head.'],
      keyframes: [
        frame('bent', 'standing', 'feet', { shoulder: 172, elbow: 118 }),
        frame('straight', 'standing', 'feet', { shoulder: 174, elbow: 8 }),
      ],
    },
    {
      id: 'sofa-elbow-press',
      name: 'Body-weight elbow press on the sofa',
      otherNames: ['bodyweight skull crusher'],
      purpose: 'hardest elbow work without weights',
      position: 'hands-and-feet',
      level: 'advanced',
      needs: { kit: [['sofa', 'chair', 'bench']] },
      dose: '3x6 3-0-1 rir2 r75',
      keyframes: [
        frame('straight', 'plank', 'toes hands@sofa', { lean: 56, shoulder: 100, elbow: 6 }, { fix: ['hip', 'knee'] }),
        frame('bent', 'plank', 'toes hands@sofa', { lean: 54, shoulder: 90, elbow: 55 }, { fix: ['hip', 'knee'] }),
      ],
    },
  ],
);
