import { family } from './family';
import { frame } from './frame';

export default family(
  'partner-hip-press',
  {
    planes: ['frontal'],
    view: 'front',
    speed: 'slow',
    position: 'lying',
    needs: { partner: true },
    regions: ['hip', 'groin'],
    cautions: ['Agree on the word "stop"; the pressure grows and ends slowly.'],
  },
  [
    {
      id: 'partner-knees-apart',
      name: 'Partner-resisted hip abduction',
      otherNames: ['manual hip abduction', 'hands for a loop band', "knees apart against a partner's hands"],
      standing: 1,
      blocks: ['activate'],
      purpose: 'side of the hip ready, two hands instead of a loop',
      pattern: 'hip-abduction',
      position: 'both-feet',
      level: 'beginner',
      jointActions: ['hip abduction holding', 'hip external-rotation holding'],
      line: { from: 'knees', to: 'other', resist: 0.12 },
      dose: '3x10s r15',
      cues: ['Half squat, feet under the hips', 'Push the knees out into the hands', 'Feet stay flat'],
      faults: [{ see: 'Feet roll to the outside', say: 'Big toes down, push less.' }],
      keyframes: [
        frame('ready', 'standing', 'feet', { hip: 14, knee: 8, shoulder: 24, elbow: 60 }),
        frame('pushing', 'standing', 'feet', { hip: 22, knee: 16, shoulder: 24, elbow: 60 }),
      ],
    },
    {
      id: 'partner-knees-together',
      name: 'Partner-resisted adductor squeeze',
      otherNames: ['manual adductor squeeze', "knees together against a partner's hands"],
      standing: 1,
      blocks: ['activate', 'prevention'],
      purpose: 'the groin squeezes against a force that can be felt and told',
      pattern: 'hip-adduction',
      position: 'both-feet',
      level: 'beginner',
      jointActions: ['hip adduction holding'],
      line: { from: 'knees', to: 'other', resist: -0.12 },
      dose: '3x10s r15',
      cues: ['Half squat', "Squeeze against the partner's forearm", 'Build up over two seconds'],
      faults: [{ see: 'Breath is held', say: 'Count aloud.' }],
      cautions: ['Agree on the word "stop". Groin pain above 2 out of 10: leave out.'],
      sources: ['Thorborg 2016 (squeeze tests of the groin; value from memory)'],
      keyframes: [
        frame('ready', 'standing', 'feet', { hip: 20, knee: 14, shoulder: 24, elbow: 60 }),
        frame('squeezing', 'standing', 'feet', { hip: 16, knee: 10, shoulder: 24, elbow: 60 }),
      ],
    },
  ],
);
