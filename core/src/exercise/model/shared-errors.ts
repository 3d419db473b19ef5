import type { PoseChanges } from '../../body/pose';
import type { Variant } from './variant';
import type { Pattern } from './vocabulary';

/** A fault that a whole kind of exercise shares; common practice, no source. */
export interface SharedError {
  asks: (variant: Variant) => boolean;
  see: string;
  say: string;
  /** Words by which a variant's own fault is known to be this one. */
  known: RegExp;
  /** What it looks like, on top of a keyframe's pose, or instead of parts of it. */
  add?: PoseChanges;
  change?: PoseChanges;
  /** The keyframe in which it shows; the last when left out. */
  at?: (variant: Variant) => string | undefined;
}

const patternIn =
  (...patterns: Pattern[]) =>
  (v: Variant) =>
    patterns.includes(v.pattern);
const based =
  (...bases: string[]) =>
  (v: Variant) =>
    v.view === 'side' && v.keyframes.every((k) => bases.includes(k.base));
const all =
  (...asks: ((v: Variant) => boolean)[]) =>
  (v: Variant) =>
    asks.every((ask) => ask(v));
const at =
  (...positions: Variant['position'][]) =>
  (v: Variant) =>
    positions.includes(v.position);
const fromTheSide = (v: Variant) => v.view === 'side';
const written = (v: Variant, angle: 'knee' | 'lean' | 'hip') =>
  Math.max(0, ...v.keyframes.flatMap(({ change = {} }) => [change[angle] ?? 0]));

const risesOnTheToes = (v: Variant) => v.jointActions.some((a) => a.joint === 'ankle' && a.action === 'extension');
const slowOnPurpose = (v: Variant) => v.speed === 'slow' && v.dose.work.kind === 'reps';
/** Pulled or pushed by the body's own weight, nobody leans back to cheat. */
const ownWeight = (v: Variant) => v.position === 'hanging' || v.position === 'hands-and-feet';

const first = (v: Variant) => v.keyframes[0]?.name;
const maxBent = (v: Variant) => [...v.keyframes].sort((a, b) => (b.change?.lean ?? 0) - (a.change?.lean ?? 0))[0]?.name;
const lands = (v: Variant) => v.impactContacts > 0 && (v.keyframes.at(-1)?.change?.knee ?? 0) >= 30;
const offTheWall = (v: Variant) => v.wall === undefined;

const plankLike = all(
  (v) => v.prop !== 'roller',
  based('plank', 'forearm plank'),
  at('hands-and-feet'),
  (v) => written(v, 'lean') < 110,
);
const standing = based('standing', 'athletic stance');
const lying = based('supine', 'hook lying');

/** In the order in which they are added; the first that fit fill a variant's list. */
export const sharedErrors: readonly SharedError[] = [
  {
    asks: plankLike,
    see: 'Hips sag',
    say: 'Squeeze the glutes, ribs down; an easier version if it stays.',
    known: /sag|hollow/i,
    add: { hip: -18, trunk: -14 },
    at: first,
  },
  {
    asks: all(
      patternIn('hip-dominant', 'horizontal-pull', 'whole-body-lift'),
      standing,
      (v) => written(v, 'lean') >= 35,
    ),
    see: 'Back rounds',
    say: 'Chest long; stop where the back stays flat.',
    known: /round/i,
    add: { trunk: 30 },
    at: maxBent,
  },
  {
    asks: all(patternIn('knee-dominant', 'jump', 'landing', 'hop'), at('both-feet', 'one-foot', 'split')),
    see: 'Knee falls in',
    say: 'Knee over the middle toes; less depth or less speed.',
    known: /knees? (fall|drop|cave|go|come|drift|roll)/i,
  },
  {
    asks: all(patternIn('knee-dominant'), standing, at('both-feet'), offTheWall, (v) => written(v, 'knee') >= 60),
    see: 'Lower back rounds at the bottom',
    say: 'Stop higher, heels on a book.',
    known: /round|tuck/i,
    add: { trunk: 28 },
  },
  {
    asks: all(patternIn('knee-dominant'), fromTheSide, at('split', 'one-foot'), offTheWall),
    see: 'Trunk falls over the leg',
    say: 'Chest up; hold on to something until it stays.',
    known: /trunk|lean|chest/i,
    add: { lean: 26, hip: 14 },
  },
  {
    asks: all(patternIn('jump', 'landing', 'hop'), standing, lands),
    see: 'Lands stiff and loud',
    say: 'Sit into it; nobody should hear you.',
    known: /stiff|loud|straight|noisy|quiet/i,
    change: { lean: 8, hip: 14, knee: 12, ankle: 4 },
  },
  {
    asks: all(patternIn('hip-dominant', 'knee-flexion'), lying),
    see: 'Lower back arches instead of the hips opening',
    say: 'Ribs down; stop level.',
    known: /arches|hollow/i,
    add: { trunk: -20 },
  },
  {
    asks: all(patternIn('hip-dominant', 'knee-flexion'), lying),
    see: 'Hips sink before the set is over',
    say: 'Squeeze the glutes; the set ends there.',
    known: /side|drop|sink|level|sag/i,
    add: { hip: 18 },
  },
  {
    asks: all(patternIn('vertical-push', 'vertical-pull'), based('standing', 'half kneeling', 'tall kneeling')),
    see: 'Lower back hollows',
    say: 'Ribs down, squeeze the glutes; lighter.',
    known: /arches|hollow/i,
    add: { trunk: -20, lean: -4 },
  },
  {
    asks: all(patternIn('calf'), standing, risesOnTheToes, (v) => written(v, 'knee') < 12),
    see: 'Knees bend to help',
    say: 'Legs straight; only the heel moves.',
    known: /knees?/i,
    add: { knee: 26, hip: 15 },
  },
  {
    asks: all(patternIn('knee-flexion', 'knee-dominant'), based('tall kneeling'), (v) => written(v, 'hip') < 60),
    see: 'Hips fold',
    say: 'Squeeze the glutes; less far.',
    known: /fold|bend first/i,
    add: { hip: 38, lean: 16 },
  },
  {
    asks: all(patternIn('trunk-flexion', 'anti-extension'), lying),
    see: 'Lower back lifts off',
    say: 'Shorter lever; only while it stays down.',
    known: /back|ribs|arches/i,
    add: { trunk: -15 },
  },
  {
    asks: all(patternIn('trunk-flexion'), lying),
    see: 'Head is pulled forwards',
    say: 'Eyes to the ceiling, room for a fist under the chin.',
    known: /head|chin|neck/i,
    add: { neck: 30 },
  },
  {
    asks: all(patternIn('trunk-extension', 'vertical-pull', 'scapular'), based('prone')),
    see: 'Neck bends back',
    say: 'Nose to the floor.',
    known: /neck|head/i,
    add: { neck: -38 },
  },
  {
    asks: all(
      patternIn('elbow-flexion', 'horizontal-pull', 'elbow-extension'),
      standing,
      (v) => !ownWeight(v),
      (v) => v.prop !== 'strap' && v.prop !== 'towel',
      (v) => written(v, 'lean') < 35,
    ),
    see: 'Trunk leans back to help',
    say: 'Stand still, a lighter weight.',
    known: /lean/i,
    add: { lean: -16 },
  },
  {
    asks: patternIn('vertical-push'),
    see: 'Shoulder shrugs before the arm lifts',
    say: 'Start lighter; let the shoulder blade turn up with the arm.',
    known: /shrug|ears/i,
  },
  {
    asks: patternIn('shoulder-external-rotation', 'shoulder-internal-rotation', 'horizontal-pull'),
    see: 'Shoulder creeps up to the ear',
    say: 'Long neck, less load.',
    known: /shrug|ear\b|ears/i,
  },
  {
    asks: all(patternIn('neck-flexion', 'neck-extension'), fromTheSide),
    see: 'Chin pokes forwards',
    say: 'Chin in first, half the push.',
    known: /chin/i,
    add: { neck: 26 },
  },
  {
    asks: patternIn('neck-flexion', 'neck-extension', 'neck-lateral', 'grip', 'anti-lateral-flexion', 'anti-extension'),
    see: 'Breath is held',
    say: 'Count aloud.',
    known: /breath/i,
  },
  {
    asks: all(patternIn('stretch', 'mobility'), based('half kneeling')),
    see: 'Lower back arches instead of the hip opening',
    say: 'Hips tucked under, then lean.',
    known: /arches|hollow/i,
    add: { trunk: -24 },
  },
  {
    asks: all(patternIn('stretch'), based('long sitting')),
    see: 'Back rounds to get further',
    say: 'Sit on a cushion, tip the pelvis first.',
    known: /round/i,
    add: { trunk: 34 },
  },
  {
    asks: patternIn('stretch'),
    see: 'Bouncing into the end',
    say: 'Ease in, breathe out, stay.',
    known: /bounc|forc|pull/i,
  },
  {
    asks: all(patternIn('anti-rotation', 'rotation'), (v) => v.view === 'above'),
    see: 'Hips turn along',
    say: 'Feet wide, hips stay square; less pull.',
    known: /hips|gives? in|pelvis/i,
    add: { lean: -22 },
  },
  {
    asks: all(patternIn('anti-lateral-flexion', 'hip-abduction', 'hip-adduction'), (v) =>
      v.keyframes.every((k) => k.base === 'side lying' && k.on.some((c) => c.includes('forearm'))),
    ),
    see: 'Hips sag',
    say: 'Shorter lever, shorter hold.',
    known: /sag|sink|drift/i,
    add: { trunk: -16, near: { hip: 18 } },
  },
  {
    asks: all(patternIn('pulse', 'quick-feet'), standing),
    see: 'Leans back',
    say: 'Chest over the feet, ribs down.',
    known: /lean/i,
    add: { lean: -14, hip: -10 },
  },
  {
    asks: patternIn('quick-feet', 'hop', 'pulse'),
    see: 'Heels thump',
    say: 'Forefoot, springy ankles, quieter.',
    known: /heel|thump/i,
  },
  {
    asks: patternIn('skill', 'throw'),
    see: 'Fast before it is right',
    say: 'Half speed until ten in a row look the same.',
    known: /speed|fast|rush/i,
  },
  {
    asks: patternIn('locomotion'),
    see: 'Hips sway from side to side',
    say: 'Slow down, short steps.',
    known: /steps|rush/i,
  },
  {
    asks: patternIn('balance', 'hip-abduction'),
    see: 'Hip shifts or drops to one side',
    say: 'Level the belt line; a finger on the wall.',
    known: /hips?|pelvis/i,
  },
  {
    asks: patternIn('balance', 'calf'),
    see: 'Foot rolls to the outside',
    say: 'Big toe down, long toes.',
    known: /foot|toe/i,
  },
  {
    asks: all(
      patternIn('hip-adduction', 'rotation', 'elbow-flexion', 'elbow-extension', 'hip-dominant', 'knee-flexion'),
      slowOnPurpose,
    ),
    see: 'Rushes the hard part',
    say: 'Slower where it is hardest.',
    known: /speed|swing|fast/i,
  },
];
