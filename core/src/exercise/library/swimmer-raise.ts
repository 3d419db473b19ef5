import { family } from '../variant';
import { frame } from './frame';

export default family(
  'swimmer-raise',
  {
    pattern: 'trunk-extension',
    planes: ['sagittal'],
    position: 'lying',
    speed: 'slow',
    blocks: ['trunk', 'activate'],
    jointActions: ['trunk extension holding', 'hip extension shortening'],
    cues: ['Reach long rather than high', 'Look at the floor', 'Belly light on the floor'],
    faults: [{ see: 'Neck bends back', say: 'Nose to the floor.', shown: { change: { neck: -45 } } }],
    cautions: ['Back pain on lifting: leave out. Rest folded afterwards.'],
  },
  [
    {
      id: 'swimmer-alternate',
      name: 'Lying swimmer',
      otherNames: ['prone alternating lift'],
      purpose: 'back and hip work crosswise',
      side: 'alternating',
      dose: '2x10 1-1-1 r30',
      keyframes: [
        frame('down', 'prone', 'chest seat knees insteps', { shoulder: 178 }),
        frame('cross', 'prone', 'chest seat far.knee far.instep', {
          shoulder: 178,
          near: { hip: -16, knee: 4 },
          far: { shoulder: 190 },
        }),
      ],
    },
    {
      id: 'long-lying-hold',
      name: 'Long lying hold',
      otherNames: ['superman hold', 'arch hold'],
      purpose: 'whole back side holds against all the bending forwards',
      level: 'beginner',
      jointActions: ['trunk extension holding', 'hip extension holding'],
      dose: '3x20s r30',
      keyframes: [
        frame('hold', 'prone', 'seat', { trunk: -12, hip: -12, knee: 4, shoulder: 184 }),
        frame('longer', 'prone', 'seat', { trunk: -14, hip: -14, knee: 2, shoulder: 188 }),
      ],
    },
    {
      id: 'edge-leg-lift',
      name: 'Leg lift over the edge',
      otherNames: ['reverse back raise'],
      purpose: 'hip and lower back lift the legs',
      level: 'intermediate',
      needs: { kit: [['sofa', 'bench']] },
      dose: '3x10 2-2-2 rir2 r45',
      keyframes: [
        frame('down', 'prone', 'seat@sofa chest@sofa', { hip: 38, knee: 20, shoulder: 150 }),
        frame('up', 'prone', 'seat@sofa chest@sofa', { hip: -4, knee: 4, shoulder: 150 }),
      ],
    },
    {
      id: 'swimmer-sweep',
      name: 'Lying sweep, front to back',
      otherNames: ['prone snow angel', 'swimmer circles'],
      purpose: 'back and blades hold while the arms travel',
      level: 'intermediate',
      jointActions: ['trunk extension holding', 'shoulder extension shortening', 'scapula retraction shortening'],
      dose: '3x8 2-1-2 rir3 r30',
      cues: ['Hands off the floor all the way', 'Arms long, thumbs up', 'Forehead low'],
      keyframes: [
        frame('front', 'prone', 'seat insteps', { trunk: -12, shoulder: 184 }),
        frame('back', 'prone', 'seat insteps', { trunk: -14, shoulder: -10 }),
      ],
    },
  ],
);
