import { type ScheduleResult, schedule } from '@tropaeum/core/season/plan/schedule-result';
import type { ScheduleRequest } from '@tropaeum/core/season/plan/season-plan';
import { WeekMemory } from '@tropaeum/core/season/scheduler/week-programme';
import { expose } from 'comlink';

const memory = new WeekMemory();
const laying = { outlook: (ask: ScheduleRequest): ScheduleResult => schedule(ask, memory) };

export type SeasonScheduling = typeof laying;

expose(laying);
