import ICAL from 'ical.js';
import { dayAfter } from '../date/days';
import { isZone, momentOf, type WallTime, wallTimeAt } from '../date/zone-time';
import { isDay } from './days';
import type { BadLine, CalendarLine, Component } from './icalendar-lines';

/** Most times that one entry may come again. */
const maxTimes = 750;
/** Most steps that all rules of a calendar may take together: some hundred years of days, or a league of weekly practices many times over. */
const maxSteps = 40_000;
/** Rules that come again within a day are no calendar of a season. */
const withinADay = /FREQ=(SECONDLY|MINUTELY|HOURLY)|BY(HOUR|MINUTE|SECOND)=[^;]*,/i;

/** How far the rules of one calendar may still be followed. */
export class Steps {
  private left = maxSteps;

  take(line: number): void {
    if (this.left-- <= 0)
      throw new Unreadable(line, 'comes again too often: what this calendar repeats is more than is read');
  }
}

/** A time as it stands in a calendar: on clocks of a zone, or a whole day. */
export interface Moment extends WallTime {
  allDay: boolean;
  /** ms since 1970 */
  at: number;
}

/** Time zones by name, and those that a calendar brings its own rules for. */
export class Zones {
  private readonly own = new Map<string, ICAL.Timezone>();

  constructor(
    components: readonly Component[],
    private readonly club: string,
    private readonly bad: BadLine[],
  ) {
    for (const component of components) {
      try {
        const parsed = new ICAL.Component(ICAL.parse(written(component)) as unknown[] as never);
        const id = String(parsed.getFirstPropertyValue('tzid'));
        this.own.set(id, new ICAL.Timezone({ component: parsed, tzid: id }));
      } catch {
        bad.push({ line: component.line, message: 'is a time zone that cannot be read' });
      }
    }
  }

  /** The moment of a time in a zone; one that nobody knows is taken for the club's own, and said. */
  momentOf(wall: WallTime, zone: string, line: number): number {
    if (isZone(zone)) return momentOf(wall, zone);
    const own = this.own.get(zone);
    if (own) {
      const time = ICAL.Time.fromDateTimeString(`${wall.on}T${wall.time}:00`);
      time.zone = own;
      return time.toUnixTime() * 1000;
    }
    if (!this.bad.some((b) => b.line === line))
      this.bad.push({ line, message: `time zone "${zone}" is not known; taken for ${this.club}` });
    return momentOf(wall, this.club);
  }
}

/** A component as text, for the reader of its insides. */
const written = ({ name, lines, within }: Component): string =>
  [`BEGIN:${name}`, ...lines.map(({ text }) => text), ...within.map(written), `END:${name}`].join('\r\n');

type Property = ReturnType<typeof propertyOf>;

function propertyOf({ text, line }: CalendarLine) {
  const [name, params, , ...values] = ICAL.parse.property(text) as [
    string,
    Record<string, string>,
    string,
    ...unknown[],
  ];
  const raw = text.slice(endOfName(text) + 1);
  return { name, params, values, raw, line };
}

/** Where the value of a line begins: after the first colon outside of quotes. */
function endOfName(text: string): number {
  let quoted = false;
  for (let i = 0; i < text.length; i++) {
    if (text[i] === '"') quoted = !quoted;
    else if (text[i] === ':' && !quoted) return i;
  }
  return -1;
}

const dateValue = /^(\d{4})(\d{2})(\d{2})(?:T(\d{2})(\d{2})(\d{2})(Z?))?$/;

/** What cannot be read, with its line. */
export class Unreadable extends Error {
  constructor(
    readonly line: number,
    message: string,
  ) {
    super(message);
  }
}

function wallTime(raw: string, line: number): { wall: WallTime; allDay: boolean; universal: boolean } {
  const [, year, month, day, hour, minute, , z] = dateValue.exec(raw.trim()) ?? [];
  const on = `${year}-${month}-${day}`;
  if (!year || !isDay(on)) throw new Unreadable(line, `"${raw}" is no date; 20261209 or 20261209T180000 would be`);
  if (hour !== undefined && (Number(hour) > 23 || Number(minute) > 59))
    throw new Unreadable(line, `"${raw}" is no time of day`);
  return { wall: { on, time: `${hour ?? '00'}:${minute ?? '00'}` }, allDay: hour === undefined, universal: z === 'Z' };
}

/** What one event says, before it is told over the days. */
export class Event {
  private readonly properties: Property[];

  constructor(
    readonly component: Component,
    private readonly zones: Zones,
    private readonly club: string,
    bad: BadLine[],
    private readonly steps: Steps,
  ) {
    this.properties = component.lines.flatMap((line) => {
      try {
        return [propertyOf(line)];
      } catch {
        bad.push({ line: line.line, message: `cannot be read: "${line.text.slice(0, 40)}"` });
        return [];
      }
    });
  }

  first(name: string): Property | undefined {
    return this.properties.find((property) => property.name === name);
  }

  all(name: string): Property[] {
    return this.properties.filter((property) => property.name === name);
  }

  text(name: string): string {
    return this.all(name)
      .flatMap(({ values }) => values.map(String))
      .join(', ')
      .trim();
  }

  /** The zone that a property is told in. */
  zoneOf(property: Property, universal: boolean): string {
    return universal ? 'UTC' : (property.params.tzid ?? this.club);
  }

  momentIn(property: Property, raw: string): Moment {
    const { wall, allDay, universal } = wallTime(raw, property.line);
    const zone = allDay ? this.club : this.zoneOf(property, universal);
    return { ...wall, allDay, at: this.zones.momentOf(wall, zone, property.line) };
  }

  moment(name: string): Moment | undefined {
    const property = this.first(name);
    return property && this.momentIn(property, property.raw);
  }

  /** Minutes that it lasts, or days where it is of whole days; undefined where it does not say. */
  lasting(start: Moment): number | undefined {
    const end = this.moment('dtend');
    if (end) {
      const minutes = (end.at - start.at) / 60_000;
      if (minutes <= 0) throw new Unreadable(this.first('dtend')?.line ?? 0, 'ends before it starts');
      return minutes;
    }
    const duration = this.first('duration');
    if (!duration) return undefined;
    const seconds = ICAL.Duration.fromString(duration.raw).toSeconds();
    if (seconds <= 0) throw new Unreadable(duration.line, 'lasts no time');
    return seconds / 60;
  }

  /** Every time that it comes between two days, as it stands on the clocks of its own zone. */
  times(start: Moment, from: string, to: string): Moment[] {
    const property = this.first('dtstart') as Property;
    const added = this.all('rdate').flatMap((p) => p.raw.split(',').map((raw) => this.momentIn(p, raw)));
    const rule = this.first('rrule');
    const again = rule ? this.repeated(rule, start, property, from, to) : [start];
    const dropped = new Set(this.all('exdate').flatMap((p) => p.raw.split(',').map((raw) => this.momentIn(p, raw).at)));
    const byMoment = new Map([...again, ...added].map((moment) => [moment.at, moment]));
    return [...byMoment.values()].filter(({ at }) => !dropped.has(at));
  }

  private repeated(rule: Property, start: Moment, property: Property, from: string, to: string): Moment[] {
    const universal = /Z$/.test(property.raw.trim());
    const zone = start.allDay ? this.club : this.zoneOf(property, universal);
    if (withinADay.test(rule.raw))
      throw new Unreadable(rule.line, 'comes again within a day; daily is the most that is read');
    let recur: ICAL.Recur;
    try {
      recur = ICAL.Recur.fromString(this.untilOnItsClocks(rule, zone));
    } catch (error) {
      throw new Unreadable(rule.line, `cannot be repeated: ${error instanceof Error ? error.message : rule.raw}`);
    }
    const begin = ICAL.Time.fromDateTimeString(`${start.on}T${start.time}:00`);
    const times: Moment[] = [];
    const iterator = recur.iterator(begin);
    for (let time = iterator.next(); time && times.length < maxTimes; time = iterator.next()) {
      this.steps.take(rule.line);
      const [on, clock] = time.toString().split('T') as [string, string];
      if (on > dayAfter(to, 1)) break;
      if (on < dayAfter(from, -1)) continue;
      const wall = { on, time: clock.slice(0, 5) };
      times.push({ ...wall, allDay: start.allDay, at: this.zones.momentOf(wall, zone, property.line) });
    }
    return times;
  }

  /** A last time told in universal time is put on the clocks that the rest is told by. */
  private untilOnItsClocks(rule: Property, zone: string): string {
    return rule.raw.replace(/UNTIL=(\d{8}T\d{6}Z)/i, (_, raw: string) => {
      const { wall } = wallTime(raw, rule.line);
      const known = isZone(zone) ? zone : this.club;
      const local = wallTimeAt(momentOf(wall, 'UTC'), known);
      return `UNTIL=${local.on.replaceAll('-', '')}T${local.time.replace(':', '')}00`;
    });
  }
}
