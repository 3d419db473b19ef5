import type { DeskEntry } from '@tropaeum/core/desk/entry';
import { useMemo } from 'react';
import { idOf, useDeskState } from './actions';
import { useDesk } from './queries';

/** Entries that are still there. */
export function useOpenEntries(): DeskEntry[] {
  const entries = useDesk().data?.entries;
  const gone = useDeskState((state) => state.gone);
  return useMemo(() => (entries ?? []).filter((entry) => !gone.has(idOf(entry))), [entries, gone]);
}
