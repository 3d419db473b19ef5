import type { PainReport } from './athlete';

/**
 * Pain of each part at its worst, in the order in which parts were first told of.
 *
 * @example worstByPlace([{ region: 'knee', score: 3 }, { region: 'knee', score: 7 }]) // [{ region: 'knee', score: 7 }]
 */
export function worstByPlace<Pain extends PainReport>(pains: readonly Pain[]): Pain[] {
  const worst = new Map<string, Pain>();
  for (const pain of pains) {
    const key = `${pain.region} ${pain.side ?? ''}`;
    if ((worst.get(key)?.score ?? -1) < pain.score) worst.set(key, pain);
  }
  return [...worst.values()];
}
