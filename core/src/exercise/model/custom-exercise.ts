import * as yup from 'yup';
import { parseDose } from '../../dose/notation';
import { requiredCautions } from './cautions';
import type { Variant } from './variant';
import { type KitKind, kitKinds, type Level, levels } from './vocabulary';

/** A coach's own variant: a shipped one with other words, dose and kit. */
export interface CustomExercise {
  id: string;
  /** The shipped variant whose poses and joint actions it keeps. */
  copyOf: string;
  name: string;
  otherNames: string[];
  purpose: string;
  level: Level;
  cues: string[];
  faults: { see: string; say: string }[];
  cautions: string[];
  dose: string;
  /** Every list names alternatives, one of which must be there. */
  kit: KitKind[][];
}

const longestName = 80;
const longestSentence = 160;

const sentence = (longest: number) =>
  yup
    .string()
    .strict()
    .required('must not be empty')
    .test('written', 'must not be empty', (text) => (text ?? '').trim().length > 0)
    .max(longest, `must be ${longest} characters or fewer`);

const list = <T extends yup.AnySchema>(of: T, least: number, most: number, what: string) =>
  yup
    .array()
    .of(of)
    .required('is required')
    .min(least, least === most ? `must name ${least} ${what}` : `must name at least ${least} ${what}`)
    .max(most, `must name at most ${most} ${what}`);

const shape = yup.object({
  id: yup
    .string()
    .strict()
    .required('is required')
    .matches(/^[a-z0-9]+(-[a-z0-9]+)*$/, 'must be small letters, digits and hyphens, such as my-squat')
    .max(longestName, `must be ${longestName} characters or fewer`),
  copyOf: yup.string().strict().required('is required'),
  name: sentence(longestName),
  otherNames: list(sentence(longestName), 0, 8, 'other names'),
  purpose: sentence(longestSentence),
  level: yup
    .mixed<Level>()
    .oneOf(levels, `must be one of ${levels.join(', ')}`)
    .required('is required'),
  cues: list(sentence(longestSentence), 2, 4, 'cues'),
  faults: list(yup.object({ see: sentence(longestSentence), say: sentence(longestSentence) }), 1, 3, 'faults'),
  cautions: list(sentence(longestSentence), 0, 6, 'cautions'),
  dose: yup
    .string()
    .strict()
    .required('is required')
    .max(60, 'must be 60 characters or fewer')
    .test('dose', '', (text, test) => {
      try {
        parseDose(text ?? '');
        return true;
      } catch (error) {
        return test.createError({ message: (error as Error).message });
      }
    }),
  kit: list(
    list(
      yup
        .mixed<KitKind>()
        .oneOf(kitKinds, `must be one of ${kitKinds.join(', ')}`)
        .required('is required'),
      1,
      kitKinds.length,
      'things',
    ),
    0,
    4,
    'kinds of kit',
  ),
});

export interface CustomExerciseIssue {
  path: string;
  message: string;
}

/**
 * Reads an own variant as it was sent: the variant, or every fault with the path of its field. `known` are the shipped variants and the
 * coach's other ones: the id must be new among them and `copyOf` must name a shipped one.
 *
 * @example 'faults' in readCustomExercise({ name: '' }, []) // true
 */
export function readCustomExercise(
  given: unknown,
  shipped: (id: string) => Variant | undefined,
  takenIds: readonly string[],
): { own: CustomExercise } | { faults: CustomExerciseIssue[] } {
  try {
    const own = shape.validateSync(given, { abortEarly: false, stripUnknown: true }) as CustomExercise;
    const faults: CustomExerciseIssue[] = [];
    const base = shipped(own.copyOf);
    if (!base) faults.push({ path: 'copyOf', message: `"${own.copyOf}" is not an exercise of the library` });
    if (shipped(own.id) || takenIds.includes(own.id))
      faults.push({ path: 'id', message: `"${own.id}" is taken; choose another` });
    if (base?.load?.required && own.kit.length === 0)
      faults.push({ path: 'kit', message: 'must name what gives the load' });
    return faults.length ? { faults } : { own };
  } catch (error) {
    if (!(error instanceof yup.ValidationError)) throw error;
    const inner = error.inner.length ? error.inner : [error];
    const first = new Map(inner.map((e) => [e.path ?? '', e.message] as const).reverse());
    return { faults: [...first].reverse().map(([path, message]) => ({ path, message })) };
  }
}

/** The words of a shipped variant, ready to be changed into an own one. */
export function copyAsCustom(base: Variant, id: string, dose: string): CustomExercise {
  return {
    id,
    copyOf: base.id,
    name: `${base.name}, our way`,
    otherNames: [...base.otherNames],
    purpose: base.purpose,
    level: base.level,
    cues: [...base.cues],
    faults: base.faults.map(({ see, say }) => ({ see, say })),
    cautions: [...base.cautions],
    dose,
    kit: base.needs.kit.map((any) => [...any]),
  };
}

/** An own variant as a variant: poses, joint actions and everything measured from the shipped one, the rest the coach's. */
export function customVariant(own: CustomExercise, base: Variant): Variant {
  const { easier, harder, harderBecause, ...kept } = base;
  const variant: Variant = {
    ...kept,
    id: own.id,
    name: own.name,
    otherNames: own.otherNames,
    purpose: own.purpose,
    level: own.level,
    cues: own.cues,
    faults: own.faults,
    cautions: own.cautions,
    dose: parseDose(own.dose),
    needs: { ...base.needs, kit: own.kit },
    sources: [`after ${base.name}`],
  };
  return { ...variant, cautions: [...own.cautions, ...requiredCautions(variant).map((c) => c.text)] };
}
