import { defaultHouseRules, type HouseRules } from '@tropaeum/core/session/brief/house-rules';
import { ask } from '../api/client';
import { useMe } from '../api/queries';
import { useWork } from '../api/use-work';
import { HouseRuleList } from '../ui/HouseRuleList';
import { Waiting } from '../ui/States';

/** House rules that new athletes begin with; each athlete's own are changed in the brief. */
export function RulesSettings() {
  const { data: me } = useMe();
  const { work, problem } = useWork(['me']);
  if (!me) return <Waiting what="Opening house rules" />;
  const rules: HouseRules = { ...defaultHouseRules, ...me.settings.houseRules };
  return (
    <div className="max-w-xl">
      <p className="mt-1 mb-4 text-quiet">
        New athletes begin with these. Athletes who are here keep their own; change them in the brief of a session.
      </p>
      <HouseRuleList
        rules={rules}
        onChange={(houseRules) => void work('rules', () => ask('/club', 'PATCH', { settings: { houseRules } }))}
      />
      <p role="alert" className="min-h-5 text-small text-oxide">
        {problem}
      </p>
    </div>
  );
}
