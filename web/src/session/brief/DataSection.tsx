import { isMinor, usualConsentDays } from '@tropaeum/core/people/consent';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { ask } from '../../api/client';
import { queryClient, useAthlete, useMay, useMe, useSquads } from '../../api/queries';
import type { AthleteDetail } from '../../api/types';
import { useWork } from '../../api/use-work';
import { dayOfMoment } from '../../ui/days';
import { InviteFamily } from '../../ui/InviteFamily';
import { Section } from '../../ui/Section';
import { useWritten } from '../state/store';

/** All that is kept of the athlete: taken out, or taken away for good. */
export function DataSection() {
  const { athleteId } = useWritten();
  const name = useSquads().data?.athletes.find((a) => a.id === athleteId)?.name;
  const mayDelete = useMay('delete');
  const navigate = useNavigate();
  const { problem, work } = useWork();
  const [typed, setTyped] = useState<string>();
  const detail = useAthlete(athleteId).data;
  if (!name) return null;
  const erase = async () => {
    if (!(await work('erase', () => ask(`/athletes/${athleteId}`, 'DELETE')))) return;
    await navigate('/');
    await queryClient.invalidateQueries();
  };
  return (
    <Section title="Data of the athlete">
      {detail && <Family athleteId={athleteId} detail={detail} />}
      {mayDelete && (
        <>
          <p className="flex gap-3 text-[0.84rem]">
            <a className="underline" href={`/api/athletes/${athleteId}/export.json`} download>
              Export everything (JSON)
            </a>
            <a className="underline" href={`/api/athletes/${athleteId}/export.csv`} download>
              Sets (CSV)
            </a>
          </p>
          {typed === undefined ? (
            <button type="button" className="mt-1 text-[0.84rem] text-oxide underline" onClick={() => setTyped('')}>
              Delete {name} …
            </button>
          ) : (
            <form
              className="mt-1"
              onSubmit={(event) => {
                event.preventDefault();
                if (typed.trim() === name) void erase();
              }}
            >
              <label className="block text-[0.84rem]">
                Sessions, results and restrictions go for good. Type <b>{name}</b> to delete.
                <input
                  aria-label="Name of the athlete"
                  className="field mt-1 h-7"
                  autoComplete="off"
                  value={typed}
                  onChange={(e) => setTyped(e.target.value)}
                />
              </label>
              <span className="mt-1 flex gap-2">
                <button type="submit" className="key h-7 text-oxide" disabled={typed.trim() !== name}>
                  Delete
                </button>
                <button type="button" className="key key-plain h-7" onClick={() => setTyped(undefined)}>
                  Keep
                </button>
              </span>
              <p role="alert" className="text-small text-oxide">
                {problem}
              </p>
            </form>
          )}
        </>
      )}
    </Section>
  );
}

/** Consent of a minor's guardian, who is invited here; the sign-in of somebody who decides alone. */
function Family({ athleteId, detail }: { athleteId: string; detail: AthleteDetail }) {
  const me = useMe().data;
  const minor = me !== undefined && isMinor(detail.brief.athlete.born, me.today, me.settings.consentAge);
  const standing = detail.consents.find(({ withdrawnAt }) => withdrawnAt === null);
  const own = detail.family.find(({ role }) => role === 'athlete');
  const guardians = detail.family.filter(({ role }) => role === 'guardian');
  return (
    <div className="mb-2 text-[0.84rem]">
      {minor && (
        <>
          {standing ? (
            <p>
              {standing.givenName} consented on {dayOfMoment(standing.givenAt)}.
            </p>
          ) : (
            <p className="border-l-4 border-oxide bg-sheet px-2 py-1">
              <b>No consent.</b> Nothing can be sent. After {me.settings.retention?.consentDays ?? usualConsentDays}{' '}
              days only the name is kept.
            </p>
          )}
          {guardians.map(({ email, name: who }) => (
            <p key={email} className="text-quiet">
              Guardian: {who}, {email}
            </p>
          ))}
          {!standing && <InviteFamily athleteId={athleteId} as="guardian" />}
        </>
      )}
      {own ? (
        <p className="text-quiet">Signs in as {own.email}.</p>
      ) : (
        <details className="mt-1">
          <summary className="cursor-pointer text-quiet">A sign-in of their own</summary>
          <InviteFamily athleteId={athleteId} as="athlete" />
        </details>
      )}
    </div>
  );
}
