import { useState } from 'react';
import { useNavigate } from 'react-router';
import { ask } from '../../api/client';
import { queryClient, useMay, useSquads } from '../../api/queries';
import { useWork } from '../../api/use-work';
import { Section } from '../../ui/Section';
import { useWritten } from '../state/store';

/** All that is kept of the athlete: taken out, or taken away for good. */
export function DataSection() {
  const { athleteId } = useWritten();
  const name = useSquads().data?.athletes.find((a) => a.id === athleteId)?.name;
  const mayDelete = useMay('delete');
  const navigate = useNavigate();
  const { problem, work } = useWork();
  const [typed, setTyped] = useState<string>();
  if (!mayDelete || !name) return null;
  const erase = async () => {
    if (!(await work('erase', () => ask(`/athletes/${athleteId}`, 'DELETE')))) return;
    await navigate('/');
    await queryClient.invalidateQueries();
  };
  return (
    <Section title="Data of the athlete">
      <p className="flex gap-3 text-[0.84rem]">
        <a className="underline" href={`/api/athletes/${athleteId}/export.json`} download>
          Export everything (JSON)
        </a>
        <a className="underline" href={`/api/athletes/${athleteId}/export.csv`} download>
          Sets (CSV)
        </a>
      </p>
      {typed === undefined ? (
        <button type="button" className="mt-1 text-[0.84rem] text-oxide underline" onClick={() => setTyped('')}>
          Delete {name} …
        </button>
      ) : (
        <form
          className="mt-1"
          onSubmit={(event) => {
            event.preventDefault();
            if (typed.trim() === name) void erase();
          }}
        >
          <label className="block text-[0.84rem]">
            Sessions, results and restrictions go for good. Type <b>{name}</b> to delete.
            <input
              aria-label="Name of the athlete"
              className="field mt-1 h-7"
              autoComplete="off"
              value={typed}
              onChange={(e) => setTyped(e.target.value)}
            />
          </label>
          <span className="mt-1 flex gap-2">
            <button type="submit" className="key h-7 text-oxide" disabled={typed.trim() !== name}>
              Delete
            </button>
            <button type="button" className="key key-plain h-7" onClick={() => setTyped(undefined)}>
              Keep
            </button>
          </span>
          <p role="alert" className="text-small text-oxide">
            {problem}
          </p>
        </form>
      )}
    </Section>
  );
}
