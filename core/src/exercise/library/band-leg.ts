import { family } from './family';
import { frame } from './frame';
import { longBands, loopBands } from './kit-groups';

const onBand = { place: 'hands', source: 'band', required: true, hands: 2 } as const;

export default family('band-leg', { planes: ['sagittal'], position: 'both-feet', needs: { kit: [longBands] } }, [
  {
    id: 'band-clamshell',
    name: 'Clamshell with a loop band',
    otherNames: ['banded clamshell', 'loop-band clam'],
    standing: 2,
    blocks: ['activate', 'prevention'],
    pattern: 'hip-abduction',
    planes: ['transverse', 'frontal'],
    view: 'front',
    position: 'lying',
    side: 'single',
    speed: 'slow',
    purpose: 'side of the hip turns the knee out against a band',
    needs: { kit: [loopBands] },
    load: { place: 'hips', source: 'band', required: true, hands: 1 },
    line: { from: 'knees', to: 'other' },
    jointActions: ['hip external-rotation shortening', 'hip abduction shortening'],
    dose: '2x12/side 1-1-2 rir2 r20',
    cues: [
      'On your side, feet together, band above the knees',
      'Open the top knee, feet stay together',
      'Hips stacked, slow close',
    ],
    faults: [{ see: 'Top hip rolls back', say: 'Lighter band, open less.' }],
    keyframes: [
      frame('closed', 'side lying', 'near.hip-side near.shoulder-side near.instep', {
        near: { shoulder: 172 },
        far: { shoulder: 8, elbow: 20, hip: 2, knee: 4 },
      }),
      frame('open', 'side lying', 'near.hip-side near.shoulder-side near.instep', {
        near: { shoulder: 172 },
        far: { shoulder: 8, elbow: 20, hip: 30, knee: 46 },
      }),
    ],
  },
  {
    id: 'band-squat',
    name: 'Band squat',
    otherNames: ['banded squat', 'squat on a band'],
    standing: 2,
    blocks: ['strength'],
    pattern: 'knee-dominant',
    purpose: 'a loaded squat when there are only bands',
    level: 'beginner',
    load: onBand,
    line: { from: 'hands', to: [0.02, 0.02] },
    jointActions: ['knee extension shortening', 'hip extension shortening', 'knee extension lengthening'],
    dose: '3x12 3-0-1 rir2 r60',
    cues: [
      'Stand on the band, hands at the shoulders',
      'Sit down slowly, band stays tight',
      'Stand up fast against it',
    ],
    faults: [
      {
        see: 'Band pulls the chest down',
        say: 'Elbows forward, lighter band.',
        shown: { at: 'low', change: { lean: 58, trunk: 16 } },
      },
    ],
    keyframes: [
      frame('tall', 'standing', 'feet', { hip: 6, knee: 6, shoulder: 30, elbow: 140 }),
      frame('low', 'standing', 'feet', { lean: 32, hip: 108, knee: 106, ankle: 28, shoulder: 40, elbow: 138 }),
    ],
  },
  {
    id: 'band-deadlift',
    name: 'Band deadlift',
    otherNames: ['banded deadlift', 'deadlift on a band'],
    standing: 2,
    blocks: ['strength'],
    pattern: 'hip-dominant',
    purpose: 'hips stand up against a pull that grows',
    load: onBand,
    line: { from: 'hands', to: [0.02, 0.02] },
    jointActions: ['hip extension shortening', 'knee extension shortening', 'trunk extension holding'],
    dose: '3x12 2-0-1 rir2 r60',
    cues: ['Stand on the band, short grip', 'Push the hips back, back flat', 'Stand tall, squeeze the glutes'],
    faults: [{ see: 'Lifts with the arms', say: 'Arms like ropes, band shorter.' }],
    keyframes: [
      frame('low', 'standing', 'feet', { lean: 58, hip: 92, knee: 46, ankle: 8, shoulder: 58, neck: -10 }),
      frame('tall', 'standing', 'feet', { knee: 2, shoulder: 2 }),
    ],
  },
  {
    id: 'band-good-morning',
    name: 'Band good morning',
    otherNames: ['banded good morning', 'good morning with a band'],
    standing: 2,
    blocks: ['strength', 'activate'],
    pattern: 'hip-dominant',
    level: 'beginner',
    purpose: 'hamstrings and back hold while the hips travel',
    load: { place: 'chest', source: 'band', required: true, hands: 2 },
    line: { from: 'chest', to: [0.02, 0.02] },
    jointActions: ['hip extension shortening', 'hip extension lengthening', 'trunk extension holding'],
    dose: '3x12 3-0-1 rir2 r60',
    cues: [
      'Band under the feet and round the upper back',
      'Hips back, knees soft',
      'Stop when the back wants to round',
    ],
    faults: [
      {
        see: 'Squats instead of hinging',
        say: 'Wall behind you: touch it with the hips.',
        shown: { at: 'folded', change: { lean: 40, hip: 96, knee: 80 } },
      },
    ],
    keyframes: [
      frame('tall', 'standing', 'feet', { knee: 6, shoulder: 30, elbow: 140 }),
      frame('folded', 'standing', 'feet', {
        lean: 66,
        hip: 88,
        knee: 22,
        ankle: 0,
        shoulder: 40,
        elbow: 140,
        neck: -12,
      }),
    ],
  },
]);
