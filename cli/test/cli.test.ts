import { spawnSync } from 'node:child_process';
import { mkdtempSync, readFileSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { beforeAll, describe, expect, it } from 'vitest';
import { plainCase } from '../../core/test/calendar-cases';
import { decisionCase, sets, twice } from '../../core/test/decision-cases';
import { bundle } from '../../scripts/bundle.mjs';

const example = readFileSync('docs/formats/examples/brief.json', 'utf8');

/** The command line in one file: what every call would otherwise translate anew. */
const bundled = 'cli/dist/main.mjs';
beforeAll(() => bundle('cli', { main: 'main.ts' }));

function tropaeum(args: string[], input = '') {
  const run = spawnSync(process.execPath, [bundled, ...args], {
    input,
    encoding: 'utf8',
    maxBuffer: 64 * 1024 * 1024,
  });
  return {
    code: run.status,
    out: run.stdout,
    err: run.stderr,
    faults: run.stderr
      .split('\n')
      .filter((l) => l.startsWith('{'))
      .map((l) => JSON.parse(l)),
  };
}

describe('command line', () => {
  it('composes the brief of the documents: exit 0, a plan on standard output', () => {
    const { code, out } = tropaeum(['compose'], example);
    expect(code).toBe(0);
    const plan = JSON.parse(out);
    expect(plan.minutes.planned).toBeGreaterThan(24);
    expect(plan.minutes.planned).toBeLessThanOrEqual(30);
    expect(plan.solution.gap).toBeLessThanOrEqual(0.05);
  });

  it('lays the weeks of a calendar, and names the fault of one that cannot be read', () => {
    const calendar = { format: 'tropaeum-calendar/1', ...plainCase() };
    const { code, out } = tropaeum(['season', 'lay'], JSON.stringify(calendar));
    expect(code).toBe(0);
    const { plan, gave } = JSON.parse(out);
    expect(plan.length).toBeGreaterThanOrEqual(4);
    expect(gave).toEqual([]);
    const broken = tropaeum(['season', 'lay'], JSON.stringify({ ...calendar, from: '2027-01-13' }));
    expect(broken.code).toBe(2);
    expect(broken.faults).toContainEqual({ path: 'from', message: 'must be a Monday' });
  });

  it('refuses with exit 3 and says rest', () => {
    const brief = JSON.parse(example);
    brief.athlete.readiness.ill = true;
    const { code, out } = tropaeum(['compose'], JSON.stringify(brief));
    expect(code).toBe(3);
    expect(JSON.parse(out).refused.reason).toContain('rest');
  });

  it('names every fault with exit 2 and writes nothing else', () => {
    const { code, out, faults } = tropaeum(
      ['compose'],
      JSON.stringify({ ...JSON.parse(example), minutes: -5, kit: { items: [{ kind: 'spoon' }] } }),
    );
    expect(code).toBe(2);
    expect(out).toBe('');
    expect(faults.map((f) => f.path)).toEqual(expect.arrayContaining(['minutes', 'kit.items[0].kind']));
  });

  it.each([['{ not json'], [''], ['[]']])('exit 2 for %j', (input) => {
    const { code, faults } = tropaeum(['compose'], input);
    expect(code).toBe(2);
    expect(faults.length).toBeGreaterThan(0);
  });

  it('exit 2 for a file that is not there, an unknown variant and an unknown command', () => {
    expect(tropaeum(['compose', 'nowhere.json']).code).toBe(2);
    expect(tropaeum(['body', 'cartwheel']).code).toBe(2);
    expect(tropaeum(['body', 'push-up', '--height', '17']).code).toBe(2);
    expect(tropaeum(['juggle']).code).toBe(2);
  });

  it('weighs a variant', () => {
    const { code, out } = tropaeum(['body', 'push-up', '--height', '175', '--mass', '75']);
    expect(code).toBe(0);
    expect(JSON.parse(out).keyframes).toHaveLength(2);
  });

  it('exports a sport, reads it back, and names the faults of a broken one', () => {
    const exported = tropaeum(['sport', 'rowing']);
    expect(exported.code).toBe(0);
    const again = tropaeum(['sport-check'], exported.out);
    expect([again.code, JSON.parse(again.out)]).toEqual([0, JSON.parse(exported.out)]);
    const broken = tropaeum(['sport-check'], exported.out.replace('"fast"', '"explosive"'));
    expect(broken.code).toBe(2);
    expect(broken.faults[0].path).toMatch(/^actions\[\d\]\.speed$/);
    expect(tropaeum(['sport-check'], exported.out.slice(0, 300)).faults[0].message).toContain('ends in the middle');
    expect(tropaeum(['sport', 'hopscotch']).code).toBe(2);
  });

  it('lists library, sports and what is feasible with the reasons for the rest', () => {
    expect(JSON.parse(tropaeum(['library']).out).length).toBeGreaterThanOrEqual(45);
    const listed = JSON.parse(tropaeum(['sports']).out);
    expect(listed).toHaveLength(30);
    for (const { actions, roles } of listed)
      for (const { id } of roles)
        expect(
          actions.reduce((s: number, a: { asked: Record<string, number> }) => s + (a.asked[id] ?? 0), 0),
        ).toBeCloseTo(1, 9);
    const { feasible, infeasible } = JSON.parse(tropaeum(['feasible'], example).out);
    expect(feasible.length).toBeGreaterThan(20);
    expect(infeasible.every((v: { reasons: string[] }) => v.reasons.length > 0)).toBe(true);
  });

  const who = ['--sex', 'male', '--age', '25', '--height', '178', '--mass', '75', '--level', 'intermediate'];
  const predicted = (args: string[]) => JSON.parse(tropaeum(['predict', ...args]).out);

  it('predicts what an athlete does: every interval in order, heavier is harder, tests narrow it', () => {
    const bench = predicted(['bench-press', ...who, '--load', '60']);
    for (const { low, mid, high } of [bench.fractionOfMax, bench.repetitionsToFailure, bench.oneRepMaxKg]) {
      expect(low).toBeLessThanOrEqual(mid);
      expect(mid).toBeLessThanOrEqual(high);
    }
    expect(bench.limits).toMatch(/^(elbow|shoulder) /);
    expect(predicted(['bench-press', ...who, '--load', '80']).fractionOfMax.mid).toBeGreaterThan(
      bench.fractionOfMax.mid,
    );
    expect(predicted(['back-squat', ...who]).repetitionsToFailure).toBeNull();
    expect(predicted(['push-up', ...who]).jumpHeightCm).toBeUndefined();
    expect(predicted(['countermovement-jump', ...who]).jumpHeightCm.mid).toBeGreaterThan(20);
    const before = predicted(['push-up', ...who]).repetitionsToFailure;
    const file = join(mkdtempSync(join(tmpdir(), 'predict-')), 'tests.json');
    writeFileSync(file, JSON.stringify([{ variant: 'push-up', maxReps: 44 }]));
    const after = predicted(['push-up', ...who, '--tests', file]).repetitionsToFailure;
    expect(after.high - after.low).toBeLessThan(before.high - before.low);
    expect(after.low).toBeLessThanOrEqual(44);
    expect(after.high).toBeGreaterThanOrEqual(44);
  });

  it.each([
    ['an unknown variant', ['cartwheel', ...who], /cartwheel/],
    ['a negative mass', ['push-up', ...who, '--mass', '-5'], /--mass .*-5/],
    ['age 0', ['push-up', ...who, '--age', '0'], /--age .*0/],
    ['a level nobody has', ['push-up', ...who, '--level', 'heroic'], /--level .*heroic/],
    ['a weight on what takes none', ['side-plank', ...who, '--load', '20'], /takes no weight/],
    ['tests that are not there', ['push-up', ...who, '--tests', 'nowhere.json'], /nowhere/],
  ])('predict refuses %s with exit 2, naming it', (_, args, named) => {
    const { code, out, err } = tropaeum(['predict', ...args]);
    expect(code).toBe(2);
    expect(out).toBe('');
    expect(err).toMatch(named);
  });

  it('ends quietly when whoever reads along has seen enough', () => {
    const command = `'${process.execPath}' ${bundled} library | head -c 100`;
    const { status, stdout, stderr } = spawnSync('bash', ['-o', 'pipefail', '-c', command], { encoding: 'utf8' });
    expect(stdout).toHaveLength(100);
    expect(stderr).toBe('');
    expect(status).toBe(0);
  });

  it('decides on an item: the move with how, why and rule; what is wrong is named, exit 2', () => {
    const given = decisionCase({ history: twice(sets([10, 10, 12]), sets([10, 10, 12])) });
    const { code, out } = tropaeum(['decide'], JSON.stringify({ id: 'one', expected: { move: 'hold' }, ...given }));
    expect(code).toBe(0);
    expect(JSON.parse(out)).toEqual({
      move: 'progress',
      how: '18 kg instead of 16, 3 × 10',
      why: expect.stringContaining('two sessions running'),
      rule: 'two-for-two',
    });
    const wrong = tropaeum(['decide'], JSON.stringify({ ...given, athlete: { level: 'divine', age: 25 }, history: 3 }));
    expect(wrong.code).toBe(2);
    expect(wrong.faults.map((f) => f.path).sort()).toEqual(['athlete.level', 'history']);
  });
});
