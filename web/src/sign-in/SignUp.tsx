import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { object, string } from 'yup';
import { ask } from '../api/client';
import { Field, FormProblem, useForm } from '../ui/Form';
import { Entrance } from './Entrance';

const text = string().trim().required('is required').max(80, 'must be 80 characters or fewer');
const rules = object({ club: text, name: text, email: text.matches(/@.+\./, 'must be an e-mail address') });

/** Whether clubs may found themselves here. */
export const useInstallation = () =>
  useQuery({
    queryKey: ['installation'],
    queryFn: () => ask<{ signUp: boolean }>('/installation'),
    staleTime: Number.POSITIVE_INFINITY,
  });

/** A club founds itself: its owner sets a password by a link that is mailed. */
export function SignUp() {
  const installation = useInstallation().data;
  const [sent, setSent] = useState<{ email: string; simulatedLink?: string }>();
  const form = useForm(rules, { club: '', name: '', email: '' });
  const submit = form.sends(async (values) => {
    const answer = await ask<{ simulatedLink?: string }>('/sign-ups', 'POST', values);
    setSent({ email: values.email, ...answer });
  });
  return (
    <Entrance>
      <h2 className="head mt-6 text-xl">A new club</h2>
      {installation && !installation.signUp ? (
        <p className="mt-2">Clubs are added by whoever runs this installation.</p>
      ) : sent ? (
        <p role="status" className="mt-2">
          A link to set your password is on its way to <b>{sent.email}</b>. It works for seven days.
          {sent.simulatedLink && (
            <>
              {' '}
              Mail is not really sent here:{' '}
              <a className="underline" href={new URL(sent.simulatedLink).pathname}>
                open the link
              </a>
              .
            </>
          )}
        </p>
      ) : (
        <form onSubmit={(event) => void submit(event)} noValidate>
          <Field form={form} name="club" label="Name of the club" autoComplete="organization" className="mt-4" />
          <Field form={form} name="name" label="Your name" autoComplete="name" className="mt-4" />
          <Field form={form} name="email" label="Your e-mail" type="email" autoComplete="email" className="mt-4" />
          <FormProblem form={form} />
          <button type="submit" className="key key-strong mt-1 h-10 w-full justify-center">
            Found the club
          </button>
        </form>
      )}
      <p className="mt-3 text-small">
        <Link to="/sign-in" className="underline">
          Back to signing in
        </Link>
      </p>
    </Entrance>
  );
}
