import {
  closestCenter,
  DndContext,
  type DragEndEvent,
  KeyboardSensor,
  PointerSensor,
  useSensor,
  useSensors,
} from '@dnd-kit/core';
import { SortableContext, sortableKeyboardCoordinates, verticalListSortingStrategy } from '@dnd-kit/sortable';
import { ageOn } from '@tropaeum/core/athlete/athlete';
import { worthOfDraft } from '@tropaeum/core/session/alternatives';
import { contextOf } from '@tropaeum/core/session/context';
import { choiceAt, type ItemPlace, moveGroup, pin, remove } from '@tropaeum/core/session/edit';
import { planOf } from '@tropaeum/core/session/plan';
import { askedOf } from '@tropaeum/core/sport/profile';
import { Printer, Redo2, Send, Undo2 } from 'lucide-react';
import { useMemo, useState } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import { Link, useOutletContext, useParams } from 'react-router';
import { queryClient } from '../api/queries';
import type { DeskContext } from '../Desk';
import type { SaveState } from '../saving/late-saver';
import { Trouble, Waiting } from '../ui/States';
import { clock, words } from '../ui/words';
import { AddRow } from './AddRow';
import { useSaveState } from './autosave';
import { BriefPanel } from './BriefPanel';
import { Checks } from './Checks';
import { EmptyPage } from './EmptyPage';
import { Inspector } from './Inspector';
import { GroupRows, weaveColumn } from './ItemRow';
import { Strip } from './Strip';
import { proofOf, useSession } from './store';
import { useAdded } from './use-added';
import { useOpenSession } from './use-open-session';
import { useSend } from './use-send';
import { WeaveFoot, WeaveHead } from './Weave';

/** Columns of the weave at the most: the movements the role asks most. */
const mostActions = 8;

const saveWords: Record<SaveState['kind'], string> = {
  saved: 'saved',
  saving: 'saving …',
  waiting: 'saving …',
  trouble: '',
};

/** The score of a session: brief at the side, one key composes, everything can be changed. */
export function SessionView() {
  const { athleteId = '' } = useParams();
  const { day, squads } = useOutletContext<DeskContext>();
  const { detail, opened, problem } = useOpenSession(athleteId, day);
  const session = useSession();
  const { brief, draft, bound, selected, composing, refused, stored } = session;
  const save = useSaveState();
  useAdded(opened);
  const { send, link, problem: sendProblem, sending } = useSend();
  const [showBrief, setShowBrief] = useState(false);
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 4 } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  );
  const context = useMemo(() => (opened ? contextOf(brief) : undefined), [opened, brief]);
  const plan = useMemo(() => {
    if (!context || !draft) return undefined;
    const proof = bound === undefined ? undefined : proofOf(worthOfDraft(context, draft), bound);
    return planOf(context, draft, proof);
  }, [context, draft, bound]);

  const places: ItemPlace[] =
    draft?.groups.flatMap((g, group) => g.choices.map((_, choice) => ({ group, choice }))) ?? [];
  const position = selected ? places.findIndex((p) => p.group === selected.group && p.choice === selected.choice) : -1;
  const walk = (step: number) => session.select(places[Math.min(Math.max(position + step, 0), places.length - 1)]);
  useHotkeys('c', () => void session.compose());
  useHotkeys('mod+z, u', () => session.undo(), { preventDefault: true });
  useHotkeys('mod+shift+z, shift+u', () => session.redo(), { preventDefault: true });
  useHotkeys('down, j', () => walk(1), { preventDefault: true });
  useHotkeys('up, k', () => walk(-1), { preventDefault: true });
  useHotkeys('esc', () => (composing ? session.stop() : session.select(undefined)));
  useHotkeys('x, delete', () => selected && session.edit((d) => remove(d, selected)));
  useHotkeys('p', () => selected && session.edit((d) => pin(d, selected, !choiceAt(d, selected)?.pinned)));
  useHotkeys('d', () => document.querySelectorAll<HTMLInputElement>('[data-dose]')[Math.max(position, 0)]?.focus(), {
    preventDefault: true,
  });

  if (problem) return <Trouble error={problem} again={() => void queryClient.invalidateQueries()} />;
  if (!opened || !context || !detail.data) return <Waiting what="Opening the athlete" />;
  const { athlete } = detail.data;
  const size = {
    heightCm: brief.athlete.heightCm,
    massKg: brief.athlete.massKg,
    ...(brief.athlete.sex ? { sex: brief.athlete.sex } : {}),
  };
  const asked = askedOf(context.sport, brief.sport.role).slice(0, mostActions);
  const role = context.sport.roles.find((r) => r.id === brief.sport.role)?.name.toLowerCase();
  const age = ageOn(brief.athlete.born, day);
  const chosen = selected && draft ? choiceAt(draft, selected) : undefined;
  const chosenGroup = selected ? draft?.groups[selected.group] : undefined;
  const chosenItem = selected ? plan?.blocks[selected.group]?.items[selected.choice] : undefined;
  const locked = stored?.status === 'done';
  const lastDone = squads.athletes
    .find((a) => a.id === athleteId)
    ?.sessions.filter((s) => s.status === 'done' && s.on <= day)
    .at(-1);
  const drop = ({ active, over }: DragEndEvent) => {
    if (over && active.id !== over.id) session.edit((d) => moveGroup(d, Number(active.id), Number(over.id)));
  };
  let pairs = 0;
  return (
    <div className="flex min-w-0 flex-1">
      <main className="flex min-w-0 flex-1 flex-col overflow-x-auto overflow-y-auto px-4 pt-3">
        <div className="flex items-baseline justify-between gap-4">
          <h1 className="head truncate text-[1.4rem]">
            {athlete.name}
            <span className="ml-3 text-[0.92rem] font-normal text-quiet [font-family:var(--font-text)]">
              {role} · {brief.athlete.dominantSide ? `${brief.athlete.dominantSide} arm · ` : ''}
              {brief.athlete.massKg} kg{age < 18 ? ` · ${age} years` : ''} · {words(brief.aim)}
              {lastDone && (
                <>
                  {' · '}
                  <Link to={`/returned/${lastDone.id}`} className="underline">
                    came back
                  </Link>
                </>
              )}
            </span>
          </h1>
          <div className="flex shrink-0 items-center gap-1.5">
            <span className="w-20 text-right text-small text-quiet" aria-live="polite">
              {draft && save.kind !== 'trouble' ? saveWords[save.kind] : ''}
            </span>
            <button
              type="button"
              className="key key-plain"
              disabled={session.past.length === 0}
              onClick={session.undo}
              aria-label="Undo"
              title="Undo (u)"
            >
              <Undo2 size={16} />
            </button>
            <button
              type="button"
              className="key key-plain"
              disabled={session.future.length === 0}
              onClick={session.redo}
              aria-label="Redo"
              title="Redo (shift u)"
            >
              <Redo2 size={16} />
            </button>
            {draft && stored && (
              <Link
                to={`/sheet/${stored.id}`}
                className="key key-plain"
                aria-label="Sheet for print"
                title="Sheet for print"
              >
                <Printer size={16} />
              </Link>
            )}
            {composing ? (
              <button type="button" className="key" onClick={session.stop}>
                Stop
              </button>
            ) : (
              <button
                type="button"
                className={`key ${draft ? '' : 'key-strong'}`}
                onClick={() => void session.compose()}
                disabled={locked}
              >
                {draft ? 'Recompose' : 'Compose'} <kbd className="dose opacity-60">c</kbd>
              </button>
            )}
            {draft && (
              <button
                type="button"
                className="key key-strong"
                disabled={!stored || sending || locked}
                onClick={() => void send()}
              >
                <Send size={14} /> {stored?.status === 'sent' ? 'Send again' : 'Send'}
              </button>
            )}
          </div>
        </div>
        <div aria-live="polite">
          {composing && (
            <p className="mt-2 animate-pulse bg-sheet px-3 py-1.5">
              Composing {brief.minutes} minutes for {athlete.name} … Escape stops.
            </p>
          )}
          {session.problem && <p className="mt-2 bg-sheet px-3 py-1.5 text-oxide">{session.problem}</p>}
          {save.kind === 'trouble' && <p className="mt-2 bg-sheet px-3 py-1.5 text-oxide">Not saved: {save.words}</p>}
          {session.said && !draft && <p className="mt-2 bg-sheet px-3 py-1.5 text-bronze">{session.said}</p>}
          {sendProblem && <p className="mt-2 bg-sheet px-3 py-1.5 text-oxide">{sendProblem}</p>}
          {locked && (
            <p className="mt-2 bg-sheet px-3 py-1.5">
              This session has been done. Choose another day on the ribbon to write the next one.
            </p>
          )}
          {link && (
            <p className="mt-2 bg-sheet px-3 py-1.5">
              Sent. The link is in the{' '}
              <Link className="underline" to="/outbox">
                outbox
              </Link>
              :{' '}
              <a className="dose underline" href={link} data-athlete-link>
                {link}
              </a>
            </p>
          )}
          {refused && (
            <div className="mt-3 border-l-4 border-oxide bg-sheet px-4 py-3">
              <p className="head">{refused.reason}</p>
              <p className="mt-1 text-quiet">What would have to give: {refused.relax.join(', ')}.</p>
            </div>
          )}
        </div>
        {!draft || !plan ? (
          !refused && <EmptyPage day={day} role={role ?? ''} asked={asked} />
        ) : (
          <>
            <div className="mt-3">
              <Strip plan={plan} selected={selected} onSelect={session.select} />
            </div>
            <div className="flex items-end justify-end" aria-hidden="true">
              <WeaveHead asked={asked} column={weaveColumn} />
            </div>
            <DndContext sensors={sensors} collisionDetection={closestCenter} onDragEnd={drop}>
              <SortableContext items={draft.groups.map((_, g) => `${g}`)} strategy={verticalListSortingStrategy}>
                {draft.groups.map((group, g) => {
                  const block = plan.blocks[g];
                  if (!block) return null;
                  if (group.choices.length > 1) pairs++;
                  const letter = group.choices.length > 1 ? String.fromCharCode(64 + pairs) : undefined;
                  return (
                    <GroupRows
                      key={group.choices.map((c) => c.variant).join('+')}
                      index={g}
                      group={group}
                      block={block}
                      first={draft.groups[g - 1]?.block !== group.block}
                      letter={letter}
                      asked={asked}
                      size={size}
                      selected={selected}
                    />
                  );
                })}
              </SortableContext>
            </DndContext>
            <AddRow />
            <div className="flex items-start justify-between gap-4 border-t-2 border-ink pt-2 pb-6">
              <div className="min-w-0">
                <p>
                  <b className="dose text-base">{clock(plan.minutes.planned * 60)}</b> of {plan.minutes.budget} min
                  {plan.solution && (
                    <span className="ml-4 font-semibold text-laurel">
                      at least {(100 * (1 - plan.solution.gap)).toFixed(1)} % of the best possible
                    </span>
                  )}
                </p>
                <div className="mt-1">
                  <Checks checks={plan.checks} />
                </div>
              </div>
              <div className="flex shrink-0 items-end">
                <WeaveFoot asked={asked} coverage={plan.coverage} column={weaveColumn} />
              </div>
            </div>
          </>
        )}
      </main>
      <aside
        className="w-[258px] shrink-0 overflow-y-auto border-l border-edge bg-sheet"
        aria-label={chosen && !showBrief ? 'Chosen item' : 'Brief'}
      >
        {chosen && (
          <div className="grid grid-cols-2 border-b border-stone">
            {(['Item', 'Brief'] as const).map((tab) => (
              <button
                key={tab}
                type="button"
                aria-pressed={(tab === 'Brief') === showBrief}
                className={`head py-1.5 text-[0.84rem] ${(tab === 'Brief') === showBrief ? 'bg-sheet' : 'bg-edge text-quiet'}`}
                onClick={() => setShowBrief(tab === 'Brief')}
              >
                {tab}
              </button>
            ))}
          </div>
        )}
        {selected && chosen && chosenGroup && chosenItem && !showBrief ? (
          <Inspector
            at={selected}
            group={chosenGroup}
            choice={chosen}
            item={chosenItem}
            context={context}
            size={size}
          />
        ) : (
          <BriefPanel />
        )}
      </aside>
    </div>
  );
}
