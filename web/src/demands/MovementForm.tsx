import { planes, positions, speeds } from '@tropaeum/core/exercise/model/vocabulary';
import { readSport, writeSport } from '@tropaeum/core/formats/sport';
import { sportLimits } from '@tropaeum/core/formats/sport-fields';
import { freeId, putAction, removeAction } from '@tropaeum/core/sport/edit';
import {
  actionSides,
  amplitudes,
  energies,
  forceAxes,
  type SportAction,
  type SportJoint,
  type SportProfile,
} from '@tropaeum/core/sport/profile';
import { Plus } from 'lucide-react';
import { useEffect, useState } from 'react';
import { Choice, Several } from './fields';
import { JointRow } from './JointRow';
import { useDemands } from './store';

/** Swaps an item with the one before it. */
function raised<T>(list: readonly T[], place: number): T[] {
  const next = [...list];
  next.splice(place - 1, 0, ...next.splice(place, 1));
  return next;
}

interface MovementFormProps {
  profile: SportProfile;
  start: SportAction;
  isNew: boolean;
  /** What is written so far, to be shown on the body and answered while it is written. */
  onWritten: (action: SportAction) => void;
  onDone: (id: string | undefined) => void;
}

/** A movement described in joint actions; what answers it is shown while it is written. */
export function MovementForm({ profile, start, isNew, onWritten, onDone }: MovementFormProps) {
  const [action, setAction] = useState(start);
  const [faults, setFaults] = useState<{ path: string; message: string }[]>([]);
  const edit = useDemands((s) => s.edit);
  useEffect(() => onWritten(action), [action, onWritten]);
  const set = (change: Partial<SportAction>) => setAction((a) => ({ ...a, ...change }));
  const setJoint = (place: number, joint: SportJoint) =>
    set({ jointActions: action.jointActions.map((j, i) => (i === place ? joint : j)) });
  const keep = () => {
    const taken = profile.actions.map((a) => a.id);
    const written = isNew ? { ...action, id: freeId(action.name, taken) } : action;
    const changed = putAction(profile, written);
    const reading = readSport(writeSport(changed));
    if ('faults' in reading)
      return setFaults(reading.faults.map((f) => ({ ...f, path: f.path.replace(/^actions\[\d+\]\./, '') })));
    // Points may have been given beside the open form.
    edit((p) =>
      putAction(p, { ...written, asked: p.actions.find((a) => a.id === written.id)?.asked ?? written.asked }),
    );
    onDone(written.id);
  };
  const takeOut = () => {
    if (removeAction(profile, action.id) === profile)
      return setFaults([{ path: '', message: 'This is the only movement of a role. Add another one to it first.' }]);
    edit((p) => removeAction(p, action.id));
    onDone(undefined);
  };
  const faultAt = (path: string) => faults.find((f) => f.path === path)?.message;
  const text = (key: 'name' | 'short' | 'phase', label: string, longest: number) => (
    <div>
      <label className="block">
        <span className="text-[0.76rem] text-quiet">{label}</span>
        <input
          className="field h-7"
          value={action[key]}
          maxLength={longest}
          aria-invalid={Boolean(faultAt(key))}
          aria-describedby={faultAt(key) ? `fault-${key}` : undefined}
          onChange={(e) => set({ [key]: e.target.value })}
        />
      </label>
      {faultAt(key) && (
        <span id={`fault-${key}`} className="text-small text-oxide">
          {faultAt(key)}
        </span>
      )}
    </div>
  );
  return (
    <form
      aria-label={isNew ? 'New movement' : `Edit ${start.name}`}
      className="px-4 py-3"
      onSubmit={(e) => {
        e.preventDefault();
        keep();
      }}
      onKeyDown={(e) => e.key === 'Escape' && onDone(isNew ? undefined : start.id)}
    >
      <h2 className="head text-lg">{isNew ? 'New movement' : 'Edit movement'}</h2>
      {faults
        .filter((f) => !['name', 'short', 'phase'].includes(f.path))
        .map((f) => (
          <p key={f.path + f.message} role="alert" className="text-small text-oxide">
            {f.path} {f.message}
          </p>
        ))}
      <div className="mt-1 space-y-1">
        {text('name', 'name', 60)}
        <div className="grid grid-cols-2 gap-1.5">
          {text('short', 'short name', 16)}
          <Choice
            label="position"
            value={action.position}
            options={positions}
            onValue={(position) => set({ position })}
          />
        </div>
        {text('phase', 'phase', 80)}
      </div>
      <h3 className="label mt-3">Joint actions, main one first</h3>
      <ol>
        {action.jointActions.map((joint, i) => (
          <JointRow
            key={i}
            joint={joint}
            place={i}
            last={action.jointActions.length === 1}
            change={(j) => setJoint(i, j)}
            remove={() => set({ jointActions: action.jointActions.filter((_, k) => k !== i) })}
            lead={() => set({ jointActions: raised(action.jointActions, i) })}
          />
        ))}
      </ol>
      {action.jointActions.length < sportLimits.joints && (
        <button
          type="button"
          className="key key-plain h-6 text-quiet"
          onClick={() =>
            set({
              jointActions: [
                ...action.jointActions,
                { joint: 'hip', action: 'extension', regime: 'shortening', at: 'middle' },
              ],
            })
          }
        >
          <Plus size={13} /> add a joint action
        </button>
      )}
      <div className="mt-2 grid grid-cols-2 gap-1.5">
        <Choice label="speed" value={action.speed} options={speeds} onValue={(speed) => set({ speed })} />
        <Choice
          label="range"
          value={action.amplitude}
          options={amplitudes}
          onValue={(amplitude) => set({ amplitude })}
        />
        <Choice label="side" value={action.side} options={actionSides} onValue={(side) => set({ side })} />
        <Choice label="energy" value={action.energy} options={energies} onValue={(energy) => set({ energy })} />
      </div>
      <div className="mt-2 space-y-1.5">
        <Several label="planes" values={action.planes} options={planes} onValues={(p) => set({ planes: p })} />
        <Several label="force" values={action.force} options={forceAxes} onValues={(force) => set({ force })} />
      </div>
      <div className="sticky bottom-0 mt-3 flex gap-1.5 bg-sheet py-2">
        <button type="submit" className="key key-strong h-8">
          {isNew ? 'Add' : 'Save'}
        </button>
        <button type="button" className="key h-8" onClick={() => onDone(isNew ? undefined : start.id)}>
          Cancel
        </button>
        {!isNew && (
          <button type="button" className="key key-plain ml-auto h-8 text-oxide" onClick={takeOut}>
            Remove
          </button>
        )}
      </div>
    </form>
  );
}
