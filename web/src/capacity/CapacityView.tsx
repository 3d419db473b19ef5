import { ageOn } from '@tropaeum/core/date/days';
import { useEffect, useState, useSyncExternalStore } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import { Link, useOutletContext, useParams, useSearchParams } from 'react-router';
import type { CoachContext } from '../api/coach-context';
import { useAthlete } from '../api/queries';
import { everythingSaved } from '../saving/registry';
import { Trouble, Waiting } from '../ui/States';
import { UndoKeys } from '../ui/UndoKeys';
import { useMeasures } from '../ui/units';
import { BandSection } from './BandSection';
import { JointStrength } from './JointStrength';
import { KitSection } from './KitSection';
import { LoadSection } from './LoadSection';
import { PatternMap } from './PatternMap';
import { capacitySaver, useCapacity } from './store';
import { TestBattery } from './TestBattery';

const tabs = [
  { id: 'reach', name: 'Movement patterns' },
  { id: 'joints', name: 'Joint strength' },
  { id: 'tests', name: 'Tests' },
] as const;
type Tab = (typeof tabs)[number]['id'];

/** Puts the athlete on the bench as the server knows them, once what was typed elsewhere has been kept. */
function useOpenBench(athleteId: string) {
  const [ready, setReady] = useState(false);
  useEffect(() => {
    setReady(false);
    void everythingSaved().then(() => setReady(true));
  }, []);
  const detail = useAthlete(ready ? athleteId : '');
  const opened = useCapacity((s) => s.athleteId === athleteId && s.brief !== undefined);
  useEffect(() => {
    if (ready && !opened && detail.data && !detail.isFetching)
      useCapacity.getState().open(athleteId, detail.data.brief);
  }, [ready, opened, detail.data, detail.isFetching, athleteId]);
  useEffect(
    () => () => {
      void capacitySaver.flush();
      useCapacity.setState({ athleteId: '', brief: undefined });
    },
    [],
  );
  return { detail, opened };
}

/** What this athlete can train with what is there, and what not: kit, capacity and tests, each with its numbers. */
export function CapacityView() {
  const { athleteId = '' } = useParams();
  return <Ability key={athleteId} athleteId={athleteId} />;
}

function Ability({ athleteId }: { athleteId: string }) {
  const measures = useMeasures();
  const { squads } = useOutletContext<CoachContext>();
  const [address, setAddress] = useSearchParams();
  const { detail, opened } = useOpenBench(athleteId);
  const { brief, past, future, change, undo, redo } = useCapacity();
  const saving = useSyncExternalStore(capacitySaver.subscribe, () => capacitySaver.stateOf(athleteId));
  const tab = tabs.find((t) => t.id === address.get('show'))?.id ?? 'reach';
  const show = (id: Tab) => setAddress(id === 'reach' ? {} : { show: id }, { replace: true });
  useHotkeys('1', () => show('reach'));
  useHotkeys('2', () => show('joints'));
  useHotkeys('3', () => show('tests'));
  useHotkeys('u', undo);
  useHotkeys('shift+u', redo);
  const name = squads.athletes.find((a) => a.id === athleteId)?.name;
  if (detail.error) return <Trouble error={detail.error} again={() => void detail.refetch()} />;
  if (!opened || !brief) return <Waiting what="Opening capacity" />;
  const { athlete, date } = brief;
  return (
    <main className="flex min-w-0 flex-1 flex-col">
      <div className="flex items-center justify-between gap-4 border-b border-stone px-4 py-2">
        <h1 className="head truncate text-[1.3rem]">
          <Link to={`/athletes/${athleteId}`} className="hover:underline">
            {name}
          </Link>
          <span className="ml-3 text-[0.92rem] font-normal text-quiet [font-family:var(--font-text)]">
            {athlete.level} · {measures.mass(athlete.massKg)} · {measures.length(athlete.heightCm)} ·{' '}
            {ageOn(athlete.born, date)} years
          </span>
        </h1>
        <div className="flex shrink-0 items-center gap-2">
          <span className="w-16 text-right text-small text-quiet" aria-live="polite">
            {saving.kind === 'trouble' ? '' : saving.kind === 'saved' ? 'saved' : 'saving …'}
          </span>
          <UndoKeys past={past} future={future} undo={undo} redo={redo} />
          <Link to={`/athletes/${athleteId}`} className="key key-strong">
            Back to the session
          </Link>
        </div>
      </div>
      {saving.kind === 'trouble' && (
        <p role="alert" className="bg-sheet px-4 py-1.5 text-oxide">
          Not saved: {saving.words}
        </p>
      )}
      <div className="flex min-h-0 flex-1">
        <div className="w-[288px] shrink-0 overflow-y-auto border-r border-edge" data-kit-bench>
          <h2 className="sr-only">Equipment</h2>
          <KitSection brief={brief} change={change} />
          <LoadSection brief={brief} />
          <BandSection brief={brief} change={change} />
        </div>
        <div className="flex min-w-0 flex-1 flex-col">
          <div role="tablist" aria-label="What is shown" className="flex gap-5 border-b border-edge px-4">
            {tabs.map(({ id, name: title }, i) => (
              <button
                key={id}
                type="button"
                role="tab"
                aria-selected={tab === id}
                className={`head border-b-[3px] py-1.5 text-[0.95rem] ${tab === id ? 'border-oxide' : 'border-clear text-quiet hover:text-ink'}`}
                onClick={() => show(id)}
              >
                {title} <kbd className="dose opacity-60">{i + 1}</kbd>
              </button>
            ))}
          </div>
          {tab === 'reach' && <PatternMap brief={brief} />}
          {tab === 'joints' && <JointStrength brief={brief} />}
          {tab === 'tests' && (
            <TestBattery
              results={brief.athlete.battery ?? []}
              day={brief.date}
              onRecord={(results) => change({ athlete: { ...brief.athlete, battery: results } })}
            />
          )}
        </div>
      </div>
    </main>
  );
}
