import { type SharedError, sharedErrors } from './shared-errors';
import type { CommonError, Variant } from './variant';

const maxFaults = 3;

/**
 * A variant's own faults, and those that its kind shares, three at the most. An own fault that is a shared one by its words gets the
 * shared picture where it has none.
 */
export function completedErrors(variant: Variant): CommonError[] {
  const shared = sharedErrors.filter((fault) => fault.asks(variant));
  const faults = variant.faults.map((own) => {
    const twin = own.shown ? undefined : shared.find((s) => s.known.test(own.see) && (s.add ?? s.change));
    return twin ? { ...own, ...pictureOf(twin, variant) } : own;
  });
  for (const fault of shared) {
    if (faults.length >= maxFaults) break;
    if (!faults.some((f) => fault.known.test(f.see)))
      faults.push({ see: fault.see, say: fault.say, ...pictureOf(fault, variant) });
  }
  return faults;
}

function pictureOf({ add, change, at: where }: SharedError, variant: Variant): Pick<CommonError, 'shown'> {
  if (!add && !change) return {};
  const named = where?.(variant);
  return { shown: { ...(named ? { at: named } : {}), change: change ?? {}, ...(add ? { add } : {}) } };
}
