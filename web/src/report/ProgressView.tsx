import { useQuery } from '@tanstack/react-query';
import { evenFrom } from '@tropaeum/core/capacity/test-trend';
import type { AthleteReport, SideComparison } from '@tropaeum/core/report/athlete-report';
import { Printer } from 'lucide-react';
import { useState } from 'react';
import { Link, useOutletContext, useParams } from 'react-router';
import type { CoachContext } from '../api/coach-context';
import { useAthlete } from '../api/queries';
import { dayName } from '../ui/days';
import { Nothing, Trouble, Waiting } from '../ui/States';
import { shownInUnits } from '../ui/units';
import { capital, words } from '../ui/words';
import { measurer } from '../workers/measuring';
import { LoadChart, PainChart, StrengthChart, VolumeChart } from './charts';

/** For whom a report is printed: what somebody needs comes first, what is not theirs is left out. */
const readers = { coach: 'Coach', athlete: 'Athlete', guardian: 'Guardian', physio: 'Physio' } as const;
type Reader = keyof typeof readers;

/** How an athlete has got on over twelve weeks: sentences first, then the charts they rest on; one page on paper. */
export function ProgressView() {
  const { athleteId = '' } = useParams();
  const { today } = useOutletContext<CoachContext>();
  const detail = useAthlete(athleteId);
  const [reader, setReader] = useState<Reader>('coach');
  const report = useQuery({
    queryKey: ['report', athleteId, today, detail.dataUpdatedAt],
    enabled: detail.data !== undefined,
    queryFn: () => {
      const { brief, sessions } = detail.data as NonNullable<typeof detail.data>;
      return measurer().report({ athlete: brief.athlete, own: brief.own ?? [], sessions, today });
    },
  });
  if (detail.error) return <Trouble error={detail.error} again={() => void detail.refetch()} />;
  if (!detail.data || !report.data) return <Waiting what="Reading twelve weeks of training" />;
  const { athlete } = detail.data;
  return (
    <main className="min-w-0 flex-1 overflow-y-auto px-6 py-4 print:overflow-visible print:p-0" data-report>
      <header className="flex items-baseline justify-between gap-4">
        <h1 className="head text-2xl">
          {athlete.name}
          <span className="ml-3 text-[0.92rem] font-normal text-quiet [font-family:var(--font-text)]">
            Twelve weeks to {dayName(today)}
          </span>
        </h1>
        <div className="no-print flex items-center gap-2">
          <Link to={`/athletes/${athleteId}`} className="key">
            Session
          </Link>
          <label className="flex items-center gap-2 text-[0.9rem]">
            Report for
            <select className="field w-32" value={reader} onChange={(e) => setReader(e.target.value as Reader)}>
              {Object.entries(readers).map(([id, name]) => (
                <option key={id} value={id}>
                  {name}
                </option>
              ))}
            </select>
          </label>
          <button type="button" className="key key-strong" onClick={() => window.print()}>
            <Printer size={15} /> Print
          </button>
        </div>
      </header>
      <Body report={report.data} reader={reader} />
    </main>
  );
}

function Body({ report, reader }: { report: AthleteReport; reader: Reader }) {
  const { weeks, strength, tests, sides, testSides, pain, sentences } = report;
  if (weeks.every(({ sent }) => sent === 0))
    return (
      <Nothing title="Nothing logged yet.">Progress shows here once sessions have come back. Send one first.</Nothing>
    );
  const clinical = reader === 'physio';
  const own = reader === 'athlete' || reader === 'guardian';
  const painCharts = pain.map((course) => (
    <PainChart key={`${course.place.region} ${course.place.side}`} course={course} />
  ));
  return (
    <>
      <ul className="mt-3 columns-2 gap-8 border-l-4 border-bronze bg-sheet px-4 py-2.5">
        {sentences.map((sentence) => (
          <li key={sentence} className="break-inside-avoid py-0.5">
            {shownInUnits(sentence)}
          </li>
        ))}
      </ul>
      <div className="mt-4 grid grid-cols-3 gap-x-6 gap-y-4">
        {clinical && painCharts}
        <LoadChart weeks={weeks} />
        {!own && <VolumeChart weeks={weeks} />}
        {strength.map((course) => (
          <StrengthChart key={course.variant} course={course} />
        ))}
        {!clinical && painCharts}
      </div>
      <div className="mt-4 grid grid-cols-2 gap-8">
        <Sides sides={[...testSides, ...sides]} />
        <section className="break-inside-avoid">
          <h2 className="label border-b border-stone pb-1">Tests</h2>
          {tests.length === 0 ? (
            <p className="py-2 text-quiet">No test yet. Two or three show more than logs can.</p>
          ) : (
            <table className="w-full text-[0.9rem]">
              <tbody>
                {tests.map(({ test, side, trend }) => {
                  const change = trend.sinceFirst ?? trend.sinceLast;
                  return (
                    <tr key={`${test.id} ${side}`} className="border-b border-edge">
                      <td className="py-1">
                        {test.name}
                        {side && `, ${side}`}
                      </td>
                      <td className="dose text-right">
                        {trend.latest.value} {test.unit}
                      </td>
                      <td className="pl-4 text-quiet">
                        {change
                          ? change.is === 'noise'
                            ? `within ±${change.leastReal.toFixed(0)}, noise`
                            : `${change.by > 0 ? '+' : ''}${change.by}, beyond ±${change.leastReal.toFixed(0)}`
                          : 'first result'}
                      </td>
                    </tr>
                  );
                })}
              </tbody>
            </table>
          )}
        </section>
        {!own && <Volume weeks={weeks} />}
      </div>
    </>
  );
}

/** Left against right, the most uneven first. */
function Sides({ sides }: { sides: readonly Pick<SideComparison, 'name' | 'left' | 'right' | 'index' | 'weaker'>[] }) {
  return (
    <section className="break-inside-avoid">
      <h2 className="label border-b border-stone pb-1">Left and right</h2>
      {sides.length === 0 ? (
        <p className="py-2 text-quiet">Nothing is done on one side often enough to compare.</p>
      ) : (
        <table className="w-full text-[0.9rem]">
          <thead>
            <tr className="text-left text-small text-quiet">
              <th className="font-normal">Mean of a set, what was left added</th>
              <th className="text-right font-normal">left</th>
              <th className="text-right font-normal">right</th>
              <th className="pl-4 font-normal">weaker side</th>
            </tr>
          </thead>
          <tbody>
            {sides.slice(0, 8).map(({ name, left, right, index, weaker }) => (
              <tr key={name} className="border-b border-edge">
                <td className="py-1">{name}</td>
                <td className="dose w-14 text-right">{left.toFixed(1)}</td>
                <td className="dose w-14 text-right">{right.toFixed(1)}</td>
                <td className={`w-40 pl-4 ${index < evenFrom ? 'font-semibold text-oxide' : 'text-quiet'}`}>
                  {weaker === 'neither' ? 'even' : `${weaker} ${Math.round(index * 100)} %`}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
    </section>
  );
}

/** Sets by movement pattern over the last four weeks. */
function Volume({ weeks }: Pick<AthleteReport, 'weeks'>) {
  const last = weeks.slice(-4);
  const patterns = [...new Set(last.flatMap(({ sets }) => Object.keys(sets)))] as (keyof (typeof last)[0]['sets'])[];
  const total = (pattern: (typeof patterns)[number]) => last.reduce((sum, { sets }) => sum + (sets[pattern] ?? 0), 0);
  const most = Math.max(1, ...patterns.map(total));
  return (
    <section className="break-inside-avoid">
      <h2 className="label border-b border-stone pb-1">Sets by movement, four weeks</h2>
      <table className="w-full text-[0.9rem]">
        <tbody>
          {patterns
            .sort((a, b) => total(b) - total(a))
            .map((pattern) => (
              <tr key={pattern} className="border-b border-edge">
                <td className="py-1 pr-3 whitespace-nowrap">{capital(words(pattern))}</td>
                <td className="w-full">
                  <span className="block h-2.5 bg-slate" style={{ width: `${(total(pattern) / most) * 100}%` }} />
                </td>
                <td className="dose pl-3 text-right">{total(pattern)}</td>
              </tr>
            ))}
        </tbody>
      </table>
    </section>
  );
}
