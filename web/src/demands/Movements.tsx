import { setImportance } from '@tropaeum/core/sport/edit';
import type { JointDemand } from '@tropaeum/core/sport/joint-map';
import { askedOf, type SportProfile } from '@tropaeum/core/sport/profile';
import { Plus } from 'lucide-react';
import { Points } from './Points';
import { useDemands } from './store';

interface MovementsProps {
  profile: SportProfile;
  role: string;
  selected: string | undefined;
  /** The joint action that is pointed at on the body. */
  pointed: JointDemand | undefined;
  onSelect: (id: string | undefined) => void;
  onAdd: () => void;
}

/** The movements of the sport, how often and how decisive for one role; what is asked follows at once. */
export function Movements({ profile, role, selected, pointed, onSelect, onAdd }: MovementsProps) {
  const edit = useDemands((s) => s.edit);
  const asked = new Map(askedOf(profile, role).map((a) => [a.action.id, a.asked]));
  const most = Math.max(...asked.values(), 0.01);
  const from = new Set(pointed?.from.map((f) => f.action.id));
  return (
    <div>
      <div className="flex items-end border-b border-stone pb-1 pr-1">
        <span className="label flex-1">Movement</span>
        <span className="label w-[60px]">often</span>
        <span className="label w-[60px]">decisive</span>
        <span className="label w-[72px]">share</span>
      </div>
      <ul>
        {profile.actions.map((action) => {
          const importance = action.asked[role] ?? { often: 0, decisive: 0 };
          const share = asked.get(action.id) ?? 0;
          const chosen = action.id === selected;
          const set = (change: Partial<typeof importance>) =>
            edit((p) => setImportance(p, action.id, role, { ...importance, ...change }));
          return (
            <li
              key={action.id}
              className={`flex items-center border-b border-edge pr-1 ${
                chosen
                  ? 'bg-lit shadow-[inset_3px_0_0_var(--oxide)]'
                  : from.has(action.id)
                    ? 'bg-sheet'
                    : 'hover:bg-lit/60'
              }`}
            >
              <button
                type="button"
                data-movement={action.id}
                aria-pressed={chosen}
                className="min-w-0 flex-1 cursor-pointer py-1 pl-2 text-left"
                onClick={() => onSelect(chosen ? undefined : action.id)}
              >
                <span className={`head block truncate text-[0.92rem] leading-tight ${share > 0 ? '' : 'text-quiet'}`}>
                  {action.name}
                </span>
                <span className="block truncate text-[0.78rem] leading-tight text-quiet">{action.phase}</span>
              </button>
              <span className="w-[60px]">
                <Points
                  value={importance.often}
                  name={`How often: ${action.name}`}
                  onValue={(often) => set({ often })}
                />
              </span>
              <span className="w-[60px]">
                <Points
                  value={importance.decisive}
                  name={`How decisive: ${action.name}`}
                  onValue={(decisive) => set({ decisive })}
                />
              </span>
              <span className="flex w-[72px] items-center gap-1.5">
                <span className="h-2 w-9 bg-edge">
                  <span className="block h-full bg-ink" style={{ width: `${(share / most) * 100}%` }} />
                </span>
                <span className="dose text-[0.78rem]" data-asked={action.id}>
                  {(share * 100).toFixed(0)} %
                </span>
              </span>
            </li>
          );
        })}
      </ul>
      <button type="button" className="key key-plain mt-1 h-7 text-quiet" onClick={onAdd}>
        <Plus size={14} /> Add a movement <kbd className="dose opacity-60">n</kbd>
      </button>
    </div>
  );
}
