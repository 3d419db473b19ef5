import { ruleOf } from '@tropaeum/core/desk/desk';
import type { Offered } from '@tropaeum/core/progress/progress-rules';
import { Lightbulb } from 'lucide-react';
import { useState } from 'react';
import { useMe } from '../api/queries';
import { moveLabel } from '../ui/MoveKeys';
import { setRules } from './actions';

/** What a coach keeps deciding otherwise is offered as a house rule; nothing changes until it is taken. */
export function OfferedRule({ offered }: { offered: Offered }) {
  const rules = useMe().data?.settings.progressRules ?? {};
  const [answered, setAnswered] = useState(false);
  if (answered) return null;
  const { rule, proposed, decided, times, of } = offered;
  const { title } = ruleOf(rule);
  const take = () => {
    setAnswered(true);
    void setRules(`House rule for ${title}.`, rules, {
      ...rules,
      instead: { ...rules.instead, [rule]: { proposed, decided } },
    });
  };
  return (
    <div className="flex items-center gap-3 border-b border-edge bg-sheet px-6 py-2 text-[0.9rem]">
      <Lightbulb size={16} className="shrink-0 text-bronze" aria-hidden />
      <p className="min-w-0 flex-1">
        Where <b>{title}</b> proposes {moveLabel(proposed).toLowerCase()}, you decided{' '}
        {moveLabel(decided).toLowerCase()} {times === of ? `all ${times} times` : `the last ${times} times`}. Make it a
        house rule?
      </p>
      <button type="button" className="key h-7" onClick={take}>
        Make it a rule
      </button>
      <button type="button" className="key key-plain h-7" onClick={() => setAnswered(true)}>
        Not now
      </button>
    </div>
  );
}
