import { family } from './family';
import { frame } from './frame';
import { longBands } from './kit-groups';

const tested = ['Test the bar with half your weight first.'];
const hang = { shoulder: 178, elbow: 4, hip: 8, knee: 96, ankle: -30 };
const up = { lean: -10, shoulder: 62, elbow: 142, hip: 10, knee: 96, ankle: -30 };
const fixed = { fix: ['hip', 'knee', 'wrist'] as const };
const fixedUp = { fix: ['hip', 'knee', 'elbow', 'wrist'] as const };

export default family(
  'pull-up-ladder',
  {
    blocks: ['strength'],
    pattern: 'vertical-pull',
    planes: ['sagittal'],
    position: 'hanging',
    elbowsOut: 64,
    jointActions: ['shoulder extension shortening', 'elbow flexion shortening', 'scapula retraction shortening'],
  },
  [
    {
      id: 'scapular-pull-up',
      name: 'Scapular pull-up',
      otherNames: ['scap pull-up', 'active hang pull', 'shoulder blade pull-up'],
      standing: 3,
      blocks: ['activate', 'prevention', 'strength'],
      purpose: 'first step of every pull: shoulder blades down, arms straight',
      speed: 'slow',
      level: 'beginner',
      needs: { kit: [['pull-up-bar']] },
      jointActions: ['scapula retraction shortening', 'wrist grip holding'],
      dose: '3x6 2-2-2 r45',
      cues: ['Hang with straight arms', 'Pull the shoulders away from the ears', 'Sink slowly, elbows stay straight'],
      faults: [
        { see: 'Elbows bend', say: 'Smaller; think of the armpits.', shown: { at: 'set', change: { elbow: 60 } } },
      ],
      cautions: tested,
      keyframes: [
        frame('hang', 'standing', 'grip@bar!', { ...hang, shoulder: 182, elbow: 2 }, fixed),
        frame('set', 'standing', 'grip@bar!', { ...hang, shoulder: 168, elbow: 4 }, fixed),
      ],
    },
    {
      id: 'band-assisted-pull-up',
      name: 'Band-assisted pull-up',
      otherNames: ['assisted pull-up with a band', 'banded pull-up'],
      standing: 2,
      purpose: 'the whole pull with part of the body held by a band',
      level: 'beginner',
      needs: { kit: [['pull-up-bar'], longBands] },
      line: { from: 'near-knee', to: [0, 1.24], resist: 0.3 },
      dose: '3x6 2-1-1 rir2 r75',
      cues: ['Knee in the band, hang long', 'Pull the chest to the bar', 'Two seconds down against the band'],
      faults: [{ see: 'Bounces in the band', say: 'Stop at the bottom each time.' }],
      cautions: ['Bar and band tested; step out of the band with care.'],
      keyframes: [
        frame('hang', 'standing', 'grip@bar!', hang, fixed),
        frame('up', 'standing', 'grip@bar!', up, fixedUp),
      ],
    },
    {
      id: 'archer-row',
      name: 'Archer row',
      otherNames: ['archer inverted row', 'one-sided strap row'],
      position: 'hands-and-feet',
      standing: 2,
      pattern: 'horizontal-pull',
      purpose: 'one arm pulls most, the other only guides',
      side: 'single',
      level: 'advanced',
      needs: { kit: [['suspension-strap']], anchors: ['door-high', 'post'] },
      prop: 'strap',
      line: { from: 'near-hand', to: [0.2, 1.2], resist: 0.34 },
      jointActions: ['shoulder extension shortening', 'elbow flexion shortening', 'scapula retraction shortening'],
      dose: '3x6/side 2-1-1 rir2 r60',
      cues: ['Lean back, straps in both hands', 'Pull with one arm, the other goes out straight', 'Body stays square'],
      faults: [{ see: 'Body twists to the working arm', say: 'Stand more upright.' }],
      cautions: ['Test the anchor with your whole weight first.'],
      keyframes: [
        frame(
          'long',
          'standing',
          'heels',
          { lean: -40, hip: 0, knee: 0, ankle: 0, shoulder: 82, elbow: 4 },
          { inPassing: true },
        ),
        frame(
          'pulled',
          'standing',
          'heels',
          { lean: -32, hip: 0, knee: 0, ankle: 0, near: { shoulder: -6, elbow: 116 }, far: { shoulder: 82, elbow: 4 } },
          { inPassing: true },
        ),
      ],
    },
    {
      id: 'towel-pull-up',
      name: 'Towel pull-up',
      otherNames: ['pull-up on towels', 'grip pull-up'],
      standing: 1,
      purpose: 'pull and grip together, for grips on cloth and rope',
      level: 'advanced',
      needs: { kit: [['pull-up-bar'], ['towel']] },
      jointActions: ['shoulder extension shortening', 'elbow flexion shortening', 'wrist grip holding'],
      dose: '3x4 2-0-1 rir1 r90',
      cues: [
        'Towels over the bar, hold both ends',
        'Pull the hands to the shoulders',
        'Come down before the grip opens',
      ],
      faults: [{ see: 'Grip slips at the top', say: 'Hang on the towels only.' }],
      cautions: tested,
      keyframes: [
        frame('hang', 'standing', 'grip@bar!', hang, fixed),
        frame('up', 'standing', 'grip@bar!', up, fixedUp),
      ],
    },
  ],
);
