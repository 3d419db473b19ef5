import { Presentation } from 'lucide-react';
import { Link } from 'react-router';

/** To the screen of a hall: straight for one squad, by name for several. */
export function HallLinks({ squads }: { squads: readonly { id: string; name: string }[] }) {
  const [only, ...more] = squads;
  if (!only) return null;
  if (more.length === 0)
    return (
      <Link to={`/hall/${only.id}`} className="key">
        <Presentation size={16} /> Hall screen
      </Link>
    );
  return (
    <details className="relative">
      <summary className="key list-none">
        <Presentation size={16} /> Hall screen
      </summary>
      <ul className="absolute right-0 z-20 mt-1 min-w-44 border border-stone bg-lit">
        {squads.map(({ id, name }) => (
          <li key={id}>
            <Link to={`/hall/${id}`} className="block px-3 py-2 hover:bg-sheet">
              {name}
            </Link>
          </li>
        ))}
      </ul>
    </details>
  );
}
