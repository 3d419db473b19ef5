import { describe, expect, it } from 'vitest';
import { plainBrief } from '../../../test/briefs';
import { amountOf } from '../../dose/dose';
import { variantById } from '../../exercise/library/library';
import type { BlockKind, Level } from '../../exercise/model/vocabulary';
import type { KitItem } from '../../kit/kit';
import type { Phase } from '../../session-type/aims-and-phases';
import type { Brief } from '../brief/brief';
import type { HouseRules } from '../brief/house-rules';
import { seasonReason } from '../composer/candidates';
import { contextOf } from '../context/context';
import { maxContacts } from '../scoring/rules';
import { derivation, reasonFor } from '../wording/reason';
import { prescribe } from './prescription';

interface Situation {
  level?: Level;
  born?: string;
  items?: KitItem[];
  aim?: Brief['aim'];
  rules?: Partial<HouseRules>;
  massKg?: number;
}

function briefFor({
  level = 'intermediate',
  born = '2001-03-04',
  items = [],
  aim = 'hold',
  rules = {},
  massKg = 70,
}: Situation): Brief {
  const brief = plainBrief({ aim });
  return {
    ...brief,
    athlete: { ...brief.athlete, level, born, massKg, sex: 'male' },
    kit: { ...brief.kit, items },
    houseRules: { ...brief.houseRules, ...rules },
  };
}

function prescribed(id: string, situation: Situation, block: BlockKind = 'strength') {
  const context = contextOf(briefFor(situation));
  const feasible = context.feasible.get(id);
  if (!feasible) throw new Error(`${id} is not in the library`);
  return prescribe(feasible, block, 3, context.brief, context.capacity);
}

const dumbbells = (massKg: number): KitItem[] => [{ kind: 'dumbbell', massKg, count: 2 }];

describe('load', () => {
  it('takes the heaviest that still allows some eight repetitions', () => {
    const items: KitItem[] = [...dumbbells(5), ...dumbbells(10), { kind: 'kettlebell', massKg: 60 }];
    const load = prescribed('hinge-lift', { items })?.choice.load?.kg ?? 0;
    expect(load).toBeGreaterThanOrEqual(10);
    expect(load).toBeLessThan(60);
  });

  it('takes more when strength is the aim', () => {
    const items: KitItem[] = [10, 20, 30, 40, 50, 60, 70, 80].flatMap(dumbbells);
    const kg = (aim: Brief['aim']) =>
      prescribed('overhead-press', { items, aim, level: 'advanced' })?.choice.load?.kg ?? 0;
    expect(kg('strength')).toBeGreaterThan(kg('hold'));
  });

  it('with a heavy bar an advanced athlete reaches the strength zone at six repetitions or fewer', () => {
    const items: KitItem[] = [{ kind: 'barbell', massKg: 60 }];
    const press = prescribed('overhead-press', {
      items: [{ kind: 'barbell', massKg: 45 }],
      aim: 'strength',
      level: 'advanced',
      massKg: 82,
    });
    expect(press?.zone === 'strength' ? amountOf(press.choice.dose.work) : 0).toBeLessThanOrEqual(6);
    expect(prescribed('hinge-lift', { items, aim: 'strength', level: 'advanced', massKg: 82 })?.choice.load?.kg).toBe(
      60,
    );
  });

  it('leaves the body to itself where weights only help', () => {
    expect(prescribed('split-squat', { items: [] })?.choice.load).toBeUndefined();
    expect(prescribed('split-squat', { items: dumbbells(7.5) })?.choice.load).toEqual({
      kg: 15,
      with: '2 dumbbells 7.5 kg',
    });
  });

  it('refuses what is too heavy to lift at all', () => {
    expect(prescribed('overhead-press', { items: [{ kind: 'stone', massKg: 90 }] })).toBeUndefined();
  });

  it('a band has no known force: dosed by what is left, no zone', () => {
    const band = prescribed('band-row', { items: [{ kind: 'band-long', level: 'light' }] });
    expect(band?.choice.load).toEqual({ with: 'band long light' });
    expect(band?.choice.dose.reserve).toBe(2);
    expect(band?.zone).toBeUndefined();
  });
});

describe('light loads follow the house rule', () => {
  const light = (rule: HouseRules['lightLoads'], level: Level = 'advanced', id = 'hinge-lift') =>
    prescribed(id, { items: dumbbells(5), level, rules: { lightLoads: rule }, massKg: 85 });

  it('fast: only what is made for it; elsewhere a light weight goes down slowly', () => {
    const pushed = light('fast', 'advanced', 'push-up-hands-raised');
    expect(pushed?.choice.dose.tempo?.rising).toBe('X');
    expect(amountOf(pushed?.choice.dose.work ?? { kind: 'reps', reps: 99 })).toBeLessThanOrEqual(8);
    const hinged = light('fast');
    expect(hinged?.choice.dose.tempo).toMatchObject({ lowering: 3, rising: 1 });
    expect(amountOf(hinged?.choice.dose.work ?? { kind: 'reps', reps: 0 })).toBeGreaterThanOrEqual(10);
  });

  it('fast: rows are done for twelve and more all the same', () => {
    const row = light('fast', 'advanced', 'bent-row');
    expect(row?.choice.dose.tempo?.rising).not.toBe('X');
    expect(amountOf(row?.choice.dose.work ?? { kind: 'reps', reps: 0 })).toBeGreaterThanOrEqual(12);
  });

  it('reps: many', () => {
    expect(amountOf(light('reps')?.choice.dose.work ?? { kind: 'reps', reps: 0 })).toBeGreaterThanOrEqual(15);
  });

  it('slow: lowered in four seconds with a pause', () => {
    expect(light('slow')?.choice.dose.tempo).toMatchObject({ lowering: 4, bottom: 1 });
  });

  it('somebody new does it as written, whatever the rule', () => {
    expect(light('fast', 'new')?.choice.dose.tempo?.rising).not.toBe('X');
  });
});

describe('dose', () => {
  it('by time gives seconds instead of repetitions', () => {
    const timed = prescribed('push-up', { rules: { doseBy: 'time', lightLoads: 'reps' } });
    expect(timed?.choice.dose.work).toEqual({ kind: 'work', seconds: 40 });
  });

  it('lowering beyond the most is kept as written: the hands catch it', () => {
    const lowering = prescribed('nordic-lowering', { level: 'intermediate' }, 'prevention');
    expect(lowering?.effort?.share ?? 0).toBeGreaterThan(0.76);
    expect(lowering?.choice.dose.work).toEqual({ kind: 'reps', reps: 5 });
    expect(lowering?.choice.dose.reserve).toBeUndefined();
  });

  it('holds keep their seconds', () => {
    expect(prescribed('side-plank', {}, 'trunk')?.choice.dose.work).toEqual({ kind: 'hold', seconds: 25 });
  });
});

describe('season and caps', () => {
  const lowering = variantById('nordic-lowering');
  const pushUp = variantById('push-up');

  it.each([
    ['2026-12-12', false],
    ['2026-12-11', true],
    ['2026-12-09', true],
    ['2026-12-08', false],
  ])('lowering work on 9 December with a fixture on %s is barred: %s', (nextFixture, barred) => {
    if (!lowering || !pushUp) throw new Error('missing');
    const brief = plainBrief({ season: { phase: 'in-season', nextFixture } });
    expect(seasonReason(lowering, brief) !== undefined).toBe(barred);
    expect(seasonReason(pushUp, brief)).toBeUndefined();
  });

  it('the first weeks back leave out what is demanding', () => {
    if (!lowering) throw new Error('missing');
    expect(seasonReason(lowering, plainBrief({ season: { phase: 'return' } }))).toContain('first weeks back');
  });

  // Common practice: practice and matches have their own contacts, so that a session at home has few.
  it.each<[Level, string, Phase, number]>([
    ['new', '2000-01-01', 'off-season', 24],
    ['beginner', '2000-01-01', 'off-season', 30],
    ['intermediate', '2000-01-01', 'off-season', 50],
    ['advanced', '2000-01-01', 'off-season', 60],
    ['advanced', '2000-01-01', 'in-season', 40],
    ['advanced', '2012-01-01', 'off-season', 30],
  ])('%s born %s, %s: %i contacts at the most', (level, born, phase, most) => {
    expect(maxContacts({ ...briefFor({ level, born }), season: { phase } })).toBe(most);
  });
});

describe('reasons', () => {
  const context = contextOf(briefFor({ items: dumbbells(7.5) }));
  const reason = (id: string, block: BlockKind) => {
    const feasible = context.feasible.get(id);
    if (!feasible) throw new Error(id);
    const made = prescribe(feasible, block, 3, context.brief, context.capacity);
    if (!made) throw new Error(`${id} was not prescribed`);
    return reasonFor(
      context,
      { block, format: 'straight', roundRestSeconds: 0, choices: [made.choice] },
      feasible.variant,
      made.choice,
      new Map(),
      made.effort,
    );
  };

  it('name the movement of the sport, and why this dose', () => {
    expect(reason('countermovement-jump', 'power')).toBe(
      'For the jump shot take-off. Every repetition fast, full rest: stop when it slows down.',
    );
  });

  it('name the work of the sport, and say plainly when a load is light', () => {
    expect(reason('bent-row', 'strength')).toMatch(/^Throwing builds the front; .* \d+ kg is light for you/);
  });

  it('name the risk that prevention answers', () => {
    expect(reason('prone-arm-letters', 'prevention')).toMatch(/^(Protects the shoulder|The blade carries)/);
  });

  it('say what a warm-up is for', () => {
    expect(reason('bridge', 'activate')).toBe('Wakes the back of the hip before leg work.');
  });

  it('show no share, no moment and no likeness', () => {
    for (const [id, block] of [
      ['split-squat', 'strength'],
      ['nordic-lowering', 'prevention'],
      ['side-plank', 'trunk'],
    ] as const)
      expect(reason(id, block)).not.toMatch(/%|N m|alike|worth|of the most/);
  });

  it('can be opened to what they are made of', () => {
    const variant = variantById('split-squat');
    if (!variant) throw new Error('missing');
    const { effort, gives } = derivation(context, variant, { kg: 15, with: '2 dumbbells 7.5 kg' });
    expect(effort?.share).toBeGreaterThan(0);
    expect(gives.length).toBeGreaterThan(2);
    expect(gives.every((g) => g.given > 0 && g.given <= 1)).toBe(true);
  });
});
