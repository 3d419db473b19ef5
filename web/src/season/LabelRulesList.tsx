import type { ScheduleRules } from '@tropaeum/core/season/plan/season-plan';
import {
  dayBeforeChoices,
  defaultLabelRules,
  type LabelRules,
  labelRuleFacts,
  labelRulesOf,
  numberRules,
} from '@tropaeum/core/season/scheduler/label-rules';

const dayBeforeWords = { primer: 'primer', mobility: 'mobility only', nothing: 'nothing' } as const;

/** What each label of a day allows, with where its usual value comes from; what is changed is marked, and can be put back. */
export function LabelRulesList({
  rules,
  put,
}: {
  rules: ScheduleRules;
  put: (changed: Partial<ScheduleRules>) => void;
}) {
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
