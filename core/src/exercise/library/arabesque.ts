import { family } from './family';
import { frame } from './frame';
import { longBands, loopBands } from './kit-groups';

const artistic = ['dance', 'gymnastics', 'skating'];
const low = { lean: 16, near: { hip: 20, knee: 2 }, far: { hip: -16, knee: 2, ankle: -50 }, shoulder: 70, elbow: 10 };
const high = {
  lean: 34,
  near: { hip: 38, knee: 4, ankle: 2 },
  far: { hip: -26, knee: 2, ankle: -50 },
  shoulder: 100,
  elbow: 6,
};

export default family(
  'arabesque',
  {
    pattern: 'trunk-extension',
    planes: ['sagittal'],
    position: 'one-foot',
    side: 'single',
    speed: 'slow',
    standing: 0,
    sports: artistic,
    blocks: ['flexibility', 'balance', 'technique'],
    jointActions: ['hip extension holding', 'trunk extension holding', 'hip abduction holding'],
  },
  [
    {
      id: 'arabesque-hold',
      name: 'Arabesque hold',
      otherNames: ['arabesque', 'scale', 'standing scale hold'],
      purpose: 'leg lifted behind, trunk tall: strength at the end of the range',
      level: 'beginner',
      dose: '3x15s/side r20',
      cues: [
        'Stand tall, leg straight behind you',
        'Lift it from the glute, knee to the floor or out',
        'Chest up, hips level',
      ],
      faults: [{ see: 'Hip opens to lift higher', say: 'Lower the leg, keep the hips square.' }],
      keyframes: [frame('low', 'standing', 'near.foot', low), frame('high', 'standing', 'near.foot', high)],
    },
    {
      id: 'arabesque-ankle-weight-pulses',
      name: 'Arabesque pulses with an ankle weight',
      otherNames: ['arabesque pulses', 'ankle-weight arabesque'],
      purpose: 'lifts the back leg again and again near its end',
      level: 'intermediate',
      needs: { kit: [['ankle-weight']] },
      load: { place: 'ankles', source: 'weight', required: true, maxKg: 2, hands: 1, with: ['ankle-weight'] },
      dose: '2x15/side 1-0-1 r30',
      cues: [
        'Hold on to a chair, leg behind',
        'Small lifts upwards, no swing',
        'Back long, not only bent at the waist',
      ],
      faults: [{ see: 'Leg swings up and drops', say: 'No weight, two seconds each.' }],
      keyframes: [frame('low', 'standing', 'near.foot', low), frame('high', 'standing', 'near.foot', high)],
    },
    {
      id: 'arabesque-band-pulses',
      name: 'Arabesque pulses with a band',
      otherNames: ['band arabesque', 'banded arabesque'],
      purpose: 'glute and back work at the end of the range against a band',
      level: 'intermediate',
      needs: { kit: [[...loopBands, ...longBands]] },
      load: { place: 'ankles', source: 'band', required: true, hands: 1 },
      line: { from: 'near-ankle', to: { place: 'far-hand' } },
      jointActions: ['hip extension shortening', 'trunk extension holding'],
      dose: '2x12/side 1-1-1 r30',
      cues: ['Band round the lifted foot, held in front', 'Push the leg up and back', 'Stay tall on the standing leg'],
      faults: [{ see: 'Knee of the lifted leg bends', say: 'Lighter band, leg lower.' }],
      keyframes: [
        frame('low', 'standing', 'far.foot', {
          lean: 14,
          far: { hip: 18, knee: 2 },
          near: { hip: -12, knee: 26, ankle: -40 },
          shoulder: 60,
          elbow: 20,
        }),
        frame('high', 'standing', 'far.foot', {
          lean: 30,
          far: { hip: 34, knee: 4 },
          near: { hip: -26, knee: 2, ankle: -50 },
          shoulder: 90,
          elbow: 10,
        }),
      ],
    },
  ],
);
