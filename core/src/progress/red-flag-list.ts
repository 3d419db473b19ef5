/** A sign that ends the session, as an athlete would see or feel it, and what the screen says. */
export interface RedFlag {
  id: string;
  seen: string;
  say: string;
  /** Help is called at once, or somebody looks today, or within days. */
  when: 'now' | 'today' | 'days';
  /** The coach is told in the same words; else only if the athlete wants. */
  told: boolean;
}

/**
 * What ends a session whatever else was planned, the most urgent first. From memory of what sports medicine teaches to coaches; not complete, which
 * the screen says too. It diagnoses nothing.
 */
export const redFlagList: readonly RedFlag[] = [
  {
    id: 'chest',
    seen: 'Chest pain or pressure, far too short of breath, fainting, heart racing or uneven',
    say: 'Stop. Sit or lie down. Call the emergency number if it lasts more than a few minutes, spreads, comes with sweat or nausea, or if you passed out. No training until a doctor has said yes.',
    ...{ when: 'now', told: true },
  },
  {
    id: 'breath',
    seen: 'Wheezing that your inhaler does not settle, lips or tongue swelling, hives',
    say: 'Stop. Inhaler or pen as prescribed. Call the emergency number if it does not settle at once.',
    ...{ when: 'now', told: true },
  },
  {
    id: 'head',
    seen: 'A blow to the head, or the worst headache ever; face, speech or sight suddenly different',
    say: 'Done for today, however you feel. Do not stay alone for a day. Worse headache, vomiting, drowsy, a fit, weak or numb, or sudden trouble with speech or sight: emergency number.',
    ...{ when: 'now', told: true },
  },
  {
    id: 'back',
    seen: 'Numb between the legs, both legs weak, trouble holding or passing water',
    say: 'Emergency department now.',
    ...{ when: 'now', told: true },
  },
  {
    id: 'heat',
    seen: 'Confused, staggering or no longer sweating in the heat',
    say: 'Cool first: water, ice, shade, wind. Then call the emergency number.',
    ...{ when: 'now', told: true },
  },
  {
    id: 'bone',
    seen: 'Out of shape, cannot take four steps, or one spot on the bone hurts to the touch',
    say: 'No weight on it. It needs a picture today.',
    ...{ when: 'today', told: true },
  },
  {
    id: 'tear',
    seen: 'A pop or snap, then weak, or a joint that is stuck or out of place',
    say: 'Stop. Do not test it and let nobody pull at it. Seen today.',
    ...{ when: 'today', told: true },
  },
  {
    id: 'calf',
    seen: 'One calf hot, swollen and tender, or a joint hot and red with fever',
    say: 'Doctor today. No massage, no stretching. With breathlessness or chest pain: emergency number.',
    ...{ when: 'today', told: true },
  },
  {
    id: 'dark',
    seen: 'Dark urine with hard, sore muscles after hard work, or a blow to the belly that gets worse',
    say: 'Emergency department now. After hard work: drink on the way.',
    ...{ when: 'now', told: true },
  },
  {
    id: 'swollen',
    seen: 'A joint that swelled within two hours, or gave way',
    say: 'Stop. Raise it, press it lightly, no weight if it hurts. A clinician within days.',
    ...{ when: 'days', told: true },
  },
  {
    id: 'night',
    seen: 'Pain that wakes you at night, or at rest, with fever or weight loss; a limp that stays',
    say: 'No session. A doctor this week; with fever today.',
    ...{ when: 'days', told: true },
  },
  {
    id: 'mind',
    seen: 'Thoughts of hurting yourself, or fear of eating before you may train',
    say: 'Talk to somebody you trust today, or call a helpline or the emergency number. Nobody is told from here; you choose whom to tell.',
    ...{ when: 'today', told: false },
  },
];

/** What goes to the coach of a sign that was chosen: nothing of what is the athlete's own to tell. @example coachNote(redFlagList[0]).startsWith('Ended') // true */
export const coachNote = ({ seen, told }: RedFlag): string =>
  told ? `Ended early. Red flag: ${seen}.` : 'Ended early.';
