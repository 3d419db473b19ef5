import { Dialog, DialogPanel, DialogTitle } from '@headlessui/react';
import { typedIn } from '@tropaeum/core/common/units';
import { levels } from '@tropaeum/core/exercise/model/vocabulary';
import { isMinor } from '@tropaeum/core/people/consent';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { object, string } from 'yup';
import { ask } from '../api/client';
import { queryClient, useMe } from '../api/queries';
import type { Squad, WaitingAthlete } from '../api/types';
import { sportIn, sportsIn, useClubSports } from '../demands/club-sports';
import { Choice, Field, FormProblem, useForm } from '../ui/Form';
import { InviteFamily } from '../ui/InviteFamily';
import { useMeasures } from '../ui/units';

/** Chosen for a squad that begins with this athlete. */
const newSquad = 'new';

const text = string().trim().default('');
const rules = object({
  name: text.required('is required').max(80, 'must be 80 characters or fewer'),
  squadId: text.required('is required'),
  squadName: text.when('squadId', ([squad], name) => (squad === newSquad ? name.required('is required') : name)),
  sportId: text,
  role: text,
  born: text.required('is required'),
  sex: text,
  height: text.required('is required'),
  mass: text.required('is required'),
  level: text,
});

/** Which field of the form a path of the server means. */
const fieldOf = (path: string): string =>
  ({
    'newSquad.name': 'squadName',
    'newSquad.sportId': 'sportId',
    'athlete.heightCm': 'height',
    'athlete.massKg': 'mass',
    'athlete.born': 'born',
  })[path] ?? path;

interface AddAthleteProps {
  squads: Squad[];
  /** Somebody of whom only the name was kept, and whose guardian has consented. */
  waited?: WaitingAthlete | undefined;
  today: string;
  onClose: () => void;
}

/** The few things a first session needs to know; kit and limits come with the brief. Of a minor without consent only the name is kept. */
export function AddAthlete({ squads, waited, today, onClose }: AddAthleteProps) {
  const navigate = useNavigate();
  const { units } = useMeasures();
  const club = useClubSports().data ?? [];
  const form = useForm(rules, {
    ...{
      name: waited?.name ?? '',
      squadId: waited?.squadId ?? squads[0]?.id ?? newSquad,
      squadName: '',
      sportId: 'handball',
      role: '',
    },
    ...{ born: '', sex: '', height: '', mass: '', level: 'beginner' },
  });
  const [waits, setWaits] = useState<{ id: string; name: string }>();
  const age = useMe().data?.settings.consentAge;
  const born = form.watch('born');
  const needsConsent = !waited && /^\d{4}/.test(born) && isMinor(born, today, age);
  const [squadId, sportId] = form.watch(['squadId', 'sportId']);
  const isNew = squadId === newSquad;
  const roles = sportIn(club, isNew ? sportId : (squads.find((s) => s.id === squadId)?.sportId ?? ''))?.roles ?? [];
  const submit = form.sends(async (values) => {
    const { id, waits: isWaiting } = await ask<{ id: string; waits: boolean }>('/athletes', 'POST', {
      name: values.name,
      ...(waited ? { pendingId: waited.id } : {}),
      ...(isNew ? { newSquad: { name: values.squadName, sportId } } : { squadId }),
      role: roles.some((r) => r.id === values.role) ? values.role : roles[0]?.id,
      athlete: {
        heightCm: typedIn(Number(values.height), units.length),
        massKg: typedIn(Number(values.mass), units.mass),
        born: values.born,
        level: values.level,
        ...(values.sex ? { sex: values.sex } : {}),
      },
    });
    await queryClient.invalidateQueries({ queryKey: ['squads'] });
    if (isWaiting) setWaits({ id, name: values.name });
    else await navigate(`/athletes/${id}`);
  }, fieldOf);
  return (
    <Dialog open onClose={onClose} className="relative z-20">
      <div className="fixed inset-0 bg-ink/40" aria-hidden="true" />
      <div className="fixed inset-0 grid place-items-center p-4">
        <DialogPanel className="w-full max-w-md border-2 border-ink bg-paper p-6">
          <DialogTitle className="head text-xl">{waits ? waits.name : 'New athlete'}</DialogTitle>
          {waits && (
            <div className="mt-2">
              <p>Only the name is kept. Ask a guardian: once they agree, you enter the rest.</p>
              <InviteFamily athleteId={waits.id} as="guardian" />
              <button type="button" className="key mt-3" onClick={onClose}>
                Done
              </button>
            </div>
          )}
          <form
            onSubmit={(event) => void submit(event)}
            className="mt-4 grid grid-cols-2 gap-3"
            noValidate
            hidden={waits !== undefined}
          >
            <Field form={form} name="name" label="Name" autoFocus className="col-span-2" />
            <Choice label="Squad" {...form.register('squadId')}>
              {squads.map((s) => (
                <option key={s.id} value={s.id}>
                  {s.name}
                </option>
              ))}
              <option value={newSquad}>New squad …</option>
            </Choice>
            {isNew && (
              <>
                <Field form={form} name="squadName" label="Squad name" />
                <Choice label="Sport" {...form.register('sportId')}>
                  {sportsIn(club).map((s) => (
                    <option key={s.id} value={s.id}>
                      {s.name}
                    </option>
                  ))}
                </Choice>
              </>
            )}
            <Choice label="Role" {...form.register('role')}>
              {roles.map((r) => (
                <option key={r.id} value={r.id}>
                  {r.name}
                </option>
              ))}
            </Choice>
            <Field form={form} name="born" label="Born" type="date" />
            <Choice label="Sex" {...form.register('sex')}>
              <option value="">not stated</option>
              <option value="female">female</option>
              <option value="male">male</option>
            </Choice>
            <Field form={form} name="height" label={`Height, ${units.length}`} type="number" step="any" />
            <Field form={form} name="mass" label={`Mass, ${units.mass}`} type="number" step="any" />
            <Choice label="Level" {...form.register('level')}>
              {levels.map((l) => (
                <option key={l}>{l}</option>
              ))}
            </Choice>
            <div className="col-span-2">
              {needsConsent && (
                <p role="status" className="border-l-4 border-bronze bg-sheet px-3 py-1.5 text-[0.92rem]">
                  A minor: nothing but the name is kept until a guardian consents.
                </p>
              )}
              <FormProblem form={form} />
            </div>
            <div className="col-span-2 flex justify-end gap-2">
              <button type="button" className="key key-plain" onClick={onClose}>
                Cancel
              </button>
              <button type="submit" className="key key-strong" disabled={form.formState.isSubmitting}>
                {needsConsent ? 'Keep the name' : 'Add and plan a session'}
              </button>
            </div>
          </form>
        </DialogPanel>
      </div>
    </Dialog>
  );
}
