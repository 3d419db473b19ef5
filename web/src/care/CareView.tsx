import { standingOf } from '@tropaeum/core/limits/restriction';
import { restrictionWords } from '@tropaeum/core/limits/verdict';
import { Link } from 'react-router';
import { dayName } from '../ui/days';
import { Nothing, Trouble, Waiting } from '../ui/States';
import { capital, partWords } from '../ui/words';
import { type Treated, useTreated } from './queries';

/** What there is to decide comes first, then who hurts. */
const urgency = ({ requests, lastReport }: Treated): number =>
  requests.length * 100 + Math.max(0, ...(lastReport?.pain ?? []).map((p) => p.score));

/** The physio's list: who asks for a release, what stands, what hurt last. */
export function CareView() {
  const treated = useTreated();
  if (treated.error) return <Trouble error={treated.error} again={() => void treated.refetch()} />;
  if (!treated.data) return <Waiting what="Opening your athletes" />;
  const { athletes, today } = treated.data;
  const asked = athletes.filter(({ requests }) => requests.length > 0).length;
  return (
    <main className="min-w-0 flex-1 px-4 py-5 sm:px-6">
      <h1 className="head text-2xl">Athletes you treat</h1>
      <p className="text-quiet">
        {athletes.length} {athletes.length === 1 ? 'athlete' : 'athletes'} ·{' '}
        <b className={asked > 0 ? 'text-oxide' : ''}>{asked}</b> {asked === 1 ? 'asks' : 'ask'} for a release
      </p>
      {athletes.length === 0 ? (
        <Nothing title="Nobody yet.">An owner of the club says under Settings, People, whom you treat.</Nothing>
      ) : (
        <ul className="mt-4 border-t border-stone">
          {[...athletes]
            .sort((a, b) => urgency(b) - urgency(a) || a.name.localeCompare(b.name))
            .map((athlete) => (
              <li key={athlete.id}>
                <Link
                  to={`/care/${athlete.id}`}
                  className="grid gap-x-6 gap-y-1 border-b border-edge py-3 hover:bg-sheet sm:grid-cols-[14rem_1fr_16rem]"
                >
                  <span>
                    <b className="head text-base">{athlete.name}</b>
                    <span className="block text-small text-quiet">{athlete.squad}</span>
                  </span>
                  <span className="text-[0.92rem]">
                    {athlete.requests.map((request) => (
                      <span key={request.id} className="block font-semibold text-oxide">
                        Release of the {partWords(request)} asked by {request.askedBy}: “{request.words}”
                      </span>
                    ))}
                    {athlete.restrictions
                      .filter((r) => standingOf(r, today))
                      .map((r) => (
                        <span key={`${r.region}${r.side}`} className="block">
                          {capital(restrictionWords(r))}
                          {r.until && <span className="text-quiet"> · until {dayName(r.until)}</span>}
                        </span>
                      ))}
                    {athlete.restrictions.length === 0 && <span className="text-quiet">No restriction</span>}
                  </span>
                  <LastReport report={athlete.lastReport} />
                </Link>
              </li>
            ))}
        </ul>
      )}
    </main>
  );
}

function LastReport({ report }: { report: Treated['lastReport'] }) {
  if (!report) return <span className="text-small text-quiet">No result in four weeks</span>;
  const sore = report.pain.filter(({ score }) => score > 0);
  return (
    <span className="text-small">
      {dayName(report.on)}, RPE {report.effort}
      <span className={`block ${sore.some((p) => p.score > 2) ? 'font-semibold text-oxide' : 'text-quiet'}`}>
        {sore.length > 0 ? sore.map((p) => `${partWords(p)} ${p.score}/10`).join(', ') : 'no pain'}
      </span>
    </span>
  );
}
