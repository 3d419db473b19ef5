import type { TestResult } from '@tropaeum/core/athlete/performance-record';
import { battery, type HomeTest, sidesOf, type TestId } from '@tropaeum/core/capacity/battery';
import { type Change, changeWords, sideIndex, trendOf } from '@tropaeum/core/capacity/test-trend';
import { useState } from 'react';
import { dayName } from '../ui/days';
import { RecordResult } from './RecordResult';
import { TrendPlot } from './TrendPlot';
import { TrunkRatios } from './TrunkRatios';

const unitShort: Record<HomeTest['unit'], string> = { repetitions: '', seconds: ' s', centimetres: ' cm' };
const valueWords = (test: HomeTest, value: number) =>
  `${Number.isInteger(value) ? value : value.toFixed(1)}${unitShort[test.unit]}`;

function changeLine(test: HomeTest, { by, is, leastReal }: Change): string {
  const signed = `${by > 0 ? '+' : by < 0 ? '−' : '±'}${valueWords(test, Math.abs(Math.round(by * 10) / 10))}`;
  const needed = valueWords(test, Math.round(leastReal * 10) / 10);
  return `${signed}: ${changeWords[is]} (${is === 'noise' ? 'under' : 'over'} ${needed})`;
}

interface TestBatteryProps {
  results: readonly TestResult[];
  day: string;
  onRecord: (results: TestResult[]) => void;
}

/** The tests done at home: how they stand, one in full with how it is done, and what is written down. */
export function TestBattery({ results, day, onRecord }: TestBatteryProps) {
  const [chosen, setChosen] = useState<TestId>('push-up');
  const test = battery.find((t) => t.id === chosen) as HomeTest;
  return (
    <div className="flex min-h-0 flex-1">
      <div className="min-w-0 flex-1 overflow-y-auto px-4 pt-2 pb-6">
        <table className="w-full text-[0.92rem]">
          <thead>
            <tr className="border-b border-stone text-left">
              <th className="label py-1">Test</th>
              <th className="label text-right">Left</th>
              <th className="label text-right">Right</th>
              <th className="label pl-4">Sides and trend</th>
            </tr>
          </thead>
          <tbody>
            {battery.map((t) => (
              <TestRow
                key={t.id}
                test={t}
                results={results}
                chosen={t.id === chosen}
                onChoose={() => setChosen(t.id)}
              />
            ))}
          </tbody>
        </table>
        <TrunkRatios results={results} />
      </div>
      <aside
        className="w-[320px] shrink-0 overflow-y-auto border-l border-edge bg-sheet px-4 py-3"
        aria-label="Chosen test"
      >
        <h2 className="head text-lg leading-tight">{test.name}</h2>
        <ol className="mt-1 list-decimal pl-5 text-[0.88rem] leading-snug">
          {test.steps.map((step) => (
            <li key={step}>{step}</li>
          ))}
        </ol>
        <p className="mt-1 text-[0.88rem] leading-snug">
          <b>Ends:</b> {test.ends}
        </p>
        {test.caution && <p className="mt-1 text-[0.88rem] leading-snug text-oxide">{test.caution}</p>}
        <RecordResult key={test.id} test={test} results={results} day={day} onRecord={onRecord} />
        {sidesOf(test).map((side) => {
          const trend = trendOf(test.id, results, side);
          if (!trend) return null;
          return (
            <section key={side ?? 'both'} className="mt-3">
              {side && <h3 className="label">{side}</h3>}
              {trend.results.length > 1 && <TrendPlot test={test} results={trend.results} />}
              {trend.sinceLast && (
                <p className="text-[0.86rem]">Since last time {changeLine(test, trend.sinceLast)}.</p>
              )}
              {trend.sinceFirst && (
                <p className="text-[0.86rem]">Since the first {changeLine(test, trend.sinceFirst)}.</p>
              )}
              <ul className="mt-1 text-[0.84rem]">
                {[...trend.results].reverse().map((r) => (
                  <li key={r.on} className="flex justify-between border-b border-edge py-0.5">
                    <span>{dayName(r.on)}</span>
                    <span>
                      <span className="dose">{valueWords(test, r.value)}</span>
                      <button
                        type="button"
                        className="ml-3 text-[0.78rem] text-quiet underline"
                        onClick={() =>
                          onRecord(results.filter((o) => !(o.test === r.test && o.on === r.on && o.side === r.side)))
                        }
                      >
                        delete
                      </button>
                    </span>
                  </li>
                ))}
              </ul>
            </section>
          );
        })}
        <p className="mt-3 text-[0.78rem] leading-tight text-quiet">{test.source}</p>
      </aside>
    </div>
  );
}

function TestRow({
  test,
  results,
  chosen,
  onChoose,
}: {
  test: HomeTest;
  results: readonly TestResult[];
  chosen: boolean;
  onChoose: () => void;
}) {
  const index = sideIndex(test.id, results);
  const trends = sidesOf(test).map((side) => trendOf(test.id, results, side));
  const [first, second] = trends;
  const moved = trends.flatMap((t) => (t?.sinceLast && t.sinceLast.is !== 'noise' ? [t.sinceLast.is] : []));
  const shown = (trend: (typeof trends)[number]) => (trend ? valueWords(test, trend.latest.value) : '–');
  return (
    <tr
      className={`cursor-pointer border-b border-edge hover:bg-sheet ${chosen ? 'bg-lit shadow-[inset_3px_0_0_var(--oxide)]' : ''}`}
      onClick={onChoose}
    >
      <td className="py-1 pl-2">
        <button type="button" aria-pressed={chosen} className="text-left" onClick={onChoose}>
          {test.name}
        </button>
      </td>
      {test.sides === 'single' ? (
        <>
          <td className="dose text-right">{shown(first)}</td>
          <td className="dose text-right">{shown(second)}</td>
        </>
      ) : (
        <td className="dose text-right" colSpan={2}>
          {shown(first)}
        </td>
      )}
      <td className="pl-4 text-[0.86rem]">
        {index && (
          <span className={index.even || !index.real ? 'text-quiet' : 'text-oxide'}>
            {index.even ? 'even' : `${index.weaker} ${Math.round(index.index * 100)} %`}
            {!index.even && !index.real && ', within measurement error'}
          </span>
        )}
        {index && moved.length > 0 && ' · '}
        {moved.length > 0 &&
          (moved.includes('less') ? (
            <b className="text-oxide">lower than last time</b>
          ) : (
            <b className="text-laurel">higher than last time</b>
          ))}
        {!index && moved.length === 0 && first?.sinceLast && (
          <span className="text-quiet">as last time, within measurement error</span>
        )}
        {!first && !second && <span className="text-quiet">not done yet</span>}
      </td>
    </tr>
  );
}
