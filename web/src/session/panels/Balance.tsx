import { planes } from '@tropaeum/core/exercise/model/vocabulary';
import type { SessionBalance } from '@tropaeum/core/session/scoring/balance';
import type { ReactNode } from 'react';

/** A beam with its weight where the two ends balance; leans out of the middle when they do not. */
function Beam({
  ends,
  shares,
  mark,
  fine,
  title,
}: {
  ends: [ReactNode, ReactNode];
  shares: [number, number];
  mark?: number;
  fine: boolean;
  title: string;
}) {
  const all = shares[0] + shares[1];
  const at = all > 0 ? shares[1] / all : 0.5;
  return (
    <span className="flex items-center gap-1.5 text-[0.78rem]" title={title}>
      <span>{ends[0]}</span>
      <span className="relative block h-3 w-16" aria-hidden="true">
        <span className="absolute inset-x-0 top-1/2 h-px bg-ink" />
        <span className="absolute top-0 left-1/2 h-full w-px bg-stone" />
        {mark !== undefined && (
          <span className="absolute top-[1px] h-2.5 w-0.5 bg-bronze" style={{ left: `calc(${mark * 100}% - 1px)` }} />
        )}
        <span
          className={`absolute top-[2px] size-2 rotate-45 ${fine ? 'bg-ink' : 'bg-oxide'}`}
          style={{ left: `calc(${at * 100}% - 4px)` }}
        />
      </span>
      <span>{ends[1]}</span>
    </span>
  );
}

const hundred = (share: number) => `${Math.round(share * 100)}`;

/** The margins of the weave: opposites, the two sides, the three planes. */
export function Balance({ margins }: { margins: SessionBalance }) {
  const { opposites, sides, planes: sets } = margins;
  const most = Math.max(...planes.map((p) => sets[p]), 1);
  return (
    <div className="mt-2 flex flex-wrap items-center gap-x-5 gap-y-1" role="group" aria-label="Balance of the session">
      {opposites.map((o) => (
        <Beam
          key={o.id}
          ends={[`${o.words[0]} ${o.sets[0]}`, `${o.sets[1]} ${o.words[1]}`]}
          shares={[o.sets[0], o.sets[1]]}
          fine={o.fine}
          title={`${o.name}: ${o.sets[0]} sets to ${o.sets[1]}`}
        />
      ))}
      <Beam
        ends={[`left ${hundred(sides.session.left)}`, `${hundred(sides.session.right)} right`]}
        shares={[sides.session.left, sides.session.right]}
        mark={sides.sport.right}
        fine={Math.abs(sides.session.left - sides.session.right) < 0.1}
        title={`Left and right in this session; the sport has ${hundred(sides.sport.left)} to ${hundred(sides.sport.right)} (bronze)`}
      />
      <span className="flex items-end gap-2 text-[0.78rem]">
        {planes.map((plane) => (
          <span
            key={plane}
            className={`flex items-end gap-1 ${sets[plane] ? '' : 'text-oxide'}`}
            title={`${sets[plane]} sets in the ${plane} plane`}
          >
            <span
              className="block w-2 border border-ink bg-ink"
              style={{ height: 2 + 11 * (sets[plane] / most) }}
              aria-hidden="true"
            />
            {plane} {sets[plane]}
          </span>
        ))}
      </span>
    </div>
  );
}
