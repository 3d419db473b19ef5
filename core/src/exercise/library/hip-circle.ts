import { family } from './family';
import { frame } from './frame';

export default family(
  'hip-circle',
  {
    pattern: 'mobility',
    planes: ['transverse', 'frontal'],
    speed: 'slow',
    regions: ['hip'],
    jointActions: ['hip external-rotation lengthening', 'hip internal-rotation lengthening'],
    faults: [{ see: 'Trunk collapses back', say: 'Hands behind you, sit taller.' }],
  },
  [
    {
      id: 'all-fours-hip-circle',
      name: 'Quadruped hip circle',
      otherNames: ['fire hydrant circle', 'hip CARs', 'all-fours hip circle'],
      standing: 2,
      blocks: ['mobilise', 'activate'],
      purpose: 'hip travels its whole circle under control',
      position: 'kneeling',
      side: 'single',
      dose: '1x6/side 2-0-2',
      jointActions: ['hip abduction shortening', 'hip extension shortening'],
      cues: ['Back still', 'Knee draws a big circle', 'Slow, both ways'],
      keyframes: [
        frame('in', 'all fours', 'far.knee far.instep hands', { near: { hip: 112, knee: 134, ankle: -20 } }),
        frame('back', 'all fours', 'far.knee far.instep hands', { near: { hip: 40, knee: 96, ankle: -20 } }),
        frame('long', 'all fours', 'far.knee far.instep hands', { near: { hip: 4, knee: 60, ankle: -20 } }),
      ],
    },
  ],
);
