import type { DatedReport } from '../api/people-types';
import { dayName } from './days';
import { partWords } from './words';

/** Pain as a bar from 0 to 10, the number beside it. */
function Pain({ score }: { score: number }) {
  const colour = score > 5 ? 'var(--oxide)' : score > 2 ? 'var(--bronze)' : 'var(--stone)';
  return (
    <svg viewBox="0 0 60 8" className="inline-block h-2 w-16" role="img" aria-label={`pain ${score} of 10`}>
      <rect width="60" height="8" fill="var(--edge)" />
      <rect width={score * 6} height="8" fill={colour} />
    </svg>
  );
}

/** So many are shown at once; older ones open. */
const shownAtOnce = 8;

function Rows({ reports }: { reports: readonly DatedReport[] }) {
  return (
    <ul>
      {reports.map(({ on, effort, minutes, pain, note }) => (
        <li key={on} className="grid grid-cols-[6.5rem_1fr] gap-x-3 border-b border-edge py-1.5 text-[0.92rem]">
          <span>
            {dayName(on)}
            <span className="block text-small text-quiet">
              RPE {effort} · {minutes} min
            </span>
          </span>
          <span>
            {pain
              .filter(({ score }) => score > 0)
              .map((one) => (
                <span key={`${one.region}${one.side}`} className="flex items-center gap-2">
                  <Pain score={one.score} /> {partWords(one)} {one.score}/10
                </span>
              ))}
            {pain.every(({ score }) => score === 0) && <span className="text-quiet">no pain</span>}
            {note && <span className="block text-quiet">“{note}”</span>}
          </span>
        </li>
      ))}
    </ul>
  );
}

/** What came back of sessions, the latest first: effort, minutes, what hurt, what was said. */
export function ReportList({ reports, empty }: { reports: readonly DatedReport[]; empty: string }) {
  if (reports.length === 0) return <p className="text-quiet">{empty}</p>;
  const older = reports.slice(shownAtOnce);
  return (
    <>
      <Rows reports={reports.slice(0, shownAtOnce)} />
      {older.length > 0 && (
        <details className="mt-1">
          <summary className="cursor-pointer text-quiet">{older.length} older</summary>
          <Rows reports={older} />
        </details>
      )}
    </>
  );
}
