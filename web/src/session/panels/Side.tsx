import type { AthleteSize } from '@tropaeum/core/body/segments';
import type { Context } from '@tropaeum/core/session/context/context';
import type { Draft } from '@tropaeum/core/session/draft/draft';
import { choiceAt } from '@tropaeum/core/session/editing/edit';
import type { Plan } from '@tropaeum/core/session/plan/plan-types';
import { BriefPanel } from '../brief/BriefPanel';
import { useSession } from '../state/store';
import { TargetsPanel } from '../weave/TargetsPanel';
import { Inspector } from './Inspector';

export type SideTab = 'Item' | 'Needs' | 'Brief';

/** What each tab is called. */
const tabWords: Record<SideTab, string> = { Item: 'Exercise', Needs: 'Demands', Brief: 'Brief' };
const names: Record<SideTab, string> = { Item: 'Chosen exercise', Needs: 'Demands', Brief: 'Brief' };

interface SideProps {
  tab: SideTab;
  onTab: (tab: SideTab) => void;
  need: string | undefined;
  onNeed: (id: string | undefined) => void;
  context: Context;
  draft: Draft | undefined;
  plan: Plan | undefined;
  size: AthleteSize;
}

/** Beside the score: the chosen item, what this athlete needs, the brief. */
export function Side({ tab, onTab, need, onNeed, context, draft, plan, size }: SideProps) {
  const selected = useSession((s) => s.selected);
  const choice = selected && draft ? choiceAt(draft, selected) : undefined;
  const group = selected ? draft?.groups[selected.group] : undefined;
  const item = selected ? plan?.blocks[selected.group]?.items[selected.choice] : undefined;
  const chosen = selected && choice && group && item ? { at: selected, choice, group, item } : undefined;
  const shown = tab === 'Item' && !chosen ? 'Brief' : tab;
  const tabs: SideTab[] = chosen ? ['Item', 'Needs', 'Brief'] : ['Needs', 'Brief'];
  return (
    <aside className="flex w-[258px] shrink-0 flex-col border-l border-edge bg-sheet" aria-label={names[shown]}>
      <div className="flex border-b border-stone">
        {tabs.map((name) => (
          <button
            key={name}
            type="button"
            aria-pressed={name === shown}
            className={`head flex-1 py-1.5 text-[0.84rem] ${name === shown ? 'bg-sheet' : 'bg-edge font-normal text-slate'}`}
            onClick={() => onTab(name)}
          >
            {tabWords[name]}
          </button>
        ))}
      </div>
      <div className="min-h-0 flex-1 overflow-y-auto">
        {shown === 'Item' && chosen ? (
          <Inspector {...chosen} context={context} size={size} />
        ) : shown === 'Needs' ? (
          <TargetsPanel context={context} plan={plan} opened={need} onOpen={onNeed} />
        ) : (
          <BriefPanel context={context} />
        )}
      </div>
    </aside>
  );
}
