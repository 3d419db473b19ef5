import { dayReasons, loadingReasons, loadingSchemes, type ScheduleRules } from '@tropaeum/core/season/plan/season-plan';
import { capital } from '../ui/words';
import { LabelRulesList } from './LabelRulesList';
import { PhaseList } from './PhaseList';
import { useSeasonParts } from './store';

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
