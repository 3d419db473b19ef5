import { family } from './family';
import { frame } from './frame';

export default family(
  'end-range-lift',
  {
    pattern: 'stretch',
    planes: ['sagittal'],
    speed: 'slow',
    side: 'single',
    regions: ['hip', 'hamstring'],
    faults: [{ see: 'Trunk leans to help', say: 'Hands nearer, lift less.' }],
  },
  [
    {
      id: 'long-sitting-leg-lift',
      name: 'Seated straight-leg lift',
      otherNames: [
        'seated pike lift',
        'compression lift',
        'seated leg raise',
        'hip-flexor lift',
        'Long-sitting leg lift',
      ],
      standing: 1,
      blocks: ['flexibility'],
      purpose: 'strength where the hip is most bent',
      position: 'sitting',
      level: 'intermediate',
      jointActions: ['hip flexion shortening', 'knee extension holding'],
      dose: '3x8/side 1-2-1 r30',
      cues: ['Hands beside the knee, sit tall', 'Lift the straight leg an inch', 'Lift, do not lean back'],
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
      standing: 2,
      blocks: ['mobilise', 'flexibility'],
      purpose: 'the leg lifts itself to its end of range',
      position: 'lying',
      jointActions: ['hip flexion shortening', 'knee extension holding'],
      dose: '2x8/side 2-2-2 r20',
      cues: [
        'Other leg flat on the floor',
        'Lift the straight leg as high as it goes',
        'Hold two seconds at the top, no help',
      ],
      keyframes: [
        frame('down', 'supine', 'back seat heels', { shoulder: 10 }),
        frame('up', 'supine', 'back seat far.heel', { near: { hip: 82, knee: 2, ankle: 6 }, shoulder: 10 }),
      ],
    },
    {
      id: 'prone-heel-to-seat-lift',
      name: 'Prone hip extension, knee bent',
      otherNames: ['prone end-range hip extension', 'prone glute raise', 'Lying thigh lift, heel to the glutes'],
      standing: 1,
      blocks: ['activate', 'flexibility'],
      purpose: 'hip pushes back at its end of range',
      position: 'lying',
      level: 'beginner',
      regions: ['hip', 'knee'],
      jointActions: ['hip extension shortening', 'knee flexion holding'],
      dose: '2x8/side 1-2-2 r20',
      cues: ['Bend the knee, heel towards the bottom', 'Lift the thigh off the floor', 'Hip bone stays down'],
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
