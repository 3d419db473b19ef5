import type { SessionType } from '../../session-type/session-type';
import type { Brief } from '../brief/brief';
import type { Slot } from './slots';

/** A session kept for others: what it is for and what its items are there for, whoever does it. */
export interface Template {
  name: string;
  aim: Brief['aim'];
  /** The type it was written as; left out in templates of before. */
  sessionType?: SessionType;
  minutes: number;
  houseRules: Brief['houseRules'];
  slots: readonly Slot[];
}

/**
 * A brief of somebody with the aim, minutes and rules of a template.
 *
 * @example byTemplate(brief, { name: 'Short', aim: 'power', minutes: 20, slots: [] }).minutes // 20
 */
export function byTemplate(
  brief: Brief,
  { aim, sessionType, minutes, houseRules }: Omit<Template, 'slots' | 'name'>,
): Brief {
  return { ...brief, aim, minutes, houseRules, ...(sessionType ? { sessionType } : {}) };
}
