import { type QueryKey, useMutation } from '@tanstack/react-query';
import { ApiError } from './client';
import { queryClient } from './queries';

/** What the server said of a write, in the words of the field it meant where there is one. */
export const wordsOf = (error: unknown): string =>
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

/** Writes of a panel, with the queries that show what they change. */
export function useWork(...shownBy: QueryKey[]): Work {
  const { mutateAsync, isPending, variables, error } = useMutation({
    mutationFn: ({ doing }: { what: string; doing: () => Promise<unknown> }) => doing(),
    onSuccess: () => Promise.all(shownBy.map((queryKey) => queryClient.invalidateQueries({ queryKey }))),
  });
  return {
    busy: isPending ? variables.what : undefined,
    problem: error ? wordsOf(error) : undefined,
    work: (what, doing) =>
      mutateAsync({ what, doing }).then(
        () => true,
        () => false,
      ),
  };
}
