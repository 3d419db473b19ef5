import { family } from './family';
import { frame } from './frame';
import { longBands } from './kit-groups';

export default family(
  'turn-brake',
  {
    pattern: 'anti-rotation',
    planes: ['transverse'],
    side: 'single',
    view: 'above',
    speed: 'slow',
    regions: ['lower-back', 'shoulder'],
    jointActions: ['trunk rotation holding'],
    faults: [
      { see: 'Trunk gives in to the band', say: 'Step closer to the anchor.', shown: { change: { trunk: -24 } } },
    ],
    needs: { kit: [longBands], anchors: ['door-mid', 'post', 'partner'] },
    load: { place: 'hands', source: 'band', required: true, hands: 2 },
    line: { from: 'hands', to: [0.14, -0.75] },
  },
  [
    {
      id: 'split-press-out',
      name: 'Split-stance Pallof press',
      otherNames: ['split-stance anti-rotation press', 'split-stance band press-out'],
      standing: 2,
      blocks: ['trunk'],
      purpose: 'refuses the turn on a narrow base',
      position: 'split',
      level: 'intermediate',
      dose: '2x10/side 2-2-2 rir2 r30',
      cues: [
        'One foot ahead, side-on to the anchor',
        'Press the hands straight out',
        'Hold two seconds, nothing turns',
      ],
      keyframes: [
        frame('in', 'standing', 'feet', {
          near: { hip: 26, ankle: 2 },
          far: { hip: -24, ankle: 2 },
          shoulder: 62,
          elbow: 132,
          wrist: 60,
        }),
        frame('out', 'standing', 'feet', {
          near: { hip: 26, ankle: 2 },
          far: { hip: -24, ankle: 2 },
          shoulder: 107,
          elbow: 4,
          wrist: 90,
        }),
      ],
    },
    {
      id: 'press-out-hold',
      name: 'Pallof hold with small circles',
      otherNames: ['anti-rotation hold', 'band press-out hold, small circles'],
      standing: 2,
      blocks: ['trunk'],
      purpose: 'refuses a turn that keeps changing',
      position: 'both-feet',
      level: 'intermediate',
      dose: '3x20s/side r30',
      cues: ['Hands pressed out and held', 'Draw small circles', 'The trunk does not follow'],
      keyframes: [
        frame('out', 'standing', 'feet', { ankle: 6, shoulder: 107, elbow: 4, wrist: 90 }),
        frame('circle', 'standing', 'feet', { ankle: 6, shoulder: 105, elbow: 14, wrist: 78 }),
      ],
    },
    {
      id: 'partner-shove-hold',
      name: 'Partner anti-rotation hold',
      otherNames: ['partner anti-rotation push', 'reactive press-out', 'Shove hold, hands clasped in front'],
      standing: 1,
      blocks: ['trunk'],
      purpose: 'refuses the turn when somebody shoves the arms',
      position: 'both-feet',
      level: 'beginner',
      needs: { kit: [], anchors: [], partner: true },
      load: { place: 'hands', source: 'weight', required: false, maxKg: 5, hands: 1 },
      line: { from: 'hands', to: [0.3, -1.2], resist: 0.06 },
      dose: '3x15s/side r30',
      cues: ['Arms long, hands clasped', 'Feet wide, knees soft', 'Push back just as hard, nothing turns'],
      faults: [{ see: 'Hips or ribs give in', say: 'Bend the arms, push less.', shown: { change: { trunk: -24 } } }],
      cautions: ['Agree on the word "stop"; the push grows slowly.'],
      keyframes: [
        frame('ready', 'standing', 'feet', { ankle: 10, shoulder: 106, elbow: 6, wrist: 90 }),
        frame('holding', 'standing', 'feet', { ankle: 10, shoulder: 107, elbow: 4, wrist: 90 }),
      ],
    },
  ],
);
