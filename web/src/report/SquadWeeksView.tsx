import { useQuery } from '@tanstack/react-query';
import { useVirtualizer } from '@tanstack/react-virtual';
import type { SquadWeek, Usual } from '@tropaeum/core/report/squad-weeks';
import { ArrowDown, ArrowUp } from 'lucide-react';
import { useMemo, useRef, useState } from 'react';
import { Link, useOutletContext } from 'react-router';
import { ask } from '../api/client';
import type { CoachContext } from '../api/coach-context';
import { dayMonth } from '../ui/days';
import { Nothing, Trouble, Waiting } from '../ui/States';

interface AthleteWeeks {
  id: string;
  name: string;
  squadId: string;
  weeks: SquadWeek[];
  usual: Usual | null;
  peak: { name: string; on: string; inWeeks: number } | null;
}
interface Weeks {
  mondays: string[];
  athletes: AthleteWeeks[];
}

const measures = { load: 'Session load', adherence: 'Sessions done' } as const;
type Measure = keyof typeof measures;
const orders = { name: 'Name', adherence: 'Adherence', usual: 'Off the usual', peak: 'Next peak' } as const;
type Order = keyof typeof orders;

const rowHeight = 34;
const columns = 'grid-cols-[11rem_repeat(12,minmax(2.4rem,1fr))_4.5rem_9rem_9rem]';

const totals = ({ weeks }: AthleteWeeks) => ({
  sent: weeks.reduce((sum, { sent }) => sum + sent, 0),
  done: weeks.reduce((sum, { done }) => sum + done, 0),
});
/** Share of what was sent that was done; below every other where nothing was. */
const adherence = (one: AthleteWeeks): number => {
  const { sent, done } = totals(one);
  return sent === 0 ? -1 : done / sent;
};
const off = ({ usual }: AthleteWeeks): number => (usual === null ? 0 : Math.abs(Math.log(Math.max(0.05, usual.ratio))));

const compare: Readonly<Record<Order, (a: AthleteWeeks, b: AthleteWeeks) => number>> = {
  name: (a, b) => a.name.localeCompare(b.name),
  adherence: (a, b) => adherence(a) - adherence(b),
  usual: (a, b) => off(b) - off(a),
  peak: (a, b) => (a.peak?.on ?? '9').localeCompare(b.peak?.on ?? '9'),
};

/** One week: its figure, on a ground that is darker the more it is; pain above two is underlined and marked. */
function Cell({ week, measure, top }: { week: SquadWeek; measure: Measure; top: number }) {
  const { sent, done, load, pain } = week;
  if (sent === 0) return <span className="text-center text-quiet">·</span>;
  const share = measure === 'load' ? load / top : done / sent;
  const hurts = (pain ?? 0) > 2;
  // Nothing in the middle, where neither dark nor light letters can be read.
  const ground = share > 0.66 ? 80 + (share - 0.66) * 58 : share * 50;
  const says = `${dayMonth(week.from)}: ${done} of ${sent} sessions done, load ${load}${hurts ? `, pain ${pain}` : ''}`;
  return (
    <span
      title={says}
      className={`dose flex h-[26px] items-center justify-center text-[0.74rem] ${share > 0.66 ? 'text-paper' : 'text-ink'}`}
      style={{ background: `color-mix(in srgb, var(--slate) ${Math.round(Math.min(100, ground))}%, var(--paper))` }}
    >
      {measure === 'load' ? load : `${done}/${sent}`}
      {hurts && <b className="ml-0.5 bg-paper px-0.5 text-oxide">!</b>}
    </span>
  );
}

function UsualWords({ usual }: Pick<AthleteWeeks, 'usual'>) {
  if (usual === null) return <span className="text-quiet">too few weeks</span>;
  const percent = `${Math.round(usual.ratio * 100)} %`;
  if (usual.is === 'usual') return <span className="text-quiet">{percent}</span>;
  const Icon = usual.is === 'above' ? ArrowUp : ArrowDown;
  return (
    <span className="flex items-center gap-1 font-semibold text-oxide">
      <Icon size={14} aria-hidden /> {percent} of usual
    </span>
  );
}

/** The squad over twelve weeks: load or adherence, who is off the usual, who peaks when. */
export function SquadWeeksView() {
  const { squads } = useOutletContext<CoachContext>();
  const weeks = useQuery({ queryKey: ['weeks'], queryFn: () => ask<Weeks>('/weeks') });
  const [measure, setMeasure] = useState<Measure>('load');
  const [order, setOrder] = useState<Order>('usual');
  const [squad, setSquad] = useState('');
  const [typed, setTyped] = useState('');
  const scroller = useRef<HTMLDivElement>(null);
  const all = weeks.data?.athletes;
  const shown = useMemo(
    () =>
      (all ?? [])
        .filter(
          ({ name, squadId }) =>
            (squad === '' || squadId === squad) && name.toLowerCase().includes(typed.trim().toLowerCase()),
        )
        .sort((a, b) => compare[order](a, b) || a.name.localeCompare(b.name)),
    [all, squad, typed, order],
  );
  const top = useMemo(() => Math.max(1, ...(all ?? []).flatMap((one) => one.weeks.map(({ load }) => load))), [all]);
  const rows = useVirtualizer({
    count: shown.length,
    getScrollElement: () => scroller.current,
    estimateSize: () => rowHeight,
    overscan: 10,
  });
  if (weeks.error) return <Trouble error={weeks.error} again={() => void weeks.refetch()} />;
  if (!weeks.data) return <Waiting what="Reading twelve weeks" />;
  const offUsual = shown.filter(({ usual }) => usual !== null && usual.is !== 'usual').length;
  const choose = <Id extends string>(
    label: string,
    ids: Readonly<Record<Id, string>>,
    now: Id,
    set: (id: Id) => void,
  ) => (
    <label className="flex items-center gap-2 text-[0.9rem]">
      {label}
      <select className="field w-36" value={now} onChange={(event) => set(event.target.value as Id)}>
        {(Object.entries(ids) as [Id, string][]).map(([id, name]) => (
          <option key={id} value={id}>
            {name}
          </option>
        ))}
      </select>
    </label>
  );
  return (
    <main className="flex min-w-0 flex-1 flex-col px-6 py-4">
      <header className="flex items-end justify-between gap-4">
        <div>
          <h1 className="head text-2xl">Squad over time</h1>
          <p className="text-quiet">
            {shown.length} athletes, <b className={offUsual > 0 ? 'text-oxide' : ''}>{offUsual}</b> off their usual load
            last week
          </p>
        </div>
        <div className="flex flex-wrap items-center justify-end gap-3">
          <input
            aria-label="Find an athlete"
            placeholder="Type a name"
            className="field w-40"
            value={typed}
            onChange={(event) => setTyped(event.target.value)}
          />
          {squads.squads.length > 1 &&
            choose(
              'Squad',
              { '': 'All squads', ...Object.fromEntries(squads.squads.map(({ id, name }) => [id, name])) },
              squad,
              setSquad,
            )}
          {choose('Show', measures, measure, setMeasure)}
          {choose('Sort by', orders, order, setOrder)}
        </div>
      </header>
      {shown.length === 0 ? (
        <Nothing title="Nobody of that name.">Clear what is typed, or choose another squad.</Nothing>
      ) : (
        <div className="mt-3 flex min-h-0 flex-1 flex-col">
          <div className={`grid ${columns} gap-px border-b-2 border-ink pb-1 text-small`}>
            <span>Athlete</span>
            {weeks.data.mondays.map((monday) => (
              <span key={monday} className="text-center text-[0.72rem] whitespace-nowrap text-quiet">
                {dayMonth(monday)}
              </span>
            ))}
            <span className="text-right">Done</span>
            <span className="pl-3">Last week</span>
            <span>Next peak</span>
          </div>
          <div ref={scroller} className="min-h-0 flex-1 overflow-y-auto">
            <ul aria-label="Weeks by athlete" className="relative" style={{ height: rows.getTotalSize() }}>
              {rows.getVirtualItems().map((row) => {
                const one = shown[row.index] as AthleteWeeks;
                const { sent, done } = totals(one);
                return (
                  <li
                    key={one.id}
                    className={`absolute inset-x-0 grid ${columns} items-center gap-px border-b border-edge`}
                    style={{ height: rowHeight, transform: `translateY(${row.start}px)` }}
                  >
                    <Link to={`/athletes/${one.id}/progress`} className="head truncate hover:underline">
                      {one.name}
                    </Link>
                    {one.weeks.map((week) => (
                      <span key={week.from}>
                        <Cell week={week} measure={measure} top={top} />
                      </span>
                    ))}
                    <span className="dose text-right">{sent === 0 ? '' : `${Math.round((done / sent) * 100)} %`}</span>
                    <span className="pl-3 text-[0.88rem]">
                      <UsualWords usual={one.usual} />
                    </span>
                    <span className="truncate text-[0.88rem]" title={one.peak?.name}>
                      {one.peak
                        ? `${one.peak.name}, ${one.peak.inWeeks === 0 ? 'this week' : `${one.peak.inWeeks} wk`}`
                        : ''}
                    </span>
                  </li>
                );
              })}
            </ul>
          </div>
          <p className="pt-2 text-small text-quiet">
            Darker is more; ! is pain above 2 in that week; a dot is a week without a session. Off the usual: half as
            much again, or half, of the median of the six weeks before (common practice, no source).
          </p>
        </div>
      )}
    </main>
  );
}
