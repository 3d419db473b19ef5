import type { Variant } from '@tropaeum/core/exercise/model/variant';
import { words } from '../ui/words';

export function Chips({ variant }: { variant: Variant }) {
  const chips = [
    words(variant.pattern),
    ...variant.blocks.map(words),
    ...(variant.side === 'single' ? ['each side'] : variant.side === 'alternating' ? ['alternating sides'] : []),
    ...(variant.impactContacts > 0 ? ['lands'] : []),
    ...(variant.quiet ? ['quiet'] : []),
  ];
  return (
    <ul className="mt-2 flex flex-wrap gap-1.5">
      {chips.map((chip) => (
        <li key={chip} className="border border-stone px-1.5 text-small">
          {chip}
        </li>
      ))}
    </ul>
  );
}
