import { type Role, roleWords, staffRoles } from '@tropaeum/core/people/permissions';
import type { Squad } from '../api/types';
import { Chip } from '../ui/Section';
import { capital } from '../ui/words';

export function RoleChoice({ label, role, onChange }: { label: string; role: Role; onChange: (role: Role) => void }) {
  return (
    <>
      <select
        aria-label={label}
        className="field h-8 w-32"
        value={role}
        onChange={(e) => onChange(e.target.value as Role)}
      >
        {staffRoles.map((one) => (
          <option key={one} value={one}>
            {capital(one)}
          </option>
        ))}
      </select>
      <span className="block text-small text-quiet">{roleWords(role)}</span>
    </>
  );
}

/** What somebody sees who is limited to no squad. */
export const noSquad = (role: Role, athleteIds: readonly string[]): string =>
  role !== 'physio'
    ? 'all squads'
    : athleteIds.length > 0
      ? 'no squad as a whole'
      : 'nobody yet: tick a squad, or add athletes';

export interface Named {
  id: string;
  name: string;
}

interface ChoiceProps {
  chosen: readonly string[];
  onChange: (ids: string[]) => void;
}

/** Athletes that a physio treats, one by one. */
export function AthleteChoice({ athletes, chosen, onChange }: ChoiceProps & { athletes: readonly Named[] }) {
  return (
    <div className="mt-1 text-[0.9rem]">
      {athletes
        .filter(({ id }) => chosen.includes(id))
        .map(({ id, name }) => (
          <span key={id} className="mr-2 inline-block">
            <Chip name={name} onRemove={() => onChange(chosen.filter((one) => one !== id))}>
              {name}
            </Chip>
          </span>
        ))}
      <select
        aria-label="Add an athlete"
        className="field mt-1 h-7 w-44"
        value=""
        onChange={(e) => onChange([...chosen, e.target.value])}
      >
        <option value="">add an athlete …</option>
        {athletes
          .filter(({ id }) => !chosen.includes(id))
          .map(({ id, name }) => (
            <option key={id} value={id}>
              {name}
            </option>
          ))}
      </select>
    </div>
  );
}

export function SquadChoice({
  squads,
  chosen,
  none,
  onChange,
}: ChoiceProps & { squads: readonly Squad[]; none: string }) {
  return (
    <fieldset className="text-[0.9rem]">
      {squads.map(({ id, name }) => (
        <label key={id} className="flex min-h-7 items-center gap-2">
          <input
            type="checkbox"
            checked={chosen.includes(id)}
            onChange={(e) => onChange(e.target.checked ? [...chosen, id] : chosen.filter((one) => one !== id))}
          />
          {name}
        </label>
      ))}
      <p className="text-small text-quiet">{chosen.length === 0 ? none : 'only the ticked ones'}</p>
    </fieldset>
  );
}
