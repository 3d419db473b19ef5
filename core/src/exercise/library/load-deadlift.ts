import { family } from './family';
import { frame } from './frame';
import { handWeights } from './kit-groups';

export default family(
  'load-deadlift',
  {
    standing: 2,
    blocks: ['strength'],
    pattern: 'hip-dominant',
    planes: ['sagittal'],
    position: 'both-feet',
    needs: { kit: [handWeights] },
  },
  [
    {
      id: 'sumo-deadlift',
      name: 'Sumo deadlift',
      otherNames: ['wide-stance deadlift', 'dumbbell deadlift'],
      purpose: 'hips, thighs and groin lift from a wide stance',
      load: { place: 'hands', source: 'weight', required: true, hands: 1 },
      jointActions: ['hip extension shortening', 'knee extension shortening', 'hip adduction shortening'],
      dose: '3x10 2-0-1 rir2 r60',
      cues: ['Feet wide, toes out, weight between the feet', 'Back flat, knees out', 'Stand up tall, glutes tight'],
      faults: [{ see: 'Knees fall in', say: 'Narrower stance, push the knees out.' }],
      keyframes: [
        frame('low', 'standing', 'feet', { lean: 42, hip: 92, knee: 76, ankle: 16, shoulder: 42 }),
        frame('tall', 'standing', 'feet', { knee: 2 }),
      ],
    },
    {
      id: 'suitcase-deadlift',
      name: 'Suitcase deadlift',
      otherNames: ['one-side deadlift', 'single-arm deadlift'],
      planes: ['sagittal', 'frontal'],
      side: 'single',
      level: 'beginner',
      purpose: 'lifts on one side without bending to it',
      load: { place: 'near-hand', source: 'weight', required: true, hands: 1 },
      jointActions: ['hip extension shortening', 'knee extension shortening', 'trunk lateral-flexion holding'],
      dose: '3x8/side 2-0-1 rir2 r45',
      cues: ['Weight beside one foot', 'Hips back and down, shoulders level', 'Stand up without leaning'],
      faults: [
        { see: 'Leans to the weight', say: 'Lighter, weight on a step.', shown: { at: 'low', change: { trunk: 26 } } },
      ],
      keyframes: [
        frame('low', 'standing', 'feet', {
          lean: 46,
          hip: 92,
          knee: 70,
          ankle: 14,
          near: { shoulder: 46 },
          far: { shoulder: 30 },
        }),
        frame('tall', 'standing', 'feet', { knee: 2 }),
      ],
    },
  ],
);
