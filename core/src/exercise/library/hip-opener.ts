import { family } from './family';

export default family(
  'hip-opener',
  {
    pattern: 'stretch',
    planes: ['sagittal'],
    position: 'kneeling',
    speed: 'slow',
    side: 'single',
    jointActions: ['hip extension holding'],
  },
  [
    {
      id: 'half-kneeling-hip-opener',
      name: 'Half-kneeling hip-flexor stretch',
      otherNames: [
        'hip flexor stretch',
        'lunge stretch',
        'kneeling hip-flexor stretch',
        'psoas stretch',
        'half-kneeling hip opener',
      ],
      standing: 3,
      purpose: 'length at the front of the hip after sitting and jumping',
      blocks: ['mobilise', 'flexibility', 'cool-down'],
      regions: ['hip'],
      dose: '1x30s/side',
      cues: ['Tuck the hips under first', "Then shift forward a hand's width", 'Tall chest, no arch'],
      faults: [{ see: 'Lower back arches to get further', say: 'Tuck again and come back a little.' }],
      cautions: ['Kneel on a cushion or folded towel.'],
      keyframes: [
        { name: 'tall', base: 'half kneeling', change: { shoulder: 5 }, on: ['near.foot', 'far.knee', 'far.toes'] },
        {
          name: 'open',
          base: 'half kneeling',
          change: { shoulder: 5, near: { hip: 100, knee: 112, ankle: 20 }, far: { hip: -22, knee: 75, ankle: 25 } },
          on: ['near.foot', 'far.knee', 'far.toes'],
        },
      ],
    },
  ],
);
