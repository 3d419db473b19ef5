import { keepPreviousData, useQuery } from '@tanstack/react-query';
import type { Restriction } from '@tropaeum/core/athlete/athlete';
import type { LimitExamples } from '@tropaeum/core/limits/examples';
import { measurer } from '../../workers/measuring';

const maxExamples = 10;

/** What a restriction comes to, while it is typed. */
export function useExamples(restriction: Restriction | undefined, date: string) {
  return useQuery({
    queryKey: ['limit examples', date, JSON.stringify(restriction ?? null)],
    queryFn: async () => (await measurer().limitExamples(restriction as Restriction, date, maxExamples)) ?? null,
    enabled: restriction !== undefined,
    placeholderData: keepPreviousData,
    staleTime: Number.POSITIVE_INFINITY,
  });
}

const kinds = [
  ['allowed', 'Allowed', 'text-laurel'],
  ['adapted', 'Adapted', 'text-bronze'],
  ['not', 'Out', 'text-oxide'],
] as const;

/** Ten exercises each that are allowed, changed and out. */
export function Examples({ examples, waiting }: { examples: LimitExamples | undefined; waiting: boolean }) {
  if (!examples)
    return (
      <p className="mt-3 text-[0.88rem] text-quiet">
        {waiting ? 'Checking the library …' : 'Does not apply on this day.'}
      </p>
    );
  return (
    <div className="mt-4 grid grid-cols-3 gap-4">
      {kinds.map(([kind, title, colour]) => (
        <section key={kind} aria-label={title}>
          <h3 className={`head border-b border-stone text-[0.95rem] ${colour}`}>
            {title} <span className="dose text-quiet">{examples[kind].count}</span>
          </h3>
          <ul className="mt-1 text-[0.84rem] leading-tight">
            {examples[kind].examples.map((e) => (
              <li key={e.variant} className="py-0.5">
                {e.name}
                {e.words && <span className="block text-[0.78rem] text-quiet">{e.words}</span>}
              </li>
            ))}
          </ul>
        </section>
      ))}
    </div>
  );
}
