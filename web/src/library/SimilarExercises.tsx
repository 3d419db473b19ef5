import { useQuery } from '@tanstack/react-query';
import { catalogueOf } from '@tropaeum/core/exercise/catalogue/catalogue';
import type { Loading } from '@tropaeum/core/exercise/mechanics/loading';
import type { Brief } from '@tropaeum/core/session/brief/brief';
import { Link } from 'react-router';
import { Figure } from '../ui/Figure';
import { shownInUnits } from '../ui/units';
import { measurer } from '../workers/measuring';

interface AlikeProps {
  variantId: string;
  brief: Brief | undefined;
  loading: Loading;
  query: string;
}

/** What else of the athlete's kit loads the joints alike, with the load that matches. */
export function SimilarExercises({ variantId, brief, loading, query }: AlikeProps) {
  const alike = useQuery({
    queryKey: ['alike', variantId, loading.loadKg ?? 0, JSON.stringify(brief ?? null)],
    queryFn: () => measurer().alike(brief as Brief, variantId, loading),
    enabled: brief !== undefined,
    staleTime: Number.POSITIVE_INFINITY,
  });
  const catalogue = catalogueOf(brief?.own);
  if (!brief)
    return <p className="text-quiet">Choose an athlete in the library to see substitutes with their equipment.</p>;
  if (alike.isPending) return <p className="text-quiet">Calculating …</p>;
  if (!alike.data?.length) return <p className="text-quiet">No similar exercise with this equipment.</p>;
  return (
    <ul className="mt-1">
      {alike.data.map(({ variant, likeness, load }) => (
        <li key={variant}>
          <Link
            to={`/library/${variant}${query ? `?${query}` : ''}`}
            className="flex items-center gap-2 px-1 py-0.5 hover:bg-lit"
          >
            <Figure variant={catalogue.drawnAs(variant)} name="" className="h-9 w-12 shrink-0" />
            <span className="min-w-0 flex-1 truncate text-[0.9rem]">
              {catalogue.byId(variant)?.name}
              {load && <span className="text-quiet"> with {shownInUnits(load.with)}</span>}
            </span>
            <span className="dose whitespace-nowrap">{Math.round(likeness * 100)} % similar</span>
          </Link>
        </li>
      ))}
    </ul>
  );
}
