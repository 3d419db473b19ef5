import type { Restriction } from '@tropaeum/core/athlete/athlete';
import { regions } from '@tropaeum/core/exercise/vocabulary';
import { X } from 'lucide-react';
import { dayName } from '../../ui/days';
import { words } from '../../ui/words';
import { type PartProps, Section } from './Section';

/** What this athlete may not do, and until when. */
export function LimitsSection({ brief, change }: PartProps) {
  const { athlete } = brief;
  const list = athlete.restrictions ?? [];
  const set = (restrictions: Restriction[]) => change({ athlete: { ...athlete, restrictions } });
  return (
    <Section title="May not">
      {list.map((r, i) => (
        <div key={`${r.region}${r.side}`} className="flex items-start justify-between gap-2 text-[0.88rem]">
          <span>
            <b>
              {r.severity === 'avoid' ? 'No load on' : 'Limit'} {r.side && r.side !== 'both' ? r.side : ''}{' '}
              {words(r.region)}
            </b>
            {r.reason && <span className="text-quiet">, {r.reason}</span>}
            {r.until && <span className="text-quiet"> until {dayName(r.until)}</span>}
          </span>
          <button
            type="button"
            aria-label={`Lift the limit on ${words(r.region)}`}
            onClick={() => set(list.filter((_, k) => k !== i))}
          >
            <X size={13} />
          </button>
        </div>
      ))}
      <select
        aria-label="Add a limit"
        className="field mt-1 h-7"
        value=""
        onChange={(e) => {
          const [severity, region] = e.target.value.split(':') as [Restriction['severity'], Restriction['region']];
          if (region) set([...list, { region, severity }]);
        }}
      >
        <option value="">Add a limit …</option>
        {regions.flatMap((region) => [
          <option key={`limit:${region}`} value={`limit:${region}`}>
            Limit {words(region)}
          </option>,
          <option key={`avoid:${region}`} value={`avoid:${region}`}>
            No load on {words(region)}
          </option>,
        ])}
      </select>
      <p className="mt-1 text-[0.78rem] text-quiet">What a clinician has said comes first.</p>
    </Section>
  );
}
