import { family } from '../variant';
import { frame } from './frame';

export default family(
  'end-range-lift',
  {
    pattern: 'stretch',
    planes: ['sagittal'],
    blocks: ['flexibility'],
    speed: 'slow',
    side: 'single',
    regions: ['hip', 'hamstring'],
    cues: ['Lift from the end of the range', 'Small and honest', 'No leaning back'],
    faults: [{ see: 'Trunk leans to help', say: 'Hands nearer, lift less.' }],
  },
  [
    {
      id: 'long-sitting-leg-lift',
      name: 'Long-sitting leg lift',
      otherNames: ['seated pike lift', 'compression lift'],
      purpose: 'strength where the hip is most bent',
      position: 'sitting',
      level: 'intermediate',
      jointActions: ['hip flexion shortening', 'knee extension holding'],
      dose: '3x8/side 1-2-1 r30',
      keyframes: [
        frame('down', 'long sitting', 'seat heels', { lean: 10, hip: 100, knee: 2, shoulder: 46, elbow: 4 }),
        frame('up', 'long sitting', 'seat far.heel', {
          lean: 8,
          near: { hip: 112, knee: 2 },
          far: { hip: 98, knee: 2 },
          shoulder: 46,
          elbow: 4,
        }),
      ],
    },
    {
      id: 'lying-leg-raise-active',
      name: 'Active straight-leg raise',
      otherNames: ['active hamstring raise'],
      purpose: 'the leg lifts itself to its end of range',
      position: 'lying',
      jointActions: ['hip flexion shortening', 'knee extension holding'],
      dose: '2x8/side 2-2-2 r20',
      keyframes: [
        frame('down', 'supine', 'back seat heels', { shoulder: 10 }),
        frame('up', 'supine', 'back seat far.heel', { near: { hip: 82, knee: 2, ankle: 6 }, shoulder: 10 }),
      ],
    },
    {
      id: 'prone-heel-to-seat-lift',
      name: 'Lying thigh lift, heel to the seat',
      otherNames: ['prone end-range hip extension'],
      purpose: 'hip pushes back at its end of range',
      position: 'lying',
      level: 'beginner',
      regions: ['hip', 'knee'],
      jointActions: ['hip extension shortening', 'knee flexion holding'],
      dose: '2x8/side 1-2-2 r20',
      keyframes: [
        frame('down', 'prone', 'chest seat knees', { shoulder: 176, near: { knee: 96, ankle: 0 } }),
        frame('up', 'prone', 'chest seat far.knee', {
          shoulder: 176,
          near: { hip: -16, knee: 98, ankle: 0 },
        }),
      ],
    },
  ],
);
