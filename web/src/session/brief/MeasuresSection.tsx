import { assumedWords } from '@tropaeum/core/athlete/assumed';
import { typedIn } from '@tropaeum/core/common/units';
import { useEffect } from 'react';
import { object, string } from 'yup';
import { ask } from '../../api/client';
import { queryClient, useSquads } from '../../api/queries';
import { sportIn, useClubSports } from '../../demands/club-sports';
import { Choice, Field, FormProblem, useForm } from '../../ui/Form';
import { type PartProps, Section } from '../../ui/Section';
import { useMeasures } from '../../ui/units';
import { useSession } from '../state/store';

const number = string()
  .trim()
  .required('is required')
  .matches(/^\d+([.,]\d+)?$/, 'must be a number');
const rules = object({ height: number, mass: number, role: string().required() });
/** The number of a measure as it is shown. */
const numberIn = (shown: string) => shown.split(' ')[0] ?? '';
const numberTyped = (text: string) => Number(text.replace(',', '.'));

interface MeasuresProps extends PartProps {
  /** Stands first while something is assumed, among the rest once all has been said. */
  when: 'assumed' | 'said';
}

/** Height, mass and role: loads, figures and room follow them. What nobody has said yet is asked for here. */
export function MeasuresSection({ when, brief, change }: MeasuresProps) {
  const athleteId = useSession((s) => s.athleteId);
  const listed = useSquads().data?.athletes.find(({ id }) => id === athleteId);
  const sport = sportIn(useClubSports().data ?? [], brief.sport.id);
  const { units, length: lengthWords, mass: massWords } = useMeasures();
  const { heightCm, massKg } = brief.athlete;
  const known = {
    height: numberIn(lengthWords(heightCm)),
    mass: numberIn(massWords(massKg)),
    role: brief.sport.role,
  };
  const form = useForm(rules, known);
  const { height, mass, role } = known;
  useEffect(() => form.reset({ height, mass, role }), [form.reset, height, mass, role]);
  const assumed = listed?.assumed ?? [];
  if (assumed.length > 0 !== (when === 'assumed')) return null;
  const save = form.sends(
    async (typed) => {
      const measured = {
        heightCm: typed.height === height ? heightCm : typedIn(numberTyped(typed.height), units.length),
        massKg: typed.mass === mass ? massKg : typedIn(numberTyped(typed.mass), units.mass),
      };
      await ask(`/athletes/${athleteId}`, 'PATCH', { role: typed.role, athlete: measured });
      change({ athlete: { ...brief.athlete, ...measured }, sport: { ...brief.sport, role: typed.role } });
      await Promise.all(
        [['squads'], ['athlete', athleteId]].map((queryKey) => queryClient.invalidateQueries({ queryKey })),
      );
    },
    (path) => ({ 'athlete.heightCm': 'height', 'athlete.massKg': 'mass', 'sport.role': 'role' })[path] ?? path,
  );
  return (
    <Section title="Measures">
      {assumed.length > 0 && (
        <p className="mb-1.5 border-l-4 border-bronze bg-sheet px-2 py-1 text-[0.84rem] leading-snug">
          <b>Assumed: {assumedWords(assumed)}.</b> Loads and figures follow. Ask, correct and save.
        </p>
      )}
      <form onSubmit={(event) => void save(event)} noValidate>
        <div className="grid grid-cols-2 gap-1.5">
          <Field form={form} name="height" label={`Height, ${units.length}`} inputMode="decimal" />
          <Field form={form} name="mass" label={`Mass, ${units.mass}`} inputMode="decimal" />
        </div>
        <Choice label="Role" className="mt-1.5" {...form.register('role')}>
          {(sport?.roles ?? []).map((r) => (
            <option key={r.id} value={r.id}>
              {r.name}
            </option>
          ))}
        </Choice>
        {(form.formState.isDirty || assumed.length > 0) && (
          <button type="submit" className="key mt-2 h-7" disabled={form.formState.isSubmitting}>
            {form.formState.isDirty ? 'Save measures' : 'They are right'}
          </button>
        )}
        {form.formState.errors.root && <FormProblem form={form} />}
      </form>
    </Section>
  );
}
