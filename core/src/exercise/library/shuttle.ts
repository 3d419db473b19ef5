import { family } from './family';
import { frame } from './frame';

export default family(
  'shuttle',
  {
    pattern: 'pulse',
    planes: ['frontal'],
    position: 'both-feet',
    view: 'front',
    side: 'alternating',
    speed: 'controlled',
    regions: ['hip', 'knee', 'ankle'],
    jointActions: ['hip abduction shortening', 'hip adduction shortening'],
    cues: ['Low, feet never cross', 'Two steps and touch', 'Eyes forward'],
    faults: [{ see: 'Body bobs up', say: 'Stay low all the way.' }],
  },
  [
    {
      id: 'side-shuffle',
      name: 'Side shuffle, two steps each way',
      otherNames: ['lateral shuffle', 'defensive slide'],
      standing: 3,
      blocks: ['raise', 'finisher'],
      purpose: 'pulse and hips for side steps',
      dose: '1x60s!',
      keyframes: [
        frame(
          'together',
          'standing',
          'far.foot* near.foot*',
          { hip: 10, knee: 8, shoulder: 40, elbow: 60 },
          { inPassing: true },
        ),
        frame(
          'wide',
          'standing',
          'far.foot* near.foot*',
          { near: { hip: 34, knee: 26 }, far: { hip: 28, knee: 14 }, shoulder: 50, elbow: 50 },
          { inPassing: true },
        ),
      ],
    },
    {
      id: 'jumping-jack',
      name: 'Jumping jack',
      otherNames: ['star jump'],
      standing: 3,
      blocks: ['raise', 'finisher'],
      purpose: 'whole body warm in a minute',
      level: 'beginner',
      impactContacts: 1,
      regions: ['ankle+landing', 'calf', 'shoulder'],
      quiet: false,
      speed: 'fast',
      dose: '2x20',
      cues: ['Land soft', 'Arms all the way up', 'Even beat'],
      keyframes: [
        frame('closed', 'standing', 'far.foot* near.foot*', { hip: 3, shoulder: 10 }, { inPassing: true }),
        frame('open', 'standing', 'far.foot* near.foot*', { hip: 24, shoulder: 164 }, { inPassing: true }),
      ],
    },
  ],
);
