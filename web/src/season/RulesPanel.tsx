import { dayAfter } from '@tropaeum/core/date/days';
import { mondayOf, type PhaseSpan } from '@tropaeum/core/season/calendar/season-on';
import { buildPhases, faultsOfPhases, phaseNames } from '@tropaeum/core/season/periodisation/phases';
import { dayReasons, loadingReasons, loadingSchemes, type ScheduleRules } from '@tropaeum/core/season/plan/season-plan';
import {
  dayBeforeChoices,
  defaultLabelRules,
  type LabelRules,
  labelRuleFacts,
  labelRulesOf,
  numberRules,
} from '@tropaeum/core/season/scheduler/label-rules';
import { type Phase, phases as phaseKinds } from '@tropaeum/core/session-type/aims-and-phases';
import { Plus, X } from 'lucide-react';
import { capital } from '../ui/words';
import { useSeasonParts, withFeeds } from './store';

const numbers: readonly { rule: 'least' | 'most' | 'restDays'; label: string; most: number }[] = [
  { rule: 'least', label: 'Sessions a week, minimum', most: 6 },
  { rule: 'most', label: 'maximum', most: 6 },
  { rule: 'restDays', label: 'Rest days a week', most: 4 },
];
const zones = (own: string) => [...new Set([own, ...Intl.supportedValuesOf('timeZone')])];

/** Rules that sessions are laid by, what each label of a day allows, the school of loading, and the phases. */
export function RulesPanel({ forAthlete }: { forAthlete: boolean }) {
  const { season, changeSeason } = useSeasonParts((s) => ({ season: s.season, changeSeason: s.changeSeason }));
  const { rules, school } = season;
  const put = (changed: Partial<ScheduleRules>) =>
    changeSeason((now) => ({ ...now, rules: { ...now.rules, ...changed } }));
  return (
    <>
      {forAthlete ? (
        <p className="text-quiet">Rules and phases belong to the squad. Change this athlete's days in the calendar.</p>
      ) : (
        <div className="grid grid-cols-[1fr_6.6rem] items-center gap-x-2 gap-y-1.5">
          {numbers.map(({ rule, label, most }) => (
            <label key={rule} className="contents">
              <span>{label}</span>
              <input
                type="number"
                min={rule === 'most' ? Math.max(1, rules.least) : 0}
                max={rule === 'least' ? rules.most : most}
                className="field h-7"
                value={rules[rule]}
                onChange={(event) => {
                  const value = event.target.valueAsNumber;
                  if (event.target.validity.valid && Number.isInteger(value)) put({ [rule]: value });
                }}
              />
            </label>
          ))}
          <label className="contents">
            <span>Usual time</span>
            <input
              type="time"
              className="field h-7"
              value={rules.sessionAt}
              onChange={(e) => e.target.value && put({ sessionAt: e.target.value })}
            />
          </label>
          <label className="contents">
            <span>Session length, minutes</span>
            <input
              type="number"
              min={10}
              max={120}
              className="field h-7"
              value={season.minutes}
              onChange={(event) => {
                const minutes = event.target.valueAsNumber;
                if (event.target.validity.valid && minutes) changeSeason((now) => ({ ...now, minutes }));
              }}
            />
          </label>
          <label className="col-span-2 mt-1">
            <span>Time zone</span>
            <select
              className="field h-7"
              value={season.zone}
              onChange={(e) => changeSeason((now) => ({ ...now, zone: e.target.value }))}
            >
              {zones(season.zone).map((zone) => (
                <option key={zone}>{zone}</option>
              ))}
            </select>
          </label>
          <label className="col-span-2 mt-1 flex items-baseline gap-2">
            <input
              type="checkbox"
              checked={rules.seconds ?? false}
              onChange={(e) => put({ seconds: e.target.checked })}
            />
            <span>
              A short second session before practice{' '}
              <span className="text-quiet">
                Ten minutes for shoulder or hips, up to twice a week, only on days that already have a session, so easy
                days stay easy.
              </span>
            </span>
          </label>
          <fieldset className="col-span-2 mt-2">
            <legend className="label">Hard days</legend>
            {(['consolidate', 'spread'] as const).map((one) => (
              <label key={one} className="flex items-baseline gap-2 py-0.5">
                <input type="radio" name="days" checked={rules.days === one} onChange={() => put({ days: one })} />
                <span>
                  <b>{one === 'consolidate' ? 'Together' : 'Spread'}</b>{' '}
                  <span className="text-quiet">{dayReasons[one]}</span>
                </span>
              </label>
            ))}
          </fieldset>
          <fieldset className="col-span-2 mt-2">
            <legend className="label">Loading</legend>
            {loadingSchemes.map((one) => (
              <label key={one} className="flex items-baseline gap-2 py-0.5">
                <input
                  type="radio"
                  name="school"
                  checked={school === one}
                  onChange={() => changeSeason((now) => ({ ...now, school: one }))}
                />
                <span>
                  <b>{capital(one)}</b> <span className="text-quiet">{loadingReasons[one]}</span>
                </span>
              </label>
            ))}
          </fieldset>
        </div>
      )}
      {!forAthlete && <LabelRulesList rules={rules} put={put} />}
      {!forAthlete && <PhaseList />}
    </>
  );
}

const dayBeforeWords = { primer: 'primer', mobility: 'mobility only', nothing: 'nothing' } as const;

/** What each label of a day allows, with where its usual value comes from; what is changed is marked, and can be put back. */
function LabelRulesList({ rules, put }: { rules: ScheduleRules; put: (changed: Partial<ScheduleRules>) => void }) {
  const now = labelRulesOf(rules.labels);
  const set = (changed: Partial<LabelRules>) => put({ labels: { ...rules.labels, ...changed } });
  const changed = (rule: keyof LabelRules) => now[rule] !== defaultLabelRules[rule];
  return (
    <details className="mt-4" open={Object.keys(rules.labels).length > 0}>
      <summary className="label cursor-pointer border-b border-stone pb-1">What each day allows</summary>
      <ul>
        {numberRules.map((rule) => {
          const { name, unit, least, most, step, source } = labelRuleFacts[rule];
          return (
            <li key={rule} className="border-b border-edge py-1.5">
              <label className="flex items-center justify-between gap-2">
                <span className={changed(rule) ? 'font-bold' : ''}>{name}</span>
                <span className="flex items-center gap-1">
                  <input
                    type="number"
                    min={least}
                    max={most}
                    step={step}
                    className="field h-7 w-16"
                    value={now[rule]}
                    onChange={(e) => {
                      if (e.target.validity.valid && e.target.value !== '') set({ [rule]: e.target.valueAsNumber });
                    }}
                  />
                  <span className="w-12 text-tiny text-quiet">{unit}</span>
                </span>
              </label>
              <p className="text-tiny leading-tight text-quiet">{source}</p>
            </li>
          );
        })}
        <li className="border-b border-edge py-1.5">
          <label className="flex items-center justify-between gap-2">
            <span className={changed('dayBefore') ? 'font-bold' : ''}>Day before a fixture</span>
            <select
              className="field h-7 w-32"
              value={now.dayBefore}
              onChange={(e) => set({ dayBefore: e.target.value as LabelRules['dayBefore'] })}
            >
              {dayBeforeChoices.map((one) => (
                <option key={one} value={one}>
                  {dayBeforeWords[one]}
                </option>
              ))}
            </select>
          </label>
          <p className="text-tiny leading-tight text-quiet">
            Some coaches prime the legs, some rest them. Nothing heavy either way. Common practice, no source.
          </p>
        </li>
        <li className="border-b border-edge py-1.5">
          <label className="flex items-center justify-between gap-2">
            <span className={changed('practiceEndsBy') ? 'font-bold' : ''}>
              No session after practices that end later than
            </span>
            <input
              type="time"
              className="field h-7 w-24"
              value={now.practiceEndsBy}
              onChange={(e) => e.target.value && set({ practiceEndsBy: e.target.value })}
            />
          </label>
          <p className="text-tiny leading-tight text-quiet">Sleep comes first. Common practice, no source.</p>
        </li>
      </ul>
      {Object.keys(rules.labels).length > 0 && (
        <button type="button" className="mt-1 underline" onClick={() => put({ labels: {} })}>
          Reset to defaults
        </button>
      )}
    </details>
  );
}

/** Phases as they are, to be typed over, or laid backwards from the fixtures that matter. */
function PhaseList() {
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
