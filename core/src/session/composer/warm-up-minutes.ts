import type { Brief } from '../brief/brief';
import { frames } from '../type/frames';

/** Share of the first twenty minutes that goes to warm-up where the type says nothing else; common practice, no source. */
const usualShare = 0.2;

const frameFor = ({ sessionType }: Pick<Brief, 'sessionType'>) => frames[sessionType ?? 'whole-body'];

/**
 * Minutes of warm-up: a fifth of a session of twenty minutes, a little more for longer ones and for who feels tight, most of a session that is one.
 * Common practice, no source.
 */
export function warmUpMinutes(brief: Pick<Brief, 'minutes' | 'athlete' | 'sessionType'>): number {
  const { minutes, athlete } = brief;
  const share = frameFor(brief).warmUp ?? usualShare;
  const usual = minutes <= 20 ? minutes * share : 20 * share + (minutes - 20) / 12;
  return usual + (athlete.readiness?.tight ? Math.min(1.5, minutes / 20) : 0);
}

/** Minutes of cool-down: none in a short session, two in one of half an hour; common practice, no source. */
export const coolDownMinutes = (brief: Pick<Brief, 'minutes' | 'sessionType'>): number =>
  (Math.max(0, brief.minutes - 12) / 9) * frameFor(brief).coolDown;
