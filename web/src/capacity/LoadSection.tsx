import { handWeights } from '@tropaeum/core/exercise/library/kit-groups';
import { loadOptions } from '@tropaeum/core/kit/loads';
import type { Brief } from '@tropaeum/core/session/brief/brief';
import { Section } from '../ui/Section';
import { shownInUnits } from '../ui/units';

const inHand = [...handWeights, 'can', 'medicine-ball', 'barbell'] as const;
const maxShown = 7;

/** The masses that can be taken in one hand and in two, with what makes them. */
export function LoadSection({ brief }: { brief: Brief }) {
  const hands = [
    {
      title: 'One hand',
      options: loadOptions(
        brief.kit.items,
        inHand.filter((k) => k !== 'barbell'),
        1,
      ),
    },
    { title: 'Two hands, or on the back', options: loadOptions(brief.kit.items, inHand, 2) },
  ];
  if (hands.every((h) => h.options.length === 0)) return null;
  return (
    <Section title="Available loads">
      {hands.map(({ title, options }) => (
        <div key={title} className="mb-1.5">
          <p className="text-[0.78rem] text-quiet">{title}</p>
          <ul>
            {thinned(options).map(({ kg, with: what }) => (
              <li key={what} className="grid grid-cols-[3.9rem_1fr] items-baseline gap-2 text-[0.84rem]">
                <span className="dose text-right">{shownInUnits(`${kg} kg`)}</span>
                <span className="leading-tight">{what.replace(/ [\d.]+ kg$/, '')}</span>
              </li>
            ))}
          </ul>
          {options.length > maxShown && (
            <p className="text-[0.76rem] text-quiet">and {options.length - maxShown} more loads between</p>
          )}
        </div>
      ))}
    </Section>
  );
}

/** The lightest, the heaviest, and some between. */
function thinned<T>(list: readonly T[]): T[] {
  if (list.length <= maxShown) return [...list];
  return Array.from({ length: maxShown }, (_, i) => list[Math.round((i * (list.length - 1)) / (maxShown - 1))] as T);
}
