import {
  type HouseRules,
  houseRuleChoices,
  houseRuleQuestions,
  houseRuleReasons,
} from '@tropaeum/core/session/brief/house-rules';
import { words } from './words';

interface HouseRuleListProps {
  rules: HouseRules;
  onChange: (rules: HouseRules) => void;
}

/** Every house rule with its choices, and why the chosen one is followed. */
export function HouseRuleList({ rules, onChange }: HouseRuleListProps) {
  return (Object.keys(houseRuleChoices) as (keyof HouseRules)[]).map((rule) => {
    const value = rules[rule];
    const reasons = houseRuleReasons[rule] as Record<string, string>;
    return (
      <label key={rule} className="mb-1.5 block text-[0.84rem]">
        <span className="flex items-center justify-between gap-2">
          {houseRuleQuestions[rule]}
          <select
            className="field h-6 w-28 py-0 text-[0.8rem]"
            value={value}
            onChange={(e) => onChange({ ...rules, [rule]: e.target.value })}
          >
            {houseRuleChoices[rule].map((c) => (
              <option key={c} value={c}>
                {words(c)}
              </option>
            ))}
          </select>
        </span>
        <span className="text-[0.76rem] leading-tight text-quiet">{reasons[value]}</span>
      </label>
    );
  });
}
