import { useSortable } from '@dnd-kit/sortable';
import { CSS } from '@dnd-kit/utilities';
import type { AthleteSize } from '@tropaeum/core/body/segments';
import type { Group } from '@tropaeum/core/session/draft/draft';
import { type ItemPlace, pin, remove, setDose } from '@tropaeum/core/session/editing/edit';
import type { PlanBlock } from '@tropaeum/core/session/plan/plan-types';
import type { ActionNeed, Needs } from '@tropaeum/core/sport/needs';
import { GripVertical, Pin, X } from 'lucide-react';
import { Figure } from '../../ui/Figure';
import { shownInUnits } from '../../ui/units';
import { blockWords, takes } from '../../ui/words';
import { useSession } from '../state/store';
import { PreventionMark } from '../weave/InjuryPrevention';
import { WeaveMarks } from '../weave/Weave';
import { doseColumn, guardColumn, weaveColumn } from '../weave/weave-columns';
import { DoseField } from './DoseField';

interface GroupRowsProps {
  index: number;
  group: Group;
  block: PlanBlock;
  first: boolean;
  letter: string | undefined;
  needs: readonly ActionNeed[];
  guarded: Needs['prevention'];
  size: AthleteSize;
  selected: ItemPlace | undefined;
}

/** A group of items: rows that belong together, one handle to move them. */
export function GroupRows({ index, group, block, first, letter, needs, guarded, size, selected }: GroupRowsProps) {
  const { attributes, listeners, setNodeRef, setActivatorNodeRef, transform, transition, isDragging } = useSortable({
    id: `${index}`,
  });
  const { edit, select } = useSession.getState();
  return (
    <div
      ref={setNodeRef}
      className={`border-t ${first ? 'border-stone' : 'border-edge'} ${isDragging ? 'relative z-10 bg-sheet' : ''}`}
      style={{ transform: CSS.Translate.toString(transform), transition }}
    >
      {group.choices.map((choice, i) => {
        const item = block.items[i];
        if (!item) return null;
        const at = { group: index, choice: i };
        const chosen = selected?.group === index && selected.choice === i;
        return (
          // biome-ignore lint/a11y/useKeyWithClickEvents: rows are walked with the arrow keys of the view
          // biome-ignore lint/a11y/noStaticElementInteractions: the name inside is the button
          <div
            key={choice.variant}
            data-row
            className={`group relative flex h-[47px] items-center ${chosen ? 'bg-lit shadow-[inset_3px_0_0_var(--oxide)]' : 'hover:bg-lit/60'}`}
            onClick={() => select(at)}
          >
            <span className="label w-[82px] shrink-0 pl-1.5 leading-tight">
              {first && i === 0 ? blockWords(block.kind) : ''}
            </span>
            <span className="head w-6 shrink-0 text-[0.8rem] text-bronze">{letter ? `${letter}${i + 1}` : ''}</span>
            <Figure
              variant={item.drawnAs ?? choice.variant}
              poses={item.poses}
              name=""
              size={size}
              loaded={choice.load?.kg !== undefined}
              playing={chosen}
              className="h-10 w-12 shrink-0"
            />
            <span className="min-w-36 flex-1 px-2.5">
              <button
                type="button"
                className={`head block max-w-full cursor-pointer truncate text-left text-[0.95rem] leading-tight ${item.adapt ? '' : 'max-[1100px]:line-clamp-2 max-[1100px]:whitespace-normal'}`}
                data-name
                aria-pressed={chosen}
              >
                {item.name}
                {choice.pinned && <span className="label ml-2 bg-edge px-1 text-ink">pinned</span>}
              </button>
              {item.adapt ? (
                <span
                  className="block truncate text-[0.8rem] leading-tight text-oxide"
                  title={shownInUnits(`${item.adapt.join(' ')} ${item.reason}`)}
                >
                  {item.adapt.join(' ')}
                </span>
              ) : (
                <span
                  className="block truncate text-[0.8rem] leading-tight text-quiet max-[1100px]:hidden"
                  title={shownInUnits(item.reason)}
                >
                  {shownInUnits(item.reason)}
                </span>
              )}
            </span>
            <span className="shrink-0" style={{ width: doseColumn }}>
              <DoseField dose={choice.dose} name={item.name} onDose={(dose) => edit((d) => setDose(d, at, dose))} />
              <span className="block truncate px-1 text-[0.78rem] leading-tight text-quiet" title={takes(item)}>
                {takes(item)}
              </span>
            </span>
            <WeaveMarks item={item} needs={needs} column={weaveColumn} reachable={chosen} />
            <PreventionMark item={item} needs={guarded} reachable={chosen} />
            <span
              className="absolute flex h-full items-center bg-lit px-1 text-quiet opacity-0 group-focus-within:opacity-100 group-hover:opacity-100"
              style={{ right: needs.length * weaveColumn + guardColumn + doseColumn }}
            >
              <button
                type="button"
                className="grid size-6 place-items-center hover:text-ink"
                title={choice.pinned ? 'Unpin (p)' : 'Pin (p)'}
                aria-label={`${choice.pinned ? 'Unpin' : 'Pin'} ${item.name}`}
                onClick={() => edit((d) => pin(d, at, !choice.pinned))}
              >
                <Pin size={14} />
              </button>
              <button
                type="button"
                className="grid size-6 place-items-center hover:text-oxide"
                title="Remove (x)"
                aria-label={`Remove ${item.name}`}
                onClick={() => edit((d) => remove(d, at))}
              >
                <X size={14} />
              </button>
              {i === 0 ? (
                <button
                  type="button"
                  ref={setActivatorNodeRef}
                  className="grid size-6 cursor-grab place-items-center hover:text-ink"
                  title="Drag within the block or to another (Shift and arrow keys)"
                  aria-label={`Move ${item.name}`}
                  {...attributes}
                  {...listeners}
                >
                  <GripVertical size={14} />
                </button>
              ) : null}
            </span>
          </div>
        );
      })}
    </div>
  );
}
