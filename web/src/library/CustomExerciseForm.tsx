import { Dialog, DialogPanel, DialogTitle } from '@headlessui/react';
import { printDose } from '@tropaeum/core/dose/notation';
import { variantById } from '@tropaeum/core/exercise/library/library';
import {
  type CustomExercise,
  type CustomExerciseIssue,
  copyAsCustom,
  readCustomExercise,
} from '@tropaeum/core/exercise/model/custom-exercise';
import type { Variant } from '@tropaeum/core/exercise/model/variant';
import { type KitKind, levels } from '@tropaeum/core/exercise/model/vocabulary';
import { type ReactNode, useState } from 'react';
import { useNavigate } from 'react-router';
import { ApiError, ask } from '../api/client';
import { queryClient, useMay } from '../api/queries';

interface FormProps {
  variant: Variant;
  /** The own variant that is changed; a copy is made when left out. */
  own: CustomExercise | undefined;
  takenIds: readonly string[];
  onClose: () => void;
}

const lines = (text: string) => text.split('\n').filter((line) => line.trim() !== '');
const idFrom = (name: string) =>
  name
    .toLowerCase()
    .normalize('NFKD')
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-+|-+$/g, '')
    .slice(0, 80);

/** What stands in the fields; kept as typed, whatever is wrong with it. */
interface Typed {
  id: string;
  name: string;
  purpose: string;
  otherNames: string;
  level: string;
  dose: string;
  cues: string;
  faults: string;
  cautions: string;
  kit: string;
}

function typedFrom(own: CustomExercise): Typed {
  return {
    id: own.id,
    name: own.name,
    purpose: own.purpose,
    otherNames: own.otherNames.join('\n'),
    level: own.level,
    dose: own.dose,
    cues: own.cues.join('\n'),
    faults: own.faults.map((f) => `${f.see}: ${f.say}`).join('\n'),
    cautions: own.cautions.join('\n'),
    kit: own.kit.map((any) => any.join(' or ')).join('\n'),
  };
}

function documentFrom(typed: Typed, copyOf: string) {
  return {
    ...typed,
    copyOf,
    otherNames: lines(typed.otherNames),
    cues: lines(typed.cues),
    cautions: lines(typed.cautions),
    faults: lines(typed.faults).map((line) => {
      const [see = '', ...say] = line.split(':');
      return { see: see.trim(), say: say.join(':').trim() };
    }),
    kit: lines(typed.kit).map((line) => line.split(/\s+or\s+/).map((k) => k.trim() as KitKind)),
  };
}

function Field({
  label,
  hint,
  path,
  faults,
  children,
}: {
  label: string;
  hint?: string;
  path: string;
  faults: readonly CustomExerciseIssue[];
  children: ReactNode;
}) {
  const fault = faults.find((f) => f.path === path || f.path.startsWith(`${path}[`));
  return (
    <div>
      {/* biome-ignore lint/a11y/noLabelWithoutControl: the control is the child */}
      <label className="block">
        <span className="label">{label}</span> {hint && <span className="text-small text-quiet">{hint}</span>}
        {children}
      </label>
      {fault && (
        <span role="alert" className="block text-small font-semibold text-oxide">
          {label} {fault.message}
        </span>
      )}
    </div>
  );
}

/** An exercise of the club's own: a shipped one with other words, dose and kit. What is wrong is said at the field; typing stays. */
export function CustomExerciseForm({ variant, own, takenIds, onClose }: FormProps) {
  const mayDelete = useMay('delete');
  const navigate = useNavigate();
  const copyOf = own?.copyOf ?? variant.id;
  const [typed, setTyped] = useState(() =>
    typedFrom(own ?? copyAsCustom(variant, idFrom(`Custom ${variant.name}`), printDose(variant.dose))),
  );
  const [faults, setFaults] = useState<readonly CustomExerciseIssue[]>([]);
  const [trouble, setTrouble] = useState('');
  const set = (changes: Partial<Typed>) => setTyped((now) => ({ ...now, ...changes }));
  const text = (key: keyof Typed, rows = 1) => ({
    value: typed[key],
    onChange: (e: { target: { value: string } }) =>
      set({ [key]: e.target.value, ...(key === 'name' && !own ? { id: idFrom(e.target.value) } : {}) }),
    className: rows === 1 ? 'field' : 'field h-auto py-1',
    ...(rows === 1 ? {} : { rows }),
  });

  const save = async () => {
    setTrouble('');
    const document = documentFrom(typed, copyOf);
    const reading = readCustomExercise(
      document,
      variantById,
      takenIds.filter((id) => id !== own?.id),
    );
    if ('faults' in reading) return setFaults(reading.faults);
    try {
      if (own) await ask(`/own-variants/${own.id}`, 'PUT', reading.own);
      else await ask('/own-variants', 'POST', reading.own);
      await queryClient.invalidateQueries({ queryKey: ['own-variants'] });
      onClose();
      await navigate(`/library/${reading.own.id}`);
    } catch (error) {
      setFaults(error instanceof ApiError ? error.faults : []);
      setTrouble(error instanceof ApiError ? error.message : 'Something went wrong; nothing was saved.');
    }
  };
  const remove = async () => {
    if (!own) return;
    try {
      await ask(`/own-variants/${own.id}`, 'DELETE');
      await queryClient.invalidateQueries({ queryKey: ['own-variants'] });
      await navigate('/library');
    } catch (error) {
      setTrouble(error instanceof ApiError ? error.message : 'Something went wrong; nothing was removed.');
    }
  };

  return (
    <Dialog open onClose={onClose} className="relative z-50">
      <div className="fixed inset-0 bg-ink/40" aria-hidden="true" />
      <div className="fixed inset-0 flex items-start justify-center overflow-y-auto p-6">
        <DialogPanel className="w-full max-w-2xl border border-ink bg-paper p-5">
          <DialogTitle className="head text-xl">
            {own ? 'Edit custom exercise' : `Custom exercise based on ${variant.name}`}
          </DialogTitle>
          <p className="text-small text-quiet">
            Figure and joint loads come from {variantById(copyOf)?.name}. Texts, dose and equipment are yours.
          </p>
          <form
            className="mt-3 grid grid-cols-2 gap-x-4 gap-y-2.5"
            onSubmit={(e) => {
              e.preventDefault();
              void save();
            }}
          >
            <Field label="Name" path="name" faults={faults}>
              <input {...text('name')} />
            </Field>
            <Field label="Short id" path="id" faults={faults}>
              <input {...text('id')} />
            </Field>
            <Field label="For" path="purpose" faults={faults}>
              <input {...text('purpose')} />
            </Field>
            <Field label="Dose" path="dose" faults={faults}>
              <input {...text('dose')} className="field dose" />
            </Field>
            <Field label="Level" path="level" faults={faults}>
              <select {...text('level')}>
                {levels.map((l) => (
                  <option key={l}>{l}</option>
                ))}
              </select>
            </Field>
            <Field label="Equipment" hint="one per line; alternatives with “or”" path="kit" faults={faults}>
              <textarea {...text('kit', 2)} />
            </Field>
            <Field label="Cues" hint="two to four lines" path="cues" faults={faults}>
              <textarea {...text('cues', 4)} />
            </Field>
            <Field label="Common errors" hint="what you see: what you say" path="faults" faults={faults}>
              <textarea {...text('faults', 4)} />
            </Field>
            <Field label="Other names" path="otherNames" faults={faults}>
              <textarea {...text('otherNames', 2)} />
            </Field>
            <Field label="Cautions" path="cautions" faults={faults}>
              <textarea {...text('cautions', 2)} />
            </Field>
            {trouble && (
              <p role="alert" className="col-span-2 text-oxide">
                {trouble}
              </p>
            )}
            <div className="col-span-2 mt-1 flex justify-between">
              <span className="flex gap-2">
                <button type="submit" className="key key-strong">
                  Save
                </button>
                <button type="button" className="key" onClick={onClose}>
                  Cancel
                </button>
              </span>
              {own && mayDelete && (
                <button type="button" className="key text-oxide" onClick={() => void remove()}>
                  Remove
                </button>
              )}
            </div>
          </form>
        </DialogPanel>
      </div>
    </Dialog>
  );
}
