import type { ChangeReason } from '@tropaeum/core/session/player/changes';
import { slotOf } from '@tropaeum/core/session/player/steps';
import { useState } from 'react';
import { Sheet } from '../Sheet';
import type { FloorSheetsProps } from './floor-sheets';

const reasons: readonly { why: ChangeReason; words: string }[] = [
  { why: 'no equipment', words: 'Equipment is missing' },
  { why: 'no room', words: 'No room for it' },
  { why: 'no time', words: 'No time' },
  { why: 'too tired', words: 'Too tired' },
  { why: 'do not know how', words: 'I do not know how' },
];

/** Why it is left out: one tap, and the next comes. */
export function LeaveOutSheet({ day, step, onSkip, onOpen, onClose }: FloorSheetsProps) {
  const [whole, setWhole] = useState(false);
  const slot = slotOf(step);
  const leave = async (why: ChangeReason) => {
    if (whole) await day.change([{ kind: 'out', slot, why }]);
    else {
      await day.leaveOut([step.key], why);
      onSkip();
    }
    onClose();
  };
  return (
    <Sheet title={`Leave out ${step.item.name}`} onClose={onClose}>
      <div className="mt-2 grid grid-cols-2 gap-2" role="radiogroup" aria-label="How much">
        {[false, true].map((all) => (
          <button
            key={String(all)}
            type="button"
            role="radio"
            aria-checked={whole === all}
            className={`head h-12 text-lg ${whole === all ? 'bg-bronze text-paper' : 'bg-lit'}`}
            onClick={() => setWhole(all)}
          >
            {all ? 'The whole exercise' : 'This set'}
          </button>
        ))}
      </div>
      <p className="mt-4 text-lg">Why? Your coach is told.</p>
      <div className="mt-1 grid gap-2">
        {reasons.map(({ why, words }) => (
          <button
            key={why}
            type="button"
            className="h-13 border border-stone px-4 text-left text-lg"
            onClick={() => void leave(why)}
          >
            {words}
          </button>
        ))}
        <button
          type="button"
          className="h-13 border border-oxide px-4 text-left text-lg text-oxide"
          onClick={() => onOpen('pain')}
        >
          It hurts
        </button>
      </div>
    </Sheet>
  );
}
