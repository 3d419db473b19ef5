import { labelOf } from './day';
import type { ScheduledDay } from './schedule-days';
import type { Timing } from './timing';
import type { WeeklyTargets } from './weekly-targets';

/** A label as the beginning of a sentence; nothing where there is none. */
export const ofLabel = (label: string) => (label === '-' ? '' : `${label}: `);
const capital = (text: string) => text.charAt(0).toUpperCase() + text.slice(1);

/** What the session of a day is for and why it stands there, in a sentence; the first of a week says what the week is about. */
export function whyOf(laid: ScheduledDay, timing: Timing, week: WeeklyTargets, first: boolean): string {
  const label = labelOf(laid.day);
  const said = `${ofLabel(label)}${reasonOf(laid, timing)}`;
  const because = first && week.because ? ` ${capital(week.because)}.` : '';
  return `${label === '-' ? capital(said) : said}.${because}`;
}

function reasonOf(laid: ScheduledDay, timing: Timing): string {
  const { day, type, heavyLower, eccentric, contacts } = laid;
  const where = { after: ' after practice', before: ' before the sport', between: ' between two practices', only: '' }[
    timing
  ];
  const days = day.toFixture === undefined ? '' : `, ${day.toFixture} days clear of the next fixture`;
  if (laid.pinned) return `pinned${day.pin?.by ? ` by the ${day.pin.by}` : ''}; day and length stay`;
  switch (type) {
    case 'whole-body':
    case 'lower-body':
      return `${eccentric > 0 ? 'heavy and slow work' : heavyLower > 3 ? 'heavy work' : 'a few heavy sets, nothing slow'}${where}${heavyLower > 3 ? days : ''}`;
    case 'upper-body':
      return `upper body${where}, so that the legs stay fresh`;
    case 'power':
      return `short and fast${where}, ${contacts} jump contacts, no fatigue`;
    case 'conditioning':
      return day.played
        ? `runs and changes of pace${where}, as there is none in practice`
        : `no match, so fast running and jumps instead`;
    case 'primer':
      return `ten fast minutes${where}, no soreness tomorrow; optional`;
    case 'flexibility':
      return day.travel ? 'travel day: hips and back only' : 'mobility, no load';
    case 'injury-prevention':
      return `injury prevention, ${eccentric} slow eccentric sets${where}`;
    case 'return':
      return `easy whole body${where}, far from failure`;
    case 'trunk':
      return `trunk only${where}; legs rest`;
    case 'arm-care':
      return `ten minutes for the shoulder${where}, nothing more`;
    default:
      return `short and light${where}`;
  }
}
