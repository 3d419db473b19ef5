/** Why a part of the body is restricted. */
export const causes = [
  'post-operative-early',
  'post-operative-late',
  'tendon',
  'muscle-strain',
  'joint-instability',
  'overuse',
  'bone-stress',
  'nonspecific-pain',
  'concussion',
  'unstated',
] as const;
export type Cause = (typeof causes)[number];

/** What a cause is called on a screen, and what it means. */
export const causeWords: Record<Cause, { name: string; means: string }> = {
  'post-operative-early': {
    name: 'operation, early',
    means:
      'From the operation, a fracture or a complete tear until the clinician releases the part for strengthening in writing.',
  },
  'post-operative-late': {
    name: 'operation, late',
    means: 'Released in writing for strengthening, not yet for sport.',
  },
  tendon: {
    name: 'tendon pain',
    means: 'Pain of a tendon under load: holds first, then slow and heavy, then fast, then sport.',
  },
  'muscle-strain': {
    name: 'muscle strain',
    means: 'A recent tear of muscle: isometric at mid length, then concentric, then eccentric, then speed.',
  },
  'joint-instability': {
    name: 'sprain or instability',
    means: 'A sprain or dislocation: control in mid range, nothing that takes the joint where it gives way.',
  },
  overuse: { name: 'overuse', means: 'Too much, too soon: halve what causes it, keep the strength.' },
  'bone-stress': {
    name: 'bone stress',
    means: 'A stress reaction or stress fracture, known or suspected: only a clinician decides each step.',
  },
  'nonspecific-pain': {
    name: 'pain without a clear cause',
    means: 'Nothing structural found and no warning signs: keep moving, with less of what raises it.',
  },
  concussion: {
    name: 'concussion',
    means:
      'A knock to the head, diagnosed or suspected. It holds for the whole body, and only a clinician moves the steps.',
  },
  unstated: { name: 'cause not given', means: 'The general table of the region. Ask what it is.' },
};

/** What the restricted part may be asked for. */
export interface DoseCeiling {
  /** Share of the maximum of before, or of the other side, 0 to 1. */
  share: number;
  /** Pain while training, 0 to 10. */
  pain: number;
  /** Contacts of jumps and hops in a session. */
  contacts: number;
}

/** By cause. Values from memory: Silbernagel 2007 (tendon), Askling 2013 (strain), Patricios 2023 (concussion); the others common practice. */
export const causeCeilings: Record<Cause, DoseCeiling> = {
  'post-operative-early': { share: 0.3, pain: 1, contacts: 0 },
  'post-operative-late': { share: 0.7, pain: 2, contacts: 0 },
  tendon: { share: 0.85, pain: 3, contacts: 0 },
  'muscle-strain': { share: 0.5, pain: 2, contacts: 0 },
  'joint-instability': { share: 0.6, pain: 2, contacts: 0 },
  overuse: { share: 0.7, pain: 3, contacts: 0 },
  'bone-stress': { share: 0, pain: 0, contacts: 0 },
  'nonspecific-pain': { share: 0.6, pain: 3, contacts: 20 },
  concussion: { share: 0.4, pain: 0, contacts: 0 },
  unstated: { share: 0.6, pain: 2, contacts: 0 },
};

/** Causes that no date lifts: what has run out stays until somebody who may releases it. */
export const heldUntilReleased: ReadonlySet<Cause> = new Set<Cause>([
  'post-operative-early',
  'post-operative-late',
  'bone-stress',
  'concussion',
]);

/** Phrases of free text that name a cause, longest first when read; where several are named, the gravest counts. */
const phrases: readonly (readonly [string, Cause])[] = [
  ['released for strengthening', 'post-operative-late'],
  ['acl late', 'post-operative-late'],
  ['late stage', 'post-operative-late'],
  ['late phase', 'post-operative-late'],
  ['post-operative', 'post-operative-early'],
  ['postoperative', 'post-operative-early'],
  ['post-op', 'post-operative-early'],
  ['operation', 'post-operative-early'],
  ['operated', 'post-operative-early'],
  ['surgery', 'post-operative-early'],
  ['repair', 'post-operative-early'],
  ['reconstruction', 'post-operative-early'],
  ['arthroscopy', 'post-operative-early'],
  ['fracture', 'post-operative-early'],
  ['broken', 'post-operative-early'],
  ['rupture', 'post-operative-early'],
  ['avulsion', 'post-operative-early'],
  ['stress fracture', 'bone-stress'],
  ['stress reaction', 'bone-stress'],
  ['bone stress', 'bone-stress'],
  ['shin splints', 'bone-stress'],
  ['growth plate', 'bone-stress'],
  ['apophysitis', 'bone-stress'],
  ['concussion', 'concussion'],
  ['head injury', 'concussion'],
  ['tendinopathy', 'tendon'],
  ['tendinitis', 'tendon'],
  ['tendon', 'tendon'],
  ["jumper's knee", 'tendon'],
  ['tennis elbow', 'tendon'],
  ['strain', 'muscle-strain'],
  ['tear', 'muscle-strain'],
  ['torn', 'muscle-strain'],
  ['pulled', 'muscle-strain'],
  ['sprain', 'joint-instability'],
  ['dislocation', 'joint-instability'],
  ['subluxation', 'joint-instability'],
  ['instability', 'joint-instability'],
  ['ligament', 'joint-instability'],
  ['meniscus', 'joint-instability'],
  ['labrum', 'joint-instability'],
  ['overuse', 'overuse'],
  ['impingement', 'overuse'],
  ['pain', 'nonspecific-pain'],
  ['ache', 'nonspecific-pain'],
];

/** Gravest first. */
const gravity: readonly Cause[] = [
  'post-operative-early',
  'post-operative-late',
  'bone-stress',
  'concussion',
  'muscle-strain',
  'joint-instability',
  'tendon',
  'overuse',
  'nonspecific-pain',
];

/**
 * The cause that a free text names, or `unstated`. A longer phrase hides a shorter one inside it; of several causes the gravest counts.
 *
 * @example causeInText('stress fracture, navicular') // 'bone-stress'
 * @example causeInText('ACL reconstruction') // 'post-operative-early'
 */
export function causeInText(text: string): Cause {
  let rest = text.toLowerCase();
  const found = new Set<Cause>();
  for (const [phrase, cause] of [...phrases].sort((a, b) => b[0].length - a[0].length)) {
    const word = new RegExp(`(^|[^a-z])${phrase}s?(?=$|[^a-z])`);
    if (!word.test(rest)) continue;
    found.add(cause);
    rest = rest.replace(word, ' ');
  }
  // An operation that is said to be late is late, whatever it was called.
  if (found.has('post-operative-late')) found.delete('post-operative-early');
  return gravity.find((cause) => found.has(cause)) ?? 'unstated';
}
