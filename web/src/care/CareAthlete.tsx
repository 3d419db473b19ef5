import type { Restriction } from '@tropaeum/core/athlete/athlete';
import { restrictionWords } from '@tropaeum/core/limits/verdict';
import { Plus } from 'lucide-react';
import { useState } from 'react';
import { Link, useParams } from 'react-router';
import { ask } from '../api/client';
import type { ReleaseRequest } from '../api/people-types';
import type { RestrictionChange } from '../api/types';
import { useWork } from '../api/use-work';
import { TestBattery } from '../capacity/TestBattery';
import { RestrictionDialog } from '../session/restriction/RestrictionDialog';
import { dayName, dayOfMoment } from '../ui/days';
import { PlanList } from '../ui/PlanList';
import { ReportList } from '../ui/ReportList';
import { Trouble, Waiting } from '../ui/States';
import { capital, partWords } from '../ui/words';
import { useTreatedAthlete } from './queries';

/** One athlete as the physio works: what is asked, what stands, what hurts, what is trained, what was measured. */
export function CareAthlete() {
  const { athleteId = '' } = useParams();
  const treated = useTreatedAthlete(athleteId);
  const { work, problem } = useWork(['treated']);
  const [open, setOpen] = useState<number | 'new'>();
  if (treated.error) return <Trouble error={treated.error} again={() => void treated.refetch()} />;
  if (!treated.data) return <Waiting what="Opening the athlete" />;
  const { athlete, today, requests, changes, reports, plans } = treated.data;
  const list = athlete.restrictions;
  const before = typeof open === 'number' ? list[open] : undefined;
  const put = (restrictions: Restriction[], words?: string) => {
    setOpen(undefined);
    const body = { was: list, restrictions, ...(words?.trim() ? { words: words.trim() } : {}) };
    void work('restrictions', () => ask(`/treated/${athleteId}/restrictions`, 'PUT', body));
  };
  return (
    <main className="min-w-0 flex-1 px-4 py-5 sm:px-6">
      <p className="text-small">
        <Link to="/care" className="underline">
          Athletes
        </Link>
      </p>
      <h1 className="head text-2xl">{athlete.name}</h1>
      <p role="alert" className="text-small text-oxide">
        {problem}
      </p>
      <div className="mt-3 grid gap-8 lg:grid-cols-[1fr_24rem]">
        <div className="min-w-0">
          {requests
            .filter(({ answeredAt }) => answeredAt === null)
            .map((request) => (
              <Request
                key={request.id}
                request={request}
                onEase={() => setOpen(list.findIndex((r) => r.region === request.region))}
                onAnswer={(words) =>
                  void work('answer', () => ask(`/release-requests/${request.id}/answer`, 'POST', { words }))
                }
              />
            ))}
          <section>
            <h2 className="label">Restrictions</h2>
            {list.map((r, i) => (
              <button
                key={`${r.region}${r.side}`}
                type="button"
                className="mt-1 block w-full border-l-4 border-oxide bg-sheet px-3 py-2 text-left hover:bg-lit"
                onClick={() => setOpen(i)}
              >
                <b className="head text-base">{capital(restrictionWords(r))}</b>
                <span className="block text-[0.92rem]">
                  {r.stage ? `Stage ${r.stage} of 5` : 'No stage'} ·{' '}
                  {r.until ? `until ${dayName(r.until)}` : 'until released'}
                  {r.setBy && r.setBy !== 'physiotherapist' ? ` · set by ${r.setBy}` : ''}
                </span>
                {r.criteria && <span className="block text-[0.92rem] text-quiet">Then: {r.criteria}</span>}
              </button>
            ))}
            {list.length === 0 && <p className="text-quiet">None. Everything may be trained.</p>}
            <button type="button" className="key mt-2" onClick={() => setOpen('new')}>
              <Plus size={14} /> Add a restriction
            </button>
          </section>
          <section className="mt-6">
            <h2 className="label">Pain and effort</h2>
            <ReportList reports={reports} empty="No result in four months." />
          </section>
          <section className="mt-6">
            <h2 className="label">Sessions</h2>
            <PlanList plans={plans} empty="No session in two weeks." />
          </section>
        </div>
        <aside>
          <h2 className="label">Changes</h2>
          <History changes={changes} />
        </aside>
      </div>
      <section className="mt-6 border-t border-stone pt-3">
        <h2 className="label">Tests</h2>
        <TestBattery
          results={athlete.battery}
          day={today}
          onRecord={(results) => {
            const body = { athlete: { battery: results }, was: { athlete: { battery: athlete.battery } } };
            void work('tests', () => ask(`/treated/${athleteId}/tests`, 'PUT', body));
          }}
        />
      </section>
      {open !== undefined && (
        <RestrictionDialog
          as="physio"
          date={today}
          born={athlete.born}
          before={before}
          onSave={(restriction, _, words) =>
            put(before ? list.map((r, i) => (i === open ? restriction : r)) : [...list, restriction], words)
          }
          {...(before
            ? {
                onLift: (_: unknown, words?: string) =>
                  put(
                    list.filter((_, i) => i !== open),
                    words,
                  ),
              }
            : {})}
          onClose={() => setOpen(undefined)}
        />
      )}
    </main>
  );
}

interface RequestProps {
  request: ReleaseRequest;
  onEase: () => void;
  onAnswer: (words: string) => void;
}

/** What a coach asks, with both ways on: ease it, or say why not. */
function Request({ request, onEase, onAnswer }: RequestProps) {
  const [words, setWords] = useState('');
  return (
    <section className="mb-4 border-2 border-oxide px-3 py-2">
      <p>
        <b>{request.askedBy}</b> asks for a release of the <b>{partWords(request)}</b>, {dayOfMoment(request.askedAt)}:
        “{request.words}”
      </p>
      <div className="mt-2 flex flex-wrap gap-2">
        <button type="button" className="key key-strong" onClick={onEase}>
          Change it …
        </button>
        <input
          aria-label="Why not yet"
          className="field h-8 min-w-48 flex-1"
          placeholder="not yet, because …"
          maxLength={400}
          value={words}
          onChange={(e) => setWords(e.target.value)}
        />
        <button type="button" className="key" disabled={!words.trim()} onClick={() => onAnswer(words.trim())}>
          Not yet
        </button>
      </div>
    </section>
  );
}

function History({ changes }: { changes: readonly RestrictionChange[] }) {
  if (changes.length === 0) return <p className="text-quiet">Nothing was changed yet.</p>;
  return (
    <ul className="text-[0.88rem]">
      {changes.map(({ before, after, by, release, changedAt }) => (
        <li key={`${changedAt}${JSON.stringify(after ?? before)}`} className="border-b border-edge py-1.5 leading-snug">
          <span className="text-quiet">
            {dayOfMoment(changedAt)}
            {by ? `, ${by}` : ''}
          </span>
          <span className="block">
            {after
              ? `${before ? 'Changed' : 'Set'}: ${restrictionWords(after)}`
              : before && `Lifted: ${restrictionWords(before)}`}
          </span>
          {release && (
            <span className="block text-quiet">
              Released by {release.by}: {release.words}
            </span>
          )}
        </li>
      ))}
    </ul>
  );
}
