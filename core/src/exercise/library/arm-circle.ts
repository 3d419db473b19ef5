import { family } from '../variant';
import { frame } from './frame';

export default family(
  'arm-circle',
  {
    pattern: 'mobility',
    planes: ['sagittal', 'frontal'],
    position: 'both-feet',
    blocks: ['mobilise', 'raise'],
    regions: ['shoulder'],
    jointActions: ['shoulder flexion shortening', 'shoulder extension shortening'],
    cues: ['Big and slow first', 'Ribs stay down', 'Easy breath'],
    faults: [{ see: 'Back arches', say: 'Smaller circles.' }],
  },
  [
    {
      id: 'arm-circle',
      name: 'Arm circles',
      otherNames: ['arm swings'],
      purpose: 'shoulders warm through the whole range',
      dose: '1x10',
      keyframes: [
        frame('down', 'standing', 'feet', { shoulder: -30 }),
        frame('front', 'standing', 'feet', { shoulder: 90 }),
        frame('up', 'standing', 'feet', { shoulder: 182 }),
      ],
    },
    {
      id: 'stick-pass-over',
      name: 'Stick pass-over',
      otherNames: ['shoulder dislocates', 'broomstick pass-through'],
      purpose: 'shoulder range with a guide in both hands',
      level: 'beginner',
      needs: { kit: [['stick', 'towel', 'band-long']] },
      prop: 'stick',
      speed: 'slow',
      dose: '1x8 2-0-2',
      cues: ['Wide grip', 'Arms straight, up and over', 'Only as far as it is easy'],
      cautions: ['Shoulder that has slipped out before: only to overhead.'],
      keyframes: [
        frame('front', 'standing', 'feet', { shoulder: 30 }),
        frame('up', 'standing', 'feet', { shoulder: 178 }),
        frame('behind', 'standing', 'feet', { shoulder: 194 }),
      ],
    },
    {
      id: 'wrist-rock',
      name: 'Wrist rock on all fours',
      otherNames: ['wrist mobility', 'wrist rocks'],
      purpose: 'wrists ready to carry weight',
      position: 'kneeling',
      speed: 'slow',
      blocks: ['mobilise'],
      regions: ['wrist'],
      jointActions: ['wrist extension lengthening'],
      dose: '1x10 2-1-2',
      cues: ['Hands flat, fingers forwards', 'Rock the weight over the hands', 'Then fingers to the knees'],
      faults: [{ see: 'Palms lift', say: 'Less far.' }],
      keyframes: [
        frame('back', 'all fours', 'knees insteps hands', { lean: 84, hip: 98, knee: 102, shoulder: 92 }),
        frame('forward', 'all fours', 'knees insteps hands', { lean: 86, hip: 76, knee: 80, shoulder: 72 }),
      ],
    },
  ],
);
