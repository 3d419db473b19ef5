import { minPassword } from '@tropaeum/core/people/permissions';
import { useState } from 'react';
import { object, string } from 'yup';
import { ask } from '../api/client';
import { queryClient, useMe } from '../api/queries';
import { Field, FormProblem, newPassword, useForm } from '../ui/Form';
import { Waiting } from '../ui/States';
import { capital } from '../ui/words';
import { SecondFactor } from './SecondFactor';

const nameRules = object({ name: string().trim().required('is required').max(80, 'must be 80 characters or fewer') });
const passwordRules = object({
  current: string().required('is required'),
  next: newPassword,
});

/** One's own name, password and second factor. */
export function AccountSettings() {
  const me = useMe().data;
  if (!me) return <Waiting what="Opening the account" />;
  return (
    <div className="max-w-md">
      <p className="mt-1 text-quiet">
        {me.email} · {capital(me.role)} of {me.organisation}
      </p>
      <NameForm name={me.name} />
      <PasswordForm />
      <SecondFactor isOn={me.hasSecondFactor} />
    </div>
  );
}

function NameForm({ name: known }: { name: string }) {
  const form = useForm(nameRules, { name: known });
  const submit = form.sends(async ({ name }) => {
    await ask('/me', 'PATCH', { name });
    await queryClient.invalidateQueries({ queryKey: ['me'] });
    form.reset({ name });
  });
  return (
    <form onSubmit={(event) => void submit(event)} noValidate className="mt-4">
      <div className="flex items-start gap-2">
        <Field form={form} name="name" label="Name" autoComplete="name" className="flex-1" />
        <button type="submit" className="key mt-5" disabled={!form.formState.isDirty}>
          Save
        </button>
      </div>
      <FormProblem form={form} />
    </form>
  );
}

function PasswordForm() {
  const [said, setSaid] = useState('');
  const form = useForm(passwordRules, { current: '', next: '' });
  const submit = form.sends(async (values) => {
    await ask('/me/password', 'PUT', values);
    await queryClient.invalidateQueries({ queryKey: ['sign-ins'] });
    form.reset();
    setSaid('Changed. You stay signed in here and nowhere else.');
  });
  return (
    <form onSubmit={(event) => void submit(event)} noValidate className="mt-2">
      <h2 className="head text-lg">Password</h2>
      <div className="grid grid-cols-2 gap-3">
        <Field form={form} name="current" label="Password now" type="password" autoComplete="current-password" />
        <Field
          form={form}
          name="next"
          label={`New, ${minPassword} characters or more`}
          type="password"
          autoComplete="new-password"
        />
      </div>
      <FormProblem form={form} />
      <p role="status" className="text-small text-laurel">
        {said}
      </p>
      <button type="submit" className="key" disabled={form.formState.isSubmitting}>
        Change the password
      </button>
    </form>
  );
}
