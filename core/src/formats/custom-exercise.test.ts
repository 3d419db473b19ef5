import Ajv2020 from 'ajv/dist/2020';
import { describe, expect, it } from 'vitest';
import example from '../../../docs/formats/examples/brief.json';
import { parseDose } from '../dose/notation';
import { catalogueOf } from '../exercise/catalogue/catalogue';
import { variantById } from '../exercise/library/library';
import { copyAsCustom } from '../exercise/model/custom-exercise';
import type { Variant } from '../exercise/model/variant';
import { readBrief, writeBrief } from './brief';
import { readDraft } from './draft';
import { briefSchema } from './schemas';

const ajv = new Ajv2020({ allErrors: true, strict: false });
const validBrief = ajv.compile(briefSchema);

describe("a club's own exercises in a brief", () => {
  const words = copyAsCustom(variantById('push-up') as Variant, 'quay-push-up', '2x5 4-1-1 r90');
  const brought = { ...(example as object), own: [words], lock: { include: ['quay-push-up'] } };

  it('are read, may be locked and drafted, and go out as they came in', () => {
    const reading = readBrief(brought);
    if ('faults' in reading) throw new Error(JSON.stringify(reading.faults));
    expect(reading.brief.own).toEqual([words]);
    expect(validBrief(writeBrief(reading.brief))).toBe(true);
    const chosen = { variant: 'quay-push-up', dose: parseDose('2x5 r60'), pinned: false };
    const draft = { groups: [{ block: 'strength', format: 'straight', roundRestSeconds: 0, choices: [chosen] }] };
    expect('draft' in readDraft(draft, catalogueOf(reading.brief.own))).toBe(true);
    expect('faults' in readDraft(draft)).toBe(true);
  });

  it.each([
    ['an empty name', { ...words, name: '' }, 'own[0].name'],
    ['a shipped id', { ...words, id: 'squat' }, 'own[0].id'],
    ['a copy of nothing', { ...words, copyOf: 'handspring' }, 'own[0].copyOf'],
    ['a dose nobody can read', { ...words, dose: 'lots' }, 'own[0].dose'],
  ])('%s is refused at its field', (_, bad, path) => {
    const reading = readBrief({ ...(example as object), own: [bad] });
    expect('faults' in reading && reading.faults.map((f) => f.path)).toContain(path);
  });

  it('a list that is none is refused whole', () => {
    expect(readBrief({ ...(example as object), own: 'mine' })).toMatchObject({ faults: [{ path: 'own' }] });
  });
});
