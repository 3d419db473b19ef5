import type { BlockKind } from '@tropaeum/core/exercise/model/vocabulary';
import type { Brief } from '@tropaeum/core/session/brief/brief';
import {
  type Begun,
  begin,
  bestOf,
  type Composed,
  composedOf,
  type Proof,
  refine,
} from '@tropaeum/core/session/composer/compose';
import { equipmentAdvice, type Purchase } from '@tropaeum/core/session/composer/equipment-advice';
import type { Infeasibility } from '@tropaeum/core/session/composer/relaxed-rules';
import { blockOrder } from '@tropaeum/core/session/context/block-bounds';
import { contextOf } from '@tropaeum/core/session/context/context';
import type { Draft } from '@tropaeum/core/session/draft/draft';
import type { ItemPlace } from '@tropaeum/core/session/editing/edit';
import {
  type Alternative,
  additionOf,
  additionsTo,
  alternativesTo,
  answersTo,
} from '@tropaeum/core/session/editing/substitutes';
import { atOnce, refined, type WhyNot, type WhyThis, whyNot, whyThis } from '@tropaeum/core/session/editing/why-not';
import { highsSolver } from '@tropaeum/core/session/search/highs-solver';
import type { Solver } from '@tropaeum/core/session/search/solver';
import { expose } from 'comlink';
import loadHighs from 'highs';
import wasmUrl from 'highs/runtime?url';
import { canonical } from './canonical';

const ready: Promise<Solver> = loadHighs({ locateFile: () => wasmUrl }).then(highsSolver);

/** An alternative as it crosses to the page. */
export interface OfferedAlternative {
  variant: string;
  name: string;
  choice: Alternative['choice'];
  difference: number;
  overSeconds: number;
}

/** An exercise that answers a need, as it crosses to the page. */
export interface OfferedAnswer extends OfferedAlternative {
  block: BlockKind;
  /** How far it answers the need, 0 to 1. */
  alike: number;
}

const offered = (list: Alternative[], most: number): OfferedAlternative[] =>
  list.slice(0, most).map(({ variant, choice, difference, overSeconds }) => ({
    variant: variant.id,
    name: variant.name,
    choice,
    difference,
    overSeconds,
  }));

/** The searches begun last, by brief: explanations go on from where composing stood. */
const begun = new Map<string, Begun | { refused: Infeasibility }>();
const maxKept = 3;

async function begunFor(brief: Brief): Promise<Begun | { refused: Infeasibility }> {
  const key = JSON.stringify(brief);
  const known = begun.get(key) ?? begin(canonical(brief), await ready);
  begun.delete(key);
  begun.set(key, known);
  for (const old of begun.keys()) if (begun.size > maxKept) begun.delete(old);
  return known;
}

/** What a search says while it goes on; with a session where it found a better one. */
export interface Progress {
  proof: Proof;
  draft?: Composed['draft'];
}

const reportEveryMs = 250;
/** Proven to be this close to the best is close enough, share. */
const wantedGap = 0.005;

const composer = {
  /** A very good session at once, or why there is none. */
  async compose(brief: Brief): Promise<Composed | { refused: Infeasibility }> {
    const known = await begunFor(brief);
    return 'refused' in known ? known : composedOf(known);
  },
  /** Looks further for so many seconds: for a better session, and for the proof that there is none. */
  async prove(brief: Brief, seconds: number, report: (progress: Progress) => void): Promise<Progress | undefined> {
    const known = await begunFor(brief);
    if ('refused' in known) return undefined;
    const solver = await ready;
    const since = performance.now();
    let reported = since;
    let best = composedOf(known).proof.objective;
    const further = refine(known, solver, {
      gap: wantedGap,
      mostNodes: Infinity,
      watch(proof, draft) {
        const now = performance.now();
        if (now - reported > reportEveryMs) {
          report({ proof, ...(proof.objective > best + 1e-9 ? { draft: draft() } : {}) });
          best = proof.objective;
          reported = now;
        }
        return now - since > seconds * 1000;
      },
    });
    return composedOf(further);
  },
  /** What forcing an exercise in would cost and push out, or why it cannot be done: at once, or better a moment later. */
  async whyNot(brief: Brief, draft: Draft, variant: string, hard: boolean): Promise<WhyNot> {
    const known = await begunFor(brief);
    if ('refused' in known) return { reasons: [known.refused.reason] };
    const { prepared, relaxation } = bestOf(known.ways);
    return whyNot(prepared, relaxation, draft, variant, hard ? refined : atOnce);
  },
  /** What a session loses without an item. */
  async whyThis(brief: Brief, draft: Draft, at: ItemPlace, hard: boolean): Promise<WhyThis | undefined> {
    const known = await begunFor(brief);
    if ('refused' in known) return undefined;
    const { prepared, relaxation } = bestOf(known.ways);
    return whyThis(prepared, relaxation, draft, at, hard ? refined : atOnce);
  },
  alternatives(brief: Brief, draft: Draft, at: ItemPlace, most: number): OfferedAlternative[] {
    return offered(alternativesTo(contextOf(canonical(brief)), draft, at), most);
  },
  /** A named exercise for a session, or why not. */
  addition(
    brief: Brief,
    draft: Draft,
    variantId: string,
  ): { block: BlockKind; offered: OfferedAlternative } | { reasons: string[] } {
    const found = additionOf(contextOf(canonical(brief)), draft, variantId, blockOrder(brief.houseRules.explosive));
    if ('reasons' in found) return found;
    const [only] = offered([found.addition], 1) as [OfferedAlternative];
    return { block: found.block, offered: only };
  },
  /** What would add most to the best session, were it bought. */
  async boughtFirst(brief: Brief): Promise<Purchase[]> {
    return equipmentAdvice(brief, await ready);
  },
  /** What would answer one need of this athlete best, here and now. */
  answers(brief: Brief, draft: Draft, demandId: string, most: number): OfferedAnswer[] {
    return answersTo(contextOf(canonical(brief)), draft, demandId, blockOrder(brief.houseRules.explosive), most).map(
      (answer) => {
        const [only] = offered([answer], 1) as [OfferedAlternative];
        return { ...only, block: answer.block, alike: answer.alike };
      },
    );
  },
  additions(brief: Brief, draft: Draft, block: BlockKind, most: number): OfferedAlternative[] {
    return offered(
      additionsTo(contextOf(canonical(brief)), draft, block, blockOrder(brief.houseRules.explosive)),
      most,
    );
  },
};

export type Composer = typeof composer;

expose(composer);
