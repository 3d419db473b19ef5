import { usualConsentDays } from './consent';

/** How long things are kept where a club has said nothing else. Results stay: capacity is learnt from them. */
export const usualRetention = { auditMonths: 24, messageDays: 180, consentDays: usualConsentDays } as const;
