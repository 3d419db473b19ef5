import { type BlockKind, qualityOfBlock } from '@tropaeum/core/exercise/model/vocabulary';
import type { ItemPlace } from '@tropaeum/core/session/editing/edit';
import type { Plan } from '@tropaeum/core/session/plan/plan-types';
import { useRef } from 'react';
import { qualityColour } from '../../ui/quality-colour';
import { blockWords } from '../../ui/words';

interface StripProps {
  plan: Plan;
  selected: ItemPlace | undefined;
  onSelect: (at: ItemPlace) => void;
  /** Whether a group may be dropped on another one, and that it was. */
  mayMove: (from: number, to: number) => boolean;
  onMove: (from: number, to: number) => void;
}

/** The session drawn to time: sets are bars, paired items sit in two rows, gaps are rests, the frame is the minutes there are. */
export function Strip({ plan, selected, onSelect, mayMove, onMove }: StripProps) {
  const dragged = useRef<number>(undefined);
  const total = Math.max(plan.minutes.budget, plan.minutes.planned) * 60;
  const share = (seconds: number) => `${(seconds / total) * 100}%`;
  const seconds = (block: Plan['blocks'][number]) =>
    block.items.reduce((s, i) => s + i.seconds, 0) + block.rounds * block.restSeconds;
  return (
    <div
      role="group"
      aria-label={`Session of ${plan.minutes.planned} minutes`}
      className="relative flex h-14 border-b-2 border-ink"
    >
      {plan.blocks.map((block, g) => {
        const first = plan.blocks[g - 1]?.kind !== block.kind;
        const whole = seconds(block);
        const next = plan.blocks.findIndex((other, o) => o > g && other.kind !== block.kind);
        const ofKind = plan.blocks.slice(g, next < 0 ? undefined : next).reduce((s, b) => s + seconds(b), 0);
        return (
          <div
            key={g}
            className={`relative h-full ${first && g > 0 ? 'border-l border-ink' : ''}`}
            style={{ width: share(whole) }}
            role="group"
            aria-label={block.items.map((item) => item.name).join(' and ')}
            data-strip-group={g}
            draggable
            onDragStart={(event) => {
              dragged.current = g;
              event.dataTransfer.effectAllowed = 'move';
            }}
            onDragOver={(event) => {
              const from = dragged.current;
              if (from !== undefined && mayMove(from, g)) event.preventDefault();
            }}
            onDrop={(event) => {
              event.preventDefault();
              if (dragged.current !== undefined) onMove(dragged.current, g);
              dragged.current = undefined;
            }}
          >
            {first && (
              <span
                className="label absolute top-0 left-0 truncate pl-1"
                style={{ width: `${(ofKind / whole) * 100}%` }}
              >
                {ofKind / total > 0.045 && qualityOfBlock[block.kind as BlockKind] !== 'preparation'
                  ? blockWords(block.kind)
                  : ''}
              </span>
            )}
            {block.items.map((item, i) => {
              const on = selected?.group === g && selected.choice === i;
              const rows = block.items.length;
              return (
                <button
                  type="button"
                  key={item.variant}
                  tabIndex={-1}
                  title={`${item.name}, ${Math.round(item.seconds / 60)} min`}
                  onClick={() => onSelect({ group: g, choice: i })}
                  className={`absolute flex cursor-pointer items-stretch gap-[2px] ${on ? 'outline-2 outline-ink' : ''}`}
                  style={{
                    left: rows > 1 ? `${(i / rows) * 6}%` : 0,
                    right: rows > 1 ? `${((rows - 1 - i) / rows) * 6}%` : '3%',
                    top: 18 + i * (32 / rows),
                    height: 32 / rows - 2,
                  }}
                >
                  {Array.from({ length: item.sets }, (_, s) => (
                    <span
                      key={s}
                      className="h-full flex-1"
                      style={{
                        background: qualityColour[qualityOfBlock[block.kind as BlockKind]],
                        opacity: item.pinned ? 1 : 0.82,
                        borderTop: item.pinned ? '3px solid var(--ink)' : undefined,
                      }}
                    />
                  ))}
                </button>
              );
            })}
          </div>
        );
      })}
      {plan.minutes.planned < plan.minutes.budget && (
        <div className="flex-1 border-l border-dashed border-stone" title="Free minutes" />
      )}
    </div>
  );
}
