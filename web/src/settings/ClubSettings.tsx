import type { Units } from '@tropaeum/core/common/units';
import { object, string } from 'yup';
import { ask } from '../api/client';
import { queryClient, useMe } from '../api/queries';
import { useWork } from '../api/use-work';
import { Choice, Field, FormProblem, useForm } from '../ui/Form';
import { setUnits, useUnits } from '../ui/units';
import { WholeClub } from './WholeClub';

const rules = object({ name: string().trim().required('is required').max(80, 'must be 80 characters or fewer') });

const choices: { name: string; units: Units }[] = [
  { name: 'Kilograms and centimetres', units: { mass: 'kg', length: 'cm' } },
  { name: 'Pounds and inches', units: { mass: 'lb', length: 'in' } },
  { name: 'Kilograms and inches', units: { mass: 'kg', length: 'in' } },
  { name: 'Pounds and centimetres', units: { mass: 'lb', length: 'cm' } },
];

/** Ways to write a date, by an example of each. */
const languages = ['en-GB', 'en-US', 'nb-NO', 'sv-SE', 'da-DK', 'de-DE', 'fr-FR', 'es-ES', 'it-IT', 'nl-NL', 'pl-PL'];
const names = new Intl.DisplayNames(['en'], { type: 'language' });
const exampleOf = (language: string) =>
  new Intl.DateTimeFormat(language, { weekday: 'short', day: 'numeric', month: 'short' }).format(new Date(2026, 11, 9));

/** Name of the club, the units it works in and how dates are written; the whole club taken out, or away. */
export function ClubSettings() {
  const { data: me } = useMe();
  const { work, problem } = useWork(['me']);
  const units = useUnits();
  const form = useForm(rules, { name: me?.organisation ?? '' });
  const rename = form.sends(async ({ name }) => {
    await ask('/club', 'PATCH', { name });
    await queryClient.invalidateQueries({ queryKey: ['me'] });
    form.reset({ name });
  });
  /** Shown at once, and taken back where it could not be kept. */
  const choose = async (chosen: Units) => {
    setUnits(chosen);
    if (!(await work('units', () => ask('/club', 'PATCH', { settings: { units: chosen } })))) setUnits(units);
  };
  return (
    <div className="max-w-md">
      <form onSubmit={(event) => void rename(event)} noValidate className="mt-4 flex items-start gap-2">
        <Field form={form} name="name" label="Name of the club" className="flex-1" />
        <button type="submit" className="key mt-5" disabled={!form.formState.isDirty}>
          Rename
        </button>
      </form>
      <FormProblem form={form} />
      <fieldset className="mt-4">
        <legend className="label">Units</legend>
        {choices.map(({ name, units: choice }) => (
          <label key={name} className="mt-1 flex items-center gap-2">
            <input
              type="radio"
              name="units"
              checked={choice.mass === units.mass && choice.length === units.length}
              onChange={() => void choose(choice)}
            />
            {name}
          </label>
        ))}
        <p className="mt-2 text-small text-quiet">
          For everybody of the club and for its athletes' phones. Kit can be typed in either; documents stay metric.
        </p>
      </fieldset>
      <Choice
        label="Dates"
        className="mt-5 w-72"
        value={me?.settings.dates ?? ''}
        onChange={(e) => {
          const dates = e.target.value;
          void work('dates', () => ask('/club', 'PATCH', { settings: { dates: dates || null } }));
        }}
      >
        <option value="">as each reader's browser writes them</option>
        {languages.map((language) => (
          <option key={language} value={language}>
            {exampleOf(language)} · {names.of(language)}
          </option>
        ))}
      </Choice>
      <p role="alert" className="min-h-5 text-small text-oxide">
        {problem}
      </p>
      {me && <WholeClub name={me.organisation} />}
    </div>
  );
}
