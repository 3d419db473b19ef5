import { catalogueOf } from '@tropaeum/core/exercise/catalogue/catalogue';
import type { Move } from '@tropaeum/core/progress/proposal';
import type { Brief } from '@tropaeum/core/session/brief/brief';
import { progressed } from '@tropaeum/core/session/editing/repeat-session';
import type { Slot } from '@tropaeum/core/session/squad/slots';
import { byTemplate } from '@tropaeum/core/session/squad/template';
import { X } from 'lucide-react';
import { useState } from 'react';
import { ask } from '../../api/client';
import { useAthlete, useMay } from '../../api/queries';
import type { Returned, StoredSession } from '../../api/types';
import { dayName } from '../../ui/days';
import { Adapters } from '../../workers/adapting';
import { useWritten } from '../state/store';
import { deleteTemplate, type StoredTemplate, saveTemplate, useTemplates } from '../state/templates';

const maxEarlier = 3;

/** What was decided about each item of a session when it came back. */
async function decisionsOn(session: StoredSession): Promise<Map<string, Move>> {
  if (session.status !== 'done') return new Map();
  const { decisions } = await ask<Returned>(`/sessions/${session.id}/return`);
  return new Map(decisions.map(({ variant, decided }) => [variant, decided]));
}

/** An empty page need not stay empty: an earlier session moved on, or one that the club keeps, fitted to this athlete. */
export function BeginFrom({ day }: { day: string }) {
  const mayDelete = useMay('delete');
  const { athleteId, brief, adopt } = useWritten();
  const earlier = (useAthlete(athleteId).data?.sessions ?? [])
    .filter((s) => s.on < day)
    .sort((a, b) => b.on.localeCompare(a.on))
    .slice(0, maxEarlier);
  const templates = useTemplates().data ?? [];
  const [working, setWorking] = useState<string>();
  const [problem, setProblem] = useState<string>();
  const [forgotten, setForgotten] = useState<StoredTemplate>();

  const fit = async (key: string, found: (adapters: Adapters) => Promise<{ brief: Brief; slots: readonly Slot[] }>) => {
    const adapters = new Adapters(1);
    setWorking(key);
    setProblem(undefined);
    try {
      const { brief: wanted, slots } = await found(adapters);
      const job = { athleteId, brief: wanted, fixed: new Map<number, string>() };
      await adapters.adapt([job], slots, (_, { draft }) => adopt(wanted, draft));
    } catch {
      setProblem('That session could not be adapted. Compose a new one, or try again.');
    } finally {
      adapters.stop();
      setWorking(undefined);
    }
  };
  const again = (id: string) =>
    fit(id, async (adapters) => {
      const session = await ask<StoredSession>(`/sessions/${id}`);
      const [slots, moves] = await Promise.all([adapters.skeleton(session.brief, session.draft), decisionsOn(session)]);
      return { brief, slots: progressed(slots, moves, catalogueOf(brief.own)) };
    });
  const from = (template: StoredTemplate) =>
    fit(template.id, () => Promise.resolve({ brief: byTemplate(brief, template), slots: template.slots }));

  const forget = (template: StoredTemplate) =>
    deleteTemplate(template.id).then(
      () => setForgotten(template),
      () => setProblem(`${template.name} was not deleted. Try again.`),
    );
  const keepAfterAll = ({ name, slots, ...rest }: StoredTemplate) =>
    saveTemplate(name, rest, slots).then(
      () => setForgotten(undefined),
      () => setProblem(`${name} was not saved. Try again.`),
    );

  if (earlier.length === 0 && templates.length === 0 && !forgotten) return null;
  const line = 'flex w-full cursor-pointer items-baseline justify-between gap-3 py-1.5 text-left hover:bg-lit';
  return (
    <section className="mt-6">
      <h2 className="label border-b border-stone pb-1">Or start from</h2>
      <ul>
        {earlier.map((session) => (
          <li key={session.id} className="border-b border-edge">
            <button type="button" className={line} onClick={() => void again(session.id)}>
              <span>Progress the session of {dayName(session.on)}</span>
              <span className="text-small text-quiet">
                {working === session.id ? 'fitting …' : `${Math.round(session.planned)} minutes`}
              </span>
            </button>
          </li>
        ))}
        {templates.map((template) => (
          <li key={template.id} className="flex border-b border-edge">
            <button type="button" className={line} onClick={() => void from(template)}>
              <span>{template.name}</span>
              <span className="text-small text-quiet">
                {working === template.id ? 'fitting …' : `template, ${template.aim}, ${template.minutes} minutes`}
              </span>
            </button>
            {mayDelete && (
              <button
                type="button"
                aria-label={`Delete ${template.name}`}
                className="px-1 text-quiet hover:text-oxide"
                onClick={() => void forget(template)}
              >
                <X size={14} />
              </button>
            )}
          </li>
        ))}
      </ul>
      {forgotten && (
        <p role="status" className="mt-1 text-small text-quiet">
          {forgotten.name} deleted.{' '}
          <button type="button" className="underline hover:text-ink" onClick={() => void keepAfterAll(forgotten)}>
            Restore
          </button>
        </p>
      )}
      {problem && <p className="mt-1 text-oxide">{problem}</p>}
    </section>
  );
}
