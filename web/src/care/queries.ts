import { useQuery } from '@tanstack/react-query';
import type { PastInjury, RepetitionTest, Restriction } from '@tropaeum/core/athlete/athlete';
import type { TestResult } from '@tropaeum/core/athlete/performance-record';
import { ask } from '../api/client';
import type { DatedReport, ReadPlan, ReleaseRequest } from '../api/people-types';
import type { RestrictionChange, SetByPhysio } from '../api/types';

export interface Treated {
  id: string;
  name: string;
  squad: string;
  born: string;
  restrictions: Restriction[];
  /** What coaches ask and nobody has answered. */
  requests: ReleaseRequest[];
  lastReport: DatedReport | null;
}

export interface TreatedDetail {
  today: string;
  athlete: {
    id: string;
    name: string;
    born: string;
    role: string;
    restrictions: Restriction[];
    history: PastInjury[];
    tests: RepetitionTest[];
    battery: TestResult[];
  };
  physios: SetByPhysio[];
  changes: RestrictionChange[];
  requests: ReleaseRequest[];
  reports: DatedReport[];
  plans: ReadPlan[];
}

export const useTreated = () =>
  useQuery({ queryKey: ['treated'], queryFn: () => ask<{ today: string; athletes: Treated[] }>('/treated') });
export const useTreatedAthlete = (id: string) =>
  useQuery({ queryKey: ['treated', id], queryFn: () => ask<TreatedDetail>(`/treated/${id}`) });
