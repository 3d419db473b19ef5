import { family } from './family';
import { frame } from './frame';
import { longBands } from './kit-groups';

export default family(
  'band-pull-apart',
  {
    pattern: 'scapular',
    planes: ['transverse'],
    position: 'both-feet',
    view: 'above',
    regions: ['shoulder', 'upper-back'],
    needs: { kit: [longBands] },
    load: { place: 'hands', source: 'band', required: true, hands: 2 },
    line: { from: 'hands', to: 'other' },
    jointActions: ['scapula retraction shortening', 'shoulder extension shortening'],
    faults: [{ see: 'Shoulders shrug', say: 'Shoulder shoulder blades down first, lighter band.' }],
  },
  [
    {
      id: 'band-pull-apart',
      name: 'Band pull-apart',
      otherNames: ['reverse fly with band'],
      standing: 3,
      blocks: ['activate', 'prevention'],
      purpose: 'rear shoulder against all that is done in front',
      dose: '2x15 1-1-2 rir3 r30',
      cues: [
        'Straight arms at chest height',
        'Pull until the band touches the chest',
        'Squeeze the shoulder blades, shoulders low',
      ],
      keyframes: [
        frame('front', 'standing', 'feet', { ankle: 4, shoulder: 86, wrist: 90 }),
        frame('apart', 'standing', 'feet', { ankle: 4, shoulder: 4, wrist: 90 }),
      ],
    },
    {
      id: 'band-pull-apart-fast',
      name: 'Fast band pull-apart, slow back',
      otherNames: ['quick reverse fly'],
      standing: 1,
      blocks: ['prevention'],
      purpose: 'rear shoulder catches a fast arm',
      level: 'intermediate',
      speed: 'fast',
      jointActions: ['scapula retraction shortening', 'shoulder extension lengthening'],
      dose: '3x8 3-0-X rir3 r30',
      cues: [
        'Straight arms, band at chest height',
        'Snap it apart in half a second',
        'Take three seconds to come back',
      ],
      keyframes: [
        frame('front', 'standing', 'feet', { ankle: 4, shoulder: 86, wrist: 90 }),
        frame('apart', 'standing', 'feet', { ankle: 4, shoulder: -6, wrist: 90 }),
      ],
    },
  ],
);
