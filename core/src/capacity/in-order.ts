import type { PerformanceRecord, RecordedSet } from '../athlete/performance-record';

/** A jump with hands on the hips, height from the time in the air. */
export interface RecordedJump {
  on: string;
  heightCm: number;
}

const keyOf = ({ on, variant, side, loadKg, band, counts, from }: PerformanceRecord) =>
  JSON.stringify([on, variant, side, loadKg ?? 0, band ?? null, counts, from]);

const amount = (set: RecordedSet) => set.amount + (set.reserve ?? 0);
const best = (sets: readonly RecordedSet[]): RecordedSet | undefined =>
  sets.length === 0 ? undefined : sets.reduce((a, b) => (amount(b) > amount(a) ? b : a));

/**
 * Showings in the order of their days, whatever order they were typed in, each once: a test that is typed twice is one test, and of two on the
 * same day the better counts. Later days and empty ones are left out.
 *
 * @example inOrder([], '2026-12-09').length // 0
 */
export function inOrder(showings: readonly PerformanceRecord[], until: string): PerformanceRecord[] {
  const byKey = new Map<string, PerformanceRecord>();
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
export function bestJumps(jumps: readonly RecordedJump[], until: string): RecordedJump[] {
  const byDay = new Map<string, RecordedJump>();
  for (const jump of jumps) {
    const known = byDay.get(jump.on);
    if (jump.on <= until && (!known || jump.heightCm > known.heightCm)) byDay.set(jump.on, jump);
  }
  return [...byDay.values()].sort((a, b) => a.on.localeCompare(b.on));
}
