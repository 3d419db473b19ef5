import { ageOn } from '../date/days';

/** Younger than this an athlete's guardian decides, where the club has said nothing else. Countries differ; of data on health the stricter is usual. */
export const usualConsentAge = 18;

/** Ages that a club may set. */
export const consentAges = { min: 13, max: 21 } as const;

/** Days that what is kept of a minor without consent stays, where the club has said nothing else: time to ask a guardian. */
export const usualConsentDays = 30;

/**
 * Whether a guardian has to consent before anything beyond the name is kept.
 *
 * @example isMinor('2011-05-01', '2026-12-09', 18) // true
 */
export const isMinor = (born: string, day: string, consentAge: number = usualConsentAge): boolean =>
  ageOn(born, day) < consentAge;

/** The wording in force. A changed wording gets another number: what somebody agreed to is kept as it was. */
export const consentVersion = '2026-11';

/**
 * What a guardian agrees to, paragraph by paragraph; kept word for word with the consent.
 *
 * @param who the child and the club by name
 * @example consentWording({ athlete: 'Nora Fjell', club: 'Skarvøy' })[0] // 'Skarvøy may keep these data of Nora Fjell to plan home training: ...'
 */
export function consentWording({ athlete, club }: { athlete: string; club: string }): string[] {
  return [
    `${club} may keep these data of ${athlete} to plan home training: day of birth, height, mass, equipment at home, injuries and restrictions, pain, tests, sessions and their results.`,
    `Coaches of ${club} who work with ${athlete}, and a physio who treats, see them. Nobody else does. Reading and changing them is written down.`,
    `Sessions are sent to ${athlete}. An adult is within reach while training, and knows that pain above 5 of 10, a fall on the head or feeling ill ends it.`,
    `I can read everything that is kept, take a copy, and withdraw this at any time. Then all but the name is deleted at once and no session is sent.`,
  ];
}
