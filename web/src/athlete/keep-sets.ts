import type { ChangeReason } from '@tropaeum/core/session/player/changes';
import { slotOf, type WorkStep } from '@tropaeum/core/session/player/steps';
import { v7 } from 'uuid';
import { kept, phone, type StoredSet } from './offline-db';

/** Whose session it is. */
export interface Kept {
  token: string;
  sessionId: string;
}

/** When something is done: now, but after what was done before, whatever has become of the phone's clock since. */
async function momentAfter(sessionId: string): Promise<string> {
  const all = await phone.sets.where('sessionId').equals(sessionId).toArray();
  const latest = Math.max(0, ...all.map(({ doneAt }) => Date.parse(doneAt)));
  return new Date(Math.max(Date.now(), latest + 1)).toISOString();
}

/** A set as it was done. Done once more it stays the same one: the amount is put right. */
export function keepSet(
  { token, sessionId }: Kept,
  step: WorkStep,
  { amount, reserve, loadKg }: Pick<StoredSet, 'amount' | 'reserve' | 'loadKg'>,
): Promise<void> {
  const key = `${sessionId}|${step.key}`;
  return kept(() =>
    phone.transaction('rw', phone.sets, async () => {
      const before = await phone.sets.get(key);
      await phone.sets.put({
        ...{ key, token, sessionId, stepKey: step.key, variant: step.item.variant },
        ...{ setNumber: step.set, side: step.side, amount, waiting: 1 },
        id: before?.id ?? v7(),
        doneAt: before?.doneAt ?? (await momentAfter(sessionId)),
        ...(reserve === undefined ? {} : { reserve }),
        ...(step.insteadOf ? { insteadOf: step.insteadOf } : {}),
        ...(loadKg === undefined ? {} : { loadKg }),
        ...(before?.note ? { note: before.note } : {}),
      });
    }),
  );
}

/** Sets that are left out, with why; one that was done stays done. */
export function keepLeftOut({ token, sessionId }: Kept, steps: readonly WorkStep[], why: ChangeReason): Promise<void> {
  return kept(() =>
    phone.transaction('rw', phone.sets, async () => {
      for (const step of steps) {
        const key = `${sessionId}|${step.key}`;
        if (await phone.sets.get(key)) continue;
        await phone.sets.put({
          ...{ key, token, sessionId, stepKey: step.key, id: v7(), doneAt: await momentAfter(sessionId), waiting: 1 },
          ...{ variant: slotOf(step), setNumber: step.set, side: step.side },
          ...{ amount: 0, skipped: why },
        });
      }
    }),
  );
}
