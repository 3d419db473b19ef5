import * as yup from 'yup';
import { doseLimits } from '../dose/dose';
import { parseDose, printDose } from '../dose/notation';
import { type Catalogue, catalogueOf } from '../exercise/catalogue/catalogue';
import { blockKinds } from '../exercise/model/vocabulary';
import type { Draft, GroupFormat } from '../session/draft/draft';
import { knownIn, type ReadingContext } from './custom-exercise';
import type { ValidationIssue } from './validation';

const formats: GroupFormat[] = ['straight', 'pairs', 'rounds', 'circuits', 'timed'];
const wholeSeconds = yup
  .number()
  .min(0, 'must be 0 or more')
  .max(doseLimits.restSeconds[1], `must be ${doseLimits.restSeconds[1]} or less`)
  .required('is required');

/** A dose is legal when its own notation reads it back. */
function legalDose(value: unknown): boolean {
  try {
    return JSON.stringify(parseDose(printDose(value as never))).length > 0;
  } catch {
    return false;
  }
}

const choice = yup.object({
  variant: yup
    .string()
    .required('is required')
    .test('variant', 'is not a variant of the library', (id, test) => !id || knownIn(test)(id)),
  dose: yup.mixed().required('is required').test('dose', 'must be a legal dose', legalDose),
  load: yup
    .object({
      kg: yup.number().min(0.05, 'must be 0.05 kg or more').max(300, 'must be 300 kg or less'),
      with: yup.string().required('is required').max(120, 'must be 120 characters or fewer'),
    })
    .default(undefined),
  pinned: yup.boolean().required('is required'),
  setUpSeconds: yup.number().min(0, 'must be 0 or more').max(240, 'must be 240 or less'),
  ramp: yup
    .object({
      reps: yup.number().integer('must be whole').min(1, 'must be 1 or more').max(20, 'must be 20 or less').required(),
      kg: yup.number().min(0, 'must be 0 or more').max(500, 'must be 500 or less'),
    })
    .default(undefined),
  note: yup.string().max(240, 'must be 240 characters or fewer'),
});

const schema = yup.object({
  groups: yup
    .array()
    .of(
      yup.object({
        block: yup
          .string()
          .oneOf([...blockKinds], `must be one of ${blockKinds.join(', ')}`)
          .required('is required'),
        format: yup
          .string()
          .oneOf(formats, `must be one of ${formats.join(', ')}`)
          .required('is required'),
        roundRestSeconds: wholeSeconds,
        choices: yup
          .array()
          .of(choice)
          .min(1, 'must hold at least one')
          .max(12, 'must hold 12 or fewer')
          .required('is required'),
      }),
    )
    .max(40, 'must hold 40 or fewer')
    .required('is required'),
});

/** Reads a draft as an editor sends it, made of the exercises that a catalogue knows: the draft, or every fault with its path. */
export function readDraft(
  value: unknown,
  catalogue: Catalogue = catalogueOf(),
): { draft: Draft } | { faults: ValidationIssue[] } {
  try {
    const context: ReadingContext = { known: (id) => catalogue.byId(id) !== undefined };
    return {
      draft: schema.validateSync(value ?? {}, { abortEarly: false, strict: true, context }) as unknown as Draft,
    };
  } catch (error) {
    if (!(error instanceof yup.ValidationError)) throw error;
    const inner = error.inner.length ? error.inner : [error];
    return { faults: inner.map((e) => ({ path: `draft.${e.path ?? ''}`, message: e.message })) };
  }
}
