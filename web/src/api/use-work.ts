import type { QueryKey } from '@tanstack/react-query';
import { useState } from 'react';
import { ApiError } from './client';
import { queryClient } from './queries';

/** What the server said of a write, in the words of the field it meant where there is one. */
const wordsOf = (error: unknown): string =>
  error instanceof ApiError
    ? error.faults[0]
      ? `It ${error.faults[0].message}.`
      : error.message
    : 'It failed. Try again.';

interface Work {
  /** Which work is under way. */
  busy: string | undefined;
  /** Why the last one did not work. */
  problem: string | undefined;
  /** Does something that writes; what shows it is read anew. True when it worked. */
  work: (what: string, doing: () => Promise<unknown>) => Promise<boolean>;
}

/** Writes of a panel, one under way at a time, with the queries that show what they change. */
export function useWork(...shownBy: QueryKey[]): Work {
  const [busy, setBusy] = useState<string>();
  const [problem, setProblem] = useState<string>();
  return {
    busy,
    problem,
    async work(what, doing) {
      setBusy(what);
      setProblem(undefined);
      try {
        await doing();
        for (const queryKey of shownBy) await queryClient.invalidateQueries({ queryKey });
        return true;
      } catch (error) {
        setProblem(wordsOf(error));
        return false;
      } finally {
        setBusy(undefined);
      }
    },
  };
}
