import { type Role, staffRoles } from '@tropaeum/core/people/permissions';
import { useState } from 'react';
import { object, string } from 'yup';
import { ask } from '../api/client';
import type { Person } from '../api/people-types';
import { queryClient, useMe, usePeople, useSquads } from '../api/queries';
import type { Squad } from '../api/types';
import { useWork } from '../api/use-work';
import { dayOfMoment } from '../ui/days';
import { Field, FormProblem, useForm } from '../ui/Form';
import { Trouble, Waiting } from '../ui/States';
import { capital } from '../ui/words';
import { AthleteChoice, type Named, noSquad, RoleChoice, SquadChoice } from './PeopleChoices';

const rules = object({
  email: string().trim().required('is required').matches(/@.+\./, 'must be an e-mail address'),
});

/** Who belongs to the club: invited by mail, with a role, and limited to squads where that is wanted. */
export function PeopleSettings() {
  const people = usePeople();
  const all = useSquads().data;
  const squads = all?.squads ?? [];
  const athletes: Named[] = all?.athletes ?? [];
  const named = new Map([...athletes, ...(all?.waiting ?? [])].map(({ id, name }) => [id, name]));
  const me = useMe().data;
  const { work, problem, busy } = useWork(['people'], ['me'], ['squads']);
  if (people.error) return <Trouble error={people.error} again={() => void people.refetch()} />;
  if (!people.data || !me) return <Waiting what="Opening people" />;
  const change = (person: Person, body: { role?: Role; squadIds?: string[]; athleteIds?: string[] }) =>
    void work(person.id, () => ask(`/people/${person.id}`, 'PATCH', body));
  return (
    <div className="max-w-4xl">
      <table className="mt-4 w-full text-left">
        <thead>
          <tr className="border-b-2 border-ink">
            <th className="label py-1 pr-4">Name</th>
            <th className="label py-1 pr-4">Role</th>
            <th className="label py-1 pr-4">Sees</th>
            <th className="label py-1">
              <span className="sr-only">Remove</span>
            </th>
          </tr>
        </thead>
        <tbody>
          {people.data.people.map((person) => (
            <tr key={person.id} className="border-b border-edge align-top" aria-busy={busy === person.id}>
              <td className="py-2 pr-4">
                <b>{person.name}</b> {person.id === me.id && <span className="text-quiet">(you)</span>}
                <span className="block text-small text-quiet">{person.email}</span>
              </td>
              <td className="py-2 pr-4">
                {staffRoles.includes(person.role) ? (
                  <RoleChoice
                    label={`Role of ${person.name}`}
                    role={person.role}
                    onChange={(role) => change(person, { role })}
                  />
                ) : (
                  capital(person.role)
                )}
              </td>
              <td className="py-2 pr-4">
                {person.role === 'owner' ? (
                  <span className="text-quiet">all squads</span>
                ) : staffRoles.includes(person.role) ? (
                  <>
                    <SquadChoice
                      squads={squads}
                      chosen={person.squadIds}
                      none={noSquad(person.role, person.athleteIds)}
                      onChange={(squadIds) => change(person, { squadIds })}
                    />
                    {person.role === 'physio' && (
                      <AthleteChoice
                        athletes={athletes}
                        chosen={person.athleteIds}
                        onChange={(athleteIds) => change(person, { athleteIds })}
                      />
                    )}
                  </>
                ) : (
                  person.athleteIds.map((id) => named.get(id)).join(', ')
                )}
              </td>
              <td className="py-2 text-right">
                {person.id !== me.id && (
                  <Remove
                    name={person.name}
                    onRemove={() => void work(person.id, () => ask(`/people/${person.id}`, 'DELETE'))}
                  />
                )}
              </td>
            </tr>
          ))}
          {people.data.invitations.map((invitation) => (
            <tr key={invitation.id} className="border-b border-edge">
              <td className="py-2 pr-4">
                {invitation.email}
                <span className="block text-small text-quiet">invited until {dayOfMoment(invitation.expiresAt)}</span>
              </td>
              <td className="py-2 pr-4">{capital(invitation.role ?? '')}</td>
              <td className="py-2 pr-4 text-quiet">
                {[
                  ...squads.filter((s) => invitation.squadIds.includes(s.id)).map((s) => s.name),
                  ...invitation.athleteIds.map((id) => named.get(id)),
                ].join(', ') || (invitation.role === 'physio' ? 'nobody yet' : 'all squads')}
              </td>
              <td className="py-2 text-right">
                <button
                  type="button"
                  className="underline"
                  onClick={() => void work(invitation.id, () => ask(`/invitations/${invitation.id}`, 'DELETE'))}
                >
                  Withdraw
                </button>
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      <p role="alert" className="min-h-5 text-small text-oxide">
        {problem}
      </p>
      <Invite squads={squads} athletes={athletes} />
    </div>
  );
}

/** Taking somebody away is asked twice: their sign-ins end at once. */
function Remove({ name, onRemove }: { name: string; onRemove: () => void }) {
  const [sure, setSure] = useState(false);
  return sure ? (
    <span className="flex items-center justify-end gap-2">
      <button type="button" className="key h-7 text-oxide" onClick={onRemove}>
        Remove {name}
      </button>
      <button type="button" className="underline" onClick={() => setSure(false)}>
        Keep
      </button>
    </span>
  ) : (
    <button type="button" className="underline" aria-label={`Remove ${name}`} onClick={() => setSure(true)}>
      Remove
    </button>
  );
}

function Invite({ squads, athletes }: { squads: readonly Squad[]; athletes: readonly Named[] }) {
  const [role, setRole] = useState<Role>('coach');
  const [squadIds, setSquadIds] = useState<string[]>([]);
  const [athleteIds, setAthleteIds] = useState<string[]>([]);
  const [said, setSaid] = useState('');
  const form = useForm(rules, { email: '' });
  const submit = form.sends(async ({ email }) => {
    await ask('/invitations', 'POST', {
      ...{ email, role, squadIds: role === 'owner' ? [] : squadIds },
      athleteIds: role === 'physio' ? athleteIds : [],
    });
    await Promise.all([
      queryClient.invalidateQueries({ queryKey: ['people'] }),
      queryClient.invalidateQueries({ queryKey: ['mails'] }),
    ]);
    setSaid(`An invitation is on its way to ${email}.`);
    form.reset({ email: '' });
  });
  return (
    <section className="mt-6">
      <h2 className="head text-lg">Invite somebody</h2>
      <form onSubmit={(event) => void submit(event)} noValidate className="mt-2 flex flex-wrap items-start gap-4">
        <Field form={form} name="email" label="E-mail" type="email" className="w-64" />
        <div>
          <span className="label block">Role</span>
          <RoleChoice label="Role of the invited" role={role} onChange={setRole} />
        </div>
        {role !== 'owner' && (
          <div>
            <span className="label block">Sees</span>
            <SquadChoice squads={squads} chosen={squadIds} none={noSquad(role, athleteIds)} onChange={setSquadIds} />
            {role === 'physio' && <AthleteChoice athletes={athletes} chosen={athleteIds} onChange={setAthleteIds} />}
          </div>
        )}
        <button type="submit" className="key key-strong mt-5" disabled={form.formState.isSubmitting}>
          Send the invitation
        </button>
      </form>
      <FormProblem form={form} />
      <p role="status" className="text-small text-quiet">
        {said}
      </p>
    </section>
  );
}
