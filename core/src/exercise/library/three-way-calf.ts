import { family } from './family';
import { frame } from './frame';

export default family(
  'three-way-calf',
  { blocks: ['strength', 'prevention'], pattern: 'calf', planes: ['sagittal', 'frontal'], position: 'both-feet' },
  [
    {
      id: 'three-way-calf-raise',
      name: 'Three-way calf raise',
      otherNames: ['calf raise toes in, out, straight', '3-way calf raise'],
      standing: 2,
      purpose: 'calf and small foot muscles from three foot angles',
      jointActions: ['ankle extension shortening', 'ankle extension lengthening'],
      load: { place: 'hands', source: 'weight', required: false, maxKg: 30, hands: 2 },
      dose: '2x15 1-1-2 rir2 r30',
      cues: ['Five with toes straight, five in, five out', 'Rise over the big toe each time', 'Lower slowly'],
      faults: [{ see: 'Rolls to the little toe when turned out', say: 'Smaller turn, big toe pressed down.' }],
      keyframes: [
        frame('down', 'standing', 'feet', { shoulder: 10 }),
        frame('up', 'standing', 'toes', { ankle: -34, shoulder: 10 }),
      ],
    },
  ],
);
