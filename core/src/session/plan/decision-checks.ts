import { catalogueOf } from '../../exercise/catalogue/catalogue';
import { sessionsBefore } from '../brief/recent-sessions';
import type { Context } from '../context/context';
import { decidedAgainst, decidedDoseOf } from '../prescription/progress-decision';
import type { ScoredGroup } from '../scoring/scored-group';
import { checkWords } from '../wording/check-words';
import { type Check, check } from './check';

/** Whether the session does what was decided of the last one for the same aim: named is what it leaves out, and what is in it though it was stopped. */
export function decisionChecks({ brief }: Pick<Context, 'brief'>, columns: readonly ScoredGroup[]): Check[] {
  const inIt = new Set(columns.flatMap(({ group }) => group.choices.map(({ variant }) => variant)));
  const { byId } = catalogueOf(brief.own);
  const nameOf = (id: string) => byId(id)?.name ?? id;
  const last = sessionsBefore(brief).find(
    ({ aim, items }) => (aim === undefined || aim === brief.aim) && items?.some(({ decided }) => decided),
  );
  const decided = (last?.items ?? []).filter((item) => item.decided);
  if (decided.length === 0) return [];
  const wanted = decided
    .filter((item) => item.decided !== 'stop')
    .map(({ variant, next }) => next?.variant ?? variant)
    .filter((id) => decidedDoseOf(brief, { id }) !== undefined);
  const missing = wanted.filter((id) => !inIt.has(id));
  const against = [...inIt].filter((id) => {
    const variant = byId(id);
    return variant && decidedAgainst(brief, variant) !== undefined;
  });
  return [
    ...(wanted.length > 0
      ? [check('decisions', missing.length === 0, checkWords.decisions(wanted.length, missing.map(nameOf)))]
      : []),
    ...(against.length > 0 ? [check('stopped', false, checkWords.stopped(against.map(nameOf)))] : []),
  ];
}
