import { worstByPlace } from '@tropaeum/core/athlete/worst-pain';
import type { PlanItem } from '@tropaeum/core/session/plan/plan-types';
import { type ChangeReason, changedSteps, type SessionChange } from '@tropaeum/core/session/player/changes';
import { type PainAnswer, type PainNow, type PainSetting, painToday } from '@tropaeum/core/session/player/pain-today';
import {
  type ReadinessAdvice,
  type ReadinessToday,
  readinessToday,
} from '@tropaeum/core/session/player/readiness-today';
import { isWork, type Step, slotOf, stepsOf, type WorkStep } from '@tropaeum/core/session/player/steps';
import { useCallback, useEffect, useMemo, useState } from 'react';
import { keepLeftOut, keepSet } from './keep-sets';
import { kept, type PhoneSession, phone, type StoredDay, type StoredReport, type StoredSet } from './offline-db';
import type { LinkSession } from './use-link';

export type Said = Omit<StoredReport, 'token' | 'sessionId' | 'waiting'>;

/** A session on the day it is done: its steps after what was changed, what was logged, and all that is told of it. */
export interface SessionDay {
  session: PhoneSession;
  steps: readonly Step[];
  /** Sets that are done or left out, by step. */
  done: ReadonlySet<string>;
  sets: readonly StoredSet[];
  /** Something was begun. */
  started: boolean;
  reported: boolean;
  readiness: ReadinessToday | undefined;
  pains: readonly PainNow[];
  adult: boolean;
  /** A guardian is mailed what hurts much. */
  guardianTold: boolean;
  logSet: (step: WorkStep, amount: number, reserve?: number) => Promise<void>;
  /** Sets that are left out, with the reason. */
  leaveOut: (keys: readonly string[], why: ChangeReason) => Promise<void>;
  change: (changes: readonly SessionChange[]) => Promise<void>;
  tellPain: (pain: PainNow) => Promise<PainAnswer>;
  tellReadiness: (told: ReadinessToday) => Promise<ReadinessAdvice>;
  tellAdult: () => Promise<void>;
  note: (key: string, note: string) => Promise<void>;
  report: (said: Said) => Promise<void>;
}

const none: StoredDay = { sessionId: '', changes: [], pains: [] };

/** The first side of what is done one side at a time. */
const firstSideOf = ({ secondSide, dominantSide }: PhoneSession): 'left' | 'right' =>
  secondSide === 'weaker-first' && dominantSide === 'left' ? 'right' : 'left';

const itemsOf = ({ plan }: PhoneSession): PlanItem[] => plan.blocks.flatMap(({ items }) => items);

/** What the phone knows of a session, and what it keeps of it at once, network or not. */
export function useDay(link: LinkSession, session: PhoneSession): SessionDay | undefined {
  const { token, answer, countWaiting, sendNow } = link;
  const { id } = session;
  const [sets, setSets] = useState<StoredSet[]>();
  const [day, setDay] = useState(none);
  const [reported, setReported] = useState(false);
  const [readiness, setReadiness] = useState<ReadinessToday>();

  const reread = useCallback(async () => {
    await kept(async () => {
      setSets(await phone.sets.where('sessionId').equals(id).toArray());
      setDay((await phone.days.get(id)) ?? { ...none, sessionId: id });
      const ofAnswer = answer?.session?.id === id;
      setReported((ofAnswer && answer.reported) || (await phone.reports.get(id)) !== undefined);
      setReadiness((await phone.readiness.get(id)) ?? (ofAnswer ? (answer.readiness ?? undefined) : undefined));
    });
  }, [id, answer]);
  useEffect(() => void reread(), [reread]);

  const done = useMemo(() => new Set((sets ?? []).map(({ stepKey }) => stepKey)), [sets]);
  const planned = useMemo(() => stepsOf(session.plan, firstSideOf(session)), [session]);
  const steps = useMemo(
    () =>
      changedSteps(
        planned,
        day.changes.map((one) => ({ change: one.change, done: new Set(one.done) })),
      ),
    [planned, day],
  );

  const keep = async (write: () => Promise<unknown>) => {
    await kept(write);
    // Said to wait before it is said to be there: nobody reads that the coach has what has not gone.
    await countWaiting();
    await reread();
    void sendNow();
  };
  const setting = (): PainSetting => ({
    ceilingOf: (region) => session.ceilings?.find((one) => one.region === region)?.painAtMost,
    isMinor: session.isMinor ?? false,
    ways: session.ways ?? {},
    before: day.pains,
  });
  /** Changes are put behind those of before, with what is done by now: that stays as it was done. */
  const changed = (changes: readonly SessionChange[], pains: readonly PainNow[] = []): StoredDay => ({
    ...day,
    sessionId: id,
    changes: [...day.changes, ...changes.map((change) => ({ change, done: [...done] }))],
    pains: [...day.pains, ...pains],
  });
  const leftOut = (left: readonly WorkStep[], why: ChangeReason) => keepLeftOut({ token, sessionId: id }, left, why);
  /** Keeps changes; the coach is told of the sets that go by them. */
  const withChanges = async (changes: readonly SessionChange[], pains: readonly PainNow[] = []) => {
    await phone.days.put(changed(changes, pains));
    const out = changes.filter(({ kind }) => kind !== 'swap');
    const after = changedSteps(
      steps,
      out.map((change) => ({ change, done })),
    );
    const stays = new Set(after.map(({ key }) => key));
    const gone = steps.filter(isWork).filter(({ key }) => !stays.has(key) && !done.has(key));
    if (gone.length > 0) await leftOut(gone, out[0]?.why ?? 'pain');
  };

  const keepReadiness = (told: ReadinessToday) =>
    phone.readiness.put({ ...told, sessionId: id, token, toldAt: new Date().toISOString(), waiting: 1 });

  if (!sets) return undefined;
  return {
    ...{ session, steps, done, sets, reported, readiness, pains: day.pains, adult: day.adult ?? false },
    guardianTold: answer?.guardianTold ?? false,
    started: sets.length > 0,
    logSet(step, amount, reserve) {
      const planKg = itemsOf(session).find(({ variant }) => variant === slotOf(step))?.load?.kg;
      const loadKg = !step.insteadOf && step.item.load?.kg !== planKg ? step.item.load?.kg : undefined;
      return keep(() => keepSet({ token, sessionId: id }, step, { amount, reserve, loadKg }));
    },
    leaveOut: (keys, why) =>
      keep(() =>
        leftOut(
          steps.filter(isWork).filter((step) => keys.includes(step.key) && !done.has(step.key)),
          why,
        ),
      ),
    change: (changes) => keep(() => withChanges(changes)),
    async tellPain(pain) {
      const told = painToday(pain, itemsOf(session), setting());
      await keep(async () => {
        await withChanges(told.changes, [pain]);
        // Told at once: a session that hurts may never be finished.
        await keepReadiness({ ...readiness, meanwhile: worstByPlace([...(readiness?.meanwhile ?? []), pain]) });
      });
      return told;
    },
    async tellReadiness(told) {
      const advice = readinessToday(told, session.plan, setting());
      // What was told before counts no more.
      const without = {
        ...day,
        changes: day.changes.filter(({ change, ofReadiness }) => !ofReadiness && change.why !== 'readiness'),
      };
      const changes = advice.changes.map((change) => ({ change, done: [...done], ofReadiness: true as const }));
      await keep(async () => {
        await phone.days.put({ ...without, sessionId: id, changes: [...without.changes, ...changes] });
        await keepReadiness({ ...told, ...(readiness?.meanwhile ? { meanwhile: readiness.meanwhile } : {}) });
      });
      return advice;
    },
    tellAdult: () => keep(() => phone.days.put({ ...day, sessionId: id, adult: true })),
    note: (key, note) => keep(() => phone.sets.update(key, { note: note.slice(0, 500), waiting: 1 })),
    report: (said) => keep(() => phone.reports.put({ ...said, token, sessionId: id, waiting: 1 })),
  };
}
