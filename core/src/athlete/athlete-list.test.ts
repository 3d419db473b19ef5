import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { metric } from '../common/units';
import { readAthleteList } from './athlete-list';

const roles = [
  { id: 'back', name: 'Back' },
  { id: 'keeper', name: 'Goalkeeper' },
];
const read = (text: string, units = metric) => readAthleteList(text, roles, units, '2026-12-09');
const ines = { name: 'Ines Vold', born: '2004-05-01', role: 'back', heightCm: 178, massKg: 74 };

describe('a squad typed as a list', () => {
  it.each([
    ['Ines Vold, 2004-05-01, back, 178, 74', ines],
    ['Ines Vold; 1.5.2004; Back; 178 cm; 74 kg', ines],
    ['Ines Vold\t2004-5-1\tBACK\t1.78 m\t74', ines],
    ['Ines Vold; 2004-05-01; goal; 178; 74,5', { ...ines, role: 'keeper', massKg: 74.5 }],
    ['Ines Vold, 2004-05-01, back, 70 in, 163 lbs', { ...ines, heightCm: 177.8, massKg: 73.94 }],
  ])('%s', (text, athlete) => expect(read(text)).toEqual([{ line: 1, athlete }]));

  it('without units it is in those of the club', () => {
    const [line] = read('Ines Vold, 2004-05-01, back, 70, 163', { mass: 'lb', length: 'in' });
    expect(line).toEqual({ line: 1, athlete: { ...ines, heightCm: 177.8, massKg: 73.94 } });
  });

  it.each([
    ['Ines Vold, 2004-05-01', ['role', 'heightCm', 'massKg'], 'back', 172, 70],
    ['Ines Vold, 2011-12-01, goal', ['heightCm', 'massKg'], 'keeper', 165, 55],
    ['Ines Vold; 2004-05-01; ; 178; 74', ['role'], 'back', 178, 74],
    ['Ines Vold; 2004-05-01; back; ; 74', ['heightCm'], 'back', 172, 74],
  ])('what a line leaves out is assumed and said to be: %s', (text, assumed, role, heightCm, massKg) => {
    const [line] = read(text);
    expect(line).toMatchObject({ athlete: { assumed, role, heightCm, massKg } });
  });

  it('passes titles and empty lines over, and counts lines as they stand', () => {
    const lines = read(
      'Name, born, role, height, mass\n\nIra Moe, 2008-01-31, keeper, 170, 60\nIra moe, 2008-01-31, back, 170, 60',
    );
    expect(lines).toEqual([
      { line: 3, athlete: { name: 'Ira Moe', born: '2008-01-31', role: 'keeper', heightCm: 170, massKg: 60 } },
      { line: 4, fault: { part: 'Ira moe', message: 'stands twice in the list' } },
    ]);
  });

  it.each([
    ['Ines Vold', 'Ines Vold', 'needs a name and a day of birth'],
    ['Ines Vold, 2004-02-30, back, 178, 74', '2004-02-30', 'no day of birth'],
    ['Ines Vold, 2030-02-01, back, 178, 74', '2030-02-01', 'in the past'],
    ['Ines Vold, 2004-05-01, striker, 178, 74', 'striker', 'Back, Goalkeeper'],
    ['Ines Vold, 2004-05-01, back, 17.8, 74', '17.8', 'from 120 to 220 cm'],
    ['Ines Vold, 2004-05-01, back, 178, 740', '740', 'from 25 to 200 kg'],
    ['Ines Vold, 2004-05-01, back, 178 kg, 74', '178 kg', 'a height such as 178 cm'],
  ])('%s is refused at %s', (text, part, words) => {
    const [line] = read(text);
    expect(line).toMatchObject({ line: 1, fault: { part, message: expect.stringContaining(words) } });
  });

  it('never throws, and says something of every line that is not empty', () => {
    fc.assert(
      fc.property(fc.string({ maxLength: 120 }), (text) => {
        const filled = text.split(/\r?\n/).filter((l) => l.trim() && !/^\s*name\s*[,;\t]/i.test(l)).length;
        expect(read(text)).toHaveLength(filled);
      }),
    );
  });
});
