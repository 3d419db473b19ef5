import { contextOf } from '@tropaeum/core/session/context';
import type { ItemPlace } from '@tropaeum/core/session/edit';
import { planOf } from '@tropaeum/core/session/plan';
import { useEffect, useMemo, useState } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import { useNavigate, useOutletContext, useParams, useSearchParams } from 'react-router';
import { queryClient } from '../api/queries';
import type { DeskContext } from '../Desk';
import { Trouble, Waiting } from '../ui/States';
import { laidIn } from './as-laid';
import { useSaveState } from './autosave';
import { Changed } from './Changed';
import { EmptyPage } from './EmptyPage';
import { Notices } from './Notices';
import { Score } from './Score';
import { SessionBar } from './SessionBar';
import { Side, type SideTab } from './Side';
import { useWritten } from './store';
import { nextType, TypeLine } from './TypeLine';
import { useAdded } from './use-added';
import { useEditKeys } from './use-edit-keys';
import { useOpenSession } from './use-open-session';
import { useSend } from './use-send';

/** The score of a session: brief at the side, one key composes, everything can be changed. */
export function SessionView() {
  const { athleteId = '' } = useParams();
  const [search] = useSearchParams();
  const navigate = useNavigate();
  const { day, squads } = useOutletContext<DeskContext>();
  const { detail, opened, problem } = useOpenSession(athleteId, day, laidIn(search, day));
  const session = useWritten();
  const { brief, draft, selected, composing, refused } = session;
  const save = useSaveState();
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
  useHotkeys('c', () => void session.compose());
  useHotkeys('y', () => context && void session.retype(nextType(context.type.type, 1)));
  useHotkeys('shift+y', () => context && void session.retype(nextType(context.type.type, -1)));
  useHotkeys('b', () => void navigate(`/athletes/${athleteId}/ability`));
  useHotkeys('mod+z, u', () => session.undo(), { preventDefault: true });
  useHotkeys('mod+shift+z, shift+u', () => session.redo(), { preventDefault: true });
  useHotkeys('down, j', () => walk(1), { preventDefault: true });
  useHotkeys('up, k', () => walk(-1), { preventDefault: true });
  useHotkeys('esc', () => {
    session.stop();
    if (!composing) session.select(undefined);
  });
  useHotkeys('d', () => document.querySelectorAll<HTMLInputElement>('[data-dose]')[Math.max(position, 0)]?.focus(), {
    preventDefault: true,
  });

  useEditKeys(context, selected);

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
      <main className="flex min-w-0 flex-1 flex-col overflow-x-auto overflow-y-auto px-4 pt-3">
        <SessionBar
          athleteId={athleteId}
          name={athlete.name}
          context={context}
          save={save}
          lastDone={lastDone}
          sending={sending}
          onSend={() => void send()}
        />
        <Notices name={athlete.name} save={save} link={link} sendProblem={sendProblem} />
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
