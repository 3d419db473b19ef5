import type { Showing, ShownSet } from '../athlete/showing';

/** A jump with hands on the hips, height from the time in the air. */
export interface ShownJump {
  on: string;
  heightCm: number;
}

const keyOf = ({ on, variant, side, loadKg, band, counts, from }: Showing) =>
  JSON.stringify([on, variant, side, loadKg ?? 0, band ?? null, counts, from]);

const amount = (set: ShownSet) => set.amount + (set.reserve ?? 0);
const best = (sets: readonly ShownSet[]): ShownSet | undefined =>
  sets.length === 0 ? undefined : sets.reduce((a, b) => (amount(b) > amount(a) ? b : a));

/**
 * Showings in the order of their days, whatever order they were typed in, each once: a test that is typed twice is one test, and of two on the
 * same day the better counts. Later days and empty ones are left out.
 *
 * @example inOrder([test, test], '2026-12-09').length // 1
 */
export function inOrder(showings: readonly Showing[], until: string): Showing[] {
  const byKey = new Map<string, Showing>();
  for (const showing of showings) {
    if (showing.on > until || showing.sets.length === 0) continue;
    const key = keyOf(showing);
    const known = byKey.get(key);
    const tested = showing.from === 'test' ? best([...(known?.sets ?? []), ...showing.sets]) : undefined;
    byKey.set(key, tested ? { ...showing, sets: [tested] } : (known ?? showing));
  }
  return [...byKey.entries()]
    .sort(([a, one], [b, other]) => one.on.localeCompare(other.on) || (a < b ? -1 : a > b ? 1 : 0))
    .map(([, showing]) => showing);
}

/** The best jump of each day up to a day, in order. */
export function bestJumps(jumps: readonly ShownJump[], until: string): ShownJump[] {
  const byDay = new Map<string, ShownJump>();
  for (const jump of jumps) {
    const known = byDay.get(jump.on);
    if (jump.on <= until && (!known || jump.heightCm > known.heightCm)) byDay.set(jump.on, jump);
  }
  return [...byDay.values()].sort((a, b) => a.on.localeCompare(b.on));
}
