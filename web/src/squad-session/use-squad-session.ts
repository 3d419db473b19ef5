import type { Brief } from '@tropaeum/core/session/brief/brief';
import { contextOf } from '@tropaeum/core/session/context/context';
import type { Slot } from '@tropaeum/core/session/squad/slots';
import { useCallback, useEffect, useRef, useState } from 'react';
import { ApiError, ask } from '../api/client';
import { queryClient } from '../api/queries';
import type { AthleteDetail, ListedAthlete, StoredSession } from '../api/types';
import { type AdaptedInWorker, Adapters } from '../workers/adapting';

/** How it stands with one athlete of the squad. */
export interface Row {
  athlete: ListedAthlete;
  /** Left out when there is a session on that day already, or the coach leaves somebody out. */
  wanted: boolean;
  taken: boolean;
  brief?: Brief;
  result?: AdaptedInWorker;
  fixed: ReadonlyMap<number, string>;
  saved?: 'saving' | 'saved' | string;
}

/** The athlete's own kit, room, limits and capacity with the aim, type, minutes, rules and day of the session that is adapted. */
function briefFor(own: Brief, source: Brief): Brief {
  const { aim, minutes, date, houseRules } = source;
  const sessionType = contextOf(source).type.type;
  return { ...own, aim, sessionType, minutes, date, houseRules, lock: { include: [], exclude: source.lock.exclude } };
}

/** One session for a whole squad: adapted in workers, corrected by hand, saved for all at once. */
export function useSquadSession(source: StoredSession | undefined, athletes: readonly ListedAthlete[]) {
  const [slots, setSlots] = useState<Slot[]>();
  const [rows, setRows] = useState<Row[]>([]);
  const [running, setRunning] = useState(0);
  const [adapters] = useState(() => new Adapters(2));
  const [problem, setProblem] = useState<unknown>();
  const begun = useRef(false);
  const change = useCallback(
    (athleteId: string, to: (row: Row) => Row) =>
      setRows((all) => all.map((row) => (row.athlete.id === athleteId ? to(row) : row))),
    [],
  );
  const work = useCallback(
    async (jobs: readonly Row[], of: readonly Slot[]) => {
      setRunning((n) => n + 1);
      try {
        const ready = jobs.flatMap((row) =>
          row.brief ? [{ athleteId: row.athlete.id, brief: row.brief, fixed: row.fixed }] : [],
        );
        await adapters.adapt(ready, of, (id, result) => change(id, (row) => ({ ...row, result })));
      } catch (error) {
        setProblem(error);
      } finally {
        setRunning((n) => n - 1);
      }
    },
    [adapters, change],
  );

  useEffect(() => {
    adapters.begin();
    return () => {
      adapters.stop();
      begun.current = false;
    };
  }, [adapters]);
  useEffect(() => {
    if (!source || athletes.length === 0 || begun.current) return;
    begun.current = true;
    const begin = async () => {
      const [skeleton, details] = await Promise.all([
        adapters.skeleton(source.brief, source.draft),
        Promise.all(athletes.map(({ id }) => ask<AthleteDetail>(`/athletes/${id}`))),
      ]);
      const found = athletes.map((athlete, a): Row => {
        const detail = details[a] as AthleteDetail;
        const taken = detail.sessions.some((s) => s.on === source.on);
        return { athlete, wanted: !taken, taken, brief: briefFor(detail.brief, source.brief), fixed: new Map() };
      });
      setSlots(skeleton);
      setRows(found);
      await work(found, skeleton);
    };
    begin().catch(setProblem);
  }, [source, athletes, work, adapters]);

  /** Puts another exercise in a slot of one athlete; an empty one goes back to what was worked out. */
  const correct = (row: Row, slot: number, variant: string) => {
    const fixed = new Map(row.fixed);
    if (variant) fixed.set(slot, variant);
    else fixed.delete(slot);
    const next = { ...row, fixed };
    change(row.athlete.id, () => next);
    if (slots) void work([next], slots);
  };

  /** Saves what is wanted and ready, one athlete after the other: each is there whole or not at all. */
  const save = async () => {
    for (const row of rows) {
      if (!row.wanted || !row.result || !row.brief || row.saved === 'saved') continue;
      const { id } = row.athlete;
      change(id, (r) => ({ ...r, saved: 'saving' }));
      try {
        await ask(`/athletes/${id}/sessions`, 'POST', { brief: row.brief, draft: row.result.draft });
        change(id, (r) => ({ ...r, saved: 'saved' }));
      } catch (error) {
        change(id, (r) => ({ ...r, saved: error instanceof ApiError ? error.message : 'Not saved.' }));
      }
    }
    await queryClient.invalidateQueries({ queryKey: ['squads'] });
  };

  return {
    slots,
    rows,
    problem,
    running: running > 0,
    stop: () => adapters.stop(),
    correct,
    save,
    want: (row: Row, wanted: boolean) => change(row.athlete.id, (r) => ({ ...r, wanted })),
  };
}
