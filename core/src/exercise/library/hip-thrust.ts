import { family } from './family';
import { frame } from './frame';
import { twoHandWeights } from './kit-groups';

export default family(
  'hip-thrust',
  {
    pattern: 'hip-dominant',
    planes: ['sagittal'],
    position: 'lying',
    needs: { kit: [['sofa', 'bench', 'chair']] },
    jointActions: ['hip extension shortening'],
    faults: [{ see: 'Lower back arches at the top', say: 'Look forwards, stop level.' }],
    sources: ['Contreras 2015 (hip thrust and squat compared; value from memory)'],
  },
  [
    {
      id: 'hip-thrust',
      name: 'Hip thrust from the sofa',
      otherNames: ['shoulders-raised bridge', 'glute thrust', 'Hip thrust'],
      standing: 3,
      blocks: ['strength'],
      purpose: 'hip drive for the first steps',
      level: 'beginner',
      load: { place: 'hips', source: 'weight', required: false, hands: 2, with: twoHandWeights },
      dose: '3x10 2-0-1 rir2 r60',
      cues: [
        'Shoulder blades on the edge, chin in',
        'Push through the heels until level',
        'Squeeze the glutes for a second',
      ],
      keyframes: [
        frame('down', 'hook lying', 'back@sofa feet', { lean: -52, hip: 66, knee: 92, neck: 20, shoulder: 20 }),
        frame(
          'up',
          'hook lying',
          'back@sofa feet',
          { lean: -88, hip: 4, knee: 92, neck: 20, shoulder: 10 },
          { fix: ['hip'] },
        ),
      ],
    },
    {
      id: 'single-leg-hip-thrust',
      name: 'Single-leg hip thrust',
      otherNames: ['one-leg shoulders-raised bridge'],
      standing: 3,
      blocks: ['strength'],
      purpose: 'hip drive one leg at a time',
      level: 'intermediate',
      side: 'single',
      load: { place: 'hips', source: 'weight', required: false, hands: 2 },
      dose: '3x8/side 2-1-1 rir2 r60',
      cues: ['One foot under the knee, the other leg up', 'Push up, both hips level', 'Lower in two seconds'],
      jointActions: ['hip extension shortening', 'trunk rotation holding'],
      keyframes: [
        frame('down', 'hook lying', 'back@sofa near.foot', {
          lean: -52,
          hip: 66,
          knee: 92,
          neck: 20,
          shoulder: 20,
          far: { hip: 92, knee: 80 },
        }),
        frame(
          'up',
          'hook lying',
          'back@sofa near.foot',
          { lean: -88, hip: 4, knee: 92, neck: 20, shoulder: 10, far: { hip: 82, knee: 90 } },
          { fix: ['hip'] },
        ),
      ],
    },
    {
      id: 'feet-and-shoulders-raised-thrust',
      name: 'Single-leg hip thrust, feet and shoulders raised',
      otherNames: [
        'double-raised single-leg hip thrust',
        'elevated single-leg hip thrust',
        'single-leg thrust between two seats',
      ],
      standing: 1,
      blocks: ['strength'],
      purpose: 'hip drive of one leg through its whole range',
      level: 'advanced',
      side: 'single',
      needs: {
        kit: [
          ['sofa', 'bench', 'chair'],
          ['chair', 'bench', 'step'],
        ],
      },
      load: { place: 'hips', source: 'weight', required: false, hands: 2 },
      regions: ['hip+high', 'hamstring+high'],
      dose: '3x6/side 3-1-1 rir2 r75',
      jointActions: ['hip extension shortening', 'knee flexion holding'],
      cues: ['Heel on the second seat, hip below both', 'Push the heel down, ribs stay low', 'Pelvis level at the top'],
      cautions: ['Both seats against a wall or held: they must not slide.'],
      keyframes: [
        frame('down', 'hook lying', 'back@sofa near.heel@chair', {
          lean: -56,
          hip: 74,
          knee: 60,
          neck: 20,
          shoulder: 20,
          far: { hip: 100, knee: 84 },
        }),
        frame('up', 'hook lying', 'back@sofa near.heel@chair', {
          lean: -86,
          hip: 8,
          knee: 34,
          neck: 20,
          shoulder: 10,
          far: { hip: 84, knee: 90 },
        }),
      ],
    },
  ],
);
