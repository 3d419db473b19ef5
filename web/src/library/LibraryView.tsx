import { firstName } from '@tropaeum/core/common/text';
import { blockKinds, joints, patterns } from '@tropaeum/core/exercise/model/vocabulary';
import { askedOf } from '@tropaeum/core/sport/profile';
import { Search } from 'lucide-react';
import { useDeferredValue, useMemo, useRef, useState } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import { useOutletContext, useSearchParams } from 'react-router';
import type { CoachContext } from '../api/coach-context';
import { useAthlete } from '../api/queries';
import { sportIn, useClubSports } from '../demands/club-sports';
import { useAddress } from '../ui/address';
import { Nothing } from '../ui/States';
import { capital, words } from '../ui/words';
import { FigureGrid } from './FigureGrid';
import { type Filters, filtered, noFilters, useFeasible, useLibrary } from './use-library';

interface ChoiceProps {
  label: string;
  value: string;
  options: readonly { id: string; name: string }[];
  all: string;
  onValue: (value: string) => void;
}

function Choice({ label, value, options, all, onValue }: ChoiceProps) {
  return (
    <label className="block">
      <span className="label">{label}</span>
      <select className="field" value={value} onChange={(e) => onValue(e.target.value)}>
        <option value="">{all}</option>
        {options.map((o) => (
          <option key={o.id} value={o.id}>
            {o.name}
          </option>
        ))}
      </select>
    </label>
  );
}

const named = (list: readonly string[]) => list.map((id) => ({ id, name: capital(words(id)) }));

/** All exercises: typed for, narrowed down, looked at. What is chosen stands in the address, so that going back finds it again. */
export function LibraryView() {
  const { squads } = useOutletContext<CoachContext>();
  const [address, set] = useAddress();
  const [, setAddress] = useSearchParams();
  const everything = useLibrary();
  const search = useRef<HTMLInputElement>(null);
  useHotkeys('/', () => search.current?.focus(), { useKey: true, preventDefault: true });

  // What is typed stands here at once; the address follows.
  const [text, setText] = useState(address.get('find') ?? '');
  const filters: Filters = {
    ...noFilters,
    text,
    pattern: address.get('pattern') ?? '',
    joint: address.get('joint') ?? '',
    block: address.get('block') ?? '',
    action: address.get('action') ?? '',
    free: address.has('free'),
    can: address.has('can'),
  };
  const athleteId = address.get('for') ?? '';

  const listed = squads.athletes.find((a) => a.id === athleteId);
  const brief = useAthlete(athleteId).data?.brief;
  const feasible = useFeasible(brief);
  const squad = squads.squads.find((s) => s.id === listed?.squadId) ?? squads.squads[0];
  const club = useClubSports().data;
  const sport = useMemo(() => sportIn(club ?? [], squad?.sportId ?? ''), [club, squad]);
  const actions = useMemo(
    () => (!sport ? [] : listed ? askedOf(sport, listed.role).map((a) => a.action) : sport.actions),
    [sport, listed],
  );
  const action = actions.find((a) => a.id === filters.action);
  const typed = useDeferredValue(filters.text);
  const shown = filtered(everything, { ...filters, text: typed }, action, feasible.data);
  const narrowed = [...address.keys()].some((k) => k !== 'day' && k !== 'for');

  return (
    <main className="flex min-w-0 flex-1">
      <form
        aria-label="Filters"
        className="w-56 shrink-0 space-y-3 overflow-y-auto border-r border-edge px-4 py-4"
        onSubmit={(e) => e.preventDefault()}
      >
        <h1 className="head text-xl">Library</h1>
        <label className="relative block">
          <span className="sr-only">Find an exercise</span>
          <Search size={15} className="absolute top-2 left-2 text-quiet" />
          <input
            ref={search}
            type="search"
            className="field pl-7"
            placeholder="Name, joint, equipment  /"
            value={text}
            onChange={(e) => {
              setText(e.target.value);
              set({ find: e.target.value });
            }}
          />
        </label>
        <Choice
          label="For"
          value={athleteId}
          all="Anyone"
          options={squads.athletes.map((a) => ({ id: a.id, name: a.name }))}
          onValue={(id) => set({ for: id, ...(id ? { can: 'now' } : { can: '' }) })}
        />
        {listed && (
          <label className="flex items-center gap-2 text-[0.9rem]">
            <input
              type="checkbox"
              checked={filters.can}
              onChange={(e) => set({ can: e.target.checked ? 'now' : '' })}
            />
            Only what {firstName(listed.name)} can do today
          </label>
        )}
        <Choice
          label={`Movement of ${sport?.name.toLowerCase() ?? 'the sport'}`}
          value={filters.action}
          all="All movements"
          options={actions.map((a) => ({ id: a.id, name: a.name }))}
          onValue={(id) => set({ action: id })}
        />
        <Choice
          label="Pattern"
          value={filters.pattern}
          all="All patterns"
          options={named(patterns)}
          onValue={(id) => set({ pattern: id })}
        />
        <Choice
          label="Joint"
          value={filters.joint}
          all="All joints"
          options={named(joints)}
          onValue={(id) => set({ joint: id })}
        />
        <Choice
          label="Block"
          value={filters.block}
          all="All blocks"
          options={named(blockKinds)}
          onValue={(id) => set({ block: id })}
        />
        <label className="flex items-center gap-2 text-[0.9rem]">
          <input
            type="checkbox"
            checked={filters.free}
            onChange={(e) => set({ free: e.target.checked ? 'kit' : '' })}
          />
          No equipment
        </label>
        <p className="text-small text-quiet" role="status">
          {shown.length} of {everything.all.length} exercises
          {brief && feasible.isPending && ', checking the room'}
        </p>
        {narrowed && (
          <button
            type="button"
            className="key h-7"
            onClick={() => {
              setText('');
              setAddress(athleteId ? { for: athleteId } : {});
            }}
          >
            Clear filters
          </button>
        )}
      </form>
      {shown.length === 0 ? (
        <Nothing title="No exercise found.">
          Try fewer words or remove a filter. Nicknames and typing errors are found too.
        </Nothing>
      ) : (
        <FigureGrid
          shown={shown}
          reasons={feasible.data}
          {...(brief ? { size: brief.athlete } : {})}
          query={address.toString()}
        />
      )}
    </main>
  );
}
