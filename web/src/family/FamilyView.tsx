import { useQuery } from '@tanstack/react-query';
import { restrictionWords } from '@tropaeum/core/limits/verdict';
import { ask } from '../api/client';
import type { FamilyAthlete } from '../api/people-types';
import { useMe } from '../api/queries';
import { dayName, dayOfMoment } from '../ui/days';
import { PlanList } from '../ui/PlanList';
import { ReportList } from '../ui/ReportList';
import { Nothing, Trouble, Waiting } from '../ui/States';
import { capital } from '../ui/words';
import { GiveConsent, WithdrawConsent } from './Consent';

/** What a guardian decides and sees: consent, plan, results. An athlete sees the same of itself. */
export function FamilyView() {
  const me = useMe().data;
  const family = useQuery({
    queryKey: ['family'],
    queryFn: () => ask<{ today: string; club: string; consentAge: number; athletes: FamilyAthlete[] }>('/family'),
  });
  if (family.error) return <Trouble error={family.error} again={() => void family.refetch()} />;
  if (!family.data || !me) return <Waiting what="Opening" />;
  const { athletes, club, consentAge } = family.data;
  const isGuardian = me.role === 'guardian';
  return (
    <main className="mx-auto w-full max-w-3xl px-4 py-5 sm:px-6">
      {athletes.length === 0 && (
        <Nothing title="Nothing to see here.">
          {isGuardian
            ? `From ${consentAge} years on an athlete of ${club} decides alone.`
            : `${club} has no plan of yours. Ask your coach.`}
        </Nothing>
      )}
      {athletes.map((athlete) => (
        <article key={athlete.id} className="mb-10">
          <h1 className="head text-2xl">{athlete.name}</h1>
          {isGuardian &&
            (athlete.consent ? (
              <p className="mt-1 text-quiet">
                Consent given by {athlete.consent.givenName}, {dayOfMoment(athlete.consent.givenAt)}.
              </p>
            ) : (
              <GiveConsent athlete={athlete} club={club} guardian={me.name} />
            ))}
          {!isGuardian && (
            <p className="mt-3">
              <a className="key key-strong h-11" href={`/a/me.${athlete.id}`}>
                Open today’s session
              </a>
            </p>
          )}
          {athlete.kept && <Kept {...athlete.kept} />}
          {athlete.consent && !athlete.kept && (
            <p className="mt-3 text-quiet">The coach has not entered anything yet.</p>
          )}
          <p className="mt-5">
            {athlete.kept && (
              <a className="underline" href={`/api/family/${athlete.id}/export.json`} download>
                Take a copy of everything that is kept
              </a>
            )}
          </p>
          {isGuardian && athlete.consent && <WithdrawConsent athlete={athlete} />}
        </article>
      ))}
    </main>
  );
}

function Kept({ restrictions, week, plans, reports }: NonNullable<FamilyAthlete['kept']>) {
  return (
    <>
      {restrictions.length > 0 && (
        <section className="mt-4 border-l-4 border-oxide bg-sheet px-3 py-2">
          <h2 className="label">Restrictions</h2>
          {restrictions.map((r) => (
            <p key={`${r.region}${r.side}`}>
              {capital(restrictionWords(r))}
              {r.until && `, until ${dayName(r.until)}`}
            </p>
          ))}
        </section>
      )}
      <section className="mt-5">
        <h2 className="label">The next days</h2>
        {week.length === 0 && <p className="text-quiet">Nothing is planned.</p>}
        <ul>
          {week.map(({ on, name, minutes }) => (
            <li key={`${on}${name}`} className="flex gap-4 border-b border-edge py-1.5">
              <span className="w-28">{dayName(on)}</span> {name}
              {minutes ? `, ${minutes} min` : ''}
            </li>
          ))}
        </ul>
      </section>
      <section className="mt-5">
        <h2 className="label">Sessions</h2>
        <PlanList plans={plans} plain empty="No session was sent in six weeks." />
      </section>
      <section className="mt-5">
        <h2 className="label">Results</h2>
        <ReportList reports={reports} empty="No result in six weeks." />
      </section>
    </>
  );
}
