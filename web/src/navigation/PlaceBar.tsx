import { lazy, Suspense, useMemo, useState } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import { Link, useLocation } from 'react-router';
import type { Me, Squads } from '../api/types';
import { useOpenEntries } from '../attention/open-entries';
import { AccountMenu, useSignOut } from './AccountMenu';
import { KeyboardHelp } from './KeyboardHelp';
import { isIn, placesFor } from './places';
import { useGoKeys } from './use-go-keys';

const CommandPalette = lazy(async () => ({ default: (await import('./CommandPalette')).CommandPalette }));

interface PlaceBarProps {
  me: Me;
  squads: Squads;
  /** Address of the season that is shown. */
  season: string | undefined;
}

/** The main places by name, the search over everything, and what concerns the account. */
export function PlaceBar({ me, squads, season }: PlaceBarProps) {
  const signOut = useSignOut();
  const { pathname } = useLocation();
  const waitingFor = useOpenEntries().length;
  const [open, setOpen] = useState<'palette' | 'keys'>();
  const places = useMemo(() => placesFor(season), [season]);
  const waiting = useGoKeys(places);
  useHotkeys('mod+k', () => setOpen('palette'), { preventDefault: true, enableOnFormTags: true });
  useHotkeys('?', () => setOpen('keys'), { useKey: true });
  const close = () => setOpen(undefined);
  return (
    <div className="no-print flex h-8 shrink-0 items-stretch gap-1 border-b border-edge bg-sheet px-3 text-[0.88rem]">
      <nav aria-label="Main" className="flex min-w-0 items-stretch">
        {places.map((place) => (
          <Link
            key={place.name}
            to={place.to}
            title={`${place.name} (g ${place.key})`}
            {...(isIn(place, pathname) ? { 'aria-current': 'page' as const } : {})}
            className={`flex items-center gap-1.5 px-3 ${isIn(place, pathname) ? 'border-b-2 border-bronze font-semibold' : 'text-quiet hover:text-ink'}`}
          >
            {place.name}
            {place.to === '/attention' && waitingFor > 0 && (
              <span className="dose bg-oxide px-1 text-[0.7rem] text-paper" title={`${waitingFor} need you`}>
                {waitingFor}
              </span>
            )}
            {waiting && <kbd className="dose border border-stone bg-lit px-1 text-[0.7rem] text-ink">{place.key}</kbd>}
          </Link>
        ))}
      </nav>
      <button
        type="button"
        className="ml-auto flex items-center gap-2 px-2 text-quiet hover:text-ink"
        onClick={() => setOpen('palette')}
      >
        Find anything <kbd className="dose text-[0.7rem]">Ctrl K</kbd>
      </button>
      <button
        type="button"
        className="px-2 text-quiet hover:text-ink"
        onClick={() => setOpen('keys')}
        title="Keyboard shortcuts"
        aria-label="Keyboard shortcuts"
      >
        ?
      </button>
      <AccountMenu me={me} />
      {open === 'keys' && <KeyboardHelp places={places} onClose={close} />}
      {open === 'palette' && (
        <Suspense fallback={null}>
          <CommandPalette squads={squads} places={places} signOut={signOut} onClose={close} />
        </Suspense>
      )}
    </div>
  );
}
