import { useState } from 'react';
import { object, string } from 'yup';
import { ask } from '../api/client';
import { queryClient } from '../api/queries';
import { Field, FormProblem, useForm } from './Form';

const rules = object({
  email: string().trim().required('is required').matches(/@.+\./, 'must be an e-mail address'),
});

const roleWords = { guardian: 'guardian', athlete: 'athlete' } as const;

interface InviteFamilyProps {
  athleteId: string;
  /** As what somebody is invited. */
  as: keyof typeof roleWords;
  /** Whose guardian it is, where several stand in a list. */
  name?: string;
}

/** Asks a guardian for consent, or gives an athlete a sign-in, by a mailed link. */
export function InviteFamily({ athleteId, as: role, name }: InviteFamilyProps) {
  const [said, setSaid] = useState('');
  const form = useForm(rules, { email: '' });
  const submit = form.sends(async ({ email }) => {
    await ask(`/athletes/${athleteId}/invitations`, 'POST', { email, role });
    await Promise.all(
      [['squads'], ['athlete', athleteId], ['mails'], ['people']].map((queryKey) =>
        queryClient.invalidateQueries({ queryKey }),
      ),
    );
    setSaid(`Mail is on its way to ${email}.`);
    form.reset({ email: '' });
  });
  return (
    <form onSubmit={(event) => void submit(event)} noValidate>
      <div className="flex items-start gap-2">
        <Field
          form={form}
          name="email"
          label={`E-mail of the ${roleWords[role]}`}
          {...(name ? { 'aria-label': `E-mail of the ${roleWords[role]} of ${name}` } : {})}
          type="email"
          className="w-56"
        />
        <button type="submit" className="key mt-5 h-[1.9rem]" disabled={form.formState.isSubmitting}>
          Invite
        </button>
      </div>
      {(form.formState.errors.root || said) && <FormProblem form={form} />}
      {said && (
        <p role="status" className="text-small text-laurel">
          {said}
        </p>
      )}
    </form>
  );
}
