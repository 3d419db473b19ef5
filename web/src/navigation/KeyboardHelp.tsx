import { Dialog, DialogBackdrop, DialogPanel, DialogTitle } from '@headlessui/react';
import type { Place } from './places';

type Keys = readonly (readonly [keys: string, does: string])[];

const everywhere: Keys = [
  ['Ctrl K', 'find an athlete, an exercise, a place or an action'],
  ['?', 'this list'],
  ['u', 'undo'],
  ['Shift u', 'redo'],
];
const attention: Keys = [
  ['↑ ↓, j k', 'choose'],
  ['Home, End', 'the first, the last'],
  ['a', 'accept what is proposed, or mark it as seen to'],
  ['c', 'decide otherwise'],
  ['s, Shift s', 'snooze until tomorrow, for a week'],
  ['m', 'write to the athlete'],
  ['w', 'why: the rule with its source'],
  ['o', 'open it'],
  ['Shift a', 'accept all that is safe'],
];
const squads: Keys = [['/', 'type a name; Enter opens']];
const session: Keys = [
  ['c', 'compose'],
  ['y, Shift y', 'next or previous session type'],
  ['↑ ↓', 'choose an exercise'],
  ['Shift ↑ ↓', 'move it'],
  ['d', 'change its dose'],
  ['s', 'show substitutes'],
  ['p', 'pin it, or unpin it'],
  ['x', 'remove it'],
  ['/', 'add an exercise'],
  ['w', 'ask why an exercise is not in it'],
  ['n', 'write a note'],
  ['b', "open the athlete's capacity and tests"],
  ['Escape', 'stop calculating'],
];
const season: Keys = [['a', 'type a calendar entry']];
const capacity: Keys = [['1 2 3', 'exercises, strength by joint, tests']];
const sports: Keys = [
  ['n', 'add a movement'],
  ['e', 'change the chosen movement'],
];

function Group({ title, keys }: { title: string; keys: Keys }) {
  return (
    <section className="mb-4 break-inside-avoid">
      <h3 className="label mb-1">{title}</h3>
      <dl className="grid grid-cols-[6.5rem_1fr] gap-y-1">
        {keys.map(([key, does]) => (
          <div key={key} className="contents">
            <dt>
              <kbd className="dose bg-sheet px-1.5 py-0.5 text-[0.8rem]">{key}</kbd>
            </dt>
            <dd>{does}</dd>
          </div>
        ))}
      </dl>
    </section>
  );
}

/** Every key there is, by place. */
export function KeyboardHelp({ places, onClose }: { places: readonly Place[]; onClose: () => void }) {
  return (
    <Dialog open onClose={onClose} className="relative z-40">
      <DialogBackdrop className="fixed inset-0 bg-ink/40" />
      <div className="fixed inset-0 flex items-center justify-center p-6">
        <DialogPanel className="max-h-full w-full max-w-3xl overflow-y-auto border border-stone bg-paper p-6">
          <div className="mb-4 flex items-baseline justify-between">
            <DialogTitle className="head text-xl">Keyboard shortcuts</DialogTitle>
            <button type="button" className="key h-7" onClick={onClose}>
              Close
            </button>
          </div>
          <div className="columns-2 gap-8">
            <Group title="Go to" keys={places.map(({ key, name }) => [`g ${key}`, name] as const)} />
            <Group title="Everywhere" keys={everywhere} />
            <Group title="Attention" keys={attention} />
            <Group title="Squads and library" keys={squads} />
            <Group title="Session" keys={session} />
            <Group title="Season" keys={season} />
            <Group title="Capacity" keys={capacity} />
            <Group title="Sports" keys={sports} />
          </div>
        </DialogPanel>
      </div>
    </Dialog>
  );
}
