import { Menu, MenuButton, MenuItem, MenuItems } from '@headlessui/react';
import { writeSport } from '@tropaeum/core/formats/sport';
import { newAction } from '@tropaeum/core/sport/edit';
import { type JointDemand, jointMap, jointMapOf } from '@tropaeum/core/sport/joint-map';
import type { SportAction, SportProfile } from '@tropaeum/core/sport/profile';
import { sportById } from '@tropaeum/core/sport/sports';
import { MoreHorizontal, Redo2, Undo2 } from 'lucide-react';
import { type ReactNode, useDeferredValue, useEffect, useMemo, useState } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import { Link, useNavigate, useOutletContext, useParams, useSearchParams } from 'react-router';
import type { DeskContext } from '../Desk';
import { Trouble, Waiting } from '../ui/States';
import { AboutMovement, AboutSport } from './About';
import { Answers } from './Answers';
import { BodyMap } from './BodyMap';
import { Comparison } from './Comparison';
import { changeSport, clubSportsNow, dropSport, sportIn, sportsIn, useClubSports, useSportSaving } from './club-sports';
import { CopySport, ImportSport } from './Dialogs';
import { MovementForm } from './MovementForm';
import { Movements } from './Movements';
import { RegimeLegend, RegimePatterns } from './RegimeBar';
import { useDemands } from './store';

const mapWide = 424;

function download(profile: SportProfile): void {
  const url = URL.createObjectURL(
    new Blob([`${JSON.stringify(writeSport(profile), null, 2)}\n`], { type: 'application/json' }),
  );
  const link = document.createElement('a');
  link.href = url;
  link.download = `${profile.id}.sport.json`;
  link.click();
  URL.revokeObjectURL(url);
}

function MenuLine({
  children,
  onClick,
  danger = false,
}: {
  children: ReactNode;
  onClick: () => void;
  danger?: boolean;
}) {
  return (
    <MenuItem>
      <button
        type="button"
        className={`block w-full px-3 py-1.5 text-left text-[0.9rem] data-focus:bg-edge ${danger ? 'text-oxide' : ''}`}
        onClick={onClick}
      >
        {children}
      </button>
    </MenuItem>
  );
}

/** What a sport asks of each role, on the body; every number can be changed and taken back. */
export function DemandsView() {
  const { squads } = useOutletContext<DeskContext>();
  const { sportId = squads.squads[0]?.sportId ?? 'handball' } = useParams();
  const club = useClubSports();
  const known = club.data ? sportIn(club.data, sportId) : undefined;
  const show = useDemands((s) => s.show);
  useEffect(() => {
    if (known) show(known);
  }, [known, show]);
  const profile = useDemands((s) => s.profile);
  if (club.error) return <Trouble error={club.error} again={() => void club.refetch()} />;
  if (!club.data) return <Waiting what="Opening the sports" />;
  if (!known)
    return (
      <div className="p-8" role="alert">
        <p className="head text-lg">“{sportId}” is not a sport here.</p>
        <Link className="key mt-4" to="/demands">
          To the sports
        </Link>
      </div>
    );
  if (profile?.id !== sportId) return <Waiting what="Opening the sport" />;
  return <Demands key={sportId} profile={profile} />;
}

function Demands({ profile }: { profile: SportProfile }) {
  const navigate = useNavigate();
  const [address, setAddress] = useSearchParams();
  const { past, future, undo, redo } = useDemands();
  const club = useClubSports().data ?? [];
  const saving = useSportSaving(profile.id);
  const [selected, setSelected] = useState<string>();
  const [pointed, setPointed] = useState<JointDemand>();
  const [form, setForm] = useState<'new' | 'change'>();
  const [written, setWritten] = useState<SportAction>();
  const shownWritten = useDeferredValue(written);
  const [dialog, setDialog] = useState<'import' | 'copy'>();
  const [problem, setProblem] = useState('');

  const role = profile.roles.some((r) => r.id === address.get('role'))
    ? (address.get('role') as string)
    : (profile.roles[0]?.id as string);
  const all = sportsIn(club);
  const [withSport, withRole] = (address.get('with') ?? '').split(':');
  const other = withSport ? sportIn(club, withSport) : undefined;
  const otherRole = other?.roles.find((r) => r.id === withRole)?.id ?? other?.roles[0]?.id;
  const action = profile.actions.find((a) => a.id === selected);
  const shown = form ? (shownWritten ?? action) : action;
  const changed = club.find((c) => c.profile.id === profile.id);
  const shipped = sportById(profile.id);

  const set = (key: string, value: string) =>
    setAddress(
      (now) => {
        const next = new URLSearchParams(now);
        if (value) next.set(key, value);
        else next.delete(key);
        return next;
      },
      { replace: true },
    );
  const walk = (step: number) => {
    const at = profile.actions.findIndex((a) => a.id === selected);
    setSelected(profile.actions[Math.min(Math.max(at + step, 0), profile.actions.length - 1)]?.id);
    setForm(undefined);
  };
  const add = () => {
    setForm('new');
    if (other) set('with', '');
  };
  useHotkeys('mod+z, u', () => undo(), { preventDefault: true });
  useHotkeys('mod+shift+z, shift+u', () => redo(), { preventDefault: true });
  useHotkeys('down, j', () => walk(1), { preventDefault: true });
  useHotkeys('up, k', () => walk(-1), { preventDefault: true });
  useHotkeys('n', add, { preventDefault: true });
  useHotkeys('e', () => action && setForm('change'), { preventDefault: true });
  useHotkeys('esc', () => (form ? setForm(undefined) : setSelected(undefined)));

  const drop = async () => {
    try {
      await dropSport(profile.id);
      setProblem('');
      if (!shipped) await navigate('/demands');
    } catch (error) {
      setProblem((error as Error).message);
    }
  };
  const fresh = useMemo(() => newAction(profile, [role]), [profile, role]);
  const roleName = profile.roles.find((r) => r.id === role)?.name ?? '';
  return (
    <div className="flex min-w-0 flex-1 flex-col">
      <RegimePatterns />
      <div className="flex flex-wrap items-center gap-x-3 gap-y-1 border-b border-stone px-4 py-2">
        <h1 className="head text-[1.3rem]">
          <label>
            <span className="sr-only">Sport</span>
            <select
              aria-label="Sport"
              className="head max-w-64 cursor-pointer truncate border-b border-stone bg-clear pr-1 text-[1.3rem]"
              value={profile.id}
              onChange={(e) => void navigate(`/demands/${e.target.value}`)}
            >
              {!all.some((s) => s.id === profile.id) && <option value={profile.id}>{profile.name}</option>}
              {all.map((s) => (
                <option key={s.id} value={s.id} className="bg-paper text-base">
                  {s.name}
                </option>
              ))}
            </select>
          </label>
        </h1>
        <div role="tablist" aria-label="Role" className="flex">
          {profile.roles.map((r) => (
            <button
              key={r.id}
              type="button"
              role="tab"
              aria-selected={r.id === role}
              className={`head border-b-[3px] px-2.5 py-1 text-[0.9rem] ${r.id === role ? 'border-oxide' : 'border-clear text-quiet hover:text-ink'}`}
              onClick={() => set('role', r.id)}
            >
              {r.name}
            </button>
          ))}
        </div>
        <span className="ml-auto flex items-center gap-1.5">
          <span className="text-small text-quiet" aria-live="polite">
            {saving.kind === 'trouble'
              ? ''
              : saving.kind === 'saved'
                ? changed
                  ? 'the club’s own'
                  : 'as shipped'
                : 'saving …'}
          </span>
          <button
            type="button"
            className="key key-plain"
            disabled={past.length === 0}
            onClick={undo}
            aria-label="Undo"
            title="Undo (u)"
          >
            <Undo2 size={16} />
          </button>
          <button
            type="button"
            className="key key-plain"
            disabled={future.length === 0}
            onClick={redo}
            aria-label="Redo"
            title="Redo (shift u)"
          >
            <Redo2 size={16} />
          </button>
          <select
            aria-label="Compare with"
            className="field h-8 w-44"
            value={other ? `${other.id}:${otherRole}` : ''}
            onChange={(e) => set('with', e.target.value)}
          >
            <option value="">Compare with …</option>
            <optgroup label={profile.name}>
              {profile.roles
                .filter((r) => r.id !== role)
                .map((r) => (
                  <option key={r.id} value={`${profile.id}:${r.id}`}>
                    {r.name}
                  </option>
                ))}
            </optgroup>
            {all
              .filter((s) => s.id !== profile.id)
              .map((s) => (
                <optgroup key={s.id} label={s.name}>
                  {s.roles.map((r) => (
                    <option key={r.id} value={`${s.id}:${r.id}`}>
                      {s.name}: {r.name.toLowerCase()}
                    </option>
                  ))}
                </optgroup>
              ))}
          </select>
          <Menu>
            <MenuButton className="key key-plain" aria-label="More" title="More">
              <MoreHorizontal size={17} />
            </MenuButton>
            <MenuItems anchor="bottom end" className="z-10 w-60 border-2 border-ink bg-paper focus:outline-none">
              <MenuLine onClick={() => download(profile)}>Export as a file</MenuLine>
              <MenuLine onClick={() => setDialog('import')}>Import …</MenuLine>
              <MenuLine onClick={() => setDialog('copy')}>A sport of your own from this …</MenuLine>
              {changed && (
                <MenuLine danger onClick={() => void drop()}>
                  {shipped ? 'Reset to what is shipped' : 'Take off the list'}
                </MenuLine>
              )}
            </MenuItems>
          </Menu>
        </span>
      </div>
      {(saving.kind === 'trouble' || problem) && (
        <p role="alert" className="bg-sheet px-4 py-1.5 text-oxide">
          Not saved: {problem || (saving.kind === 'trouble' ? saving.words : '')}
        </p>
      )}
      <div className="flex min-h-0 flex-1">
        <div className="w-[420px] shrink-0 overflow-y-auto px-4 py-2">
          <Movements
            profile={profile}
            role={role}
            selected={selected}
            pointed={pointed}
            onSelect={(id) => {
              setSelected(id);
              setForm(undefined);
            }}
            onAdd={add}
          />
        </div>
        {other && otherRole ? (
          <main className="min-w-0 flex-1 overflow-auto border-l border-edge">
            <Comparison left={{ profile, role }} right={{ profile: other, role: otherRole }} />
          </main>
        ) : (
          <>
            <main className="min-w-0 flex-1 overflow-auto border-l border-edge py-2">
              <div className="mx-auto" style={{ width: mapWide }}>
                <p className="label px-1">
                  {shown ? `${shown.name}: what it asks of the joints` : `All a ${roleName.toLowerCase()} is asked for`}
                </p>
                <BodyMap
                  map={shown ? jointMapOf(shown) : jointMap(profile, role)}
                  position={shown?.position}
                  width={mapWide}
                  name={shown ? shown.name : roleName}
                  onPoint={setPointed}
                  {...(form ? { high: 350 } : {})}
                />
                <div className="mt-3 px-1">
                  <RegimeLegend />
                </div>
                {form && shown && (
                  <div className="px-1">
                    <Answers action={shown} wide />
                  </div>
                )}
              </div>
            </main>
            <aside
              className="w-[272px] shrink-0 overflow-y-auto border-l border-edge bg-sheet"
              aria-label={action || form ? 'Movement' : 'Risks'}
            >
              {form === 'new' ? (
                <MovementForm
                  key="new"
                  profile={profile}
                  start={fresh}
                  isNew
                  onWritten={setWritten}
                  onDone={(id) => {
                    setForm(undefined);
                    if (id) setSelected(id);
                  }}
                />
              ) : form === 'change' && action ? (
                <MovementForm
                  key={action.id}
                  profile={profile}
                  start={action}
                  isNew={false}
                  onWritten={setWritten}
                  onDone={(id) => {
                    setForm(undefined);
                    setSelected(id);
                  }}
                />
              ) : action ? (
                <AboutMovement action={action} onEdit={() => setForm('change')} />
              ) : (
                <AboutSport profile={profile} />
              )}
            </aside>
          </>
        )}
      </div>
      {dialog === 'import' && (
        <ImportSport
          known={(id) => sportIn(clubSportsNow(), id)}
          onClose={() => setDialog(undefined)}
          onRead={(read) => {
            setDialog(undefined);
            if (read.id === profile.id) useDemands.getState().edit(() => read);
            else {
              changeSport(read);
              void navigate(`/demands/${read.id}`);
            }
          }}
        />
      )}
      {dialog === 'copy' && (
        <CopySport
          profile={profile}
          taken={all.map((s) => s.id)}
          onClose={() => setDialog(undefined)}
          onCopy={(copy) => {
            setDialog(undefined);
            changeSport(copy);
            void navigate(`/demands/${copy.id}`);
          }}
        />
      )}
    </div>
  );
}
