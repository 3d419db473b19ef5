import type { BlockKind } from '@tropaeum/core/exercise/vocabulary';
import {
  type Alternative,
  additionOf,
  additionsTo,
  alternativesTo,
  answersTo,
} from '@tropaeum/core/session/alternatives';
import { blockOrder } from '@tropaeum/core/session/blocks';
import { boughtFirst, type Purchase } from '@tropaeum/core/session/bought-first';
import type { Brief } from '@tropaeum/core/session/brief';
import { type Composition, compose } from '@tropaeum/core/session/compose';
import { contextOf } from '@tropaeum/core/session/context';
import type { Draft } from '@tropaeum/core/session/draft';
import type { ItemPlace } from '@tropaeum/core/session/edit';
import { highsSolver } from '@tropaeum/core/session/highs-solver';
import type { Solver } from '@tropaeum/core/session/solver';
import { expose } from 'comlink';
import loadHighs from 'highs';
import wasmUrl from 'highs/runtime?url';

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

const composer = {
  /** Loads the solver and measures every exercise for this athlete, so that the first composing does not have to. */
  async warm(brief: Brief): Promise<void> {
    contextOf(brief).feasible.all();
    await ready;
  },
  async compose(brief: Brief): Promise<Composition> {
    return compose(brief, await ready);
  },
  alternatives(brief: Brief, draft: Draft, at: ItemPlace, most: number): OfferedAlternative[] {
    return offered(alternativesTo(contextOf(brief), draft, at), most);
  },
  /** A named exercise for a session, or why not. */
  addition(
    brief: Brief,
    draft: Draft,
    variantId: string,
  ): { block: BlockKind; offered: OfferedAlternative } | { reasons: string[] } {
    const found = additionOf(contextOf(brief), draft, variantId, blockOrder(brief.houseRules.explosive));
    if ('reasons' in found) return found;
    const [only] = offered([found.addition], 1) as [OfferedAlternative];
    return { block: found.block, offered: only };
  },
  /** What would add most to the best session, were it bought. */
  async boughtFirst(brief: Brief): Promise<Purchase[]> {
    return boughtFirst(brief, await ready);
  },
  /** What would answer one need of this athlete best, here and now. */
  answers(brief: Brief, draft: Draft, demandId: string, most: number): OfferedAnswer[] {
    return answersTo(contextOf(brief), draft, demandId, blockOrder(brief.houseRules.explosive), most).map((answer) => {
      const [only] = offered([answer], 1) as [OfferedAlternative];
      return { ...only, block: answer.block, alike: answer.alike };
    });
  },
  additions(brief: Brief, draft: Draft, block: BlockKind, most: number): OfferedAlternative[] {
    return offered(additionsTo(contextOf(brief), draft, block, blockOrder(brief.houseRules.explosive)), most);
  },
};

export type Composer = typeof composer;

expose(composer);
