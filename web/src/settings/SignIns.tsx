import { ask } from '../api/client';
import { useSignIns } from '../api/queries';
import { useWork } from '../api/use-work';
import { dayAndTime, dayOfMoment } from '../ui/days';
import { Trouble, Waiting } from '../ui/States';

const browsers = ['Firefox', 'Edg', 'Chrome', 'Safari'] as const;
const systems = ['Android', 'iPhone', 'iPad', 'Windows', 'Macintosh', 'Linux'] as const;

/** What a browser calls itself, in two words. @example agentWords('Mozilla/5.0 (X11; Linux x86_64) … Chrome/140.0') // 'Chrome on Linux' */
function agentWords(agent: string | null): string {
  const browser = browsers.find((name) => agent?.includes(name));
  const system = systems.find((name) => agent?.includes(name));
  if (!browser) return agent ? 'Another program' : 'Unknown';
  return `${browser === 'Edg' ? 'Edge' : browser}${system ? ` on ${system === 'Macintosh' ? 'Mac' : system}` : ''}`;
}

/** Where one is signed in, and the way to end it there. */
export function SignIns() {
  const signIns = useSignIns();
  const { work, problem } = useWork(['sign-ins']);
  if (signIns.error) return <Trouble error={signIns.error} again={() => void signIns.refetch()} />;
  if (!signIns.data) return <Waiting what="Opening sign-ins" />;
  const list = signIns.data.signIns;
  return (
    <div className="max-w-2xl">
      <ul className="mt-4">
        {list.map(({ id, own, agent, address, createdAt, expiresAt }) => (
          <li key={id} className="flex items-baseline gap-4 border-b border-edge py-2">
            <span className="flex-1">
              <b>{agentWords(agent)}</b> {own && <span className="text-laurel">this one</span>}
              <span className="block text-small text-quiet">
                from {address ?? 'an unknown address'} since {dayAndTime(createdAt)}, until {dayOfMoment(expiresAt)}
              </span>
            </span>
            {!own && (
              <button
                type="button"
                className="underline"
                onClick={() => void work(id, () => ask(`/sign-ins/${id}`, 'DELETE'))}
              >
                Sign out
              </button>
            )}
          </li>
        ))}
      </ul>
      <p role="alert" className="min-h-5 text-small text-oxide">
        {problem}
      </p>
      <button
        type="button"
        className="key"
        disabled={list.length < 2}
        onClick={() => void work('all', () => ask('/sign-ins', 'DELETE'))}
      >
        Sign out everywhere else
      </button>
    </div>
  );
}
