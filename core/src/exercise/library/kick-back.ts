import { family } from './family';
import { frame } from './frame';
import { longBands } from './kit-groups';

export default family(
  'kick-back',
  {
    pattern: 'hip-dominant',
    planes: ['sagittal'],
    side: 'single',
    jointActions: ['hip extension shortening', 'trunk extension holding'],
  },
  [
    {
      id: 'all-fours-kick-back',
      name: 'Glute kick-back on all fours',
      otherNames: ['glute kickback', 'donkey kick', 'quadruped hip extension'],
      standing: 2,
      blocks: ['activate'],
      purpose: 'glute lifts the thigh while the back stays quiet',
      position: 'kneeling',
      speed: 'slow',
      load: { place: 'ankles', source: 'weight', required: false, maxKg: 3, hands: 1, with: ['ankle-weight'] },
      dose: '2x10/side 1-2-2 r20',
      cues: [
        'Hands under shoulders, back flat',
        'Push the heel to the ceiling, knee bent',
        'Stop before the back arches',
      ],
      faults: [
        {
          see: 'Lower back sags as the leg rises',
          say: 'Lift less; belly tight.',
          shown: { at: 'up', change: { trunk: -26 } },
        },
      ],
      keyframes: [
        frame('down', 'all fours', 'far.knee far.instep hands', { near: { hip: 92, knee: 98, ankle: -70 } }),
        frame('up', 'all fours', 'far.knee far.instep hands', { near: { hip: 4, knee: 92, ankle: 10 } }),
      ],
    },
    {
      id: 'band-kick-back',
      name: 'Standing band kick-back',
      otherNames: ['band hip extension', 'cable kickback'],
      standing: 2,
      blocks: ['activate', 'prevention'],
      purpose: 'glute against a band, standing on the other leg',
      position: 'one-foot',
      level: 'beginner',
      needs: { kit: [longBands], anchors: ['door-low', 'post'] },
      load: { place: 'ankles', source: 'band', required: true, hands: 1 },
      line: { from: 'near-ankle', to: [0.7, 0.08] },
      dose: '2x12/side 1-1-2 rir2 r30',
      cues: ['Face the anchor, stand tall', 'Push the straight leg back', 'Lean and arch as little as you can'],
      faults: [
        {
          see: 'Trunk tips forward to reach further back',
          say: 'Shorter range, hold on to a chair.',
          shown: { at: 'back', change: { lean: 40, far: { hip: 44 } } },
        },
      ],
      keyframes: [
        frame('front', 'standing', 'far.foot', {
          lean: 6,
          near: { hip: 22, knee: 6 },
          far: { hip: 8 },
          shoulder: 30,
          elbow: 30,
        }),
        frame('back', 'standing', 'far.foot', {
          lean: 12,
          near: { hip: -14, knee: 8 },
          far: { hip: 14 },
          shoulder: 30,
          elbow: 30,
        }),
      ],
    },
    {
      id: 'ankle-weight-leg-back',
      name: 'Prone leg lift with ankle weights',
      otherNames: ['ankle-weight hip extension', 'lying leg lift, ankle weight'],
      standing: 2,
      blocks: ['activate', 'prevention'],
      purpose: 'glute and hamstring lift a straight leg',
      position: 'lying',
      speed: 'slow',
      needs: { kit: [['ankle-weight']] },
      load: { place: 'ankles', source: 'weight', required: true, maxKg: 3, hands: 1, with: ['ankle-weight'] },
      dose: '2x12/side 1-2-3 rir2 r20',
      cues: [
        'Face down, forehead on the hands',
        'Lift the straight leg a foot high',
        'Both hip bones stay on the floor',
      ],
      faults: [{ see: 'Hip rolls open', say: 'Lower lift, toes point down.' }],
      keyframes: [
        frame('down', 'prone', 'chest seat knees insteps', { shoulder: 176, elbow: 16 }),
        frame('up', 'prone', 'chest seat far.knee far.instep', {
          shoulder: 176,
          elbow: 16,
          near: { hip: -20, knee: 2, ankle: -40 },
        }),
      ],
    },
  ],
);
