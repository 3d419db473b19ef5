import { useState } from 'react';
import { useNavigate } from 'react-router';
import { object, string } from 'yup';
import { ask } from '../api/client';
import { queryClient } from '../api/queries';
import { Field, FormProblem, useForm } from '../ui/Form';

/** Everything of the club: taken out as a file that another installation reads, or deleted for good. */
export function WholeClub({ name }: { name: string }) {
  const [open, setOpen] = useState(false);
  return (
    <section className="mt-6 border-t border-stone pt-3">
      <h2 className="head text-lg">The whole club</h2>
      <p className="mt-1">
        <a className="underline" href="/api/club/export.jsonl" download>
          Export everything
        </a>{' '}
        <span className="text-quiet">
          A line for each entry; another installation reads it with <span className="dose">tropaeum club read</span>.
          Passwords and links are not in it.
        </span>
      </p>
      {open ? (
        <Erase name={name} onKeep={() => setOpen(false)} />
      ) : (
        <button type="button" className="mt-2 text-oxide underline" onClick={() => setOpen(true)}>
          Delete {name} …
        </button>
      )}
    </section>
  );
}

function Erase({ name, onKeep }: { name: string; onKeep: () => void }) {
  const navigate = useNavigate();
  const form = useForm(
    object({
      typed: string().trim().required('is required').oneOf([name], `must be ${name}`),
      password: string().required('is required'),
    }),
    { typed: '', password: '' },
  );
  const submit = form.sends(async ({ typed, password }) => {
    await ask('/club/erasure', 'POST', { name: typed, password });
    queryClient.clear();
    await navigate('/sign-in');
  });
  return (
    <form onSubmit={(event) => void submit(event)} noValidate className="mt-3 border-2 border-oxide px-4 py-3">
      <p>
        Athletes, sessions, results, seasons, people and their sign-ins are deleted at once and for good. What stays is
        one line without a name: that a club was deleted, and when.
      </p>
      <Field form={form} name="typed" label={`Type ${name}`} autoComplete="off" className="mt-2" />
      <Field
        form={form}
        name="password"
        label="Your password"
        type="password"
        autoComplete="current-password"
        className="mt-2"
      />
      <FormProblem form={form} />
      <span className="flex gap-2">
        <button type="submit" className="key text-oxide" disabled={form.formState.isSubmitting}>
          Delete the club
        </button>
        <button type="button" className="key key-plain" onClick={onKeep}>
          Keep
        </button>
      </span>
    </form>
  );
}
