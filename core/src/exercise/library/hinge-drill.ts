import { family } from '../variant';
import { frame } from './frame';
import { handWeights } from './kit-groups';

export default family(
  'hinge-drill',
  {
    pattern: 'hip-dominant',
    planes: ['sagittal'],
    position: 'both-feet',
    jointActions: ['hip extension lengthening', 'hip extension shortening', 'trunk extension holding'],
    faults: [
      {
        see: 'Knees do the work',
        say: 'Keep the shins still, seat to the wall.',
        shown: { change: { lean: 40, hip: 88, knee: 82 } },
      },
    ],
  },
  [
    {
      id: 'wall-tap-hinge',
      name: 'Hip hinge to a wall',
      otherNames: ['hip hinge drill', 'wall hinge', 'Wall-tap hinge'],
      standing: 2,
      blocks: ['activate'],
      purpose: 'learns to fold at the hip',
      needs: { wall: true },
      wall: -0.26,
      load: { place: 'chest', source: 'weight', required: false, maxKg: 15, hands: 1 },
      dose: '2x10 2-0-1 r30',
      cues: ['Stand a foot from the wall', 'Push the hips back until they touch it', 'Back flat, shins upright'],
      keyframes: [
        frame('tall', 'standing', 'feet', { knee: 8, hip: 6, shoulder: 20, elbow: 90 }),
        frame('tap', 'standing', 'feet', { lean: 46, hip: 66, knee: 24, shoulder: 40, elbow: 110 }),
      ],
    },
    {
      id: 'hands-at-head-hinge',
      name: 'Good morning, bodyweight',
      otherNames: ['good morning', 'prisoner good morning', 'Hinge, hands at the head'],
      standing: 2,
      blocks: ['activate'],
      purpose: 'back of the hip and back hold a long lever, no kit',
      level: 'beginner',
      load: { place: 'back', source: 'weight', required: false, maxKg: 20, hands: 1 },
      dose: '3x12 3-1-1 rir3 r45',
      cues: ['Fingertips at the head, elbows wide', 'Hips back, chest long', 'Come up by squeezing the glutes'],
      keyframes: [
        frame('tall', 'standing', 'feet', { knee: 8, hip: 4, shoulder: 112, elbow: 140 }),
        frame('folded', 'standing', 'feet', { lean: 70, hip: 86, knee: 20, shoulder: 112, elbow: 140, neck: -10 }),
      ],
    },
    {
      id: 'split-stance-hinge',
      name: 'Split-stance hinge',
      otherNames: [
        'kickstand hinge',
        'B-stance deadlift',
        'B-stance RDL',
        'staggered-stance deadlift',
        'Split-stance deadlift',
      ],
      standing: 2,
      purpose: 'most of the weight on one hip, the other foot steadies',
      position: 'split',
      side: 'single',
      level: 'beginner',
      blocks: ['strength'],
      load: { place: 'hands', source: 'weight', required: false, hands: 2 },
      dose: '3x8/side 3-1-1 rir2 r60',
      cues: ['Back foot a step behind, on its toes', 'Most weight on the front foot', 'Hips straight back, back flat'],
      keyframes: [
        frame('tall', 'standing', 'near.foot far.toes', { near: { hip: 6, knee: 8 }, far: { hip: -2, knee: 24 } }),
        frame('folded', 'standing', 'near.foot far.toes', {
          lean: 68,
          near: { hip: 84, knee: 22 },
          far: { hip: 64, knee: 44 },
          shoulder: 68,
          neck: -10,
        }),
      ],
    },
    {
      id: 'opposite-hand-hinge',
      name: 'Single-leg deadlift, weight in the opposite hand',
      otherNames: [
        'contralateral single-leg deadlift',
        'single-arm single-leg RDL',
        'Single-leg hinge, weight in the other hand',
      ],
      standing: 3,
      purpose: 'hip keeps the pelvis level against a turn',
      position: 'one-foot',
      side: 'single',
      level: 'intermediate',
      blocks: ['strength', 'prevention'],
      needs: { kit: [handWeights] },
      load: { place: 'far-hand', source: 'weight', required: true, maxKg: 24, hands: 1 },
      jointActions: [
        'hip extension lengthening',
        'hip extension shortening',
        'hip abduction holding',
        'trunk rotation holding',
      ],
      dose: '3x8/side 3-1-1 rir2 r60',
      cues: [
        'Weight in the hand opposite the standing leg',
        'Let it pull you, do not turn',
        'Reach down along the shin',
      ],
      sources: ['Neumann 1996 (load in the opposite hand asks more of the hip; value from memory)'],
      keyframes: [
        frame('tall', 'standing', 'near.foot', { near: { hip: 6, knee: 10 }, far: { hip: 5, knee: 60 } }),
        frame('folded', 'standing', 'near.foot', {
          lean: 72,
          near: { hip: 86, knee: 22, shoulder: 20 },
          far: { hip: -2, knee: 12, shoulder: 72 },
          neck: -12,
        }),
      ],
    },
  ],
);
