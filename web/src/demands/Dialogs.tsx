import { Dialog, DialogPanel, DialogTitle } from '@headlessui/react';
import { readSport, readSportText, writeSport } from '@tropaeum/core/formats/sport';
import { sportLimits } from '@tropaeum/core/formats/sport-fields';
import type { ValidationIssue } from '@tropaeum/core/formats/validation';
import { addRole, freeId, removeRole, renameRole } from '@tropaeum/core/sport/edit';
import type { SportProfile } from '@tropaeum/core/sport/profile';
import { type ReactNode, useState } from 'react';

function Sheet({ title, onClose, children }: { title: string; onClose: () => void; children: ReactNode }) {
  return (
    <Dialog open onClose={onClose} className="relative z-20">
      <div className="fixed inset-0 bg-ink/40" aria-hidden="true" />
      <div className="fixed inset-0 grid place-items-center p-4">
        <DialogPanel className="max-h-full w-full max-w-xl overflow-y-auto border-2 border-ink bg-paper p-5">
          <DialogTitle className="head text-xl">{title}</DialogTitle>
          {children}
        </DialogPanel>
      </div>
    </Dialog>
  );
}

function Faults({ faults }: { faults: readonly ValidationIssue[] }) {
  return (
    <div role="alert" className="mt-3 max-h-56 overflow-y-auto border-l-4 border-oxide bg-sheet px-3 py-2">
      <p className="head">
        {faults.length === 1 ? 'One field is wrong' : `${faults.length} fields are wrong`}. Nothing was imported.
      </p>
      <ul className="mt-1 text-[0.86rem]">
        {faults.map((f) => (
          <li key={f.path + f.message}>
            {f.path && <code className="dose mr-2 bg-edge px-1">{f.path}</code>}
            {f.message}
          </li>
        ))}
      </ul>
    </div>
  );
}

interface ImportProps {
  known: (id: string) => SportProfile | undefined;
  onRead: (profile: SportProfile) => void;
  onClose: () => void;
}

/** Reads a profile from a file or from what is pasted; every fault is named, nothing half-read is kept. */
export function ImportSport({ known, onRead, onClose }: ImportProps) {
  const [text, setText] = useState('');
  const [faults, setFaults] = useState<ValidationIssue[]>([]);
  const [read, setRead] = useState<SportProfile>();
  const take = (given: string) => {
    setText(given);
    const reading = readSportText(given);
    setFaults('faults' in reading ? reading.faults : []);
    setRead('profile' in reading ? reading.profile : undefined);
  };
  const before = read && known(read.id);
  return (
    <Sheet title="Import a sport" onClose={onClose}>
      <p className="mt-1 text-[0.9rem] text-quiet">A profile exported from here, or written to the published schema.</p>
      <input
        type="file"
        accept="application/json,.json"
        aria-label="Profile file"
        className="mt-3 block w-full text-[0.9rem]"
        onChange={async (e) => {
          const file = e.target.files?.[0];
          if (file) take(await file.text());
        }}
      />
      <textarea
        aria-label="Or paste it"
        placeholder="… or paste it here"
        className="field dose mt-2 h-36 py-1.5"
        value={text}
        spellCheck={false}
        onChange={(e) => take(e.target.value)}
      />
      {text !== '' && faults.length > 0 && <Faults faults={faults} />}
      {read && (
        <p className="mt-3 border-l-4 border-laurel bg-sheet px-3 py-2">
          <b>{read.name}</b>: {read.roles.length} roles, {read.actions.length} movements, {read.riskSites.length} risks.{' '}
          {before ? `Replaces your version of ${before.name}. Undo restores it.` : 'New sport.'}
        </p>
      )}
      <div className="mt-4 flex gap-2">
        <button type="button" className="key key-strong" disabled={!read} onClick={() => read && onRead(read)}>
          Import
        </button>
        <button type="button" className="key" onClick={onClose}>
          Cancel
        </button>
      </div>
    </Sheet>
  );
}

/** A sport of the club's own, begun from the one that is shown. */
export function CopySport({
  profile,
  taken,
  onCopy,
  onClose,
}: {
  profile: SportProfile;
  taken: readonly string[];
  onCopy: (copy: SportProfile) => void;
  onClose: () => void;
}) {
  const [name, setName] = useState('');
  const [faults, setFaults] = useState<ValidationIssue[]>([]);
  const copy = () => {
    const reading = readSport(writeSport({ ...profile, id: freeId(name, taken), name: name.trim() }));
    if ('faults' in reading) setFaults(reading.faults);
    else onCopy(reading.profile);
  };
  return (
    <Sheet title="Custom sport" onClose={onClose}>
      <form
        onSubmit={(e) => {
          e.preventDefault();
          copy();
        }}
      >
        <p className="mt-1 text-[0.9rem] text-quiet">Starts as a copy of {profile.name.toLowerCase()}.</p>
        <label className="mt-3 block">
          <span className="label">Name</span>
          <input
            className="field"
            data-autofocus
            value={name}
            maxLength={60}
            onChange={(e) => setName(e.target.value)}
          />
        </label>
        {faults.length > 0 && <Faults faults={faults} />}
        <div className="mt-4 flex gap-2">
          <button type="submit" className="key key-strong">
            Create
          </button>
          <button type="button" className="key" onClick={onClose}>
            Cancel
          </button>
        </div>
      </form>
    </Sheet>
  );
}

/** The roles of a sport: named, added after the likeness of another, taken out. */
export function SportRoles({
  profile,
  edit,
  onClose,
}: {
  profile: SportProfile;
  edit: (change: (profile: SportProfile) => SportProfile) => void;
  onClose: () => void;
}) {
  const [name, setName] = useState('');
  const [like, setLike] = useState(profile.roles[0]?.id ?? '');
  const room = profile.roles.length < sportLimits.roles;
  return (
    <Sheet title={`Roles of ${profile.name.toLowerCase()}`} onClose={onClose}>
      <ul className="mt-2">
        {profile.roles.map((role) => (
          <li key={role.id} className="flex items-center gap-2 border-t border-edge py-1">
            <input
              aria-label={`Name of ${role.name}`}
              className="field h-8"
              defaultValue={role.name}
              maxLength={40}
              onBlur={(e) => {
                const text = e.target.value.trim();
                if (text && text !== role.name) edit((p) => renameRole(p, role.id, text));
                else e.target.value = role.name;
              }}
            />
            <button
              type="button"
              className="key key-plain h-8 text-oxide"
              disabled={profile.roles.length < 2}
              onClick={() => edit((p) => removeRole(p, role.id))}
            >
              Remove
            </button>
          </li>
        ))}
      </ul>
      <form
        className="mt-3 flex items-end gap-2"
        onSubmit={(e) => {
          e.preventDefault();
          if (!name.trim()) return;
          edit((p) => addRole(p, name.trim(), like));
          setName('');
        }}
      >
        <label className="flex-1">
          <span className="label">New role</span>
          <input className="field" value={name} maxLength={40} onChange={(e) => setName(e.target.value)} />
        </label>
        <label className="w-44">
          <span className="label">same demands as</span>
          <select className="field" value={like} onChange={(e) => setLike(e.target.value)}>
            {profile.roles.map((r) => (
              <option key={r.id} value={r.id}>
                {r.name}
              </option>
            ))}
          </select>
        </label>
        <button type="submit" className="key" disabled={!room || !name.trim()}>
          Add
        </button>
      </form>
      {!room && <p className="text-small text-quiet">A sport can have up to {sportLimits.roles} roles.</p>}
      <div className="mt-4">
        <button type="button" className="key key-strong" onClick={onClose}>
          Done
        </button>
      </div>
    </Sheet>
  );
}
