import { useQuery } from '@tanstack/react-query';
import { minPassword } from '@tropaeum/core/people/permissions';
import { Link, useNavigate, useParams } from 'react-router';
import { object, string } from 'yup';
import { ApiError, ask } from '../api/client';
import { queryClient } from '../api/queries';
import { Field, FormProblem, newPassword, useForm } from '../ui/Form';
import { Waiting } from '../ui/States';
import { Entrance } from './Entrance';
import { ownHome } from './own-home';

interface Opened {
  kind: 'invitation' | 'reset';
  email: string;
}

const rules = object({
  name: string().trim().default('').max(80, 'must be 80 characters or fewer'),
  password: newPassword,
});

/** What a mailed link opens: an invitation is taken up with a name and a password, a lost password gets another. */
export function MailedLink() {
  const { token = '' } = useParams();
  const opened = useQuery({
    queryKey: ['mailed-link', token],
    queryFn: () => ask<Opened>(`/mailed-links/${token}`),
    staleTime: Number.POSITIVE_INFINITY,
  });
  return (
    <Entrance>
      {opened.error ? (
        <>
          <p role="alert" className="head mt-6 text-lg">
            {opened.error instanceof ApiError ? opened.error.message : 'This link did not open.'}
          </p>
          <p className="mt-3 text-small">
            <Link to="/sign-in" className="underline">
              To signing in
            </Link>
          </p>
        </>
      ) : opened.data ? (
        <SetPassword token={token} {...opened.data} />
      ) : (
        <Waiting what="Opening the link" />
      )}
    </Entrance>
  );
}

function SetPassword({ token, kind, email }: Opened & { token: string }) {
  const navigate = useNavigate();
  const form = useForm(rules, { name: '', password: '' });
  const isNew = kind === 'invitation';
  const submit = form.sends(async ({ name, password }) => {
    const body = { password, ...(isNew ? { name } : {}) };
    const { signedIn } = await ask<{ signedIn: boolean }>(`/mailed-links/${token}`, 'POST', body);
    queryClient.clear();
    await navigate(signedIn ? await ownHome() : '/sign-in');
  });
  return (
    <form onSubmit={(event) => void submit(event)} noValidate>
      <h2 className="head mt-6 text-xl">{isNew ? 'Welcome' : 'A new password'}</h2>
      <p className="mt-1 text-quiet">You sign in as {email}.</p>
      <input type="hidden" autoComplete="username" value={email} readOnly />
      {isNew && <Field form={form} name="name" label="Your name" autoComplete="name" autoFocus className="mt-4" />}
      <Field
        form={form}
        name="password"
        label={`Password, ${minPassword} characters or more`}
        type="password"
        autoComplete="new-password"
        className="mt-4"
      />
      <FormProblem form={form} />
      <button
        type="submit"
        disabled={form.formState.isSubmitting}
        className="key key-strong mt-1 h-10 w-full justify-center"
      >
        {isNew ? 'Join' : 'Set the password'}
      </button>
    </form>
  );
}
