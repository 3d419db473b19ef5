import { family } from '../variant';
import { frame } from './frame';
import { longBands } from './kit-groups';

export default family(
  'band-pull-apart',
  {
    pattern: 'scapular',
    planes: ['transverse'],
    position: 'both-feet',
    blocks: ['activate', 'prevention'],
    view: 'above',
    regions: ['shoulder', 'upper-back'],
    needs: { kit: [longBands] },
    load: { place: 'hands', source: 'band', required: true, hands: 2 },
    line: { from: 'hands', to: 'other' },
    jointActions: ['scapula retraction shortening', 'shoulder extension shortening'],
    cues: ['Arms at chest height', 'Pull the band apart to the chest', 'Blades together, long neck'],
    faults: [{ see: 'Shoulders shrug', say: 'Blades down first, lighter band.' }],
  },
  [
    {
      id: 'band-pull-apart',
      name: 'Band pull-apart',
      otherNames: ['reverse fly with band'],
      purpose: 'rear shoulder against all that is done in front',
      dose: '2x15 1-1-2 rir3 r30',
      keyframes: [
        frame('front', 'standing', 'feet', { ankle: 4, shoulder: 86, wrist: 90 }),
        frame('apart', 'standing', 'feet', { ankle: 4, shoulder: 4, wrist: 90 }),
      ],
    },
    {
      id: 'band-pull-apart-fast',
      name: 'Fast band pull-apart, slow back',
      otherNames: ['quick reverse fly'],
      purpose: 'rear shoulder catches a fast arm',
      level: 'intermediate',
      speed: 'fast',
      jointActions: ['scapula retraction shortening', 'shoulder extension lengthening'],
      dose: '3x8 3-0-X rir3 r30',
      keyframes: [
        frame('front', 'standing', 'feet', { ankle: 4, shoulder: 86, wrist: 90 }),
        frame('apart', 'standing', 'feet', { ankle: 4, shoulder: -6, wrist: 90 }),
      ],
    },
  ],
);
