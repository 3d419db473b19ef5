import { type Role, roles, roleWords } from '@tropaeum/core/people/permissions';
import { useState } from 'react';
import { object, string } from 'yup';
import { ask } from '../api/client';
import { queryClient, useMe, usePeople, useSquads } from '../api/queries';
import type { Person, Squad } from '../api/types';
import { useWork } from '../api/use-work';
import { dayOfMoment } from '../ui/days';
import { Field, FormProblem, useForm } from '../ui/Form';
import { Trouble, Waiting } from '../ui/States';
import { capital } from '../ui/words';

const rules = object({
  email: string().trim().required('is required').matches(/@.+\./, 'must be an e-mail address'),
});

/** Who belongs to the club: invited by mail, with a role, and limited to squads where that is wanted. */
export function PeopleSettings() {
  const people = usePeople();
  const squads = useSquads().data?.squads ?? [];
  const me = useMe().data;
  const { work, problem, busy } = useWork(['people'], ['me'], ['squads']);
  if (people.error) return <Trouble error={people.error} again={() => void people.refetch()} />;
  if (!people.data || !me) return <Waiting what="Opening people" />;
  const change = (person: Person, body: { role?: Role; squadIds?: string[] }) =>
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
                <RoleChoice
                  label={`Role of ${person.name}`}
                  role={person.role}
                  onChange={(role) => change(person, { role })}
                />
              </td>
              <td className="py-2 pr-4">
                {person.role === 'owner' ? (
                  <span className="text-quiet">all squads</span>
                ) : (
                  <SquadChoice
                    squads={squads}
                    chosen={person.squadIds}
                    onChange={(squadIds) => change(person, { squadIds })}
                  />
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
                {invitation.squadIds.length === 0
                  ? 'all squads'
                  : squads
                      .filter((s) => invitation.squadIds.includes(s.id))
                      .map((s) => s.name)
                      .join(', ')}
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
      <Invite squads={squads} />
    </div>
  );
}

function RoleChoice({ label, role, onChange }: { label: string; role: Role; onChange: (role: Role) => void }) {
  return (
    <>
      <select
        aria-label={label}
        className="field h-8 w-32"
        value={role}
        onChange={(e) => onChange(e.target.value as Role)}
      >
        {roles.map((one) => (
          <option key={one} value={one}>
            {capital(one)}
          </option>
        ))}
      </select>
      <span className="block text-small text-quiet">{roleWords(role)}</span>
    </>
  );
}

function SquadChoice({
  squads,
  chosen,
  onChange,
}: {
  squads: readonly Squad[];
  chosen: readonly string[];
  onChange: (ids: string[]) => void;
}) {
  return (
    <fieldset className="text-[0.9rem]">
      {squads.map(({ id, name }) => (
        <label key={id} className="flex min-h-7 items-center gap-2">
          <input
            type="checkbox"
            checked={chosen.includes(id)}
            onChange={(e) => onChange(e.target.checked ? [...chosen, id] : chosen.filter((one) => one !== id))}
          />
          {name}
        </label>
      ))}
      <p className="text-small text-quiet">{chosen.length === 0 ? 'all squads' : 'only the ticked ones'}</p>
    </fieldset>
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

function Invite({ squads }: { squads: readonly Squad[] }) {
  const [role, setRole] = useState<Role>('coach');
  const [squadIds, setSquadIds] = useState<string[]>([]);
  const [said, setSaid] = useState('');
  const form = useForm(rules, { email: '' });
  const submit = form.sends(async ({ email }) => {
    await ask('/invitations', 'POST', { email, role, squadIds: role === 'owner' ? [] : squadIds });
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
            <SquadChoice squads={squads} chosen={squadIds} onChange={setSquadIds} />
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
