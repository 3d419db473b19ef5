import { ApiError, ask } from '../api/client';
import { type KeptSet, phone } from './kept';

const batch = 100;
let running: Promise<void> | undefined;
let next: Promise<void> | undefined;

async function sendSets(token: string, sets: KeptSet[]): Promise<void> {
  for (let i = 0; i < sets.length; i += batch) {
    const part = sets.slice(i, i + batch);
    await ask(`/link/${token}/logs`, 'POST', {
      sessionId: part[0]?.sessionId,
      logs: part.map(({ id, variant, setNumber, side, amount, reserve, note, doneAt }) => ({
        id,
        variant,
        setNumber,
        side,
        amount,
        doneAt,
        ...(reserve === undefined ? {} : { reserve }),
        ...(note ? { note } : {}),
      })),
    });
    await phone.transaction('rw', phone.sets, async () => {
      for (const sent of part) {
        const now = await phone.sets.get(sent.key);
        // Put right while it was under way: it has to go again.
        if (now && now.amount === sent.amount && now.reserve === sent.reserve && now.note === sent.note)
          await phone.sets.update(sent.key, { waiting: 0 });
      }
    });
  }
}

async function sendAll(token: string): Promise<void> {
  const sets = (await phone.sets.where('waiting').equals(1).toArray()).filter((s) => s.token === token);
  for (const sessionId of new Set(sets.map((s) => s.sessionId)))
    await sendSets(
      token,
      sets.filter((s) => s.sessionId === sessionId),
    );
  const reports = (await phone.reports.where('waiting').equals(1).toArray()).filter((r) => r.token === token);
  for (const { token: _, waiting, ...report } of reports) {
    await ask(`/link/${token}/report`, 'POST', report);
    await phone.reports.update(report.sessionId, { waiting: 0 });
  }
}

/** Starts a run, or shares one more after the present one: it had looked before the latest was kept. */
function run(token: string): Promise<void> {
  if (!running) {
    running = sendAll(token).finally(() => {
      running = undefined;
    });
    return running;
  }
  next ??= running
    .catch(() => undefined)
    .then(() => {
      next = undefined;
      return run(token);
    });
  return next;
}

/** Sets and reports of this link that have not gone yet. */
export async function waitingOf(token: string): Promise<number> {
  const ofThisLink = { token, waiting: 1 };
  return (await phone.sets.where(ofThisLink).count()) + (await phone.reports.where(ofThisLink).count());
}

/** Sends all that waits when it is called; what cannot go stays. True when everything has gone. */
export async function sendWaiting(token: string): Promise<boolean> {
  try {
    await run(token);
    return (await waitingOf(token)) === 0;
  } catch (error) {
    if (error instanceof ApiError) return false;
    throw error;
  }
}
