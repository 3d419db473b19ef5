import { daysBetween } from '../../date/days';
import type { Cost } from '../../session-type/cost';
import type { SessionType } from '../../session-type/session-type';
import type { Timing } from './timing';

/** A session laid on a day: its type, when it is done, how much it holds, and why it stands there. */
export interface ScheduledSession extends Cost {
  on: string;
  type: SessionType;
  minutes: number;
  timing: Timing;
  /** "19:45". */
  start: string;
  /** The label of the day, "MD-4"; "-" where no fixture is near. */
  label: string;
  why: string;
  /** A short one before practice, where the house has two a day. */
  second?: { type: SessionType; minutes: number; start: string; why: string };
}

/** What became of a session when the season was laid anew. */
export type Move =
  | { type: SessionType; from: string; to: string }
  | { type: SessionType; added: string }
  | { type: SessionType; dropped: string };

type OnADay = Pick<ScheduledSession, 'on' | 'type'>;

/**
 * How one laid season came from another: sessions of a type are taken to have moved to the nearest day; the rest came or went.
 *
 * @example movesBetween([{ on: '2026-12-08', type: 'power' }], [{ on: '2026-12-09', type: 'power' }], '2026-12-07') // [{ type: 'power', from: '2026-12-08', to: '2026-12-09' }]
 */
export function movesBetween(before: readonly OnADay[], after: readonly OnADay[], from: string): Move[] {
  const gone = before.filter((b) => b.on >= from && !after.some((a) => a.on === b.on && a.type === b.type));
  const come = after.filter((a) => a.on >= from && !before.some((b) => b.on === a.on && b.type === a.type));
  const apart = gone
    .flatMap((g) =>
      come.filter((c) => c.type === g.type).map((c) => ({ g, c, days: Math.abs(daysBetween(g.on, c.on)) })),
    )
    .filter(({ days }) => days < 7)
    .sort((a, b) => a.days - b.days);
  const used = new Set<OnADay>();
  const moves: (Move & { at: string })[] = [];
  for (const { g, c } of apart) {
    if (used.has(g) || used.has(c)) continue;
    used.add(g).add(c);
    moves.push({ type: g.type, from: g.on, to: c.on, at: g.on });
  }
  for (const g of gone) if (!used.has(g)) moves.push({ type: g.type, dropped: g.on, at: g.on });
  for (const c of come) if (!used.has(c)) moves.push({ type: c.type, added: c.on, at: c.on });
  return moves.sort((a, b) => (a.at < b.at ? -1 : 1)).map(({ at: _, ...move }) => move);
}
