import { family } from './family';
import { frame } from './frame';
import { steps } from './kit-groups';

export default family(
  'lunge',
  {
    pattern: 'knee-dominant',
    planes: ['sagittal'],
    position: 'split',
    side: 'single',
    load: { place: 'hands', source: 'weight', required: false, hands: 2 },
    jointActions: ['knee extension lengthening', 'knee extension shortening', 'hip extension shortening'],
    faults: [{ see: 'Front knee falls in', say: 'Shorter step; knee over the second toe.' }],
  },
  [
    {
      id: 'reverse-lunge',
      name: 'Reverse lunge',
      otherNames: ['backward lunge', 'step-back lunge'],
      standing: 3,
      blocks: ['strength'],
      purpose: 'one leg brakes and drives, kind to the knee',
      level: 'beginner',
      dose: '3x8/side 2-0-1 rir2 r60',
      cues: ['Step back and sink straight down', 'Weight on the front foot', 'Push up with the front leg'],
      keyframes: [
        frame('tall', 'standing', 'near.foot', { hip: 4, knee: 4, far: { hip: 10, knee: 50 } }),
        frame('stepped', 'standing', 'near.foot far.toes', {
          lean: 8,
          near: { hip: 38, knee: 32, ankle: 8 },
          far: { hip: -22, knee: 22, ankle: 24 },
        }),
        frame('back', 'standing', 'near.foot far.toes', {
          lean: 16,
          near: { hip: 92, knee: 82, ankle: 12 },
          far: { hip: -8, knee: 80, ankle: 10 },
        }),
      ],
    },
    {
      id: 'forward-lunge',
      name: 'Forward lunge',
      otherNames: ['front lunge', 'stopping lunge', 'walking-style lunge', 'step-forward lunge'],
      standing: 3,
      blocks: ['strength'],
      purpose: 'brakes the body as in a stop',
      level: 'intermediate',
      dose: '3x8/side 1-1-1 rir2 r60',
      cues: ['Take a long step and brake', 'Front knee over the toes, chest up', 'Push back to where you started'],
      keyframes: [
        frame('tall', 'standing', 'feet', { hip: 2, knee: 2 }),
        frame('down', 'standing', 'near.foot* far.toes', {
          lean: 12,
          near: { hip: 96, knee: 88, ankle: 12 },
          far: { hip: -14, knee: 70, ankle: 12 },
        }),
      ],
    },
    {
      id: 'sliding-reverse-lunge',
      name: 'Sliding reverse lunge',
      otherNames: ['towel slide lunge', 'slider lunge', 'sliding lunge backwards'],
      standing: 2,
      blocks: ['strength'],
      purpose: 'front leg works all the way, no push from behind',
      level: 'intermediate',
      needs: { kit: [['towel']], slidingFloor: true },
      prop: 'towel',
      dose: '3x8/side 3-0-1 rir2 r60',
      cues: ['Back foot slides on the towel', 'Front leg does the work', 'Pull the towel back smoothly'],
      keyframes: [
        frame('tall', 'standing', 'near.foot far.toes*', { hip: 10, knee: 14, shoulder: 20, elbow: 60 }),
        frame('slid', 'standing', 'near.foot far.toes*', {
          lean: 28,
          near: { hip: 104, knee: 84, ankle: 16 },
          far: { hip: -16, knee: 46, ankle: 16 },
          shoulder: 40,
          elbow: 70,
        }),
      ],
    },
    {
      id: 'front-foot-raised-split-squat',
      name: 'Front-foot-elevated split squat',
      otherNames: ['deficit split squat', 'split squat, front foot raised'],
      standing: 2,
      blocks: ['strength'],
      purpose: 'deeper hip on the front leg',
      level: 'intermediate',
      needs: { kit: [steps] },
      dose: '3x8/side 3-1-1 rir2 r60',
      cues: ['Front foot on the step', 'Sink until the back knee is low', 'Push through the whole front foot'],
      keyframes: [
        frame('tall', 'standing', 'near.foot@step far.toes', {
          near: { hip: 30, knee: 12 },
          far: { hip: -14, knee: 14, ankle: 20 },
        }),
        frame('low', 'standing', 'near.foot@step far.toes', {
          lean: 10,
          near: { hip: 106, knee: 102, ankle: 24 },
          far: { hip: -6, knee: 92, ankle: 20 },
        }),
      ],
    },
    {
      id: 'split-squat-hold',
      name: 'Isometric split squat',
      otherNames: ['lunge hold', 'isometric lunge', 'split squat hold'],
      standing: 2,
      blocks: ['strength', 'prevention'],
      purpose: 'thigh and hip hold low, no movement, no noise',
      speed: 'slow',
      dose: '3x20s/side r30',
      cues: ['Sink into the lunge and stay', 'Back knee a hand above the floor', 'Front heel down, breathe'],
      jointActions: ['knee extension holding', 'hip extension holding'],
      keyframes: [
        frame('hold', 'standing', 'near.foot far.toes', {
          near: { hip: 76, knee: 80 },
          far: { hip: -10, knee: 74, ankle: 20 },
          shoulder: 20,
          elbow: 60,
        }),
        frame('hold, lower', 'standing', 'near.foot far.toes', {
          near: { hip: 82, knee: 86 },
          far: { hip: -8, knee: 80, ankle: 20 },
          shoulder: 20,
          elbow: 60,
        }),
      ],
    },
  ],
);
