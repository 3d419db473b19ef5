import { family } from './family';

export default family(
  'ankle-rock',
  {
    pattern: 'mobility',
    planes: ['sagittal'],
    position: 'kneeling',
    speed: 'controlled',
    side: 'single',
    jointActions: ['ankle flexion shortening'],
    dose: '1x10/side 2-1-2',
  },
  [
    {
      id: 'half-kneeling-ankle-rock',
      name: 'Half-kneeling ankle mobilisation',
      otherNames: [
        'knee over toe rock',
        'ankle mobiliser',
        'knee-to-wall',
        'ankle dorsiflexion drill',
        'half-kneeling ankle rock',
      ],
      standing: 3,
      blocks: ['mobilise'],
      purpose: 'ankle bend for landings',
      regions: ['ankle', 'calf'],
      cues: ['Heel stays heavy', 'Knee travels over the middle toes', 'Slow both ways'],
      faults: [{ see: 'Heel lifts or the arch collapses', say: 'Shorter range with the whole foot down.' }],
      keyframes: [
        {
          name: 'back',
          base: 'half kneeling',
          change: { shoulder: 20, elbow: 30 },
          on: ['near.foot', 'far.knee', 'far.toes'],
        },
        {
          name: 'forward',
          base: 'half kneeling',
          change: {
            lean: 16,
            shoulder: 35,
            elbow: 30,
            near: { hip: 110, knee: 118, ankle: 34 },
            far: { hip: 0, knee: 70, ankle: 25 },
          },
          on: ['near.foot', 'far.knee', 'far.toes'],
        },
      ],
    },
  ],
);
