import { family } from '../variant';
import { frame } from './frame';

export default family(
  'cross-lunge',
  {
    blocks: ['strength', 'prevention'],
    pattern: 'knee-dominant',
    planes: ['frontal'],
    view: 'front',
    side: 'single',
    jointActions: ['hip abduction lengthening', 'hip adduction shortening', 'knee extension shortening'],
    cues: ['Weight on the bent leg', 'Knee follows the toes', 'Push back to the middle'],
    faults: [{ see: 'Heel of the bent leg lifts', say: 'Less deep.' }],
  },
  [
    {
      id: 'deep-side-squat',
      name: 'Deep side squat',
      otherNames: ['cossack squat'],
      purpose: 'groin long and strong, low under an opponent',
      position: 'both-feet',
      level: 'advanced',
      dose: '2x6/side 3-1-1 rir2 r60',
      keyframes: [
        frame('wide', 'standing', 'far.foot near.foot*', {
          near: { hip: 30 },
          far: { hip: 30 },
          shoulder: 40,
          elbow: 90,
        }),
        frame(
          'low',
          'standing',
          'far.foot near.foot*',
          { lean: 12, near: { hip: 92, knee: 120 }, far: { hip: 62, knee: 0 }, shoulder: 40, elbow: 90 },
          { inPassing: true },
        ),
      ],
    },
    {
      id: 'sliding-side-lunge',
      name: 'Sliding side lunge',
      otherNames: ['towel side lunge'],
      purpose: 'groin pulls the leg back in, as in a side step',
      position: 'one-foot',
      level: 'intermediate',
      pattern: 'hip-adduction',
      needs: { kit: [['towel']], slidingFloor: true },
      prop: 'towel',
      dose: '3x6/side 3-0-1 rir2 r60',
      keyframes: [
        frame('narrow', 'standing', 'near.foot far.foot*', { hip: 6, shoulder: 30, elbow: 60 }),
        frame(
          'slid',
          'standing',
          'near.foot far.foot*',
          { lean: 10, near: { hip: 30, knee: 46 }, far: { hip: 46, knee: 0 }, shoulder: 30, elbow: 60 },
          { inPassing: true },
        ),
      ],
    },
    {
      id: 'cross-behind-lunge',
      name: 'Cross-behind lunge',
      otherNames: ['curtsy lunge'],
      purpose: 'side of the hip brakes across the body',
      position: 'split',
      level: 'intermediate',
      dose: '3x8/side 2-0-1 rir2 r60',
      keyframes: [
        frame(
          'tall',
          'standing',
          'near.foot',
          { near: { hip: 2 }, far: { hip: 4, knee: 8 }, shoulder: 30, elbow: 70 },
          { inPassing: true },
        ),
        frame(
          'crossed',
          'standing',
          'near.foot',
          { lean: 6, near: { hip: 14, knee: 20 }, far: { hip: -34, knee: -42 }, shoulder: 30, elbow: 70 },
          { inPassing: true },
        ),
      ],
    },
  ],
);
