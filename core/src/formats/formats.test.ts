import Ajv2020 from 'ajv/dist/2020';
import { describe, expect, it } from 'vitest';
import briefFile from '../../../docs/formats/brief.schema.json';
import example from '../../../docs/formats/examples/brief.json';
import planFile from '../../../docs/formats/plan.schema.json';
import { exampleBrief, plainBrief } from '../../test/briefs';
import { solver } from '../../test/solver';
import { parseDose } from '../dose/notation';
import { catalogueOf } from '../exercise/catalogue';
import { library, variantById } from '../exercise/library';
import { copyOfVariant } from '../exercise/own';
import type { Variant } from '../exercise/variant';
import { regions } from '../exercise/vocabulary';
import { compose } from '../session/compose';
import { contextOf } from '../session/context';
import { planOf } from '../session/plan';
import { sports } from '../sport/sports';
import { bodyReport } from './body-report';
import { readBrief, writeBrief } from './brief';
import { readDraft } from './draft';
import { listedSport, listedVariant } from './listing';
import { briefSchema, planSchema } from './schemas';

const ajv = new Ajv2020({ allErrors: true, strict: false });
const validBrief = ajv.compile(briefSchema);
const validPlan = ajv.compile(planSchema);

/** The example with one value put somewhere. */
function changed(path: string, value: unknown): unknown {
  const copy = JSON.parse(JSON.stringify(example));
  const keys = path.split('.');
  const last = keys.pop() as string;
  const place = keys.reduce((at, key) => at[key], copy);
  if (value === undefined) delete place[last];
  else place[last] = value;
  return copy;
}

const faultsOf = (document: unknown) => {
  const reading = readBrief(document);
  return 'faults' in reading ? reading.faults : [];
};

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
    const faults = faultsOf(changed(path, value));
    expect(faults.map((f) => f.path)).toContain(fault);
    for (const f of faults) expect(f.message.length).toBeGreaterThan(5);
  });

  it('names every fault at once', () => {
    const twice = changed('minutes', -5) as { athlete: { born: string } };
    twice.athlete.born = '2099-01-01';
    expect(faultsOf(twice).map((f) => f.path)).toEqual(expect.arrayContaining(['minutes', 'athlete.born']));
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
    expect(faultsOf(document)).toHaveLength(1);
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

describe('published schemas', () => {
  it('stand in the documents as the program writes them', () => {
    expect(briefFile).toEqual(JSON.parse(JSON.stringify(briefSchema)));
    expect(planFile).toEqual(JSON.parse(JSON.stringify(planSchema)));
  });

  it.each([
    ['minutes', -5],
    ['athlete.level', 'olympic'],
    ['kit.items', [{ kind: 'spoon' }]],
    ['sport.id', 'hopscotch'],
    ['athlete', undefined],
  ])('agree with the reader about %s = %j', (path, value) => {
    const document = changed(path, value);
    expect(validBrief(document)).toBe(false);
    expect(faultsOf(document).length).toBeGreaterThan(0);
  });

  it('accept the example and every plan the composer writes', async () => {
    expect(validBrief(example)).toBe(true);
    for (const brief of [
      exampleBrief(),
      plainBrief({ minutes: 12 }),
      plainBrief({ sport: { id: 'sprint-canoe', role: 'canoe' } }),
    ]) {
      const composition = compose(brief, await solver);
      if ('refused' in composition) throw new Error(composition.refused.reason);
      const plan = JSON.parse(JSON.stringify(planOf(contextOf(brief), composition.draft, composition.proof)));
      expect(validPlan(plan), JSON.stringify(validPlan.errors?.slice(0, 3))).toBe(true);
    }
    expect(validPlan({ format: 'tropaeum-plan/1', refused: { reason: 'rest', relax: [] } })).toBe(true);
  });

  it('refuse an item with two doses', async () => {
    const composition = compose(plainBrief(), await solver);
    if ('refused' in composition) throw new Error('refused');
    const plan = JSON.parse(JSON.stringify(planOf(contextOf(plainBrief()), composition.draft)));
    Object.assign(plan.blocks[0].items[0], { reps: 8, holdSeconds: 20 });
    expect(validPlan(plan)).toBe(false);
  });
});

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

describe('listings', () => {
  it('every variant lists what the document promises', () => {
    for (const listed of library.map(listedVariant)) {
      expect(Object.keys(listed)).toEqual(
        expect.arrayContaining([
          'variant',
          'name',
          'otherNames',
          'family',
          'blocks',
          'pattern',
          'jointActions',
          'planes',
          'side',
          'regions',
          'level',
          'impactContacts',
          'quiet',
          'needs',
          'easier',
          'harder',
          'cues',
          'faults',
          'cautions',
          'poses',
          'sources',
        ]),
      );
      expect(listed.poses).toBeGreaterThanOrEqual(2);
      for (const region of listed.regions) expect(regions).toContain(region);
    }
  });

  it('every sport lists roles, actions, risk sites and overuse', () => {
    for (const listed of sports.map(listedSport)) {
      expect(listed.roles.length).toBeGreaterThan(0);
      expect(listed.riskSites.every((r) => r.why && r.source && r.answers.length)).toBe(true);
      expect(listed.overuse.length).toBeGreaterThan(0);
    }
  });

  it('the body report of a push-up has keyframes, shares, moments, height and footprint', () => {
    const pushUp = library.find((v) => v.id === 'push-up');
    if (!pushUp) throw new Error('no push-up');
    const report = bodyReport(pushUp, { heightCm: 175, massKg: 75 }, 0);
    expect(report.keyframes.map((k) => k.name)).toEqual(['top', 'bottom']);
    for (const keyframe of report.keyframes) {
      expect(keyframe.reactions.reduce((s, r) => s + r.share, 0)).toBeCloseTo(1, 2);
      expect(keyframe.reactions.map((r) => r.contact).sort()).toEqual(['feet', 'hands']);
    }
    expect(report.footprintM.lengthM).toBeGreaterThan(1.3);
  });
});

describe("a club's own exercises in a brief", () => {
  const words = copyOfVariant(variantById('push-up') as Variant, 'quay-push-up', '2x5 4-1-1 r90');
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
