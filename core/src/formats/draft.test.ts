import { describe, expect, it } from 'vitest';
import { readDraft } from './draft';

describe('drafts from an editor', () => {
  const choice = {
    variant: 'push-up',
    dose: { sets: 3, work: { kind: 'reps', reps: 8 }, perSide: false, restSeconds: 60 },
    pinned: false,
  };
  const group = { block: 'strength', format: 'straight', roundRestSeconds: 0, choices: [choice] };

  it('are read', () => {
    expect(readDraft({ groups: [group] })).toEqual({ draft: { groups: [group] } });
  });

  it.each([
    ['no groups', {}, 'draft.groups'],
    ['an unknown block', { groups: [{ ...group, block: 'dessert' }] }, 'draft.groups[0].block'],
    [
      'an unknown variant',
      { groups: [{ ...group, choices: [{ ...choice, variant: 'cartwheel' }] }] },
      'draft.groups[0].choices[0].variant',
    ],
    [
      'a dose without work',
      { groups: [{ ...group, choices: [{ ...choice, dose: { sets: 3 } }] }] },
      'draft.groups[0].choices[0].dose',
    ],
    [
      'an illegal dose',
      { groups: [{ ...group, choices: [{ ...choice, dose: { ...choice.dose, sets: 99 } }] }] },
      'draft.groups[0].choices[0].dose',
    ],
    [
      'a negative load',
      { groups: [{ ...group, choices: [{ ...choice, load: { kg: -4, with: 'x' } }] }] },
      'draft.groups[0].choices[0].load.kg',
    ],
  ])('with %s name %s', (_, value, path) => {
    const reading = readDraft(value);
    expect('faults' in reading && reading.faults.map((f) => f.path)).toContain(path);
  });
});
