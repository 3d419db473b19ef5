import type { PastInjury } from '@tropaeum/core/athlete/athlete';
import { regions } from '@tropaeum/core/exercise/model/vocabulary';
import { X } from 'lucide-react';
import { dayName } from '../../ui/days';
import { type PartProps, Section } from '../../ui/Section';
import { capital, words } from '../../ui/words';

const sided = ['left', 'right', 'both'] as const;

/** Injuries that have healed: what was there once comes back more easily. */
export function HistorySection({ brief, change }: PartProps) {
  const { athlete } = brief;
  const list = athlete.history ?? [];
  const set = (history: PastInjury[]) => change({ athlete: { ...athlete, history } });
  const put = (place: number, part: Partial<PastInjury>) =>
    set(list.map((injury, i) => (i === place ? { ...injury, ...part } : injury)));
  return (
    <Section title="Injury history">
      {list.map((injury, i) => (
        <div key={i} className="mb-1 text-[0.86rem]">
          <div className="flex items-start justify-between gap-2">
            <b>{capital(words(injury.region))}</b>
            <button
              type="button"
              aria-label={`Remove ${words(injury.region)} from the history`}
              onClick={() => set(list.filter((_, k) => k !== i))}
            >
              <X size={13} />
            </button>
          </div>
          <div className="grid grid-cols-[4.2rem_1fr] gap-1">
            <select
              aria-label={`Side of the ${words(injury.region)}`}
              className="field h-6 px-1 py-0 text-[0.8rem]"
              value={injury.side ?? 'both'}
              onChange={(e) => put(i, { side: e.target.value as (typeof sided)[number] })}
            >
              {sided.map((s) => (
                <option key={s}>{s}</option>
              ))}
            </select>
            <input
              aria-label={`When the ${words(injury.region)} was injured`}
              type="date"
              className="field h-6 px-1 py-0 text-[0.8rem]"
              value={injury.on ?? ''}
              max={brief.date}
              onChange={(e) => e.target.value && put(i, { on: e.target.value })}
            />
          </div>
          {(injury.what || injury.on) && (
            <p className="text-[0.78rem] text-quiet">
              {[injury.what, injury.on && dayName(injury.on)].filter(Boolean).join(', ')}
            </p>
          )}
        </div>
      ))}
      <select
        aria-label="Add a past injury"
        className="field mt-1 h-7"
        value=""
        onChange={(e) => e.target.value && set([...list, { region: e.target.value as PastInjury['region'] }])}
      >
        <option value="">Add a past injury …</option>
        {regions.map((region) => (
          <option key={region} value={region}>
            {words(region)}
          </option>
        ))}
      </select>
    </Section>
  );
}
