import { scaledBody } from '@tropaeum/core/body/segments';
import { capacityOf } from '@tropaeum/core/capacity/capacity-of';
import {
  type OverloadAlternative,
  overloadAlternatives,
  tooLightFor,
} from '@tropaeum/core/capacity/overload-alternatives';
import { type Reached, reachByPattern } from '@tropaeum/core/capacity/reachable';
import type { Zone } from '@tropaeum/core/dose/zone';
import { catalogueOf } from '@tropaeum/core/exercise/catalogue/catalogue';
import type { Loading } from '@tropaeum/core/exercise/mechanics/loading';
import type { Pattern } from '@tropaeum/core/exercise/model/vocabulary';
import { type Feasibility, feasibility } from '@tropaeum/core/kit/feasible';
import type { LoadOption } from '@tropaeum/core/kit/load-option';
import { sameStimulus } from '@tropaeum/core/kit/same-stimulus';
import { examplesUnder, type LimitExamples } from '@tropaeum/core/limits/examples';
import { type Restriction, standingOf } from '@tropaeum/core/limits/restriction';
import { type AthleteReport, athleteReport } from '@tropaeum/core/report/athlete-report';
import type { ReportInput } from '@tropaeum/core/report/report-input';
import type { Brief } from '@tropaeum/core/session/brief/brief';
import { expose } from 'comlink';

/** Another way to the same stimulus, as it crosses to the page. */
export interface OfferedLikeness {
  variant: string;
  likeness: number;
  load?: LoadOption;
}

/** A brief with what stands against each variant. */
interface Measured {
  brief: Brief;
  all: Feasibility[];
}

let latest: (Measured & { key: string }) | undefined;

/** Measures every variant for a brief, once while the same brief is asked about: it comes as a new copy with every question. */
function measured(given: Brief): Measured {
  const { athlete, kit, date, own, houseRules } = given;
  const key = JSON.stringify([athlete, kit, date, own, houseRules]);
  if (latest?.key === key) return latest;
  const body = scaledBody(athlete);
  const all = catalogueOf(own).all.map((variant) => feasibility(variant, { athlete, kit, date }, body));
  latest = { key, brief: given, all };
  return latest;
}

/** What one exercise comes to at its hardest, as it crosses to the page. */
export interface OfferedReach {
  variant: string;
  name: string;
  with: string;
  reached?: Reached;
}

/** A pattern with all that trains it here, or with why nothing does. */
export interface PatternOffer {
  pattern: Pattern;
  exercises: OfferedReach[];
  why?: string;
}

export interface OfferedWay extends Omit<OverloadAlternative, 'variant' | 'reached'> {
  variant?: string;
}

const measurer = {
  /** What can be trained here today: every pattern of loaded work with its exercises, each at its hardest. */
  reach(given: Brief): PatternOffer[] {
    const { brief, all } = measured(given);
    return reachByPattern(all, capacityOf(brief.athlete, brief.date, catalogueOf(brief.own))).map(
      ({ exercises, ...pattern }) => ({
        ...pattern,
        exercises: exercises.map(({ variant, ...reach }) => ({ variant: variant.id, name: variant.name, ...reach })),
      }),
    );
  },

  /** Honest ways to train an exercise whose load does not reach a zone, and the sentence that says so. */
  ways(given: Brief, variantId: string, wanted: Zone): { says?: string; ways: OfferedWay[] } {
    const { brief, all } = measured(given);
    const own = all.find((f) => f.variant.id === variantId);
    if (!own) return { ways: [] };
    const body = scaledBody(brief.athlete);
    const capacity = capacityOf(brief.athlete, brief.date, catalogueOf(brief.own), body);
    const says = tooLightFor(own, wanted, capacity);
    const ways = overloadAlternatives(own, wanted, all, capacity, body, brief.houseRules.lightLoads);
    return {
      ...(says ? { says } : {}),
      ways: ways.map(({ variant, reached, ...way }) => ({ ...way, ...(variant ? { variant: variant.id } : {}) })),
    };
  },

  /** What stands against each variant; an empty list means it can be done. */
  feasible(brief: Brief): Map<string, readonly string[]> {
    return new Map(measured(brief).all.map((f) => [f.variant.id, f.reasons]));
  },

  /** What a restriction forbids, changes and allows, with so many examples of each; nothing where it does not hold on the day. */
  limitExamples(restriction: Restriction, date: string, most: number): LimitExamples | undefined {
    const standing = standingOf(restriction, date);
    return standing && examplesUnder(catalogueOf([]).all, standing, most);
  },

  /** How an athlete has got on. */
  report(input: ReportInput): AthleteReport {
    return athleteReport(input);
  },

  /** What else of this athlete's kit loads the joints alike. */
  alike(brief: Brief, variantId: string, loading: Loading): OfferedLikeness[] {
    const variant = catalogueOf(brief.own).byId(variantId);
    if (!variant) return [];
    return sameStimulus(variant, loading, measured(brief).all, scaledBody(brief.athlete)).map((l) => ({
      variant: l.variant.id,
      likeness: l.likeness,
      ...(l.load ? { load: l.load } : {}),
    }));
  },
};

export type Measurer = typeof measurer;
expose(measurer);
