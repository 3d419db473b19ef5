import { useState } from 'react';
import { Link } from 'react-router';
import { object, string } from 'yup';
import { ask } from '../api/client';
import { Field, FormProblem, useForm } from '../ui/Form';
import { Entrance } from './Entrance';

const rules = object({ email: string().trim().required('is required') });

/** Asks for a way to a new password, which comes by mail. */
export function ForgotPassword() {
  const [sentTo, setSentTo] = useState('');
  const form = useForm(rules, { email: '' });
  const submit = form.sends(async ({ email }) => {
    await ask('/password-resets', 'POST', { email });
    setSentTo(email);
  });
  return (
    <Entrance>
      <h2 className="head mt-6 text-xl">A new password</h2>
      {sentTo ? (
        <p role="status" className="mt-2">
          If <b>{sentTo}</b> belongs to an account, a link is on its way there. It works once, for an hour.
        </p>
      ) : (
        <form onSubmit={(event) => void submit(event)} noValidate>
          <Field form={form} name="email" label="E-mail" type="email" autoComplete="username" className="mt-4" />
          <FormProblem form={form} />
          <button type="submit" className="key key-strong mt-1 h-10 w-full justify-center">
            Send a link
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
