import { useState } from 'react';
import { object, string } from 'yup';
import { ask } from '../api/client';
import { queryClient } from '../api/queries';
import { Field, FormProblem, useForm } from '../ui/Form';

const passwordRules = object({ password: string().required('is required') });
const codeRules = object({ code: string().trim().required('is required') });

interface Begun {
  secret: string;
  picture: string;
}

/** A code from an authenticator app beside the password: set, confirmed with a first code, turned off with the password. */
export function SecondFactor({ isOn }: { isOn: boolean }) {
  const [begun, setBegun] = useState<Begun>();
  const [recoveryCodes, setRecoveryCodes] = useState<string[]>();
  const refresh = () => queryClient.invalidateQueries({ queryKey: ['me'] });
  return (
    <section className="mt-8">
      <h2 className="head text-lg">Second factor</h2>
      {recoveryCodes && <RecoveryCodes codes={recoveryCodes} />}
      {isOn ? (
        <Prove
          words="On: signing in asks for a code of your authenticator app."
          button="Turn off"
          onProved={async (password) => {
            await ask('/second-factor/removal', 'POST', { password });
            setRecoveryCodes(undefined);
            await refresh();
          }}
        />
      ) : begun ? (
        <Confirm
          {...begun}
          onConfirmed={async (codes) => {
            setRecoveryCodes(codes);
            setBegun(undefined);
            await refresh();
          }}
        />
      ) : (
        <Prove
          words="Off: the password alone opens the account. A code of an authenticator app makes it safer."
          button="Set up"
          onProved={async (password) => setBegun(await ask<Begun>('/second-factor', 'POST', { password }))}
        />
      )}
    </section>
  );
}

function Prove({
  words,
  button,
  onProved,
}: {
  words: string;
  button: string;
  onProved: (password: string) => Promise<void>;
}) {
  const form = useForm(passwordRules, { password: '' });
  const submit = form.sends(async ({ password }) => {
    await onProved(password);
    form.reset();
  });
  return (
    <form onSubmit={(event) => void submit(event)} noValidate>
      <p className="text-quiet">{words}</p>
      <div className="mt-2 flex items-start gap-2">
        <Field
          form={form}
          name="password"
          label="Your password"
          type="password"
          autoComplete="current-password"
          className="flex-1"
        />
        <button type="submit" className="key mt-5">
          {button}
        </button>
      </div>
      <FormProblem form={form} />
    </form>
  );
}

function Confirm({ secret, picture, onConfirmed }: Begun & { onConfirmed: (codes: string[]) => Promise<void> }) {
  const form = useForm(codeRules, { code: '' });
  const submit = form.sends(async ({ code }) => {
    const answer = await ask<{ recoveryCodes: string[] }>('/second-factor/confirmation', 'POST', { code });
    await onConfirmed(answer.recoveryCodes);
  });
  return (
    <form onSubmit={(event) => void submit(event)} noValidate>
      <p className="text-quiet">Scan this with an authenticator app, or type the key into it; then enter its code.</p>
      <img
        alt="To be scanned by the authenticator app"
        className="mt-2 h-44 w-44 bg-white"
        src={`data:image/svg+xml;utf8,${encodeURIComponent(picture)}`}
      />
      <p className="dose mt-1 break-all text-small">{secret}</p>
      <div className="mt-2 flex items-start gap-2">
        <Field form={form} name="code" label="Code" autoComplete="one-time-code" className="flex-1" />
        <button type="submit" className="key key-strong mt-5">
          Confirm
        </button>
      </div>
      <FormProblem form={form} />
    </form>
  );
}

function RecoveryCodes({ codes }: { codes: readonly string[] }) {
  return (
    <div role="status" className="my-2 border-l-4 border-laurel bg-sheet px-3 py-2">
      <p>Keep these somewhere safe. Each opens once when the phone is lost, and they are not shown again.</p>
      <ul className="dose mt-1 grid grid-cols-2">
        {codes.map((code) => (
          <li key={code}>{code}</li>
        ))}
      </ul>
    </div>
  );
}
