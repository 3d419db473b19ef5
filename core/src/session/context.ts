import { type ScaledBody, scaledBody } from '../body/segments';
import { type Catalogue, catalogueOf } from '../exercise/catalogue';
import type { Joint } from '../exercise/vocabulary';
import { type Circumstances, type Feasibility, feasibility } from '../kit/feasible';
import { jointUse, type SportProfile } from '../sport/profile';
import { sportById } from '../sport/sports';
import type { Brief } from './brief';
import { type Demand, demandsOf } from './demands';

/** Every variant of the catalogue with what stands against it; each is worked out when it is first asked for. */
export class FeasibleVariants {
  private readonly known = new Map<string, Feasibility>();

  constructor(
    private readonly circumstances: Circumstances,
    private readonly body: ScaledBody,
    private readonly catalogue: Catalogue,
  ) {}

  get(id: string): Feasibility | undefined {
    const variant = this.catalogue.byId(id);
    if (!variant) return undefined;
    const feasible = this.known.get(id) ?? feasibility(variant, this.circumstances, this.body);
    this.known.set(id, feasible);
    return feasible;
  }

  all(): Feasibility[] {
    return this.catalogue.all.flatMap(({ id }) => this.get(id) ?? []);
  }
}

/** A brief with everything that follows from it before anything is chosen. */
export interface Context {
  brief: Brief;
  sport: SportProfile;
  body: ScaledBody;
  demands: readonly Demand[];
  use: ReadonlyMap<Joint, number>;
  feasible: FeasibleVariants;
  catalogue: Catalogue;
}

/** Lists of a brief in one order, so that the order they were typed in changes nothing. */
function canonical(brief: Brief): Brief {
  const key = (value: unknown) => JSON.stringify(value);
  const sorted = <T>(list: readonly T[]) => [...list].sort((a, b) => (key(a) < key(b) ? -1 : 1));
  return {
    ...brief,
    ...(brief.own ? { own: sorted(brief.own) } : {}),
    kit: { ...brief.kit, items: sorted(brief.kit.items), anchors: sorted(brief.kit.anchors) },
    lock: { ...brief.lock, include: sorted(brief.lock.include), exclude: sorted(brief.lock.exclude) },
  };
}

/** Works out what a session for this brief can be made of. Throws a RangeError for an unknown sport or role. */
export function contextOf(given: Brief): Context {
  const brief = canonical(given);
  const sport = sportById(brief.sport.id);
  if (!sport) throw new RangeError(`sport "${brief.sport.id}" is not known`);
  const body = scaledBody(brief.athlete);
  const catalogue = catalogueOf(brief.own);
  const circumstances = { athlete: brief.athlete, kit: brief.kit, date: brief.date };
  return {
    brief,
    sport,
    body,
    demands: demandsOf(sport, brief.sport.role, brief.aim),
    use: jointUse(sport, brief.sport.role),
    feasible: new FeasibleVariants(circumstances, body, catalogue),
    catalogue,
  };
}
