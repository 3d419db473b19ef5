const dayFormat = new Intl.DateTimeFormat('en-GB', {
  weekday: 'long',
  day: 'numeric',
  month: 'long',
  timeZone: 'UTC',
});

/**
 * The words that go to an athlete with the link to a session.
 *
 * @example sessionMessage('Mira Holm', '2026-12-09', 29.6) // 'Hello Mira, your session for Wednesday 9 December is ready: 30 minutes.'
 */
export function sessionMessage(name: string, on: string, minutes: number): string {
  const day = dayFormat.format(new Date(`${on}T00:00:00Z`));
  return `Hello ${name.split(' ')[0]}, your session for ${day} is ready: ${Math.round(minutes)} minutes.`;
}
