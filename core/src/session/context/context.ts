import { standingsOn } from '../../athlete/athlete';
import { type ScaledBody, scaledBody } from '../../body/segments';
import type { Capacity } from '../../capacity/capacity';
import { capacityOf } from '../../capacity/capacity-of';
import { type Catalogue, catalogueOf } from '../../exercise/catalogue/catalogue';
import type { Variant } from '../../exercise/model/variant';
import type { Joint } from '../../exercise/model/vocabulary';
import { type Circumstances, type Feasibility, feasibility } from '../../kit/feasible';
import type { Standing } from '../../limits/restriction';
import { type Needs, needsOf } from '../../sport/needs';
import { jointUse, type SportProfile } from '../../sport/profile';
import { exercisesOf, ownExercises, signatureFor } from '../../sport/signature/signature-of';
import { sportById } from '../../sport/sports';
import { transferWeights, type Weights } from '../../sport/transfer-criteria';
import type { Brief } from '../brief/brief';
import { defaultHouseRules } from '../brief/house-rules';
import { sessionTypeOf, type TypeChoice } from '../type/derive';
import { type Frame, frameOf } from '../type/frames';
import { type Place, placesFor } from '../type/places';
import { type Demand, demandsOf, givenBy } from './demands';

/** Every variant of the catalogue with what stands against it; each is worked out when it is first asked for. */
export class FeasibleVariants {
  private readonly known = new Map<string, Feasibility>();
  /** What the athlete's restrictions mean on the day. */
  readonly standings: readonly Standing[];

  constructor(
    private readonly circumstances: Circumstances,
    private readonly body: ScaledBody,
    private readonly catalogue: Catalogue,
  ) {
    this.standings = standingsOn(circumstances.athlete, circumstances.date);
  }

  get(id: string): Feasibility | undefined {
    const variant = this.catalogue.byId(id);
    if (!variant) return undefined;
    const feasible = this.known.get(id) ?? feasibility(variant, this.circumstances, this.body, this.standings);
    this.known.set(id, feasible);
    return feasible;
  }

  /** A variant as this athlete may do it; nothing where the id is not known. */
  variant(id: string): Variant | undefined {
    return this.get(id)?.variant;
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
  needs: Needs;
  demands: readonly Demand[];
  /** The type of the session, its frame, and what it has a place for. */
  type: TypeChoice;
  frame: Frame;
  places: readonly Place[];
  /** Exercises that the sport counts as its own, whatever their standing. */
  own: ReadonlySet<string>;
  /** What the sport warms up with, and the range it looks for. */
  usual: { warmUp: ReadonlySet<string>; range: ReadonlySet<string> };
  /** What the criteria of transfer weigh, by house rule. */
  weights: Weights;
  /** What one effective set of a variant gives to each demand, 0 to 1, in the order of the demands. */
  gives: (variant: Variant) => readonly number[];
  use: ReadonlyMap<Joint, number>;
  feasible: FeasibleVariants;
  catalogue: Catalogue;
  /** What the athlete can do today, learnt from tests and logged sets. */
  readonly capacity: Capacity;
}

/** Lists of a brief in one order, so that the order they were typed in changes nothing. */
function canonical(brief: Brief): Brief {
  const key = (value: unknown) => JSON.stringify(value);
  const sorted = <T>(list: readonly T[]) => [...list].sort((a, b) => (key(a) < key(b) ? -1 : 1));
  return {
    ...brief,
    // What was written before a rule was there follows the usual one.
    houseRules: { ...defaultHouseRules, ...brief.houseRules },
    ...(brief.own ? { own: sorted(brief.own) } : {}),
    kit: { ...brief.kit, items: sorted(brief.kit.items), anchors: sorted(brief.kit.anchors) },
    lock: { ...brief.lock, include: sorted(brief.lock.include), exclude: sorted(brief.lock.exclude) },
  };
}

/** Works out what a session for this brief can be made of. Throws a RangeError for an unknown sport or role. */
export function contextOf(given: Brief): Context {
  const untyped = canonical(given);
  const sport = untyped.sport.profile ?? sportById(untyped.sport.id);
  if (!sport) throw new RangeError(`sport "${untyped.sport.id}" is not known`);
  const signature = signatureFor(sport, untyped.sport.role);
  const type = sessionTypeOf(untyped, signature);
  // Everything that follows reads the type from the brief, chosen or worked out.
  const brief = { ...untyped, sessionType: type.type };
  const catalogue = catalogueOf(brief.own);
  const needs = needsOf(sport, brief.sport.role, brief.athlete, brief.date, brief.sport.moved, catalogue);
  const body = scaledBody(brief.athlete);
  const circumstances = { athlete: brief.athlete, kit: brief.kit, date: brief.date };
  const demands = demandsOf(needs, brief.aim);
  const weights = transferWeights[brief.houseRules.correspondence];
  const givenOf = new Map<Variant, readonly number[]>();
  let capacity: Capacity | undefined;
  const frame = frameOf(type.type, brief.houseRules);
  const own = ownExercises(signature);
  return {
    brief,
    sport,
    body,
    needs,
    demands,
    type,
    frame,
    places: placesFor({ brief, type: type.type, frame, catalogue, needs, signature, own }),
    own,
    usual: {
      warmUp: exercisesOf(signature.filter((row) => row.types.includes('warm-up'))),
      range: exercisesOf(signature.filter((row) => row.kind === 'range')),
    },
    weights,
    gives(variant) {
      const known = givenOf.get(variant) ?? demands.map((demand) => givenBy(variant, demand, weights));
      givenOf.set(variant, known);
      return known;
    },
    use: jointUse(sport, brief.sport.role),
    feasible: new FeasibleVariants(circumstances, body, catalogue),
    catalogue,
    get capacity() {
      capacity ??= capacityOf(brief.athlete, brief.date, catalogue, body);
      return capacity;
    },
  };
}
