import { ask } from '../api/client';
import { useMay } from '../api/queries';
import type { ConsentState, WaitingAthlete } from '../api/types';
import { useWork } from '../api/use-work';
import { InviteFamily } from '../ui/InviteFamily';

const stateWords: Record<ConsentState, string> = {
  open: 'no guardian was asked yet',
  asked: 'a guardian was invited',
  undecided: 'a guardian is here and has not agreed',
  given: 'a guardian has agreed',
};

interface WaitingProps {
  waiting: readonly WaitingAthlete[];
  squadName: (id: string) => string;
  /** The rest is entered. */
  onFill: (athlete: WaitingAthlete) => void;
}

/** Minors of whom only the name is kept: who has to be asked, and of whom the rest can be entered. */
export function Waiting({ waiting, squadName, onFill }: WaitingProps) {
  const { work, problem } = useWork(['squads']);
  const mayDelete = useMay('delete');
  if (waiting.length === 0) return null;
  return (
    <section className="mt-8">
      <h2 className="head text-lg">Waiting for consent</h2>
      <p className="text-quiet">Minors: nothing but the name is kept, and nothing is sent, until a guardian agrees.</p>
      <ul className="mt-2 max-w-3xl">
        {waiting.map((athlete) => (
          <li key={athlete.id} className="flex flex-wrap items-center gap-x-4 gap-y-1 border-b border-edge py-2">
            <span className="w-48">
              <b className="head text-base">{athlete.name}</b>
              <span className="block text-small text-quiet">{squadName(athlete.squadId)}</span>
            </span>
            <span className={`flex-1 ${athlete.consent === 'given' ? 'font-semibold text-laurel' : ''}`}>
              {stateWords[athlete.consent]}
            </span>
            {athlete.consent === 'given' ? (
              <button type="button" className="key key-strong" onClick={() => onFill(athlete)}>
                Enter the rest
              </button>
            ) : (
              <InviteFamily athleteId={athlete.id} as="guardian" name={athlete.name} />
            )}
            {mayDelete && (
              <button
                type="button"
                className="text-small underline"
                aria-label={`Delete the name of ${athlete.name}`}
                onClick={() => void work('delete', () => ask(`/pending-athletes/${athlete.id}`, 'DELETE'))}
              >
                Delete the name
              </button>
            )}
          </li>
        ))}
      </ul>
      <p role="alert" className="min-h-5 text-small text-oxide">
        {problem}
      </p>
    </section>
  );
}
