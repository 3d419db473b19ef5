import { ageOn } from '@tropaeum/core/date/days';
import { isMinor } from '@tropaeum/core/people/consent';
import type { Transaction } from '../database/database';
import { HttpError } from '../middleware/http-error';
import { askedFor, guardiansOf } from '../store/care';
import { allPending, consentAgeOf, lacksConsent, standingConsents } from '../store/consents';

/** Where consent stands: nobody was asked, somebody was, a guardian is here and has not decided, it was given. */
export type ConsentState = 'open' | 'asked' | 'undecided' | 'given';

/** What lists show of the consent for minors; of who decides alone, nothing. */
export async function consentStates(tx: Transaction, athletes: readonly { id: string; born: string }[], today: string) {
  const age = await consentAgeOf(tx);
  const minors = athletes.filter(({ born }) => isMinor(born, today, age));
  return statesOf(
    tx,
    minors.map(({ id }) => id),
  );
}

async function statesOf(tx: Transaction, ids: readonly string[]): Promise<Map<string, ConsentState>> {
  if (ids.length === 0) return new Map();
  const given = new Set((await standingConsents(tx, ids)).map((one) => one.athleteId));
  const guardians = new Set((await guardiansOf(tx, ids)).map(({ athleteId }) => athleteId));
  const asked = new Set((await askedFor(tx)).flatMap((p) => (p.role === 'guardian' ? [p.athleteId] : [])));
  return new Map(
    ids.map((id) => [id, given.has(id) ? 'given' : guardians.has(id) ? 'undecided' : asked.has(id) ? 'asked' : 'open']),
  );
}

/** Names that wait for the consent of a guardian, and where that stands. */
export async function waitingForConsent(tx: Transaction) {
  const pending = await allPending(tx);
  const states = await statesOf(
    tx,
    pending.map(({ id }) => id),
  );
  return pending.map(({ id, squadId, name }) => ({ id, squadId, name, consent: states.get(id) ?? 'open' }));
}

/** Nothing goes out to a minor without consent. */
export async function refuseWithoutConsent(
  tx: Transaction,
  athlete: { id: string; name: string; born: string },
  today: string,
): Promise<void> {
  if (await lacksConsent(tx, athlete, today))
    throw new HttpError(
      409,
      `${athlete.name} is ${ageOn(athlete.born, today)}: a guardian has to consent before anything is sent. Ask one under "Data of the athlete".`,
      [{ path: 'consent', message: 'is missing' }],
    );
}
