import { family } from '../variant';
import { frame } from './frame';

export default family(
  'wall-sit',
  {
    blocks: ['strength', 'prevention'],
    pattern: 'knee-dominant',
    planes: ['sagittal'],
    speed: 'slow',
    needs: { wall: true },
    wall: -0.3,
    cues: ['Back flat on the wall', 'Knees over the ankles', 'Breathe all the time'],
    faults: [{ see: 'Hands push on the thighs', say: 'Cross the arms; slide up a little.' }],
    jointActions: ['knee extension holding', 'hip extension holding'],
    sources: ['Rio 2015 (isometric holds in knee tendon pain; value from memory)'],
  },
  [
    {
      id: 'wall-sit-high',
      name: 'High wall sit',
      otherNames: ['half wall sit', 'wall squat hold'],
      purpose: 'thighs hold without moving the knee',
      position: 'both-feet',
      load: { place: 'chest', source: 'weight', required: false, maxKg: 15, hands: 1 },
      dose: '3x30s r45',
      keyframes: [
        frame('sit', 'standing', 'feet seat@wall', { hip: 50, knee: 55, ankle: 5, shoulder: 40, elbow: 20 }),
        frame('settle', 'standing', 'feet seat@wall', { hip: 56, knee: 62, ankle: 6, shoulder: 40, elbow: 20 }),
      ],
    },
    {
      id: 'wall-sit',
      name: 'Wall sit',
      otherNames: ['wall chair', 'skier hold'],
      purpose: 'thighs burn through a low stance',
      position: 'both-feet',
      level: 'beginner',
      load: { place: 'chest', source: 'weight', required: false, maxKg: 15, hands: 1 },
      dose: '3x40s r60',
      keyframes: [
        frame('sit', 'standing', 'feet seat@wall', { hip: 84, knee: 86, ankle: 2, shoulder: 70, elbow: 20 }),
        frame('settle', 'standing', 'feet seat@wall', { hip: 90, knee: 90, ankle: 0, shoulder: 70, elbow: 20 }),
      ],
    },
    {
      id: 'single-leg-wall-sit',
      name: 'Single-leg wall sit',
      otherNames: ['one-leg wall sit'],
      purpose: 'one thigh holds the whole body',
      position: 'one-foot',
      side: 'single',
      level: 'intermediate',
      dose: '3x20s/side r45',
      keyframes: [
        frame('sit', 'standing', 'near.foot seat@wall', {
          hip: 76,
          knee: 80,
          shoulder: 70,
          elbow: 20,
          far: { hip: 82, knee: 30 },
        }),
        frame('settle', 'standing', 'near.foot seat@wall', {
          hip: 82,
          knee: 84,
          shoulder: 70,
          elbow: 20,
          far: { hip: 84, knee: 14 },
        }),
      ],
    },
  ],
);
