import { type Step, setKey } from '@tropaeum/core/session/player/steps';
import { useCallback, useEffect, useState } from 'react';
import { v7 } from 'uuid';
import { ApiError, ask } from '../api/client';
import { setUnits } from '../ui/units';
import { type LinkAnswer, phone, type StoredReport, type StoredSet, takeUpOlderLinks } from './offline-db';
import { isLinkClosed, pendingOf, refusedOf, sendPending } from './outbox-sync';

const retryMs = 5000;

export interface LinkSession {
  answer: LinkAnswer | undefined;
  problem: string | undefined;
  /** Sets logged here or before, by step. */
  logged: Map<string, StoredSet>;
  /** Sets and reports still on this phone alone. */
  waiting: number;
  /** What the server has not taken, and why; it stays on this phone. */
  refused: { count: number; words: string[] };
  /** The words of a link that opens nothing any more, where this page was opened with it. */
  closed: string | undefined;
  reported: boolean;
  logSet: (step: Extract<Step, { kind: 'work' }>, amount: number, reserve?: number) => Promise<void>;
  note: (key: string, note: string) => Promise<void>;
  report: (report: Omit<StoredReport, 'token' | 'sessionId' | 'waiting'>) => Promise<void>;
  /** The morning that is asked about, until it has been answered on this phone. */
  morning: LinkAnswer['morning'];
  answerMorning: (pain: StoredReport['pain']) => Promise<void>;
}

/** Sets the server knows of and this phone does not: logged on another phone, or before its memory was cleared. */
async function takeOver(token: string, answer: LinkAnswer): Promise<void> {
  const { session } = answer;
  if (!session) return;
  for (const log of answer.logs) {
    const stepKey = setKey(log.variant, log.setNumber, log.side);
    const key = `${session.id}|${stepKey}`;
    if (!(await phone.sets.get(key)))
      await phone.sets.put({
        ...log,
        key,
        stepKey,
        token,
        sessionId: session.id,
        doneAt: new Date().toISOString(),
        waiting: 0,
      });
  }
}

/** The session behind a link: from the network when there is one, from the phone when not. */
export function useLink(token: string): LinkSession {
  const [answer, setAnswer] = useState<LinkAnswer>();
  const [problem, setProblem] = useState<string>();
  const [sets, setSets] = useState<StoredSet[]>([]);
  const [waiting, setWaiting] = useState(0);
  const [refused, setRefused] = useState<LinkSession['refused']>({ count: 0, words: [] });
  const [closed, setClosed] = useState<string>();
  const [reported, setReported] = useState(false);
  const [answered, setAnswered] = useState<string>();
  const sessionId = answer?.session?.id;
  const take = useCallback((given: LinkAnswer) => {
    setUnits(given.units);
    setAnswer(given);
  }, []);

  const reread = useCallback(
    async (id: string) => {
      setSets(await phone.sets.where('sessionId').equals(id).toArray());
      setWaiting(await pendingOf(token));
      setRefused(await refusedOf(id));
    },
    [token],
  );

  useEffect(() => {
    const load = async () => {
      const kept = await phone.answers.get(token);
      // What was answered here and has not gone is not asked again.
      for (const { sessionId: one } of await phone.mornings.toArray()) setAnswered(one);
      if (kept) take(kept.answer);
      try {
        const fresh = await ask<LinkAnswer>(`/link/${token}`);
        await phone.answers.put({ token, answer: fresh });
        await takeUpOlderLinks(token, fresh);
        await takeOver(token, fresh);
        take(fresh);
      } catch (error) {
        if (isLinkClosed(error)) setClosed(error.message);
        if (!kept)
          setProblem(
            error instanceof ApiError && error.status !== 0
              ? error.message
              : 'You are offline, and this session has not been opened on this phone before.',
          );
      }
    };
    void load();
  }, [token, take]);

  const sendNow = useCallback(
    async (id: string) => {
      const { closed: words } = await sendPending(token);
      if (words) setClosed(words);
      await reread(id);
    },
    [token, reread],
  );

  useEffect(() => {
    if (!sessionId) return;
    const look = async () => {
      await reread(sessionId);
      setReported((answer?.reported ?? false) || (await phone.reports.get(sessionId)) !== undefined);
    };
    void look();
    const send = () => void sendNow(sessionId);
    send();
    const timer = window.setInterval(send, retryMs);
    window.addEventListener('online', send);
    return () => {
      window.clearInterval(timer);
      window.removeEventListener('online', send);
    };
  }, [sessionId, sendNow, reread, answer]);

  return {
    answer,
    problem,
    logged: new Map(sets.map((s) => [s.stepKey, s])),
    waiting,
    refused,
    closed,
    reported,
    async logSet(step, amount, reserve) {
      if (!sessionId) return;
      const key = `${sessionId}|${step.key}`;
      const before = await phone.sets.get(key);
      await phone.sets.put({
        key,
        token,
        sessionId,
        stepKey: step.key,
        id: before?.id ?? v7(),
        variant: step.item.variant,
        setNumber: step.set,
        side: step.side,
        amount,
        ...(reserve === undefined ? {} : { reserve }),
        ...(before?.note ? { note: before.note } : {}),
        doneAt: before?.doneAt ?? new Date().toISOString(),
        waiting: 1,
      });
      await reread(sessionId);
      void sendNow(sessionId);
    },
    async note(key, note) {
      if (!sessionId) return;
      await phone.sets.update(key, { note: note.slice(0, 500), waiting: 1 });
      await reread(sessionId);
    },
    morning: answer?.morning?.sessionId === answered ? null : answer?.morning,
    async answerMorning(pain) {
      const asked = answer?.morning?.sessionId;
      if (!asked) return;
      await phone.mornings.put({ sessionId: asked, token, pain, waiting: 1 });
      setAnswered(asked);
      await sendNow(sessionId ?? '');
    },
    async report(given) {
      if (!sessionId) return;
      await phone.reports.put({ ...given, token, sessionId, waiting: 1 });
      await reread(sessionId);
      setReported(true);
      void sendNow(sessionId);
    },
  };
}
