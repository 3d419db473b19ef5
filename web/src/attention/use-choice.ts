import type { DeskEntry } from '@tropaeum/core/desk/entry';
import { useState } from 'react';
import { idOf } from './actions';

/** The entry that keys act on. It stays the same one when the list changes round it; once it has been seen to, the one that moved into its place is chosen. */
export function useChoice(entries: readonly DeskEntry[]) {
  const [picked, setPicked] = useState<{ id: string; at: number }>();
  const found = picked ? entries.findIndex((entry) => idOf(entry) === picked.id) : 0;
  const chosenAt = found >= 0 ? found : Math.max(0, Math.min(picked?.at ?? 0, entries.length - 1));
  const chosen = entries[chosenAt];
  // Kept while it is drawn, so that no list ever stands with another one chosen.
  if (chosen && (picked?.id !== idOf(chosen) || picked.at !== chosenAt)) setPicked({ id: idOf(chosen), at: chosenAt });
  const choose = (entry: DeskEntry | undefined) => entry && setPicked({ id: idOf(entry), at: entries.indexOf(entry) });
  return { chosen, chosenAt, choose };
}
