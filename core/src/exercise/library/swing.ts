import { family } from './family';

export default family(
  'swing',
  {
    pattern: 'hip-dominant',
    planes: ['sagittal'],
    position: 'both-feet',
    speed: 'fast',
    jointActions: ['hip extension stretch-shortening', 'trunk extension holding'],
  },
  [
    {
      id: 'bag-swing',
      name: 'Two-hand swing',
      otherNames: ['bag swing', 'kettlebell swing', 'Hip swing with a weight'],
      standing: 3,
      blocks: ['power', 'finisher'],
      purpose: 'fast hip extension without leaving the floor',
      regions: ['hip', 'hamstring', 'lower-back'],
      level: 'intermediate',
      quiet: true,
      needs: { kit: [['kettlebell', 'dumbbell', 'holdall', 'canister']] },
      load: { place: 'hands', source: 'weight', required: true, hands: 1 },
      dose: '3x8 X r60',
      cues: ['Fold at the hip, shins upright', 'Snap tall, arms are ropes', 'Let it float to chest height'],
      faults: [{ see: 'Weight lifted with the arms', say: 'Drive with the hips, arms stay loose.' }],
      cautions: ['Tape lids, check the grip, nobody in front.', 'Back pain: leave out.'],
      keyframes: [
        {
          name: 'back',
          base: 'standing',
          change: { lean: 68, hip: 82, knee: 30, ankle: 12, shoulder: 25 },
          on: ['feet'],
          inPassing: true,
        },
        { name: 'float', base: 'standing', change: { lean: -3, shoulder: 82 }, on: ['feet'], inPassing: true },
      ],
    },
  ],
);
