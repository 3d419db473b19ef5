import { family } from '../variant';
import { frame } from './frame';

export default family(
  'neck-side',
  {
    pattern: 'neck-lateral',
    planes: ['frontal'],
    blocks: ['prevention'],
    view: 'front',
    side: 'single',
    speed: 'slow',
    regions: ['neck'],
    cues: ['Eyes level, chin in', 'Push slowly, nothing jerks', 'Breathe'],
    faults: [{ see: 'Shoulder creeps up', say: 'Drop it, half the push.' }],
  },
  [
    {
      id: 'neck-side-press',
      name: 'Neck press to the side',
      otherNames: ['isometric lateral neck'],
      purpose: 'side of the neck holds, no kit',
      position: 'both-feet',
      jointActions: ['neck lateral-flexion holding'],
      line: { from: 'head', to: [-1, 0.93], resist: 0.05 },
      dose: '3x10s/side r15',
      keyframes: [
        frame('rest', 'standing', 'feet', { near: { shoulder: 120, elbow: 128 }, far: { shoulder: 8 } }),
        frame('press', 'standing', 'feet', { neck: 5, near: { shoulder: 122, elbow: 126 }, far: { shoulder: 8 } }),
      ],
    },
    {
      id: 'side-lying-head-lift',
      name: 'Side-lying head lift',
      otherNames: ['lateral neck raise'],
      purpose: 'side of the neck lifts the head',
      position: 'lying',
      level: 'beginner',
      jointActions: ['neck lateral-flexion shortening', 'neck lateral-flexion lengthening'],
      dose: '2x10/side 1-2-2 rir3 r30',
      keyframes: [
        frame('down', 'side lying', 'near.hip-side near.shoulder-side near.instep', {
          neck: 18,
          near: { shoulder: 172 },
          far: { shoulder: 6 },
        }),
        frame('up', 'side lying', 'near.hip-side near.shoulder-side near.instep', {
          neck: -14,
          near: { shoulder: 172 },
          far: { shoulder: 6 },
        }),
      ],
    },
    {
      id: 'partner-neck-side',
      name: "Neck side hold against a partner's hand",
      otherNames: ['partner lateral neck'],
      purpose: 'side of the neck for contact, force from outside',
      position: 'kneeling',
      level: 'beginner',
      needs: { partner: true },
      jointActions: ['neck lateral-flexion holding'],
      line: { from: 'head', to: [-1, 0.68], resist: 0.08 },
      dose: '3x8s/side r20',
      keyframes: [
        frame('rest', 'standing', 'feet', { shoulder: 8 }),
        frame('hold', 'standing', 'feet', { neck: 4, shoulder: 10 }),
      ],
    },
    {
      id: 'partner-neck-side-surprise',
      name: 'Neck hold, changing pushes from the side',
      otherNames: ['reactive lateral neck'],
      purpose: 'the side of the neck braces before a knock arrives',
      position: 'both-feet',
      level: 'advanced',
      needs: { partner: true },
      jointActions: ['neck lateral-flexion holding'],
      line: { from: 'head', to: [-1, 0.93], resist: 0.1 },
      dose: '3x10s/side r30',
      cues: ['Brace, eyes level', 'The hand comes lightly at changing moments', 'The head does not move'],
      cautions: ['Only after weeks of still holds; agree on "stop". After a knock to the head: leave out.'],
      keyframes: [
        frame('ready', 'standing', 'feet', { hip: 10, knee: 10, shoulder: 20, elbow: 60 }),
        frame('braced', 'standing', 'feet', { hip: 10, knee: 10, shoulder: 20, elbow: 60, neck: 5 }),
      ],
    },
  ],
);
