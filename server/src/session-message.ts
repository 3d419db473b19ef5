import { firstName } from '@tropaeum/core/common/text';

const dayFormat = new Intl.DateTimeFormat('en-GB', {
  weekday: 'long',
  day: 'numeric',
  month: 'long',
  timeZone: 'UTC',
});

const dayWords = (on: string): string => dayFormat.format(new Date(`${on}T00:00:00Z`));

/**
 * The words that go to an athlete with the link to a session.
 *
 * @example sessionMessage('Mira Holm', '2026-12-09', 29.6) // 'Hello Mira, your session for Wednesday 9 December is ready: 30 minutes.'
 */
export function sessionMessage(name: string, on: string, minutes: number): string {
  return `Hello ${firstName(name)}, your session for ${dayWords(on)} is ready: ${Math.round(minutes)} minutes.`;
}

/** What a guardian is mailed about a minor's session: the subject holds no word of health. */
export function guardianMail(told: {
  guardian: string;
  athlete: string;
  on: string;
  text: string;
  publicUrl: string;
}): { subject: string; text: string } {
  const first = firstName(told.athlete);
  return {
    subject: `About ${first}’s training`,
    text: [
      `Hello ${firstName(told.guardian)},`,
      `${first} has told this of the session on ${dayWords(told.on)}:`,
      told.text,
      'The coach has been told as well. Nobody has examined it: if it frightens you, see a doctor; in danger call the emergency number.',
      `Plan and results: ${told.publicUrl}/family`,
    ].join('\n\n'),
  };
}
