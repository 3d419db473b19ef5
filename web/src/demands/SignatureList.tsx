import { variantById } from '@tropaeum/core/exercise/library/library';
import { setRowWeight } from '@tropaeum/core/sport/edit';
import type { SportProfile } from '@tropaeum/core/sport/profile';
import type { SignatureRow } from '@tropaeum/core/sport/signature/row';
import { signatureFor } from '@tropaeum/core/sport/signature/signature-of';
import { Points } from './Points';
import { useDemands } from './store';

/** How often, how much: as it is read in one line. */
function doseOf({ sets, reps, seconds, contacts, perWeek: [off, on] }: SignatureRow): string {
  const span = ([from, to]: readonly [number, number]) => (from === to ? `${from}` : `${from}–${to}`);
  const amount = reps
    ? ` × ${span(reps)}`
    : seconds
      ? ` × ${span(seconds)} s`
      : contacts
        ? ` × ${span(contacts)} contacts`
        : '';
  const dose = sets ? `${span(sets)}${amount}; ` : '';
  return `${dose}${off} a week off season, ${on} in season`;
}

/** Easiest and hardest exercise of the first ladder, and how many there are. */
function ladderOf({ parts }: SignatureRow): string {
  const all = [...new Set(parts.flat())].map((id) => variantById(id)?.name ?? id);
  const [first, last] = [all[0], all.at(-1)];
  return all.length > 2 ? `${first} to ${last}, ${all.length} exercises` : all.join(', ');
}

/** What a coach of the sport gives over a week; how much each piece matters to the role can be changed. */
export function SignatureList({ profile, role }: { profile: SportProfile; role: string }) {
  const edit = useDemands((s) => s.edit);
  const rows = signatureFor(profile, role);
  return (
    <>
      <h3 className="head mt-4 text-lg">Signature work</h3>
      <ul className="mt-1">
        {rows.map((row) => (
          <li key={row.id} className="border-t border-edge py-1.5 text-[0.86rem]">
            <span className="flex items-center justify-between gap-2">
              <b>{row.name}</b>
              <Points
                value={row.weight}
                most={3}
                name={`Weight of ${row.name}`}
                onValue={(weight) => edit((p) => setRowWeight(p, role, row.id, weight as 0 | 1 | 2 | 3))}
              />
            </span>
            <span className="block leading-snug">{row.reason}</span>
            <span className="block leading-snug text-laurel">{doseOf(row)}</span>
            <span className="block text-[0.76rem] leading-snug text-quiet">
              {ladderOf(row)}. {row.source ? `${row.source} (from memory).` : 'Common practice.'}
            </span>
          </li>
        ))}
      </ul>
    </>
  );
}
