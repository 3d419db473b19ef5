import type { DeskEntry } from '@tropaeum/core/desk/entry';
import type { Move } from '@tropaeum/core/progress/proposal';
import { useState } from 'react';
import { MoveKeys } from '../ui/MoveKeys';
import { decideOtherwise } from './actions';

/** Otherwise than proposed, item by item, with a reason that is kept. */
export function Change({ entry, onDone }: { entry: DeskEntry; onDone: () => void }) {
  const [chosen, setChosen] = useState<ReadonlyMap<string, Move>>(new Map());
  const [reason, setReason] = useState('');
  const save = () => {
    void decideOtherwise(entry, chosen, reason);
    onDone();
  };
  return (
    <form
      className="mt-2 max-w-4xl border-l-2 border-stone pl-3"
      onSubmit={(event) => {
        event.preventDefault();
        save();
      }}
      onKeyDown={(event) => event.key === 'Escape' && onDone()}
    >
      <table className="w-full border-collapse text-[0.9rem]">
        <tbody>
          {entry.decisions.map(({ variant, name, decided, how }) => (
            <tr key={variant} className="border-b border-edge">
              <td className="w-52 py-1 pr-3 head">{name}</td>
              <td className="pr-3 text-small text-quiet">{how}</td>
              <td className="w-72">
                <MoveKeys
                  label={`Decision for ${name}`}
                  decided={chosen.get(variant)}
                  proposed={decided}
                  onChoose={(move) => setChosen(new Map([...chosen, [variant, move]]))}
                />
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      <div className="mt-2 flex items-center gap-2">
        <input
          // biome-ignore lint/a11y/noAutofocus: the key that opens it is for deciding
          autoFocus
          aria-label="Reason"
          placeholder="Reason, for the record"
          maxLength={300}
          value={reason}
          onChange={(event) => setReason(event.target.value)}
          className="field max-w-md"
        />
        <button type="submit" className="key key-strong">
          Decide
        </button>
        <button type="button" className="key" onClick={onDone}>
          Cancel
        </button>
      </div>
    </form>
  );
}
