import { family } from './family';
import { frame } from './frame';
import { handWeights, longBands } from './kit-groups';

export default family(
  'trunk-turn',
  {
    pattern: 'rotation',
    planes: ['transverse'],
    position: 'both-feet',
    view: 'above',
    side: 'single',
    regions: ['lower-back', 'shoulder'],
    jointActions: ['trunk rotation shortening', 'trunk rotation lengthening'],
    faults: [
      {
        see: 'Only the arms swing',
        say: 'Hold the hands in front of the breastbone.',
        shown: { change: { lean: 0, trunk: 4, shoulder: 60 } },
      },
    ],
  },
  [
    {
      id: 'band-turn',
      name: 'Band trunk rotation',
      otherNames: ['standing band rotation', 'trunk rotation', 'Band turn'],
      standing: 3,
      purpose: 'turns hips and ribs one after the other, as in a throw',
      level: 'beginner',
      blocks: ['trunk'],
      needs: { kit: [longBands], anchors: ['door-mid', 'post', 'partner'] },
      load: { place: 'hands', source: 'band', required: true, hands: 2 },
      line: { from: 'hands', to: [0.2, -0.7] },
      dose: '2x10/side 1-1-2 rir2 r30',
      cues: ['Arms long in front of the chest', 'Turn ribs and arms together', 'Hips face forward, slow back'],
      keyframes: [
        frame('wound', 'standing', 'feet', { ankle: 8, lean: -28, trunk: -22, shoulder: 107, elbow: 6, wrist: 90 }),
        frame('turned', 'standing', 'feet', { ankle: 8, lean: 28, trunk: 22, shoulder: 107, elbow: 6, wrist: 90 }),
      ],
    },
    {
      id: 'band-turn-fast',
      name: 'Fast band trunk rotation',
      otherNames: ['explosive trunk rotation', 'Fast band turn'],
      standing: 2,
      purpose: 'speed from hip to hand',
      level: 'intermediate',
      speed: 'fast',
      blocks: ['power'],
      needs: { kit: [longBands], anchors: ['door-mid', 'post', 'partner'] },
      load: { place: 'hands', source: 'band', required: true, hands: 2 },
      line: { from: 'hands', to: [0.2, -0.7] },
      dose: '3x6/side X r60',
      cues: ['Arms long, feet steady', 'Turn as fast as you can to the front', 'Brake it on the way back'],
      keyframes: [
        frame('wound', 'standing', 'feet', { ankle: 10, lean: -34, trunk: -26, shoulder: 107, elbow: 10, wrist: 90 }),
        frame('turned', 'standing', 'feet', { ankle: 10, lean: 34, trunk: 26, shoulder: 107, elbow: 6, wrist: 90 }),
      ],
    },
    {
      id: 'weight-turn',
      name: 'Standing trunk rotation with a weight',
      otherNames: ['Turn with a weight held out'],
      standing: 1,
      purpose: 'trunk turns and brakes a held weight',
      level: 'intermediate',
      blocks: ['trunk'],
      side: 'alternating',
      needs: { kit: [handWeights] },
      load: { place: 'hands', source: 'weight', required: true, maxKg: 8, hands: 1 },
      dose: '3x12 1-0-1 rir3 r45',
      cues: ['Weight held out in front', 'Turn from the back foot up', 'Slow it down before you turn again'],
      keyframes: [
        frame('one side', 'standing', 'feet', { ankle: 8, lean: -24, trunk: -24, shoulder: 100, elbow: 20, wrist: 90 }),
        frame('other side', 'standing', 'feet', { ankle: 8, lean: 24, trunk: 24, shoulder: 100, elbow: 20, wrist: 90 }),
      ],
    },
  ],
);
