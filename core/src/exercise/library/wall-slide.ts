import { family } from '../variant';

export default family(
  'wall-slide',
  {
    blocks: ['mobilise', 'activate'],
    pattern: 'scapular',
    planes: ['frontal'],
    position: 'both-feet',
    view: 'front',
    speed: 'slow',
    jointActions: ['scapula retraction shortening', 'shoulder abduction shortening'],
    dose: '2x8 2-1-2 r15',
  },
  [
    {
      id: 'wall-slide',
      name: 'Wall slide',
      otherNames: ['wall angel', 'back-to-wall arm slide'],
      purpose: 'shoulder blades glide before throwing',
      regions: ['shoulder', 'upper-back'],
      needs: { wall: true },
      cues: [
        'Back and forearms on the wall',
        'Slide up only as far as they stay there',
        'Shoulders away from the ears',
      ],
      faults: [{ see: 'Ribs flare off the wall', say: 'Breathe out, close the ribs, go lower.' }],
      keyframes: [
        { name: 'low', base: 'standing', change: { shoulder: 68, elbow: 75, hip: 5, knee: 3 }, on: ['feet'] },
        { name: 'high', base: 'standing', change: { shoulder: 150, elbow: 20, hip: 5, knee: 3 }, on: ['feet'] },
      ],
    },
  ],
);
