import { family } from './family';
import { frame } from './frame';

export default family(
  'copenhagen',
  {
    blocks: ['prevention'],
    pattern: 'hip-adduction',
    planes: ['frontal'],
    view: 'front',
    side: 'single',
    position: 'hands-and-feet',
    speed: 'slow',
    needs: { kit: [['chair', 'sofa', 'bench']] },
    jointActions: ['hip adduction holding', 'trunk lateral-flexion holding'],
    sources: ['Haroy 2019 (adductor programme; value from memory)'],
  },
  [
    {
      id: 'copenhagen-knee-hold',
      name: 'Copenhagen hold, knee on a chair',
      otherNames: ['Copenhagen plank on the knee', 'short Copenhagen hold', 'groin hold, knee'],
      standing: 3,
      level: 'intermediate',
      purpose: 'first step for the groin: holds with the short lever',
      dose: '2x15s/side r30',
      cues: [
        'Top knee on the chair, bottom leg free',
        'Lift the hips until the body is straight',
        'Hold, squeeze the top leg down',
      ],
      faults: [{ see: 'Hips sag', say: 'Bottom knee on the floor to help.' }],
      cautions: ['Chair against a wall. Groin pain above 2 out of 10: leave out.'],
      keyframes: [
        frame(
          'hold',
          'side lying',
          'near.forearm far.knee@chair',
          { lean: 92, near: { shoulder: 92, elbow: 88, hip: -4 }, far: { shoulder: 4, elbow: 20, hip: 6 } },
          { inPassing: true },
        ),
        frame(
          'higher',
          'side lying',
          'near.forearm far.knee@chair',
          { lean: 94, near: { shoulder: 94, elbow: 88, hip: -6 }, far: { shoulder: 4, elbow: 20, hip: 4 } },
          { inPassing: true },
        ),
      ],
    },
    {
      id: 'copenhagen-foot-hold',
      name: 'Copenhagen hold, foot on a chair',
      otherNames: ['Copenhagen side plank', 'long Copenhagen hold', 'groin hold, foot'],
      standing: 3,
      level: 'intermediate',
      purpose: 'groin holds the whole leg: side steps and kicks',
      dose: '2x15s/side r30',
      cues: [
        'Top foot on the chair, leg straight',
        'Lift the hips in line with head and foot',
        'Bottom leg hangs close to the top one',
      ],
      faults: [{ see: 'Top knee bends', say: 'Back to the knee on the chair.' }],
      cautions: ['Chair against a wall. Groin pain above 2 out of 10: leave out.'],
      keyframes: [
        frame('hold', 'side lying', 'near.forearm far.instep@chair', {
          lean: 92,
          near: { shoulder: 92, elbow: 88, hip: -6 },
          far: { shoulder: 4, elbow: 20, hip: 0 },
        }),
        frame('higher', 'side lying', 'near.forearm far.instep@chair', {
          lean: 94,
          near: { shoulder: 94, elbow: 88, hip: -8 },
          far: { shoulder: 4, elbow: 20, hip: -2 },
        }),
      ],
    },
  ],
);
