import { family } from './family';
import { frame } from './frame';
import { loopBands } from './kit-groups';

const low = { lean: 26, hip: 62, knee: 62, ankle: 22, shoulder: 30, elbow: 80 };

export default family('band-walk', { planes: ['sagittal', 'frontal'], position: 'both-feet', side: 'alternating' }, [
  {
    id: 'diagonal-band-walk',
    name: 'Diagonal band walk',
    otherNames: ['zigzag band walk', 'diagonal monster walk'],
    standing: 2,
    blocks: ['activate', 'prevention'],
    pattern: 'hip-abduction',
    purpose: 'side of the hip holds the knee out in every step',
    view: 'front',
    needs: { kit: [loopBands] },
    load: { place: 'hips', source: 'band', required: true, hands: 1 },
    line: { from: 'knees', to: 'other' },
    jointActions: ['hip abduction shortening', 'hip external-rotation holding'],
    level: 'intermediate',
    dose: '2x10/side 1-0-1 r20',
    cues: [
      'Band above the knees, knees bent',
      'Step forward and out at 45 degrees',
      'Other foot follows, band stays tight',
    ],
    faults: [{ see: 'Knees drop in when the foot lands', say: 'Lighter band, shorter step.' }],
    keyframes: [
      frame('close', 'standing', 'far.foot* near.foot*', { hip: 12, knee: 10, shoulder: 25, elbow: 80 }),
      frame('out', 'standing', 'far.foot* near.foot*', {
        near: { hip: 30, knee: 20 },
        far: { hip: 22, knee: 14 },
        shoulder: 25,
        elbow: 80,
      }),
    ],
  },
  {
    id: 'squat-walk',
    name: 'Half-squat walk',
    otherNames: ['low walk', 'squat walk forward'],
    standing: 2,
    blocks: ['finisher', 'activate'],
    pattern: 'locomotion',
    purpose: 'thighs keep the low stance of a defender',
    jointActions: ['knee extension holding', 'hip extension holding', 'hip abduction holding'],
    dose: '3x20s! r30',
    cues: ['Sit to half a squat and stay there', 'Short steps, head at one height', 'Knees over the toes'],
    faults: [{ see: 'Rises with every step', say: 'Less deep, slower.' }],
    keyframes: [
      frame('one', 'standing', 'feet', low),
      frame('step', 'standing', 'near.foot far.toes', {
        ...low,
        near: { hip: 72, knee: 66, ankle: 22 },
        far: { hip: 46, knee: 66, ankle: 30 },
      }),
    ],
  },
]);
