import type { Restriction } from '@tropaeum/core/athlete/athlete';
import { catalogueOf } from '@tropaeum/core/exercise/catalogue/catalogue';
import { readBrief } from '@tropaeum/core/formats/brief';
import { readDraft } from '@tropaeum/core/formats/draft';
import { decidedMoves } from '@tropaeum/core/progress/proposal';
import type { Proof } from '@tropaeum/core/session/composer/compose';
import { contextOf } from '@tropaeum/core/session/context/context';
import { planOf } from '@tropaeum/core/session/plan/plan';
import * as yup from 'yup';
import { HttpError, validationFailed } from '../middleware/http-error';
import { oneOf, revision } from '../middleware/validated';
import type { SessionContent, SessionRow } from '../store/sessions';

export const decision = yup.object({
  variant: yup.string().required('is required').max(80),
  decided: oneOf(decidedMoves).required('is required'),
  reason: yup.string().trim().max(300, 'must be 300 characters or fewer'),
});
export const seenRevision = yup.object({ revision });

/** The server works the plan out itself from brief and draft: what is stored is always what the core says. */
export function contentFrom(body: unknown): SessionContent {
  const {
    brief: givenBrief,
    draft: givenDraft,
    proof,
  } = (body ?? {}) as { brief?: object; draft?: unknown; proof?: Proof };
  const brief = readBrief({ ...givenBrief, format: 'tropaeum-brief/1' });
  const draft = readDraft(givenDraft, catalogueOf('brief' in brief ? brief.brief.own : []));
  const faults = [
    'faults' in brief ? brief.faults.map((f) => ({ ...f, path: `brief.${f.path}` })) : [],
    'faults' in draft ? draft.faults : [],
  ].flat();
  if ('faults' in brief || 'faults' in draft) throw validationFailed(faults);
  return {
    brief: brief.brief,
    draft: draft.draft,
    plan: planOf(contextOf(brief.brief), draft.draft, validProof(proof)),
  };
}

/**
 * A session as it stands under the restrictions that hold when it goes out: they may have come after it was written. What they forbid is not sent.
 */
export function underRestrictions(
  { brief, draft, plan }: SessionRow,
  restrictions: readonly Restriction[],
): SessionContent {
  const known = { ...brief, athlete: { ...brief.athlete, restrictions } };
  const now = planOf(contextOf(known), draft, plan.solution);
  const against = now.checks.find((check) => check.id === 'restrictions' && check.status === 'stop');
  if (against) throw new HttpError(409, `Not sent. ${against.text}`);
  return { brief: known, draft, plan: now };
}

function validProof(proof: Proof | undefined): Proof | undefined {
  const numbers = [proof?.objective, proof?.bound, proof?.gap];
  return proof && numbers.every((n) => typeof n === 'number' && Number.isFinite(n)) ? proof : undefined;
}
