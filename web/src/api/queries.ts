import { QueryClient, useInfiniteQuery, useQuery } from '@tanstack/react-query';
import { type Action, may } from '@tropaeum/core/people/permissions';
import { ApiError, ask } from './client';
import type { AuditEntry, Invitation, Person, SignInKept, SimulatedMail, SimulatedReminder } from './people-types';
import type { AthleteDetail, CalendarLink, Me, OutboxMessage, Returned, Squads, StoredSession } from './types';

export const queryClient = new QueryClient({
  defaultOptions: {
    queries: {
      staleTime: 20_000,
      retry: (count, error) => error instanceof ApiError && error.status === 0 && count < 2,
    },
  },
});

export const useMe = () => useQuery({ queryKey: ['me'], queryFn: () => ask<Me>('/me') });
export const useSquads = (enabled = true) =>
  useQuery({ queryKey: ['squads'], queryFn: () => ask<Squads>('/squads'), enabled });
export const useAthlete = (id: string) =>
  useQuery({ queryKey: ['athlete', id], queryFn: () => ask<AthleteDetail>(`/athletes/${id}`), enabled: id !== '' });
export const useOutbox = () =>
  useQuery({ queryKey: ['outbox'], queryFn: () => ask<{ messages: OutboxMessage[] }>('/outbox') });
export const useReturned = (sessionId: string) =>
  useQuery({ queryKey: ['returned', sessionId], queryFn: () => ask<Returned>(`/sessions/${sessionId}/return`) });
export const useStoredSession = (sessionId: string) =>
  useQuery({ queryKey: ['session', sessionId], queryFn: () => ask<StoredSession>(`/sessions/${sessionId}`) });
export const useCalendarLinks = (squadId: string) =>
  useQuery({
    queryKey: ['calendar-links', squadId],
    queryFn: () => ask<{ links: CalendarLink[] }>(`/squads/${squadId}/calendar-links`),
  });

export const usePeople = () =>
  useQuery({ queryKey: ['people'], queryFn: () => ask<{ people: Person[]; invitations: Invitation[] }>('/people') });
export const useSignIns = () =>
  useQuery({ queryKey: ['sign-ins'], queryFn: () => ask<{ signIns: SignInKept[] }>('/sign-ins') });
export const useMails = (enabled: boolean) =>
  useQuery({
    queryKey: ['mails'],
    queryFn: () => ask<{ mails: SimulatedMail[] | null; reminders: SimulatedReminder[] | null }>('/mails'),
    enabled,
  });
/** The trail page by page, of one athlete or of everybody. */
export const useAudit = (athleteId: string) =>
  useInfiniteQuery({
    queryKey: ['audit', athleteId],
    initialPageParam: undefined as AuditEntry | undefined,
    queryFn: ({ pageParam: last }) => {
      const asked = new URLSearchParams({
        ...(athleteId ? { athlete: athleteId } : {}),
        // What comes after the last entry that is there.
        ...(last ? { at: last.at, id: last.id } : {}),
      });
      return ask<{ entries: AuditEntry[] }>(`/audit?${asked}`);
    },
    getNextPageParam: ({ entries }) => (entries.length === 100 ? entries.at(-1) : undefined),
  });

/** Whether who is signed in may do something; nobody until that is known. */
export function useMay(action: Action): boolean {
  const { data } = useMe();
  return data !== undefined && may(data.role, action);
}
