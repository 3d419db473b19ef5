import type { AthleteSize } from '@tropaeum/core/body/segments';
import type { Context } from '@tropaeum/core/session/context';
import type { Draft } from '@tropaeum/core/session/draft';
import { choiceAt } from '@tropaeum/core/session/edit';
import type { Plan } from '@tropaeum/core/session/plan';
import { BriefPanel } from './BriefPanel';
import { Inspector } from './Inspector';
import { NeedsPanel } from './NeedsPanel';
import { useSession } from './store';

export type SideTab = 'Item' | 'Needs' | 'Brief';

const names: Record<SideTab, string> = { Item: 'Chosen item', Needs: 'Needs', Brief: 'Brief' };

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
            {name}
          </button>
        ))}
      </div>
      <div className="min-h-0 flex-1 overflow-y-auto">
        {shown === 'Item' && chosen ? (
          <Inspector {...chosen} context={context} size={size} />
        ) : shown === 'Needs' ? (
          <NeedsPanel context={context} plan={plan} opened={need} onOpen={onNeed} />
        ) : (
          <BriefPanel context={context} />
        )}
      </div>
    </aside>
  );
}
