import type { Variant } from '@tropaeum/core/exercise/model/variant';
import type { SportAction } from '@tropaeum/core/sport/profile';
import { transferWeights } from '@tropaeum/core/sport/transfer-criteria';
import { explained } from '@tropaeum/core/sport/transfer-explained';
import { useState } from 'react';
import { sportIn, sportsIn, useClubSports } from '../demands/club-sports';
import { CriteriaBars } from '../ui/CriteriaBars';
import { percent } from '../ui/words';
import { servedBy } from './use-library';

const maxRows = 6;

function Why({ variant, action }: { variant: Variant; action: SportAction }) {
  const { criteria, missing } = explained(variant, action, transferWeights.even);
  return (
    <div className="bg-lit px-2 pb-2">
      <CriteriaBars criteria={criteria} missing={missing} />
    </div>
  );
}

/** The movements that an exercise serves: of the athlete's role, or of every sport there is; each opens to its five criteria. */
export function TransferRows({
  variant,
  role,
  sportId,
}: {
  variant: Variant;
  role: string | undefined;
  sportId: string | undefined;
}) {
  const [opened, setOpened] = useState<string>();
  const club = useClubSports().data ?? [];
  const chosen = sportId ? sportIn(club, sportId) : undefined;
  const rows = (chosen ? [chosen] : sportsIn(club))
    .flatMap((sport) => servedBy(variant, sport, chosen ? role : undefined).map((s) => ({ ...s, sport })))
    .sort((a, b) => b.transfer - a.transfer);
  if (rows.length === 0) return <p className="text-quiet">No direct transfer to a movement of these sports.</p>;
  return (
    <ul className="mt-1 text-[0.9rem]">
      {rows.slice(0, maxRows).map(({ action, transfer, sport }) => {
        const id = `${sport.id} ${action.id}`;
        return (
          <li key={id} className="border-t border-edge">
            <button
              type="button"
              aria-expanded={opened === id}
              className="flex w-full cursor-pointer justify-between gap-3 py-0.5 text-left hover:bg-lit"
              onClick={() => setOpened(opened === id ? undefined : id)}
            >
              <span>
                {action.name} <span className="text-quiet">{chosen ? '' : sport.name.toLowerCase()}</span>
              </span>
              <span className="dose">{percent(transfer)}</span>
            </button>
            {opened === id && <Why variant={variant} action={action} />}
          </li>
        );
      })}
    </ul>
  );
}
