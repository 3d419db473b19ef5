import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { completions } from './completion';
import { DoseSyntaxError, parseDose, printDose } from './notation';

describe('a dose as people type it', () => {
  it.each<[string, string]>([
    ['3x8', '3x8'],
    ['3 x 8', '3x8'],
    ['3×8', '3x8'],
    ['3*8', '3x8'],
    ['3X8', '3x8'],
    ['3 sets of 8', '3x8'],
    ['3 sets x 8 reps', '3x8'],
    ['1 set of 20', '1x20'],
    ['3x8 reps', '3x8'],
    ['3x8/side', '3x8/side'],
    ['3x8 / side', '3x8/side'],
    ['3x8/leg', '3x8/side'],
    ['3x8 per side', '3x8/side'],
    ['3x8 a side', '3x8/side'],
    ['3x8 each leg', '3x8/side'],
    ['3x8 each', '3x8/side'],
    ['3x8 ea', '3x8/side'],
    ['3x8 per arm r45', '3x8/side r45'],
    ['3x30s', '3x30s'],
    ['3x30 s', '3x30s'],
    ['3x30sec', '3x30s'],
    ['3 x 30 seconds', '3x30s'],
    ['3x30 seconds each side', '3x30s/side'],
    ['3x40s!', '3x40s!'],
    ['2x5 breaths', '2x5br'],
    ['2x5br', '2x5br'],
    ['3x20 contacts', '3x20c'],
    ['3x20 landings', '3x20c'],
    ['2x15 m', '2x15m'],
    ['2x15 metres', '2x15m'],
    ['3x8 tempo 3-1-1', '3x8 3-1-1'],
    ['3x8 3-1-X', '3x8 3-1-X'],
    ['4x3 x', '4x3 X'],
    ['3x8 rir 2', '3x8 rir2'],
    ['3x8 2 rir', '3x8 rir2'],
    ['3x8 2 in reserve', '3x8 rir2'],
    ['3x8 2 left', '3x8 rir2'],
    ['3x8 rpe 8', '3x8 rir2'],
    ['3x8 @rpe9', '3x8 rir1'],
    ['3x8 rest 60', '3x8 r60'],
    ['3x8 60s rest', '3x8 r60'],
    ['3x8 r 60', '3x8 r60'],
    ['3x8 r60s', '3x8 r60'],
    ['3x8 rest 1:30', '3x8 r90'],
    ['3x8 2 min rest', '3x8 r120'],
    ['3x8 rest 45 3-1-1', '3x8 3-1-1 r45'],
    ['3 sets of 8 each leg, rpe 8, rest 60', '3x8/side rir2 r60'],
    ['3x8 r60 rir2 3-1-1', '3x8 3-1-1 rir2 r60'],
  ])('"%s" is %s', (typed, printed) => {
    expect(printDose(parseDose(typed))).toBe(printed);
  });

  it.each<[string, RegExp]>([
    ['', /sets and work such as 3x8/],
    ['8', /sets and work/],
    ['x8', /sets and work/],
    ['3x', /sets and work/],
    ['three times eight', /sets and work/],
    ['3-8', /sets and work/],
    ['3x8x2', /sets and work/],
    ['3/8', /sets and work/],
    ['a few', /sets and work/],
    ['3x8kg', /sets and work/],
    ['3x-8', /sets and work/],
    ['0x8', /sets between 1 and 10/],
    ['11x8', /sets between 1 and 10/],
    ['3x0', /repetitions between 1 and 100/],
    ['3x101', /repetitions between 1 and 100/],
    ['3x8.5', /a whole number/],
    ['3x8,5', /a whole number/],
    ['3x2s', /seconds between 3 and 600/],
    ['3x601s', /seconds between 3 and 600/],
    ['3x31br', /breaths between 1 and 30/],
    ['3x201c', /contacts between 1 and 200/],
    ['3x401m', /metres between 1 and 400/],
    ['3x8!', /"!" only after seconds/],
    ['3x5br!', /"!" only after seconds/],
    ['3x8 soon', /a tempo \(3-1-1\), a reserve \(rir2\) or a rest \(r60\)/],
    ['3x8 heavy', /a tempo/],
    ['3x8 20kg', /a tempo/],
    ['3x8 3-1', /a tempo such as 3-1-1/],
    ['3x8 3-1-1-0-0', /a tempo such as 3-1-1/],
    ['3x8 X-1-1', /X only as the third number/],
    ['3x8 3-X-1', /X only as the third number/],
    ['3x8 0-0-0', /at least one second/],
    ['3x8 11-0-0', /seconds of tempo between 0 and 10/],
    ['3x8 rir11', /repetitions in reserve between 0 and 10/],
    ['3x8 rpe 11', /a tempo/],
    ['3x8 rpe 7.5', /a tempo/],
    ['3x8 r301', /seconds of rest between 0 and 300/],
    ['3x8 rest 10:00', /seconds of rest between 0 and 300/],
    ['3x8 r30 r60', /only one rest/],
    ['3x8 rir1 rpe 8', /only one reserve/],
    ['3x8 3-1-1 X', /only one tempo/],
  ])('"%s" is refused, and what was expected is said', (typed, expected) => {
    expect(() => parseDose(typed)).toThrow(DoseSyntaxError);
    expect(() => parseDose(typed)).toThrow(expected);
  });
});

describe('completing a dose', () => {
  it.each<[string, string[]]>([
    ['', ['3x8', '3x8/side', '3x30s', '3x40s!', '3x20c', '2x5br']],
    ['3x3', ['3x30s', '3x3/side', '3x3 3-1-1', '3x3 X', '3x3 rir2', '3x3 r60']],
    ['3x8 r', ['3x8 rir2', '3x8 r60']],
    ['3x8/side 3-1-1', ['3x8/side 3-1-1 rir2', '3x8/side 3-1-1 r60']],
    ['3x8 3-1-1 rir2 r60', []],
    ['3x8 soon', []],
  ])('"%s" goes on as %j', (typed, texts) => {
    expect(completions(typed).map((c) => c.text)).toEqual(texts);
  });

  it('offers only what can be read, whatever is typed', () => {
    const pieces = fc.constantFrom('3x8', '3', 'x', '/side', ' r', ' rir2', ' 3-', ' X', ' r60', 's', '!', ' ');
    fc.assert(
      fc.property(fc.array(pieces, { maxLength: 5 }), (parts) => {
        for (const { text, says } of completions(parts.join(''))) {
          expect(() => parseDose(text)).not.toThrow();
          expect(says.length).toBeGreaterThan(3);
        }
      }),
      { numRuns: 500 },
    );
  });
});
