import type { Brief } from '@tropaeum/core/session/brief/brief';
import type { Context } from '@tropaeum/core/session/context/context';
import type { Draft } from '@tropaeum/core/session/draft/draft';
import { slotsOf } from '@tropaeum/core/session/squad/slots';
import { type FormEvent, useState } from 'react';
import { ApiError } from '../../api/client';
import { Section } from '../../ui/Section';
import { saveTemplate } from '../state/templates';

/** Keeps this session by name, for whoever needs one like it. */
export function TemplateSection({ context, brief, draft }: { context: Context; brief: Brief; draft: Draft }) {
  const [said, setSaid] = useState('');
  const submit = async (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault();
    const form = event.currentTarget;
    const name = String(new FormData(form).get('name') ?? '').trim();
    if (!name) return setSaid('Enter a name.');
    try {
      await saveTemplate(name, brief, slotsOf(context, draft));
      form.reset();
      setSaid(`Saved as ${name}. You can start a session from it.`);
    } catch (error) {
      setSaid(error instanceof ApiError ? error.message : 'Not saved. Try again.');
    }
  };
  return (
    <Section title="Save as template">
      <form className="flex gap-1.5" onSubmit={(event) => void submit(event)}>
        <input name="name" aria-label="Template name" maxLength={80} className="field h-7 min-w-0 flex-1" />
        <button type="submit" className="key h-7">
          Save template
        </button>
      </form>
      <p role="status" className="mt-1 text-[0.8rem] text-quiet">
        {said}
      </p>
    </Section>
  );
}
