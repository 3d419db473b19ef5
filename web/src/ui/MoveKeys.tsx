import type { Move } from '@tropaeum/core/progress/proposal';
import { ArrowDown, ArrowUp, Equal, OctagonX } from 'lucide-react';

const moves: { move: Move; label: string; Icon: typeof ArrowUp }[] = [
  { move: 'up', label: 'Progress', Icon: ArrowUp },
  { move: 'same', label: 'Hold', Icon: Equal },
  { move: 'down', label: 'Regress', Icon: ArrowDown },
  { move: 'stop', label: 'Stop', Icon: OctagonX },
];

export const moveLabel = (move: Move): string => moves.find((one) => one.move === move)?.label ?? move;

interface MoveKeysProps {
  /** Of which item, for who hears it. */
  label: string;
  decided: Move | undefined;
  proposed: Move;
  disabled?: boolean;
  onChoose: (move: Move) => void;
}

/** What is done with an item next: four keys, the proposed one lit until another is chosen. */
export function MoveKeys({ label, decided, proposed, disabled, onChoose }: MoveKeysProps) {
  return (
    <div className="flex" role="group" aria-label={label}>
      {moves.map(({ move, label: words, Icon }) => {
        const on = decided === move;
        const lit = !decided && proposed === move;
        return (
          <button
            key={move}
            type="button"
            disabled={disabled}
            aria-pressed={on}
            onClick={() => onChoose(move)}
            className={`flex h-7 flex-1 cursor-pointer items-center justify-center gap-0.5 border border-stone px-1 text-[0.8rem] ${on ? 'bg-ink font-semibold text-paper' : lit ? 'bg-lit font-semibold' : 'text-quiet hover:bg-lit'}`}
          >
            <Icon size={12} /> {words}
          </button>
        );
      })}
    </div>
  );
}
