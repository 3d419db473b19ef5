import type { Variant } from '@tropaeum/core/exercise/model/variant';
import { replacementsFor } from '@tropaeum/core/kit/replacements';
import type { Brief } from '@tropaeum/core/session/brief/brief';
import { capital } from '../ui/words';

/** Household things that stand in for what the exercise asks for, each with its condition and its caution. */
export function Replacements({ variant, brief }: { variant: Variant; brief: Brief | undefined }) {
  const found = replacementsFor(variant, brief?.kit);
  if (found.length === 0)
    return <p className="text-quiet">{brief ? 'All equipment is there.' : 'Needs no equipment.'}</p>;
  return (
    <ul className="mt-1 space-y-1.5 text-[0.92rem] leading-snug">
      {found.map(({ instead, condition, caution }) => (
        <li key={instead}>
          <b>{capital(instead)}.</b> {condition} <span className="text-oxide">{caution}</span>
        </li>
      ))}
    </ul>
  );
}
