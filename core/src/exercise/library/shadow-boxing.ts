import { family } from './family';
import { frame } from './frame';
import { lightHandWeights } from './kit-groups';

const light = { place: 'hands', source: 'weight', required: true, maxKg: 2.5, hands: 2 } as const;
const legs = { near: { hip: -14, ankle: 8 }, far: { hip: 20, ankle: 8 } };

export default family(
  'shadow-boxing',
  {
    pattern: 'skill',
    planes: ['transverse'],
    position: 'split',
    side: 'alternating',
    speed: 'fast',
    standing: 0,
    sports: ['striking-combat'],
    blocks: ['technique', 'finisher'],
    jointActions: ['trunk rotation shortening', 'shoulder flexion shortening', 'elbow extension shortening'],
  },
  [
    {
      id: 'shadow-boxing-round',
      name: 'Shadow boxing round',
      otherNames: ['shadow boxing', 'free shadow boxing', 'shadow round'],
      purpose: 'a timed round: straights, hooks and uppercuts on moving feet',
      level: 'beginner',
      dose: '3x180s! r60',
      cues: ['Ten seconds hard, twenty easy, all round', 'Feet move before the hands', 'Hands come back to the chin'],
      faults: [{ see: 'Feet stop when the hands go', say: 'One step with every punch.' }],
      keyframes: [
        frame('guard', 'standing', 'near.foot far.foot', {
          lean: 6,
          near: { hip: -6, knee: 16, ankle: 8, shoulder: 50, elbow: 130 },
          far: { hip: 28, knee: 22, ankle: 8, shoulder: 50, elbow: 130 },
        }),
        frame(
          'punch',
          'standing',
          'near.toes far.foot',
          {
            lean: 10,
            near: { hip: -10, knee: 24, ankle: 4, shoulder: 92, elbow: 4 },
            far: { hip: 30, knee: 26, ankle: 10, shoulder: 50, elbow: 130 },
          },
          { inPassing: true },
        ),
      ],
    },
    {
      id: 'shadow-uppercut',
      name: 'Shadow boxing, uppercuts',
      otherNames: ['uppercut', 'uppercuts in the air'],
      purpose: 'legs and hip lift the fist from below',
      jointActions: ['knee extension shortening', 'shoulder flexion shortening', 'elbow flexion holding'],
      dose: '2x12/side X r30',
      cues: [
        'Dip the knee on the punching side',
        'Drive up from the floor, palm towards you',
        'Fist stops at chin height',
      ],
      faults: [{ see: 'Arm swings without the legs', say: 'Slow: knee, hip, then fist.' }],
      keyframes: [
        frame('dip', 'standing', 'near.foot far.foot', {
          lean: 14,
          near: { hip: 30, knee: 40, ankle: 16, shoulder: 20, elbow: 100 },
          far: { hip: 40, knee: 36, ankle: 14, shoulder: 50, elbow: 130 },
        }),
        frame(
          'up',
          'standing',
          'near.toes far.foot',
          {
            lean: 2,
            near: { hip: -6, knee: 14, ankle: -4, shoulder: 74, elbow: 100 },
            far: { hip: 22, knee: 16, ankle: 8, shoulder: 50, elbow: 130 },
          },
          { inPassing: true },
        ),
      ],
    },
    {
      id: 'light-weight-hooks',
      name: 'Hooks with light weights',
      otherNames: ['hand-weight hooks', 'weighted hooks'],
      purpose: 'shoulder lasts through a round of hooks',
      needs: { kit: [lightHandWeights] },
      load: light,
      view: 'above',
      jointActions: ['trunk rotation shortening', 'shoulder adduction shortening', 'shoulder flexion holding'],
      dose: '3x30s! r30',
      cues: [
        'Small weights, elbow at shoulder height',
        'Turn heel, hip and fist together',
        'Stop the weight yourself, then back to guard',
      ],
      faults: [{ see: 'The weight pulls the arm through', say: 'Lighter, slower.' }],
      keyframes: [
        frame('open', 'standing', 'feet', {
          lean: -20,
          trunk: -20,
          ...legs,
          near: { ...legs.near, shoulder: 20, elbow: 80, wrist: 84 },
          far: { ...legs.far, shoulder: 60, elbow: 130, wrist: 60 },
        }),
        frame('hook', 'standing', 'feet', {
          lean: 20,
          trunk: 24,
          ...legs,
          near: { ...legs.near, shoulder: 86, elbow: 86, wrist: 86 },
          far: { ...legs.far, shoulder: 60, elbow: 130, wrist: 60 },
        }),
      ],
    },
    {
      id: 'light-weight-uppercuts',
      name: 'Uppercuts with light weights',
      otherNames: ['hand-weight uppercuts', 'weighted uppercuts'],
      purpose: 'shoulder and legs last through a round of uppercuts',
      needs: { kit: [lightHandWeights] },
      load: light,
      jointActions: ['knee extension shortening', 'shoulder flexion shortening', 'elbow flexion holding'],
      dose: '3x30s! r30',
      cues: [
        'Small weights, elbows close to the ribs',
        'Bend and drive with the legs',
        'Bring each fist up in front of the body',
      ],
      faults: [{ see: 'Back arches to lift the weight', say: 'Lighter; ribs down.' }],
      keyframes: [
        frame('dip', 'standing', 'feet', {
          lean: 12,
          hip: 36,
          knee: 36,
          ankle: 14,
          near: { shoulder: 14, elbow: 96 },
          far: { shoulder: 50, elbow: 128 },
        }),
        frame('up', 'standing', 'feet', {
          lean: 0,
          hip: 8,
          knee: 8,
          near: { shoulder: 70, elbow: 100 },
          far: { shoulder: 46, elbow: 128 },
        }),
      ],
    },
    {
      id: 'light-weight-arm-circles',
      name: 'Arm circles with light weights',
      otherNames: ['weighted arm circles'],
      standing: 1,
      sports: ['striking-combat', 'swimming'],
      speed: 'controlled',
      pattern: 'scapular',
      view: 'front',
      planes: ['frontal'],
      position: 'both-feet',
      side: 'both',
      blocks: ['prevention', 'finisher'],
      purpose: 'shoulders hold the guard up to the last bell',
      needs: { kit: [lightHandWeights] },
      load: light,
      jointActions: ['shoulder abduction holding', 'scapula retraction holding'],
      dose: '3x30s! r30',
      cues: ['Arms out at shoulder height', 'Small circles, then the other way', 'Neck long, ribs down'],
      faults: [{ see: 'Arms sink below shoulder height', say: 'No weight, same height.' }],
      keyframes: [
        frame('low', 'standing', 'feet', { hip: 5, shoulder: 80, elbow: 6 }),
        frame('high', 'standing', 'feet', { hip: 5, shoulder: 98, elbow: 6 }),
      ],
    },
  ],
);
