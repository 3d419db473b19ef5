import { blockOrder } from '@tropaeum/core/session/context/block-bounds';
import { add } from '@tropaeum/core/session/editing/edit';
import type { ActionNeed, OppositeNeed, RiskNeed } from '@tropaeum/core/sport/needs';
import { Plus } from 'lucide-react';
import { useEffect, useState } from 'react';
import { Figure } from '../../ui/Figure';
import { clock } from '../../ui/words';
import { composer, type OfferedAnswer } from '../../workers/composing';
import { useWritten } from '../state/store';

export type Need = ActionNeed | RiskNeed | OppositeNeed;

const offeredAtOnce = 5;

/** What would answer a need here and now; asked for anew when brief or session change. */
function useAnswers(needId: string): OfferedAnswer[] | undefined {
  const { brief, draft } = useWritten();
  const [list, setList] = useState<OfferedAnswer[]>();
  useEffect(() => {
    let wanted = true;
    composer()
      .answers(brief, draft ?? { groups: [] }, needId, offeredAtOnce)
      .then((found) => wanted && setList(found))
      .catch(() => wanted && setList([]));
    return () => {
      wanted = false;
    };
  }, [brief, draft, needId]);
  return list;
}

export function AnswerList({ need }: { need: Need }) {
  const { brief, draft, edit } = useWritten();
  const list = useAnswers(need.id);
  // What was put in by hand stays when the rest is composed anew.
  const put = ({ block, choice }: OfferedAnswer) =>
    edit((d) => add(d, block, { ...choice, pinned: true }, blockOrder(brief.houseRules.explosive)));
  return (
    <>
      <h4 className="label mt-2">Exercises for it</h4>
      {list === undefined && <p className="text-small text-quiet">Calculating …</p>}
      {list?.length === 0 && <p className="text-small text-quiet">No other exercise with this equipment and room.</p>}
      <ul>
        {list?.map((answer) => (
          <li key={answer.variant} className="flex items-center gap-1.5 border-b border-edge">
            <Figure variant={answer.variant} name="" className="h-8 w-9 shrink-0" />
            <span className="min-w-0 flex-1">
              <span className="block truncate text-[0.86rem] leading-tight">{answer.name}</span>
              <span className="block text-[0.74rem] leading-tight text-quiet">
                {Math.round(answer.alike * 100)} % {need.kind === 'action' ? 'transfer' : 'effective'}
                {answer.overSeconds > 0 && <span className="text-bronze"> · {clock(answer.overSeconds)} over</span>}
              </span>
            </span>
            <button
              type="button"
              className="key key-plain h-7 px-1"
              aria-label={`Add ${answer.name}`}
              title="Add"
              disabled={!draft}
              onClick={() => put(answer)}
            >
              <Plus size={15} />
            </button>
          </li>
        ))}
      </ul>
    </>
  );
}
