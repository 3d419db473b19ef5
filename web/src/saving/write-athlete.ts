import { ask } from '../api/client';
import { queryClient } from '../api/queries';

/** Fields of an athlete that a page changes; those of the body stand within `athlete`. */
type AthletePart = object & { athlete?: object };

const text = (value: unknown) => JSON.stringify(value);

/** The fields of a part that differ from another, and what the other says of them. */
function changedIn(now: object, before: object): { now: Record<string, unknown>; was: Record<string, unknown> } {
  const old = before as Record<string, unknown>;
  const changed = Object.entries(now).filter(([key, value]) => text(value) !== text(old[key]));
  return {
    now: Object.fromEntries(changed),
    was: Object.fromEntries(changed.filter(([key]) => old[key] !== undefined).map(([key]) => [key, old[key]])),
  };
}

/**
 * Keeps what a page learns of athletes, field by field, each with what the page has seen of it: what somebody else has changed meanwhile is
 * not written over, and the server says so.
 */
export class AthleteWriter<Part extends AthletePart> {
  private readonly seen = new Map<string, AthletePart>();

  /** The page shows an athlete as the server has told. */
  opened(athleteId: string, part: Part): void {
    this.seen.set(athleteId, part);
  }

  write = async (athleteId: string, { releases, ...part }: Part & { releases?: unknown }): Promise<void> => {
    const known: AthletePart = this.seen.get(athleteId) ?? {};
    const outer = changedIn({ ...part, athlete: undefined }, { ...known, athlete: undefined });
    const inner = changedIn(part.athlete ?? {}, known.athlete ?? {});
    const body = { ...outer.now, ...(Object.keys(inner.now).length ? { athlete: inner.now } : {}) };
    if (Object.keys(body).length === 0) return;
    const was = { ...outer.was, ...(Object.keys(inner.was).length ? { athlete: inner.was } : {}) };
    await ask(`/athletes/${athleteId}`, 'PATCH', { ...body, was, ...(releases ? { releases } : {}) });
    const now: AthletePart = this.seen.get(athleteId) ?? {};
    // Opened anew meanwhile, the page has seen something newer.
    if (now === known || !this.seen.has(athleteId))
      this.seen.set(athleteId, { ...now, ...outer.now, athlete: { ...now.athlete, ...inner.now } });
    void queryClient.invalidateQueries({ queryKey: ['squads'] });
    void queryClient.invalidateQueries({ queryKey: ['athlete', athleteId] });
  };
}
