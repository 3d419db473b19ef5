import { family } from './family';
import { frame } from './frame';
import { longBands } from './kit-groups';

export default family(
  'pull-through',
  {
    pattern: 'hip-dominant',
    planes: ['sagittal'],
    position: 'both-feet',
    needs: { kit: [longBands], anchors: ['door-low', 'post', 'partner'] },
    load: { place: 'hands', source: 'band', required: true, hands: 2 },
    line: { from: 'hands', to: [-0.6, 0.12] },
    jointActions: ['hip extension shortening', 'trunk extension holding'],
    faults: [{ see: 'Arms lift the band', say: 'Loose arms; the hips throw them.' }],
  },
  [
    {
      id: 'band-pull-through',
      name: 'Band pull-through',
      otherNames: ['band hip drive'],
      standing: 2,
      blocks: ['activate', 'strength'],
      purpose: 'hip drive forwards, no weight needed',
      level: 'beginner',
      dose: '3x12 2-0-1 rir2 r45',
      cues: ['Face away, band between the legs', 'Hips back, then stand tall', 'Arms stay long, glutes finish it'],
      keyframes: [
        frame('folded', 'standing', 'feet', { lean: 70, hip: 90, knee: 26, shoulder: 34, neck: -10 }),
        frame('tall', 'standing', 'feet', { lean: -2, hip: 2, knee: 8, shoulder: 20 }),
      ],
    },
    {
      id: 'band-pull-through-fast',
      name: 'Fast band pull-through',
      otherNames: ['band hip snap'],
      standing: 2,
      purpose: 'hip snap, as at the end of a stride',
      level: 'intermediate',
      speed: 'fast',
      blocks: ['power'],
      dose: '4x5 2-0-X r60',
      cues: ['Hips far back, wait', 'Snap the hips forward', 'Slow back, fast out'],
      keyframes: [
        frame('folded', 'standing', 'feet', { lean: 60, hip: 82, knee: 28, shoulder: 34, neck: -10 }),
        frame('tall', 'standing', 'feet', { lean: -4, hip: -2, knee: 4, shoulder: 26 }),
      ],
    },
  ],
);
