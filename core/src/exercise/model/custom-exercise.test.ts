import { describe, expect, it } from 'vitest';
import { printDose } from '../../dose/notation';
import { library, variantById } from '../library/library';
import { type CustomExercise, copyAsCustom, customVariant, readCustomExercise } from './custom-exercise';

const base = variantById('push-up');
if (!base) throw new Error('no push-up');
const copy = copyAsCustom(base, 'our-push-up', printDose(base.dose));
const read = (changes: object, taken: string[] = []) => readCustomExercise({ ...copy, ...changes }, variantById, taken);
const faults = (changes: object, taken?: string[]) => {
  const reading = read(changes, taken);
  return 'faults' in reading ? reading.faults : [];
};

describe("a club's own exercise", () => {
  it('is a shipped one with other words, dose and kit; poses and moments stay', () => {
    const words: CustomExercise = {
      ...copy,
      name: 'Matchday push-up',
      dose: '2x6 2-0-X',
      cues: ['Fast up', 'Stop early'],
    };
    const own = customVariant(words, base);
    expect(own).toMatchObject({ id: 'our-push-up', name: 'Matchday push-up', cues: ['Fast up', 'Stop early'] });
    expect(own.dose).toMatchObject({ sets: 2, work: { kind: 'reps', reps: 6 } });
    expect(own.keyframes).toBe(base.keyframes);
    expect(own.jointActions).toEqual(base.jointActions);
    expect(own.easier).toBeUndefined();
  });

  it('can be copied from every exercise of the library as it stands', () => {
    for (const variant of library) {
      const reading = readCustomExercise(copyAsCustom(variant, 'ours', printDose(variant.dose)), variantById, []);
      expect('faults' in reading ? reading.faults : [], variant.id).toEqual([]);
    }
  });

  it.each([
    ['name', { name: '' }, 'must not be empty'],
    ['name', { name: '   ' }, 'must not be empty'],
    ['name', { name: 'x'.repeat(1_000_000) }, '80 characters'],
    ['name', { name: 7 }, 'string'],
    ['id', { id: 'Our Push-up' }, 'small letters'],
    ['id', { id: 'push-up' }, 'is taken'],
    ['copyOf', { copyOf: 'cartwheel' }, 'is not an exercise of the library'],
    ['dose', { dose: 'three times' }, 'expected sets and work'],
    ['cues', { cues: ['one'] }, 'at least 2 cues'],
    ['cues[1]', { cues: ['one', ''] }, 'must not be empty'],
    ['faults', { faults: [] }, 'at least 1 faults'],
    ['level', { level: 'olympic' }, 'must be one of new'],
    ['kit[0][0]', { kit: [['spoon']] }, 'must be one of dumbbell'],
  ])('is refused at %s', (path, changes, words) => {
    const fault = faults(changes).find((f) => f.path === path);
    expect(fault?.message).toContain(words);
  });

  it('is refused when the id is taken by another of the club, and when what gives the load is gone', () => {
    expect(faults({}, ['our-push-up'])[0]).toMatchObject({ path: 'id' });
    const curl = variantById('hand-weight-curl');
    if (!curl) throw new Error('no curl');
    const without = { ...copyAsCustom(curl, 'our-curl', '3x8'), kit: [] };
    const reading = readCustomExercise(without, variantById, []);
    expect('faults' in reading && reading.faults[0]?.path).toBe('kit');
  });

  it('names every fault at once', () => {
    expect(faults({ name: '', dose: '', cues: [] }).map((f) => f.path)).toEqual(
      expect.arrayContaining(['name', 'dose', 'cues']),
    );
  });
});
