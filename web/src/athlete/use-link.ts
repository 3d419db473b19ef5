import { plannedFor } from '@tropaeum/core/athlete/logged-set';
import { two } from '@tropaeum/core/date/day-text';
import { dayAfter, daysBetween } from '@tropaeum/core/date/days';
import { setKey } from '@tropaeum/core/session/player/steps';
import { useCallback, useEffect, useState } from 'react';
import { ApiError, ask } from '../api/client';
import { setUnits } from '../ui/units';
import { kept, type LinkAnswer, type PhoneSession, phone, type StoredReport, takeUpOlderLinks } from './offline-db';
import { isLinkClosed, pendingOf, refusedOf, sendPending } from './outbox-sync';

const retryMs = 5000;

export interface LinkSession {
  token: string;
  answer: LinkAnswer | undefined;
  /** The session of today: what came with the answer, or what was sent ahead for the day it has become since. */
  session: PhoneSession | undefined;
  problem: string | undefined;
  /** Sets and reports still on this phone alone. */
  waiting: number;
  /** What the server has not taken, and why; it stays on this phone. */
  refused: { count: number; words: string[] };
  /** The words of a link that opens nothing any more, where this page was opened with it. */
  closed: string | undefined;
  /** Something was kept on this phone: it waits from now on. */
  countWaiting: () => Promise<void>;
  /** What waits is sent, and the counts are read anew. */
  sendNow: () => Promise<void>;
  /** The morning that is asked about, until it has been answered on this phone. */
  morning: LinkAnswer['morning'];
  answerMorning: (pain: StoredReport['pain']) => Promise<void>;
}

/** Sets the server knows of and this phone does not: logged on another phone, or before its memory was cleared. */
async function takeOver(token: string, answer: LinkAnswer): Promise<void> {
  const { session } = answer;
  if (!session) return;
  for (const log of answer.logs) {
    const stepKey = setKey(plannedFor(log), log.setNumber, log.side);
    const key = `${session.id}|${stepKey}`;
    const doneAt = new Date().toISOString();
    await kept(async () => {
      if (!(await phone.sets.get(key)))
        await phone.sets.put({ ...log, key, stepKey, token, sessionId: session.id, doneAt, waiting: 0 });
    });
  }
}

/** The day it is on the phone's own clock. */
function localDay(): string {
  const now = new Date();
  return `${now.getFullYear()}-${two(now.getMonth() + 1)}-${two(now.getDate())}`;
}

/** The day it has become since an answer came: its own day, and as many more as the phone's clock has gone on. A clock that was put back counts none. */
const dayNow = (answer: LinkAnswer, cameOn: string | undefined) =>
  dayAfter(answer.today, cameOn ? Math.max(0, daysBetween(cameOn, localDay())) : 0);

/** The session to do on a day: of what came and what was sent ahead the latest up to it. */
function sessionOf({ session, ahead = [] }: LinkAnswer, today: string): PhoneSession | undefined {
  const all = [...(session ? [session] : []), ...ahead.filter(({ on }) => on <= today)];
  return all.sort((a, b) => b.on.localeCompare(a.on))[0];
}

/** What stands behind a link: from the network when there is one, from the phone when not. */
export function useLink(token: string): LinkSession {
  const [answer, setAnswer] = useState<LinkAnswer>();
  const [today, setToday] = useState('');
  const [problem, setProblem] = useState<string>();
  const [waiting, setWaiting] = useState(0);
  const [refused, setRefused] = useState<LinkSession['refused']>({ count: 0, words: [] });
  const [closed, setClosed] = useState<string>();
  const [answered, setAnswered] = useState<string>();
  const session = answer && sessionOf(answer, today);
  const sessionId = session?.id;
  const take = useCallback((given: LinkAnswer, cameOn?: string) => {
    setUnits(given.units);
    setToday(dayNow(given, cameOn));
    setAnswer(given);
  }, []);

  useEffect(() => {
    const load = async () => {
      // The network is asked while the phone looks for what it has.
      const coming = ask<LinkAnswer>(`/link/${token}`);
      coming.catch(() => undefined);
      const before = await kept(() => phone.answers.get(token));
      // What was answered here and has not gone is not asked again.
      for (const { sessionId: one } of await phone.mornings.toArray()) setAnswered(one);
      if (before) take(before.answer, before.cameOn);
      try {
        const fresh = await coming;
        // What is read for the first time is shown before it is kept.
        if (!before) take(fresh);
        await kept(() => phone.answers.put({ token, answer: fresh, cameOn: localDay() }));
        await takeUpOlderLinks(token, fresh);
        await takeOver(token, fresh);
        take({ ...fresh });
      } catch (error) {
        if (isLinkClosed(error)) setClosed(error.message);
        if (!before)
          setProblem(
            error instanceof ApiError && error.status !== 0
              ? error.message
              : 'You are offline, and this session has not been opened on this phone before.',
          );
      }
    };
    void load();
  }, [token, take]);

  const countWaiting = useCallback(async () => setWaiting(await pendingOf(token)), [token]);
  const sendNow = useCallback(async () => {
    await countWaiting();
    const { closed: words } = await sendPending(token);
    if (words) setClosed(words);
    await countWaiting();
    if (sessionId) setRefused(await refusedOf(sessionId));
  }, [token, sessionId, countWaiting]);

  useEffect(() => {
    const send = () => void sendNow();
    send();
    const timer = window.setInterval(send, retryMs);
    window.addEventListener('online', send);
    return () => {
      window.clearInterval(timer);
      window.removeEventListener('online', send);
    };
  }, [sendNow]);

  return {
    ...{ token, answer, session, problem, waiting, refused, closed, countWaiting, sendNow },
    morning: answer?.morning?.sessionId === answered ? null : answer?.morning,
    async answerMorning(pain) {
      const asked = answer?.morning?.sessionId;
      if (!asked) return;
      await kept(() => phone.mornings.put({ sessionId: asked, token, pain, waiting: 1 }));
      setAnswered(asked);
      await sendNow();
    },
  };
}
