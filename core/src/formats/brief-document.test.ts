import Ajv2020 from 'ajv/dist/2020';
import { describe, expect, it } from 'vitest';
import { changedBrief, issuesOfBrief } from '../../test/brief-documents';
import { exampleBrief } from '../../test/briefs';
import { readBrief, writeBrief } from './brief';
import { briefSchema } from './schemas';

const ajv = new Ajv2020({ allErrors: true, strict: false });
const validBrief = ajv.compile(briefSchema);

describe('brief document', () => {
  it('is read, written and read again without loss', () => {
    const brief = exampleBrief();
    const again = readBrief(writeBrief(brief));
    expect(again).toEqual({ brief });
  });

  it.each([
    ['minutes', -5, 'minutes'],
    ['minutes', '30', 'minutes'],
    ['minutes', undefined, 'minutes'],
    ['date', '9 December', 'date'],
    ['date', '2026-02-30', 'date'],
    ['format', 'something-else/1', 'format'],
    ['aim', 'win', 'aim'],
    ['athlete', undefined, 'athlete'],
    ['athlete.born', '2030-01-01', 'athlete.born'],
    ['athlete.heightCm', 17, 'athlete.heightCm'],
    ['athlete.level', 'olympic', 'athlete.level'],
    ['athlete.restrictions', 'knee', 'athlete.restrictions'],
    ['athlete.restrictions', [{ region: 'tail', severity: 'limit' }], 'athlete.restrictions[0].region'],
    ['athlete.readiness', { pain: [{ region: 'knee', score: 12 }] }, 'athlete.readiness.pain[0].score'],
    ['athlete.tests', [{ variant: 'cartwheel', maxReps: 3 }], 'athlete.tests[0].variant'],
    ['sport.id', 'hopscotch', 'sport.id'],
    ['sport.role', 'libero', 'sport.role'],
    ['kit', undefined, 'kit'],
    ['kit.items', [{ kind: 'spoon' }], 'kit.items[0].kind'],
    ['kit.items', [{ kind: 'dumbbell', massKg: 900 }], 'kit.items[0].massKg'],
    ['kit.items', [{ kind: 'dumbbell', massKg: 120 }], 'kit.items[0].massKg'],
    ['kit.items', [{ kind: 'band-long', measured: { readings: [] } }], 'kit.items[0].measured.restM'],
    [
      'kit.items',
      [{ kind: 'band-long', measured: { restM: 1, readings: [{ lengthM: 1.5, forceN: 20 }] } }],
      'kit.items[0].measured.readings',
    ],
    ['athlete.battery', [{ test: 'deadlift', value: 3, on: '2026-12-01' }], 'athlete.battery[0].test'],
    ['athlete.battery', [{ test: 'side-plank', value: 30, on: '2026-12-01' }], 'athlete.battery[0].side'],
    ['athlete.battery', [{ test: 'push-up', value: -3, on: '2026-12-01' }], 'athlete.battery[0].value'],
    [
      'athlete.shown',
      [{ on: '2026-12-01', variant: 'push-up', side: 'both', counts: 'laps', from: 'session', sets: [] }],
      'athlete.shown[0].counts',
    ],
    ['kit.anchors', ['ceiling'], 'kit.anchors[0]'],
    ['kit.room', { lengthM: 'long', widthM: 2 }, 'kit.room.lengthM'],
    ['season', { phase: 'holidays' }, 'season.phase'],
    ['houseRules', { format: 'chaos' }, 'houseRules.format'],
    ['lock', { include: ['cartwheel'] }, 'lock.include[0]'],
    ['lock', { doses: { 'push-up': 'many' } }, 'lock.doses'],
  ])('with %s = %j names %s', (path, value, fault) => {
    const faults = issuesOfBrief(changedBrief(path, value));
    expect(faults.map((f) => f.path)).toContain(fault);
    for (const f of faults) expect(f.message.length).toBeGreaterThan(5);
  });

  it('names every fault at once', () => {
    const twice = changedBrief('minutes', -5) as { athlete: { born: string } };
    twice.athlete.born = '2099-01-01';
    expect(issuesOfBrief(twice).map((f) => f.path)).toEqual(expect.arrayContaining(['minutes', 'athlete.born']));
  });

  it('carries what was tested, shown and measured without loss, by its schema too', () => {
    const brief = exampleBrief();
    const reading = readBrief(
      writeBrief({
        ...brief,
        athlete: {
          ...brief.athlete,
          battery: [{ test: 'side-plank', value: 48, side: 'left', on: '2026-12-01' }],
          shown: [
            {
              on: '2026-12-07',
              variant: 'band-row',
              side: 'both',
              band: { growingN: 20, earlyN: 3, restM: 1, off: 0.05 },
              counts: 'repetitions',
              from: 'session',
              sets: [
                { amount: 10, reserve: 2 },
                { amount: 8, cutShort: true },
              ],
            },
          ],
        },
        kit: {
          ...brief.kit,
          items: [
            {
              kind: 'band-long',
              measured: {
                restM: 1,
                readings: [1.5, 2, 2.5].map((lengthM) => ({ lengthM, forceN: 25 * (lengthM - 0.8) })),
              },
            },
          ],
        },
      }),
    );
    if ('faults' in reading) throw new Error(JSON.stringify(reading.faults));
    expect(readBrief(writeBrief(reading.brief))).toEqual(reading);
    expect(validBrief(writeBrief(reading.brief))).toBe(true);
  });

  it.each([null, 7, 'brief', [], undefined])('%j is no brief', (document) => {
    expect(issuesOfBrief(document)).toHaveLength(1);
  });

  it('does with only what it must have, and keeps unknown fields out of the way', () => {
    const small = {
      format: 'tropaeum-brief/1',
      date: '2026-12-09',
      minutes: 20,
      extra: true,
      athlete: { heightCm: 170, massKg: 60, born: '2000-01-01' },
      sport: { id: 'handball' },
      kit: {},
    };
    const reading = readBrief(small);
    expect('brief' in reading && reading.brief).toMatchObject({
      aim: 'hold',
      athlete: { level: 'beginner' },
      sport: { role: 'goalkeeper' },
      kit: { items: [] },
    });
    expect(validBrief(small)).toBe(true);
  });
});
