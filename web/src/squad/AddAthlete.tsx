import { Dialog, DialogPanel, DialogTitle } from '@headlessui/react';
import { levels } from '@tropaeum/core/exercise/model/vocabulary';
import { type FormEvent, useState } from 'react';
import { useNavigate } from 'react-router';
import { ApiError, ask } from '../api/client';
import { queryClient } from '../api/queries';
import type { Squad } from '../api/types';
import { sportIn, sportsIn, useClubSports } from '../demands/club-sports';

/** Chosen for a squad that begins with this athlete. */
const newSquad = 'new';

interface Fault {
  path: string;
  message: string;
}

/** The few things a first session needs to know; kit and limits come with the brief. */
export function AddAthlete({ squads, onClose }: { squads: Squad[]; onClose: () => void }) {
  const navigate = useNavigate();
  const [squadId, setSquadId] = useState(squads[0]?.id ?? newSquad);
  const [faults, setFaults] = useState<Fault[]>([]);
  const club = useClubSports().data ?? [];
  const [sportId, setSportId] = useState('handball');
  const isNew = squadId === newSquad;
  const roles = sportIn(club, isNew ? sportId : (squads.find((s) => s.id === squadId)?.sportId ?? ''))?.roles ?? [];
  const submit = async (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault();
    const form = new FormData(event.currentTarget);
    const text = (name: string) => String(form.get(name) ?? '');
    try {
      const { id } = await ask<{ id: string }>('/athletes', 'POST', {
        name: text('name'),
        ...(isNew ? { newSquad: { name: text('squadName'), sportId } } : { squadId }),
        role: text('role'),
        athlete: {
          heightCm: Number(text('heightCm')),
          massKg: Number(text('massKg')),
          born: text('born'),
          level: text('level'),
          ...(text('sex') ? { sex: text('sex') } : {}),
        },
      });
      await queryClient.invalidateQueries({ queryKey: ['squads'] });
      await navigate(`/athletes/${id}`);
    } catch (error) {
      setFaults(
        error instanceof ApiError
          ? error.faults.length
            ? error.faults
            : [{ path: '', message: error.message }]
          : [{ path: '', message: 'Not added. Try again.' }],
      );
    }
  };
  const fault = (path: string) => faults.find((f) => f.path === path)?.message;
  const field = (label: string, name: string, path: string, type: string, extra: object = {}) => (
    <label className="block">
      <span className="label">{label}</span>
      <input name={name} type={type} className="field mt-0.5" aria-invalid={Boolean(fault(path))} {...extra} />
      {fault(path) && <span className="text-small text-oxide">{fault(path)}</span>}
    </label>
  );
  const known = new Set(['name', 'newSquad.name', 'athlete.heightCm', 'athlete.massKg', 'athlete.born']);
  return (
    <Dialog open onClose={onClose} className="relative z-20">
      <div className="fixed inset-0 bg-ink/40" aria-hidden="true" />
      <div className="fixed inset-0 grid place-items-center p-4">
        <DialogPanel className="w-full max-w-md border-2 border-ink bg-paper p-6">
          <DialogTitle className="head text-xl">New athlete</DialogTitle>
          <form onSubmit={submit} className="mt-4 grid grid-cols-2 gap-3" noValidate>
            <div className="col-span-2">{field('Name', 'name', 'name', 'text', { autoFocus: true })}</div>
            <label className="block">
              <span className="label">Squad</span>
              <select className="field mt-0.5" value={squadId} onChange={(e) => setSquadId(e.target.value)}>
                {squads.map((s) => (
                  <option key={s.id} value={s.id}>
                    {s.name}
                  </option>
                ))}
                <option value={newSquad}>New squad …</option>
              </select>
            </label>
            {isNew && (
              <>
                {field('Squad name', 'squadName', 'newSquad.name', 'text')}
                <label className="block">
                  <span className="label">Sport</span>
                  <select className="field mt-0.5" value={sportId} onChange={(e) => setSportId(e.target.value)}>
                    {sportsIn(club).map((s) => (
                      <option key={s.id} value={s.id}>
                        {s.name}
                      </option>
                    ))}
                  </select>
                </label>
              </>
            )}
            <label className="block">
              <span className="label">Role</span>
              <select className="field mt-0.5" name="role">
                {roles.map((r) => (
                  <option key={r.id} value={r.id}>
                    {r.name}
                  </option>
                ))}
              </select>
            </label>
            {field('Born', 'born', 'athlete.born', 'date')}
            <label className="block">
              <span className="label">Sex</span>
              <select className="field mt-0.5" name="sex">
                <option value="">not stated</option>
                <option value="female">female</option>
                <option value="male">male</option>
              </select>
            </label>
            {field('Height, cm', 'heightCm', 'athlete.heightCm', 'number')}
            {field('Mass, kg', 'massKg', 'athlete.massKg', 'number')}
            <label className="block">
              <span className="label">Level</span>
              <select className="field mt-0.5" name="level" defaultValue="beginner">
                {levels.map((l) => (
                  <option key={l}>{l}</option>
                ))}
              </select>
            </label>
            <div className="col-span-2" role="alert">
              {faults
                .filter((f) => !known.has(f.path))
                .map((f) => (
                  <p key={f.path} className="text-small text-oxide">
                    {f.path} {f.message}
                  </p>
                ))}
            </div>
            <div className="col-span-2 flex justify-end gap-2">
              <button type="button" className="key key-plain" onClick={onClose}>
                Cancel
              </button>
              <button type="submit" className="key key-strong">
                Add and plan a session
              </button>
            </div>
          </form>
        </DialogPanel>
      </div>
    </Dialog>
  );
}
