import { ageOn } from '../../date/days';
import type { Brief } from './brief';

/** Who is new or very young stays at eight repetitions and more. */
export const isCareful = ({ athlete, date }: Brief) => athlete.level === 'new' || ageOn(athlete.born, date) < 14;
