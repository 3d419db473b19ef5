import { Link2 } from 'lucide-react';
import { useState } from 'react';
import { newAthleteLink } from '../api/athlete-link';
import { useWork } from '../api/use-work';
import { CopyButton } from '../ui/CopyButton';

/** Creates the link to an athlete's view and shows it once, to open or to copy; it takes the place of the one before. */
export function AthleteLink({ athleteId, name }: { athleteId: string; name: string }) {
  const [link, setLink] = useState<string>();
  const { busy, problem, work } = useWork(['outbox']);
  const create = () =>
    work('link', async () => {
      setLink(await newAthleteLink(athleteId));
    });
  return (
    // The row opens the athlete; what is done here does not.
    // biome-ignore lint/a11y/noStaticElementInteractions: only keeps a click from the row
    // biome-ignore lint/a11y/useKeyWithClickEvents: only keeps a click from the row
    <span className="inline-flex items-center gap-2 text-small" onClick={(event) => event.stopPropagation()}>
      {link ? (
        <>
          <a href={link} target="_blank" rel="noreferrer" className="underline" data-athlete-link>
            Open
          </a>
          <CopyButton text={link} className="underline" />
        </>
      ) : (
        <button
          type="button"
          className="key key-plain h-6 px-1.5"
          aria-label={`Link for ${name}`}
          title={`Create a link to ${name}’s view. It replaces the one before.`}
          disabled={busy !== undefined}
          onClick={() => void create()}
        >
          <Link2 size={14} /> Link
        </button>
      )}
      {problem && (
        <span role="alert" className="text-oxide">
          {problem}
        </span>
      )}
    </span>
  );
}
