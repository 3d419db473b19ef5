import { family } from './family';
import { frame } from './frame';

export default family(
  'wall-slide',
  {
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
      standing: 3,
      blocks: ['mobilise', 'activate', 'prevention'],
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
    {
      id: 'floor-arm-slide',
      name: 'Floor angel',
      otherNames: ['lying wall slide', 'Floor arm slide'],
      standing: 2,
      blocks: ['mobilise', 'activate'],
      purpose: 'arms overhead with ribs down, no wall',
      position: 'lying',
      view: 'side',
      regions: ['shoulder', 'upper-back'],
      cues: ['Back of the hands along the floor', 'Ribs down', 'As far as they stay in touch'],
      faults: [{ see: 'Back arches', say: 'Knees to the chest, go less far.' }],
      dose: '2x10 2-1-2 r20',
      keyframes: [
        frame('low', 'hook lying', 'back seat feet', { shoulder: 30, elbow: 20, wrist: -20 }),
        frame('high', 'hook lying', 'back seat feet', { shoulder: 170, elbow: 14, wrist: -20 }),
      ],
    },
  ],
);
