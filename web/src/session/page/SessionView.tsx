import { contextOf } from '@tropaeum/core/session/context/context';
import type { ItemPlace } from '@tropaeum/core/session/editing/edit';
import { planOf } from '@tropaeum/core/session/plan/plan';
import { useEffect, useMemo, useState } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import { useNavigate, useOutletContext, useParams, useSearchParams } from 'react-router';
import type { CoachContext } from '../../api/coach-context';
import { queryClient } from '../../api/queries';
import { Trouble, Waiting } from '../../ui/States';
import { EmptyPage } from '../panels/EmptyPage';
import { Notices } from '../panels/Notices';
import { Side, type SideTab } from '../panels/Side';
import { nextType, TypeLine } from '../panels/TypeLine';
import { Changed } from '../score/Changed';
import { Score } from '../score/Score';
import { useSaveState } from '../state/autosave';
import { useAthleteSaveState } from '../state/keep-athlete';
import { scheduledIn } from '../state/scheduled-page';
import { useWritten } from '../state/store';
import { useAdded } from '../state/use-added';
import { useEditKeys } from '../state/use-edit-keys';
import { useOpenSession } from '../state/use-open-session';
import { useSend } from '../state/use-send';
import { SessionBar } from './SessionBar';

/** The score of a session: brief at the side, one key composes, everything can be changed. */
export function SessionView() {
  const { athleteId = '' } = useParams();
  const [search] = useSearchParams();
  const navigate = useNavigate();
  const { day, squads } = useOutletContext<CoachContext>();
  const { detail, opened, problem } = useOpenSession(athleteId, day, scheduledIn(search, day));
  const session = useWritten();
  const { brief, draft, selected, composing, refused } = session;
  const save = useSaveState();
  const athleteSave = useAthleteSaveState();
  useAdded(opened);
  const { send, link, problem: sendProblem, sending } = useSend();
  const [tab, setTab] = useState<SideTab>('Brief');
  const [need, setNeed] = useState<string>();
  useEffect(() => {
    if (selected) setTab('Item');
  }, [selected]);
  const context = useMemo(() => (opened ? contextOf(brief) : undefined), [opened, brief]);
  const plan = useMemo(() => context && draft && planOf(context, draft), [context, draft]);

  const places: ItemPlace[] =
    draft?.groups.flatMap((g, group) => g.choices.map((_, choice) => ({ group, choice }))) ?? [];
  const position = selected ? places.findIndex((p) => p.group === selected.group && p.choice === selected.choice) : -1;
  const walk = (step: number) => session.select(places[Math.min(Math.max(position + step, 0), places.length - 1)]);
  // While another day opens, the store still holds the page before: no key may change that one.
  const keys = { enabled: opened, preventDefault: true };
  useHotkeys('c', () => void session.compose(), keys);
  useHotkeys('y', () => context && void session.retype(nextType(context.type.type, 1)), keys);
  useHotkeys('shift+y', () => context && void session.retype(nextType(context.type.type, -1)), keys);
  useHotkeys('b', () => void navigate(`/athletes/${athleteId}/ability`));
  useHotkeys('mod+z, u', () => session.undo(), keys);
  useHotkeys('mod+shift+z, shift+u', () => session.redo(), keys);
  useHotkeys('down, j', () => walk(1), keys);
  useHotkeys('up, k', () => walk(-1), keys);
  useHotkeys('esc', () => {
    session.stop();
    if (!composing) session.select(undefined);
  });
  useHotkeys(
    'd',
    () => document.querySelectorAll<HTMLInputElement>('[data-dose]')[Math.max(position, 0)]?.focus(),
    keys,
  );

  useEditKeys(context, opened ? selected : undefined);

  if (problem) return <Trouble error={problem} again={() => void queryClient.invalidateQueries()} />;
  if (!opened || !context || !detail.data) return <Waiting what="Opening the athlete" />;
  const { athlete } = detail.data;
  const size = {
    heightCm: brief.athlete.heightCm,
    massKg: brief.athlete.massKg,
    ...(brief.athlete.sex ? { sex: brief.athlete.sex } : {}),
  };
  const lastDone = squads.athletes
    .find((a) => a.id === athleteId)
    ?.sessions.filter((s) => s.status === 'done' && s.on <= day)
    .at(-1);
  return (
    <div className="flex min-w-0 flex-1">
      <main data-day={day} className="flex min-w-0 flex-1 flex-col overflow-x-auto overflow-y-auto px-4 pt-3">
        <SessionBar
          athleteId={athleteId}
          name={athlete.name}
          context={context}
          save={save}
          lastDone={lastDone}
          sending={sending}
          onSend={() => void send()}
        />
        <Notices name={athlete.name} saves={[save, athleteSave]} link={link} sendProblem={sendProblem} />
        <TypeLine context={context} plan={plan} />
        {session.changed && <Changed context={context} changed={session.changed} />}
        {draft && plan ? (
          <Score
            context={context}
            draft={draft}
            plan={plan}
            size={size}
            onNeed={(id) => {
              setNeed(id);
              setTab('Needs');
            }}
          />
        ) : (
          !refused && <EmptyPage day={day} context={context} />
        )}
      </main>
      <Side
        tab={tab}
        onTab={setTab}
        need={need}
        onNeed={setNeed}
        context={context}
        draft={draft}
        plan={plan}
        size={size}
      />
    </div>
  );
}
