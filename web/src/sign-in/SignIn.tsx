import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { object, string } from 'yup';
import { ApiError, ask } from '../api/client';
import { queryClient } from '../api/queries';
import { Field, FormProblem, useForm } from '../ui/Form';
import { Entrance } from './Entrance';
import { ownHome } from './own-home';
import { useInstallation } from './SignUp';

const rules = object({
  email: string().trim().required('is required'),
  password: string().required('is required'),
  code: string().default(''),
});

export function SignIn() {
  const navigate = useNavigate();
  const signUp = useInstallation().data?.signUp;
  /** The password was right, and the account has a second factor. */
  const [asksCode, setAsksCode] = useState(false);
  const form = useForm(rules, { email: '', password: '', code: '' });
  const submit = form.sends(async ({ email, password, code }) => {
    try {
      await ask('/sign-in', 'POST', { email, password, ...(code ? { code } : {}) });
    } catch (error) {
      if (error instanceof ApiError && error.faults[0]?.path === 'code') {
        setAsksCode(true);
        if (!asksCode) return;
      }
      throw error;
    }
    queryClient.clear();
    await navigate(await ownHome());
  });
  return (
    <Entrance>
      <form onSubmit={(event) => void submit(event)} noValidate>
        <p className="mt-2 text-quiet">Home training sessions for athletes of your sport.</p>
        <Field form={form} name="email" label="E-mail" type="email" autoComplete="username" className="mt-8" />
        <Field
          form={form}
          name="password"
          label="Password"
          type="password"
          autoComplete="current-password"
          className="mt-4"
        />
        {asksCode && (
          <Field
            form={form}
            name="code"
            label="Code of your authenticator app, or a recovery code"
            autoComplete="one-time-code"
            autoFocus
            className="mt-4"
          />
        )}
        <FormProblem form={form} />
        <button
          type="submit"
          disabled={form.formState.isSubmitting}
          className="key key-strong mt-1 h-10 w-full justify-center"
        >
          {form.formState.isSubmitting ? 'Signing in …' : 'Sign in'}
        </button>
        <p className="mt-3 text-small">
          <Link to="/password" className="underline">
            Forgot the password?
          </Link>
          {signUp && (
            <Link to="/sign-up" className="ml-4 underline">
              A new club
            </Link>
          )}
        </p>
      </form>
    </Entrance>
  );
}
