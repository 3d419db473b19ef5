import { variantById } from '../src/exercise/library/library';
import type { Brief } from '../src/session/brief/brief';
import { compose } from '../src/session/composer/compose';
import { contextOf } from '../src/session/context/context';
import { choicesOf, type Draft } from '../src/session/draft/draft';
import { planOf } from '../src/session/plan/plan';
import { solver } from './solver';

export async function composed(brief: Brief) {
  const composition = compose(brief, await solver);
  if ('refused' in composition) throw new Error(composition.refused.reason);
  return { ...composition, plan: planOf(contextOf(brief), composition.draft, composition.proof) };
}

export async function refusal(brief: Brief) {
  const composition = compose(brief, await solver);
  if (!('refused' in composition)) throw new Error('was not refused');
  return composition.refused;
}

export const variantsOf = (draft: Draft) =>
  choicesOf(draft)
    .map((c) => variantById(c.variant))
    .filter((v) => v !== undefined);
