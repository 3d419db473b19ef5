import type { Brief } from '@tropaeum/core/session/brief';
import type { Context } from '@tropaeum/core/session/context';
import type { Draft } from '@tropaeum/core/session/draft';
import { slotsOf } from '@tropaeum/core/session/squad';
import { type FormEvent, useState } from 'react';
import { ApiError } from '../../api/client';
import { keepTemplate } from '../templates';
import { Section } from './Section';

/** Keeps this session by name, for whoever needs one like it. */
export function KeepSection({ context, brief, draft }: { context: Context; brief: Brief; draft: Draft }) {
  const [said, setSaid] = useState('');
  const submit = async (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault();
    const form = event.currentTarget;
    const name = String(new FormData(form).get('name') ?? '').trim();
    if (!name) return setSaid('Give it a name.');
    try {
      await keepTemplate(name, brief, slotsOf(context, draft));
      form.reset();
      setSaid(`Kept as ${name}: any empty page offers it.`);
    } catch (error) {
      setSaid(error instanceof ApiError ? error.message : 'Was not kept; try again.');
    }
  };
  return (
    <Section title="Keep as template">
      <form className="flex gap-1.5" onSubmit={(event) => void submit(event)}>
        <input name="name" aria-label="Name of the template" maxLength={80} className="field h-7 min-w-0 flex-1" />
        <button type="submit" className="key h-7">
          Keep this one
        </button>
      </form>
      <p role="status" className="mt-1 text-[0.8rem] text-quiet">
        {said}
      </p>
    </Section>
  );
}
