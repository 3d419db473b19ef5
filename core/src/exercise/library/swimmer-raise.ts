import { family } from './family';
import { frame } from './frame';

export default family(
  'swimmer-raise',
  {
    pattern: 'trunk-extension',
    planes: ['sagittal'],
    position: 'lying',
    speed: 'slow',
    jointActions: ['trunk extension holding', 'hip extension shortening'],
    faults: [{ see: 'Neck bends back', say: 'Nose to the floor.', shown: { change: { neck: -45 } } }],
    cautions: ['Back pain on lifting: leave out. Rest folded afterwards.'],
  },
  [
    {
      id: 'swimmer-alternate',
      name: 'Prone swimmer',
      otherNames: ['prone alternating lift', 'alternating superman', 'Lying swimmer'],
      standing: 2,
      blocks: ['activate', 'trunk'],
      purpose: 'back and hip work crosswise',
      side: 'alternating',
      dose: '2x10 1-1-1 r30',
      cues: ['Face down, arms overhead', 'Lift opposite arm and leg', 'Low and long, change sides'],
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
      name: 'Superman hold',
      otherNames: ['arch hold', 'Long lying hold'],
      standing: 2,
      blocks: ['trunk'],
      purpose: 'whole back side holds against all the bending forwards',
      level: 'beginner',
      jointActions: ['trunk extension holding', 'hip extension holding'],
      dose: '3x20s r30',
      cues: ['Face down, arms and legs off the floor', 'Reach long, not high', 'Eyes on the floor'],
      keyframes: [
        frame('hold', 'prone', 'seat', { trunk: -12, hip: -12, knee: 4, shoulder: 184 }),
        frame('longer', 'prone', 'seat', { trunk: -14, hip: -14, knee: 2, shoulder: 188 }),
      ],
    },
    {
      id: 'edge-leg-lift',
      name: 'Reverse hyperextension',
      otherNames: ['reverse back raise', 'reverse hyper', 'Leg lift over the edge'],
      standing: 2,
      blocks: ['strength', 'trunk'],
      purpose: 'hip and lower back lift the legs',
      level: 'intermediate',
      needs: { kit: [['sofa', 'bench']] },
      dose: '3x10 2-2-2 rir2 r45',
      cues: ['Hips on the edge, hold on', 'Lift both legs until level', 'Squeeze the glutes, no swing'],
      keyframes: [
        frame('down', 'prone', 'seat@sofa chest@sofa', { hip: 38, knee: 20, shoulder: 150 }),
        frame('up', 'prone', 'seat@sofa chest@sofa', { hip: -4, knee: 4, shoulder: 150 }),
      ],
    },
    {
      id: 'swimmer-sweep',
      name: 'Prone reverse snow angel',
      otherNames: ['prone snow angel', 'swimmer circles', 'reverse snow angel', 'Lying sweep, front to back'],
      standing: 2,
      blocks: ['activate', 'trunk'],
      purpose: 'back and shoulder blades hold while the arms travel',
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
