import { useState } from 'react';
import type { AuditEntry } from '../api/people-types';
import { useAudit, useSquads } from '../api/queries';
import { dayAndTime } from '../ui/days';
import { Choice } from '../ui/Form';
import { Nothing, Trouble, Waiting } from '../ui/States';

const actionWords: Readonly<Record<string, string>> = {
  read: 'read',
  insert: 'added',
  update: 'changed',
  delete: 'deleted',
  'sign-in': 'signed in',
};
const subjectWords: Readonly<Record<string, string>> = {
  athletes: 'athlete',
  restrictions: 'restriction',
  session_reports: 'session report',
  accounts: 'account',
};
/** Columns that say nothing to a reader. */
const own = new Set(['id', 'organisation_id', 'athlete_id', 'session_id', 'created_at']);

const fieldsOf = ({ action, fields }: AuditEntry): string =>
  action === 'update'
    ? fields
        .filter((f) => !own.has(f))
        .map((f) => f.replaceAll('_', ' '))
        .join(', ')
    : '';

/** Who has read and changed what is known of athletes' health. Nobody can change it, not even the server. */
export function AuditTrail() {
  const [athleteId, setAthleteId] = useState('');
  const athletes = useSquads().data?.athletes ?? [];
  const trail = useAudit(athleteId);
  if (trail.error) return <Trouble error={trail.error} again={() => void trail.refetch()} />;
  const entries = trail.data?.pages.flatMap((page) => page.entries);
  return (
    <div className="max-w-5xl">
      <div className="mt-1 flex items-end justify-between gap-6">
        <p className="max-w-lg text-quiet">
          Who read and changed what is known of athletes' health. Entries cannot be changed or deleted.
        </p>
        <Choice label="Athlete" className="w-56" value={athleteId} onChange={(e) => setAthleteId(e.target.value)}>
          <option value="">everybody</option>
          {athletes.map(({ id, name }) => (
            <option key={id} value={id}>
              {name}
            </option>
          ))}
        </Choice>
      </div>
      {!entries ? (
        <Waiting what="Opening the trail" />
      ) : entries.length === 0 ? (
        <Nothing title="Nothing yet." />
      ) : (
        <table className="mt-3 w-full text-left text-[0.9rem]">
          <thead>
            <tr className="border-b-2 border-ink">
              {['When', 'Who', 'What', 'Athlete', 'From'].map((title) => (
                <th key={title} className="label py-1 pr-4">
                  {title}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {entries.map((entry) => (
              <tr key={entry.id} className="border-b border-edge align-top">
                <td className="dose py-1 pr-4 whitespace-nowrap">{dayAndTime(entry.at)}</td>
                <td className="py-1 pr-4">{entry.who ?? "an athlete's link"}</td>
                <td className="py-1 pr-4">
                  {actionWords[entry.action] ?? entry.action}{' '}
                  {entry.action !== 'sign-in' && (subjectWords[entry.subject] ?? entry.subject)}
                  {fieldsOf(entry) && <span className="text-quiet">: {fieldsOf(entry)}</span>}
                </td>
                <td className="py-1 pr-4">{entry.athlete ?? (entry.athleteId ? 'deleted' : '')}</td>
                <td className="dose py-1">{entry.address?.replace('::ffff:', '') ?? ''}</td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
      {trail.hasNextPage && (
        <button
          type="button"
          className="key mt-3"
          disabled={trail.isFetchingNextPage}
          onClick={() => void trail.fetchNextPage()}
        >
          Older entries
        </button>
      )}
    </div>
  );
}
