import { family } from './family';
import { bothSides, frame } from './frame';

const pump = { near: { shoulder: -20, elbow: 90 }, far: { shoulder: 40, elbow: 90 } };

export default family(
  'run-drill',
  {
    blocks: ['raise'],
    pattern: 'pulse',
    planes: ['sagittal'],
    position: 'one-foot',
    side: 'alternating',
    jointActions: ['hip flexion shortening', 'ankle extension shortening', 'hip extension shortening'],
  },
  [
    {
      id: 'butt-kicks',
      name: 'Butt kicks',
      otherNames: ['heel kicks', 'heel flicks'],
      standing: 2,
      blocks: ['raise', 'finisher'],
      speed: 'fast',
      impactContacts: 1,
      purpose: 'back of the thigh warms up, heels fly',
      jointActions: ['knee flexion shortening', 'ankle extension stretch-shortening'],
      dose: '2x20s! r15',
      cues: ['Run in place', 'Heels flick up to the glutes', 'Knees point down, light feet'],
      faults: [{ see: 'Trunk tips forward', say: 'Slower, chest up.', shown: { at: 'one', change: { lean: 26 } } }],
      keyframes: bothSides(
        frame(
          'one',
          'standing',
          'near.toes',
          {
            lean: 4,
            near: { hip: 4, knee: 8, ankle: -10, shoulder: -20, elbow: 90 },
            far: { hip: 6, knee: 118, shoulder: 36, elbow: 90 },
          },
          { inPassing: true },
        ),
        'other',
      ),
    },
    {
      id: 'a-march',
      name: 'A-march',
      otherNames: ['marching A', 'A walk'],
      standing: 2,
      purpose: 'running posture slowly: knee up, toes up, tall hips',
      dose: '2x10/side r15',
      cues: ['Knee to hip height, toes up', 'Stand tall on the other leg', 'Opposite arm drives'],
      faults: [
        {
          see: 'Sinks on the standing leg',
          say: 'Push the floor away.',
          shown: { at: 'one', change: { near: { hip: 24, knee: 40 } } },
        },
      ],
      keyframes: bothSides(
        frame('one', 'standing', 'near.foot', {
          near: { hip: 4, knee: 4, ...pump.near },
          far: { hip: 88, knee: 96, ankle: 10, ...pump.far },
        }),
        'other',
      ),
    },
    {
      id: 'a-skip',
      name: 'A-skip',
      otherNames: ['A skips', 'skipping A'],
      standing: 2,
      speed: 'fast',
      impactContacts: 1,
      level: 'beginner',
      purpose: 'springy foot and quick knee, the rhythm of running',
      jointActions: ['hip flexion shortening', 'ankle extension stretch-shortening'],
      dose: '2x10/side r20',
      cues: ['Skip with one knee up', 'Foot snaps down under the hip', 'Light, on the front of the foot'],
      faults: [{ see: 'Kicks the foot forward', say: 'March first, knee and toe up.' }],
      keyframes: bothSides(
        frame(
          'one',
          'standing',
          'near.toes',
          { near: { hip: 2, knee: 4, ankle: -20, ...pump.near }, far: { hip: 88, knee: 96, ankle: 10, ...pump.far } },
          { inPassing: true },
        ),
        'other',
      ),
    },
    {
      id: 'carioca',
      name: 'Carioca',
      otherNames: ['grapevine', 'cross-over steps'],
      standing: 2,
      speed: 'fast',
      impactContacts: 1,
      view: 'front',
      planes: ['frontal', 'transverse'],
      purpose: 'hips turn while you go sideways',
      jointActions: ['hip adduction shortening', 'hip abduction shortening', 'trunk rotation shortening'],
      dose: '2x20s! r15',
      cues: [
        'Sideways, one foot crosses in front, then behind',
        'Turn the hips, chest stays forward',
        'Five one way, five back',
      ],
      faults: [{ see: 'Feet tangle', say: 'Walk it first.' }],
      keyframes: [
        frame(
          'wide',
          'standing',
          'far.foot* near.foot*',
          { near: { hip: 20, knee: 8 }, far: { hip: 20, knee: 8 }, shoulder: 60 },
          { inPassing: true },
        ),
        frame(
          'crossed',
          'standing',
          'far.foot* near.foot*',
          { near: { hip: -8, knee: 12 }, far: { hip: -8, knee: 12 }, shoulder: 60 },
          { inPassing: true },
        ),
      ],
    },
    {
      id: 'backpedal',
      name: 'Backpedal',
      otherNames: ['backward run', 'running backwards'],
      standing: 2,
      speed: 'fast',
      impactContacts: 1,
      purpose: 'runs backwards low, as in defence',
      jointActions: ['knee extension shortening', 'ankle extension stretch-shortening'],
      dose: '2x15s! r15',
      cues: ['Hips low, chest over the knees', 'Reach back with the toes', 'Short quick steps, look ahead'],
      faults: [{ see: 'Leans back and falls over the heels', say: 'Slower, chest forward.' }],
      cautions: ['Clear room behind you.'],
      keyframes: [
        frame(
          'one',
          'athletic stance',
          'near.toes',
          {
            near: { hip: 50, knee: 54, ankle: 14, shoulder: -20, elbow: 90 },
            far: { hip: 20, knee: 84, shoulder: 40, elbow: 90 },
          },
          { inPassing: true },
        ),
        frame(
          'other',
          'athletic stance',
          'far.toes',
          {
            far: { hip: 50, knee: 54, ankle: 14, shoulder: -20, elbow: 90 },
            near: { hip: 20, knee: 84, shoulder: 40, elbow: 90 },
          },
          { inPassing: true, shift: -0.15 },
        ),
      ],
    },
  ],
);
