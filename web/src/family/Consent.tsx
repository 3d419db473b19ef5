import { useState } from 'react';
import { object, string } from 'yup';
import { ask } from '../api/client';
import type { FamilyAthlete } from '../api/people-types';
import { queryClient } from '../api/queries';
import { Field, FormProblem, useForm } from '../ui/Form';

const rules = object({ name: string().trim().required('is required').max(80, 'must be 80 characters or fewer') });

/** What is agreed to, read before it is agreed to, under a name. */
export function GiveConsent({ athlete, club, guardian }: { athlete: FamilyAthlete; club: string; guardian: string }) {
  const form = useForm(rules, { name: guardian });
  const submit = form.sends(async ({ name }) => {
    await ask('/consents', 'POST', { athleteId: athlete.id, name, version: athlete.version });
    await queryClient.invalidateQueries({ queryKey: ['family'] });
  });
  return (
    <form onSubmit={(event) => void submit(event)} noValidate className="mt-3 border-2 border-ink px-4 py-3">
      <h2 className="head text-lg">Consent needed</h2>
      <p className="text-quiet">
        Until you decide, {club} keeps the name of {athlete.name} and nothing else.
      </p>
      <ul className="mt-3 list-disc pl-5">
        {athlete.wording.map((paragraph) => (
          <li key={paragraph} className="py-1">
            {paragraph}
          </li>
        ))}
      </ul>
      <Field form={form} name="name" label="Your name" autoComplete="name" className="mt-3 max-w-sm" />
      <FormProblem form={form} />
      <button type="submit" className="key key-strong h-11" disabled={form.formState.isSubmitting}>
        I agree
      </button>
      <p className="mt-2 text-small text-quiet">
        If you do not agree, there is nothing to do. The coach can delete the name.
      </p>
    </form>
  );
}

/** Withdrawing cannot be undone: what goes is said, a copy is offered first, the name is typed. */
export function WithdrawConsent({ athlete }: { athlete: FamilyAthlete }) {
  const [open, setOpen] = useState(false);
  const form = useForm(
    object({
      typed: string().trim().required('is required').oneOf([athlete.name], `must be ${athlete.name}`),
    }),
    { typed: '' },
  );
  const submit = form.sends(
    async ({ typed }) => {
      await ask(`/consents/${athlete.id}/withdrawal`, 'POST', { name: typed });
      await queryClient.invalidateQueries({ queryKey: ['family'] });
    },
    (path) => (path === 'name' ? 'typed' : path),
  );
  if (!open)
    return (
      <button type="button" className="mt-2 min-h-11 text-oxide underline" onClick={() => setOpen(true)}>
        Withdraw consent …
      </button>
    );
  return (
    <form onSubmit={(event) => void submit(event)} noValidate className="mt-3 border-2 border-oxide px-4 py-3">
      <h2 className="head text-lg">Withdraw consent</h2>
      <p>
        Sessions, results, restrictions and everything else of {athlete.name} are deleted at once, and no session is
        sent any more. The name stays, and that you had agreed. This cannot be undone: take a copy first if you want
        one.
      </p>
      <Field form={form} name="typed" label={`Type ${athlete.name}`} autoComplete="off" className="mt-3 max-w-sm" />
      <FormProblem form={form} />
      <span className="flex gap-2">
        <button type="submit" className="key h-11 text-oxide" disabled={form.formState.isSubmitting}>
          Delete and withdraw
        </button>
        <button type="button" className="key key-plain h-11" onClick={() => setOpen(false)}>
          Keep
        </button>
      </span>
    </form>
  );
}
