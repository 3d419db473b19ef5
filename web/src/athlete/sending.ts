import { ApiError, ask } from '../api/client';
import { type KeptSet, phone } from './kept';

const batch = 100;
let running: Promise<void> | undefined;

async function sendSets(token: string, sets: KeptSet[]): Promise<void> {
  for (let i = 0; i < sets.length; i += batch) {
    const part = sets.slice(i, i + batch);
    await ask(`/link/${token}/logs`, 'POST', {
      sessionId: part[0]?.sessionId,
      logs: part.map(({ id, variant, setNumber, side, amount, note, doneAt }) => ({
        id,
        variant,
        setNumber,
        side,
        amount,
        doneAt,
        ...(note ? { note } : {}),
      })),
    });
    await phone.transaction('rw', phone.sets, async () => {
      for (const sent of part) {
        const now = await phone.sets.get(sent.key);
        // Put right while it was under way: it has to go again.
        if (now && now.amount === sent.amount && now.note === sent.note)
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

/** Sends what waits, one run at a time; what cannot go stays. True when everything has gone. */
export async function sendWaiting(token: string): Promise<boolean> {
  running ??= sendAll(token).finally(() => {
    running = undefined;
  });
  try {
    await running;
    return (await phone.sets.where('waiting').equals(1).count()) === 0;
  } catch (error) {
    if (error instanceof ApiError) return false;
    throw error;
  }
}
