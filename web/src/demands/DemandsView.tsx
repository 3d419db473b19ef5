import { newAction } from '@tropaeum/core/sport/edit';
import { type JointDemand, jointMap, jointMapOf } from '@tropaeum/core/sport/joint-map';
import type { SportAction, SportProfile } from '@tropaeum/core/sport/profile';
import { sportById } from '@tropaeum/core/sport/sports';
import { useDeferredValue, useEffect, useMemo, useState } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import { Link, useNavigate, useOutletContext, useParams } from 'react-router';
import type { CoachContext } from '../api/coach-context';
import { useAddress } from '../ui/address';
import { Trouble, Waiting } from '../ui/States';
import { AboutMovement, AboutSport } from './About';
import { Answers } from './Answers';
import { BodyMap } from './BodyMap';
import { Comparison } from './Comparison';
import { changeSport, clubSportsNow, dropSport, sportIn, sportsIn, useClubSports, useSportSaving } from './club-sports';
import { DemandsBar, type SportDialog } from './DemandsBar';
import { CopySport, ImportSport, SportRoles } from './Dialogs';
import { MovementForm } from './MovementForm';
import { Movements } from './Movements';
import { useMeasureAhead } from './measure-ahead';
import { RegimeLegend, RegimePatterns } from './RegimeBar';
import { useDemands } from './store';

const mapWide = 424;

/** What a sport asks of each role, on the body; every number can be changed and taken back. */
export function DemandsView() {
  const { squads } = useOutletContext<CoachContext>();
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
        <p className="head text-lg">“{sportId}” is not a sport in the list.</p>
        <Link className="key mt-4" to="/demands">
          All sports
        </Link>
      </div>
    );
  if (profile?.id !== sportId) return <Waiting what="Opening the sport" />;
  return <Demands key={sportId} profile={profile} />;
}

function Demands({ profile }: { profile: SportProfile }) {
  const navigate = useNavigate();
  const [address, change] = useAddress();
  const { undo, redo } = useDemands();
  const club = useClubSports().data ?? [];
  useMeasureAhead();
  const saving = useSportSaving(profile.id);
  const [selected, setSelected] = useState<string>();
  const [pointed, setPointed] = useState<JointDemand>();
  const [form, setForm] = useState<'new' | 'change'>();
  const [written, setWritten] = useState<SportAction>();
  const shownWritten = useDeferredValue(written);
  const [dialog, setDialog] = useState<SportDialog>();
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
  const shipped = sportById(profile.id);

  const set = (key: string, value: string) => change({ [key]: value });
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
      <DemandsBar
        profile={profile}
        role={role}
        compared={other && otherRole ? `${other.id}:${otherRole}` : ''}
        onAddress={set}
        onDialog={setDialog}
        onDrop={() => void drop()}
      />
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
                <p className="label px-1">{shown ? `Demands: ${shown.name}` : `Demands: ${roleName.toLowerCase()}`}</p>
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
                <AboutSport profile={profile} role={role} />
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
      {dialog === 'roles' && (
        <SportRoles profile={profile} edit={useDemands.getState().edit} onClose={() => setDialog(undefined)} />
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
