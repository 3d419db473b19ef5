import { Dialog, DialogBackdrop, DialogPanel, DialogTitle } from '@headlessui/react';
import type { DeskEntry } from '@tropaeum/core/desk/entry';
import { accept } from './actions';

const count = (entries: readonly DeskEntry[], move: string) =>
  entries.reduce((sum, { decisions }) => sum + decisions.filter(({ decided }) => decided === move).length, 0);

/** Everything that cannot hurt at once, after a look at what that is. */
export function AcceptSafe({
  entries,
  today,
  onClose,
}: {
  entries: readonly DeskEntry[];
  today: string;
  onClose: () => void;
}) {
  const [up, same] = [count(entries, 'up'), count(entries, 'same')];
  return (
    <Dialog open onClose={onClose} className="relative z-40">
      <DialogBackdrop className="fixed inset-0 bg-ink/40" />
      <div className="fixed inset-0 flex items-center justify-center p-6">
        <DialogPanel className="flex max-h-full w-full max-w-2xl flex-col border border-stone bg-paper p-6">
          <DialogTitle className="head text-xl">
            Accept {up + same} proposals for {entries.length} {entries.length === 1 ? 'athlete' : 'athletes'}
          </DialogTitle>
          <p className="mt-1 text-quiet">
            {up} progress, {same} hold. No pain above 2, nothing harder than planned, no note from the athlete.
          </p>
          <ul className="my-4 min-h-0 overflow-y-auto border-y border-edge">
            {entries.map((entry) => (
              <li key={entry.key} className="grid grid-cols-[11rem_1fr] gap-3 border-b border-edge py-1 text-[0.9rem]">
                <span className="head">{entry.name}</span>
                <span className="text-quiet">{entry.headline}</span>
              </li>
            ))}
          </ul>
          <div className="flex justify-end gap-2">
            <button type="button" className="key" onClick={onClose}>
              Cancel
            </button>
            <button
              type="button"
              // biome-ignore lint/a11y/noAutofocus: Enter accepts what was just looked at
              autoFocus
              className="key key-strong"
              onClick={() => {
                void accept(entries, today);
                onClose();
              }}
            >
              Accept all
            </button>
          </div>
        </DialogPanel>
      </div>
    </Dialog>
  );
}
