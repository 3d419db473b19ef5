import { useQuery } from '@tanstack/react-query';
import { LibrarySearch } from '@tropaeum/core/exercise/catalogue/search';
import { library, variantById } from '@tropaeum/core/exercise/library/library';
import { type CustomExercise, customVariant } from '@tropaeum/core/exercise/model/custom-exercise';
import { needsNothing, type Variant } from '@tropaeum/core/exercise/model/variant';
import { levels, patterns } from '@tropaeum/core/exercise/model/vocabulary';
import type { Brief } from '@tropaeum/core/session/brief/brief';
import { askedOf, type SportAction, type SportProfile } from '@tropaeum/core/sport/profile';
import { answersFrom, transferOf } from '@tropaeum/core/sport/transfer';
import { useMemo } from 'react';
import { ask } from '../api/client';
import { measurer } from '../workers/measuring';

/** A variant as the library shows it; an own one is drawn as what it was copied from. */
export interface Shown {
  variant: Variant;
  /** The shipped variant that is drawn and measured. */
  drawnAs: string;
  own?: CustomExercise;
}

const useCustomExercises = () =>
  useQuery({ queryKey: ['own-variants'], queryFn: () => ask<CustomExercise[]>('/own-variants') });

/** Patterns in the order of the trade, in each the easier first. */
function byPattern(a: Variant, b: Variant): number {
  return (
    patterns.indexOf(a.pattern) - patterns.indexOf(b.pattern) ||
    levels.indexOf(a.level) - levels.indexOf(b.level) ||
    a.name.localeCompare(b.name)
  );
}

/** Every variant, the club's own ones first, and the search over all of them. */
export function useLibrary() {
  const own = useCustomExercises();
  return useMemo(() => {
    const mine = (own.data ?? []).flatMap((words): Shown[] => {
      const base = variantById(words.copyOf);
      return base ? [{ variant: customVariant(words, base), drawnAs: base.id, own: words }] : [];
    });
    const shipped = [...library].sort(byPattern).map((variant): Shown => ({ variant, drawnAs: variant.id }));
    const all = [...mine, ...shipped];
    return {
      all,
      byId: new Map(all.map((s) => [s.variant.id, s])),
      search: new LibrarySearch(all.map((s) => s.variant)),
    };
  }, [own.data]);
}

/** Why each variant cannot be done by an athlete here and now; worked out in a worker. */
export function useFeasible(brief: Brief | undefined) {
  return useQuery({
    queryKey: ['feasible', JSON.stringify(brief ?? null)],
    queryFn: () => measurer().feasible(brief as Brief),
    enabled: brief !== undefined,
    staleTime: Number.POSITIVE_INFINITY,
  });
}

export interface Served {
  action: SportAction;
  transfer: number;
}

/** The actions of a sport that a variant serves, best first. */
export function servedBy(variant: Variant, sport: SportProfile, role?: string): Served[] {
  const actions = role ? askedOf(sport, role).map((a) => a.action) : sport.actions;
  return actions
    .map((action) => ({ action, transfer: transferOf(variant, action).total }))
    .filter((s) => s.transfer >= answersFrom)
    .sort((a, b) => b.transfer - a.transfer);
}

/** What the filters ask for; empty means all. */
export interface Filters {
  text: string;
  pattern: string;
  joint: string;
  block: string;
  action: string;
  free: boolean;
  can: boolean;
}

export const noFilters: Filters = { text: '', pattern: '', joint: '', block: '', action: '', free: false, can: false };

/** The variants that pass all filters, in the order of the search when something is typed. */
export function filtered(
  { all, byId, search }: ReturnType<typeof useLibrary>,
  filters: Filters,
  action: SportAction | undefined,
  reasons: ReadonlyMap<string, readonly string[]> | undefined,
): Shown[] {
  const typed = filters.text.trim();
  const found = typed ? search.find(typed).flatMap((id) => byId.get(id) ?? []) : all;
  const passing = found.filter(
    ({ variant }) =>
      (!filters.pattern || variant.pattern === filters.pattern) &&
      (!filters.joint || variant.jointActions.some((a) => a.joint === filters.joint)) &&
      (!filters.block || variant.blocks.some((b) => b === filters.block)) &&
      (!filters.free || needsNothing(variant)) &&
      (!filters.can || !reasons || (reasons.get(variant.id)?.length ?? 0) === 0) &&
      (!action || transferOf(variant, action).total >= answersFrom),
  );
  if (!action || typed) return passing;
  const worth = new Map(passing.map((s) => [s.variant.id, transferOf(s.variant, action).total]));
  return passing.sort((a, b) => (worth.get(b.variant.id) ?? 0) - (worth.get(a.variant.id) ?? 0));
}
