import { ApiError, ask } from '../api/client';
import {
  phone,
  type StoredMorning,
  type StoredReadiness,
  type StoredReport,
  type StoredSet,
  type StoredTest,
} from './offline-db';

const batch = 100;
let running: Promise<void> | undefined;
let next: Promise<void> | undefined;
/** Before this moment the server has asked not to be called again, ms. */
let notBefore = 0;

/** What is waited out: a network that is away, a server that is, or one that is called too often. */
const isPassing = (error: ApiError) => [0, 408, 425, 429, 502, 503, 504].includes(error.status);
/** A link that opens nothing any more: what was done waits for the next one. */
const closes = (error: ApiError) => error.faults.some(({ path }) => path === 'link');
export const isLinkClosed = (error: unknown): error is ApiError => error instanceof ApiError && closes(error);
const wordsOf = (error: ApiError) => error.faults[0]?.message ?? error.message;

const bodyOf = (set: StoredSet) => {
  const { id, variant, setNumber, side, amount, reserve, note, doneAt, insteadOf, loadKg, skipped } = set;
  return {
    ...{ id, variant, setNumber, side, amount, doneAt },
    ...(reserve === undefined ? {} : { reserve }),
    ...(note ? { note } : {}),
    ...(insteadOf ? { insteadOf } : {}),
    ...(typeof loadKg === 'number' ? { loadKg } : {}),
    ...(skipped ? { skipped } : {}),
  };
};

/** Put right while it was under way, it has to go again. */
const isAsSent = (now: StoredSet | undefined, sent: StoredSet) =>
  now !== undefined && JSON.stringify(bodyOf(now)) === JSON.stringify(bodyOf(sent));

type SaidOnce = StoredReport | StoredMorning | StoredReadiness | StoredTest;
/** Where what is said once of a session waits, by where it is sent. */
const saidOnce = { report: 'reports', morning: 'mornings', readiness: 'readiness', tests: 'tests' } as const;
type What = keyof typeof saidOnce;

/** Waits no more; one that was taken loses the words of an earlier refusal. */
const cameTo = (refused?: string) => (entry: StoredSet | SaidOnce) => {
  entry.waiting = 0;
  if (refused === undefined) delete entry.refused;
  else entry.refused = refused;
};

/** Marks sets that have come to their end, sent or set aside, unless they were put right meanwhile. */
async function settle(sets: readonly StoredSet[], refused?: string): Promise<void> {
  await phone.transaction('rw', phone.sets, async () => {
    for (const sent of sets)
      if (isAsSent(await phone.sets.get(sent.key), sent))
        await phone.sets.where({ key: sent.key }).modify(cameTo(refused));
  });
}

/**
 * Sends some sets of one session. What is refused is sent in halves, so that the one that is not right is found and set aside and the others
 * arrive; what the server fails at stays for another time. Only what is waited out ends the run.
 */
async function sendSets(token: string, sets: readonly StoredSet[]): Promise<void> {
  try {
    await ask(`/link/${token}/logs`, 'POST', { sessionId: sets[0]?.sessionId, logs: sets.map(bodyOf) });
    await settle(sets);
  } catch (error) {
    if (!(error instanceof ApiError) || isPassing(error) || closes(error)) throw error;
    if (sets.length > 1) {
      const half = Math.ceil(sets.length / 2);
      await sendSets(token, sets.slice(0, half));
      await sendSets(token, sets.slice(half));
    } else if (error.status < 500) await settle(sets, wordsOf(error));
  }
}

/** Sends what is said once of a session; what is refused is set aside with the words of the refusal. */
async function sendOnce(token: string, what: What, said: SaidOnce): Promise<void> {
  const { token: _, waiting, refused, ...words } = said;
  const { key, ...entry } = { key: undefined, ...words };
  const kept = () =>
    phone.table<SaidOnce>(saidOnce[what]).where(key ? { key } : { sessionId: (said as StoredReport).sessionId });
  try {
    await ask(`/link/${token}/${what}`, 'POST', entry);
    await kept().modify(cameTo());
  } catch (error) {
    if (!(error instanceof ApiError) || isPassing(error) || closes(error)) throw error;
    if (error.status < 500) await kept().modify(cameTo(wordsOf(error)));
  }
}

async function sendAll(token: string): Promise<void> {
  if (Date.now() < notBefore) return;
  try {
    const waiting = await phone.sets.where({ token, waiting: 1 }).toArray();
    const sets = waiting.sort((a, b) => a.doneAt.localeCompare(b.doneAt));
    for (const sessionId of new Set(sets.map((s) => s.sessionId))) {
      const ofSession = sets.filter((s) => s.sessionId === sessionId);
      for (let i = 0; i < ofSession.length; i += batch) await sendSets(token, ofSession.slice(i, i + batch));
    }
    for (const what of Object.keys(saidOnce) as What[])
      for (const said of await phone.table<SaidOnce>(saidOnce[what]).where({ token, waiting: 1 }).toArray())
        await sendOnce(token, what, said);
  } catch (error) {
    if (error instanceof ApiError && error.retryAfter) notBefore = Date.now() + error.retryAfter * 1000;
    throw error;
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
export async function pendingOf(token: string): Promise<number> {
  const ofThisLink = { token, waiting: 1 };
  const tables = [phone.sets, phone.reports, phone.mornings, phone.readiness, phone.tests];
  const counts = tables.map((table) => table.where(ofThisLink).count());
  return (await Promise.all(counts)).reduce((a, b) => a + b, 0);
}

/** What of a session the server has not taken, with its words, each once. */
export async function refusedOf(sessionId: string): Promise<{ count: number; words: string[] }> {
  const sets = await phone.sets.where({ sessionId }).toArray();
  const report = await phone.reports.get(sessionId);
  const words = [...sets, ...(report ? [report] : [])].flatMap(({ refused }) => refused ?? []);
  return { count: words.length, words: [...new Set(words)] };
}

/** Sends all that waits when it is called; what cannot go stays. What came of it: all gone, some waiting, or a link that is closed, with its words. */
export async function sendPending(token: string): Promise<{ gone: boolean; closed?: string }> {
  try {
    await run(token);
    return { gone: (await pendingOf(token)) === 0 };
  } catch (error) {
    if (!(error instanceof ApiError)) throw error;
    return { gone: false, ...(isLinkClosed(error) ? { closed: error.message } : {}) };
  }
}

/** Forgets that the server has asked for patience, as when the page is opened anew. */
export function askAgain(): void {
  notBefore = 0;
}
