import { useQuery } from '@tanstack/react-query';
import type { DeskEntry } from '@tropaeum/core/desk/entry';
import type { Offered } from '@tropaeum/core/progress/progress-rules';
import { ask } from '../api/client';

/** What wants the coach, and house rules that decisions of late suggest. */
export interface Desk {
  entries: DeskEntry[];
  offered: Offered[];
}

/** How often the count in the navigation is brought up to date, ms. */
const every = 60_000;

export const useDesk = (enabled = true) =>
  useQuery({
    queryKey: ['desk'],
    queryFn: () => ask<Desk>('/desk'),
    enabled,
    refetchInterval: every,
    refetchOnWindowFocus: true,
  });
