import type { Variant } from '@tropaeum/core/exercise/variant';
import { sportIn, sportsIn, useClubSports } from '../demands/club-sports';
import { percent } from './Part';
import { servedBy } from './use-library';

const mostRows = 6;

/** The movements that an exercise serves: of the athlete's role, or of every sport there is. */
export function Serves({
  variant,
  role,
  sportId,
}: {
  variant: Variant;
  role: string | undefined;
  sportId: string | undefined;
}) {
  const club = useClubSports().data ?? [];
  const chosen = sportId ? sportIn(club, sportId) : undefined;
  const rows = (chosen ? [chosen] : sportsIn(club))
    .flatMap((sport) => servedBy(variant, sport, chosen ? role : undefined).map((s) => ({ ...s, sport })))
    .sort((a, b) => b.transfer - a.transfer);
  if (rows.length === 0) return <p className="text-quiet">No movement of the sports here directly.</p>;
  return (
    <ul className="mt-1 text-[0.9rem]">
      {rows.slice(0, mostRows).map(({ action, transfer, sport }) => (
        <li key={sport.id + action.id} className="flex justify-between gap-3 border-t border-edge py-0.5">
          <span>
            {action.name} <span className="text-quiet">{chosen ? '' : sport.name.toLowerCase()}</span>
          </span>
          <span className="dose">{percent(transfer)}</span>
        </li>
      ))}
    </ul>
  );
}
