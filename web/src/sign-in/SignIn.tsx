import { type FormEvent, useState } from 'react';
import { useNavigate } from 'react-router';
import { ApiError, ask } from '../api/client';
import { queryClient } from '../api/queries';
import { Figure } from '../ui/Figure';

export function SignIn() {
  const navigate = useNavigate();
  const [problem, setProblem] = useState('');
  const [busy, setBusy] = useState(false);
  const submit = async (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault();
    const fields = new FormData(event.currentTarget);
    setBusy(true);
    setProblem('');
    try {
      await ask('/sign-in', 'POST', { email: fields.get('email'), password: fields.get('password') });
      queryClient.clear();
      await navigate('/');
    } catch (error) {
      setProblem(error instanceof ApiError ? error.message : 'Sign-in failed. Try again.');
    } finally {
      setBusy(false);
    }
  };
  return (
    <main className="mx-auto grid min-h-dvh max-w-4xl items-center gap-12 px-8 md:grid-cols-2">
      <section aria-hidden="true" className="hidden md:block">
        <Figure variant="rear-foot-raised-split-squat" name="" playing className="h-80 w-full" />
      </section>
      <form onSubmit={submit} className="max-w-sm">
        <h1 className="name-wide text-4xl">Tropaeum</h1>
        <p className="mt-2 text-quiet">Home training sessions for athletes of your sport.</p>
        <label className="label mt-8 block" htmlFor="email">
          E-mail
        </label>
        <input id="email" name="email" type="email" autoComplete="username" required className="field mt-1 h-10" />
        <label className="label mt-4 block" htmlFor="password">
          Password
        </label>
        <input
          id="password"
          name="password"
          type="password"
          autoComplete="current-password"
          required
          className="field mt-1 h-10"
        />
        <p role="alert" className="mt-3 min-h-6 text-oxide">
          {problem}
        </p>
        <button type="submit" disabled={busy} className="key key-strong mt-1 h-10 w-full justify-center">
          {busy ? 'Signing in …' : 'Sign in'}
        </button>
      </form>
    </main>
  );
}
