import { QueryClient, useQuery } from '@tanstack/react-query';
import { ApiError, ask } from './client';
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
export const useSquads = () => useQuery({ queryKey: ['squads'], queryFn: () => ask<Squads>('/squads') });
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
