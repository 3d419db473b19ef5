import {
  Combobox,
  ComboboxInput,
  ComboboxOption,
  ComboboxOptions,
  Dialog,
  DialogBackdrop,
  DialogPanel,
} from '@headlessui/react';
import { useCallback, useDeferredValue, useMemo, useState } from 'react';
import { useNavigate } from 'react-router';
import type { Squads } from '../api/types';
import { useLibrary } from '../library/use-library';
import { enterTyped } from '../ui/enter-typed';
import { toggleTheme } from '../ui/theme';
import { athleteItems, exerciseItem, matching, type PaletteItem, placeItems } from './palette-items';
import type { Place } from './places';

interface CommandPaletteProps {
  squads: Squads;
  places: readonly Place[];
  signOut: () => Promise<void>;
  onClose: () => void;
}

/** How many of each kind are shown. */
const shown = { places: 6, athletes: 6, exercises: 8 } as const;

/** Finds athletes, exercises, places and actions by a few letters; Enter goes there. */
export function CommandPalette({ squads, places, signOut, onClose }: CommandPaletteProps) {
  const navigate = useNavigate();
  const library = useLibrary();
  const [typed, setTyped] = useState('');
  const wanted = useDeferredValue(typed);
  const known = useMemo(
    () => ({
      athletes: athleteItems(squads),
      places: [
        ...placeItems(places),
        { id: 'theme', name: 'Light or dark', about: 'action', act: toggleTheme },
        { id: 'sign-out', name: 'Sign out', about: 'action', act: () => void signOut() },
      ],
    }),
    [squads, places, signOut],
  );
  const find = useCallback(
    (name: string) => {
      const exercises = name.trim() ? library.search.find(name) : [];
      const all: [string, PaletteItem[]][] = [
        ['Athletes', matching(known.athletes, name).slice(0, shown.athletes)],
        ['Places and actions', matching(known.places, name).slice(0, shown.places)],
        [
          'Exercises',
          exercises.slice(0, shown.exercises).flatMap((id) => {
            const found = library.byId.get(id);
            return found ? [exerciseItem(found)] : [];
          }),
        ],
      ];
      return all.filter(([, items]) => items.length > 0);
    },
    [known, library],
  );
  const groups = useMemo(() => find(wanted), [find, wanted]);
  const choose = (item: PaletteItem | null) => {
    if (!item) return;
    onClose();
    item.act?.();
    if (item.to) void navigate(item.to);
  };
  return (
    <Dialog open onClose={onClose} className="relative z-40" aria-label="Find anything">
      <DialogBackdrop className="fixed inset-0 bg-ink/40" />
      <div className="fixed inset-0 flex items-start justify-center p-6 pt-[12vh]">
        <DialogPanel className="w-full max-w-xl border border-stone bg-paper shadow-xl">
          <Combobox<PaletteItem | null> immediate value={null} onChange={choose}>
            <ComboboxInput
              autoFocus
              aria-label="Find an athlete, an exercise, a place or an action"
              placeholder="An athlete, an exercise, a place, an action …"
              className="w-full border-b border-edge bg-lit px-4 py-3 text-[1.05rem] outline-none"
              value={typed}
              onChange={(event) => setTyped(event.target.value)}
              onKeyDown={enterTyped(wanted !== typed, () => find(typed)[0]?.[1][0], choose)}
              onKeyDownCapture={(event) => {
                // The list is always open: Escape means all of it.
                if (event.key === 'Escape') onClose();
              }}
            />
            <ComboboxOptions static className="max-h-[50vh] overflow-y-auto py-2">
              {groups.map(([title, items]) => (
                <div key={title} className="pb-1">
                  <p className="label px-4 py-1">{title}</p>
                  {items.map((item) => (
                    <ComboboxOption
                      key={item.id}
                      value={item}
                      className="flex cursor-pointer items-baseline justify-between gap-4 px-4 py-1.5 data-focus:bg-ink data-focus:text-paper"
                    >
                      <span className="truncate">{item.name}</span>
                      <span className="shrink-0 text-small opacity-75">{item.about}</span>
                    </ComboboxOption>
                  ))}
                </div>
              ))}
              {groups.length === 0 && <p className="px-4 py-2 text-quiet">Nothing has a name like that.</p>}
            </ComboboxOptions>
          </Combobox>
        </DialogPanel>
      </div>
    </Dialog>
  );
}
