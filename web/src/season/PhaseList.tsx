import { dayAfter } from '@tropaeum/core/date/days';
import { mondayOf, type PhaseSpan } from '@tropaeum/core/season/calendar/season-on';
import { buildPhases, faultsOfPhases, phaseNames } from '@tropaeum/core/season/periodisation/phases';
import { type Phase, phases as phaseKinds } from '@tropaeum/core/session-type/aims-and-phases';
import { Plus, X } from 'lucide-react';
import { withFeeds } from './season-state';
import { useSeasonParts } from './store';

/** Phases as they are, to be typed over, or laid backwards from the fixtures that matter. */
export function PhaseList() {
  const { season, fromFeeds, today, changeSeason } = useSeasonParts((s) => ({
    season: s.season,
    fromFeeds: s.fromFeeds,
    today: s.today,
    changeSeason: s.changeSeason,
  }));
  const { phases } = season;
  const faults = faultsOfPhases(phases);
  const put = (at: number, changed: Partial<PhaseSpan>) =>
    changeSeason((now) => ({ ...now, phases: now.phases.map((p, i) => (i === at ? { ...p, ...changed } : p)) }));
  const layBackwards = () => {
    const { entries } = withFeeds(season, fromFeeds);
    const last = entries.reduce((end, { on, kind }) => (kind === 'fixture' && on > end ? on : end), today);
    const from = phases[0] && phases[0].startsOn < today ? phases[0].startsOn : mondayOf(today);
    const laid = buildPhases(entries, from, dayAfter(mondayOf(last), 7 * 8 - 1));
    changeSeason((now) => ({ ...now, phases: laid }));
  };
  const add = () => {
    const last = phases.at(-1);
    const startsOn = last ? dayAfter(last.endsOn, 1) : mondayOf(today);
    const added: PhaseSpan = {
      phase: 'in-season',
      name: phaseNames['in-season'],
      startsOn,
      endsOn: dayAfter(startsOn, 27),
    };
    changeSeason((now) => ({ ...now, phases: [...now.phases, added] }));
  };
  return (
    <section className="mt-4">
      <div className="flex items-center justify-between border-b border-stone pb-1">
        <h3 className="label">Phases</h3>
        <span className="flex gap-1">
          <button
            type="button"
            className="key key-plain h-6"
            aria-label="Add a phase"
            title="Add a phase"
            onClick={add}
          >
            <Plus size={14} />
          </button>
          <button type="button" className="key h-6 px-2" onClick={layBackwards}>
            Build from fixtures
          </button>
        </span>
      </div>
      <ul>
        {phases.map((phase, at) => {
          const fault = faults.find((f) => f.at === at);
          return (
            <li key={at} className="border-b border-edge py-1.5">
              <div className="flex gap-1">
                <input
                  aria-label="Phase name"
                  className="field h-6 min-w-0 flex-1 px-1 font-semibold"
                  value={phase.name}
                  onChange={(e) => put(at, { name: e.target.value })}
                />
                <select
                  aria-label="Phase type"
                  className="field h-6 w-28 px-0.5"
                  value={phase.phase}
                  onChange={(e) => put(at, { phase: e.target.value as Phase })}
                >
                  {phaseKinds.map((kind) => (
                    <option key={kind} value={kind}>
                      {phaseNames[kind]}
                    </option>
                  ))}
                </select>
                <button
                  type="button"
                  aria-label={`Remove ${phase.name}`}
                  onClick={() => changeSeason((now) => ({ ...now, phases: now.phases.filter((_, i) => i !== at) }))}
                >
                  <X size={13} />
                </button>
              </div>
              <div className="mt-1 grid grid-cols-2 gap-1">
                {(['startsOn', 'endsOn'] as const).map((end) => (
                  <input
                    key={end}
                    type="date"
                    aria-label={`${phase.name} ${end === 'startsOn' ? 'from' : 'to'}`}
                    aria-invalid={fault?.field === end}
                    className="field h-6 px-1 text-tiny"
                    value={phase[end]}
                    onChange={(e) => e.target.value && put(at, { [end]: e.target.value })}
                  />
                ))}
              </div>
              {fault && (
                <p role="alert" className="mt-0.5 text-tiny text-oxide">
                  {fault.message}
                </p>
              )}
              {'why' in phase && <p className="mt-0.5 text-tiny leading-tight text-quiet">{String(phase.why)}</p>}
            </li>
          );
        })}
      </ul>
      {phases.length === 0 && <p className="py-2 text-quiet">No phases yet: every week counts as in season.</p>}
    </section>
  );
}
