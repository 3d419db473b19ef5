import { describe, expect, it } from 'vitest';
import { exampleBrief } from '../../test/briefs';
import type { Restriction } from '../athlete/athlete';
import type { Entry } from './calendar';
import { dayFacts } from './day-facts';
import { briefForLaid, minutesOfLaid } from './laid-brief';
import { movesBetween } from './laid-words';
import type { LaidSession } from './laying';
import { outlook } from './outlook';
import { dailyLoads, loadOfLaid } from './projection';
import { emptyOwnSeason, emptySeason, type OwnSeason, problemOf, type SeasonAsk } from './season-plan';
import { kindFacts, sessionKinds } from './session-kind';
import { WeekMemory } from './week-layouts';
import { doseOfPlan, kindOfDose } from './written';

const today = '2026-12-09';
const match = (on: string, changes: Partial<Entry> = {}): Entry => ({
  id: on,
  kind: 'fixture',
  name: `Match ${on}`,
  on,
  start: '15:00',
  ...changes,
});
const league = ['2026-12-12', '2026-12-19', '2026-12-26', '2027-01-02'].map((on) => match(on));
const ask = (changes: Partial<SeasonAsk> = {}): SeasonAsk => ({
  season: { ...emptySeason, entries: league },
  written: [],
  today,
  weeks: 4,
  ...changes,
});
const laidBy = (of: SeasonAsk) => {
  const found = outlook(of);
  if ('refused' in found) throw new Error(JSON.stringify(found.refused));
  return found;
};
const athlete = { level: 'intermediate', born: '2001-03-04', minutes: 30 } as const;

describe('the season of a squad', () => {
  it('is laid from the week that today is in, and nothing is laid in the past', () => {
    const { laid, weeks } = laidBy(ask());
    expect(weeks.map(({ from }) => from)).toEqual(['2026-12-07', '2026-12-14', '2026-12-21', '2026-12-28']);
    expect(laid.every(({ on }) => on >= today)).toBe(true);
    expect(laid.length).toBeGreaterThanOrEqual(7);
  });

  it('is the same again when nothing has changed, and told as no move', () => {
    const first = laidBy(ask());
    const again = laidBy(ask({ season: { ...emptySeason, entries: league, laid: first.laid } }));
    expect(again.laid).toEqual(first.laid);
    expect(again.moves).toEqual([]);
  });

  it('keeps what was laid for days that are over, and says how long a week is', () => {
    const over: LaidSession = { on: '2026-12-07', kind: 'power', level: 1 };
    const gone: LaidSession = { on: '2026-08-03', kind: 'power', level: 1 };
    const { laid, weeks } = laidBy(ask({ season: { ...emptySeason, entries: league, laid: [gone, over] } }));
    expect(laid[0]).toEqual(over);
    expect(laid.some(({ on }) => on === gone.on)).toBe(false);
    const second = laid.filter(({ on }) => on >= '2026-12-14' && on < '2026-12-21');
    expect(weeks[1]?.minutes).toBe(second.reduce((sum, session) => sum + minutesOfLaid(session, 30), 0));
  });

  it('holds round a session that is written, and lays none on its day', () => {
    const written = [{ on: '2026-12-15', kind: 'strength' as const }];
    const { laid } = laidBy(ask({ written }));
    expect(laid.some(({ on }) => on === '2026-12-15')).toBe(false);
    const heavy = laid.filter(({ kind }) => kindFacts[kind].heavy.length > 0).map(({ on }) => on);
    expect(heavy).not.toContain('2026-12-14');
    expect(heavy).not.toContain('2026-12-16');
  });

  it('keeps a pin, and a day that is to have nothing', () => {
    const pins = [
      { on: '2026-12-16', kind: 'power' as const },
      { on: '2026-12-17', kind: 'nothing' as const },
    ];
    const { laid } = laidBy(ask({ season: { ...emptySeason, entries: league, pins } }));
    expect(laid.find(({ on }) => on === '2026-12-16')?.kind).toBe('power');
    expect(laid.some(({ on }) => on === '2026-12-17')).toBe(false);
  });

  it('refuses a pin on the day of a fixture, and names it or the rule in words', () => {
    const found = outlook(
      ask({ season: { ...emptySeason, entries: league, pins: [{ on: '2026-12-19', kind: 'power' }] } }),
    );
    expect(found).toMatchObject({ refused: [{ week: '2026-12-14', rule: 'pin', words: 'Let go of what is pinned' }] });
  });

  it('says what had to give way: a journey in every week and no other day', () => {
    const free = ['2026-12-15', '2026-12-16', '2026-12-17', '2026-12-18'].map(
      (on): Entry => ({ id: on, kind: 'free', name: 'Free', on }),
    );
    const travel: Entry = { id: 't', kind: 'travel', name: 'Ferry', on: '2026-12-14' };
    const { gaveWay } = laidBy(ask({ season: { ...emptySeason, entries: [...league, ...free, travel] } }));
    expect(gaveWay.some(({ on, words }) => on === '2026-12-14' && words.includes('on a day of travel'))).toBe(true);
  });
});

describe("an athlete's season", () => {
  const plan = laidBy(ask()).laid;
  const season = { ...emptySeason, entries: league, laid: plan };
  const own = (changes: Partial<OwnSeason>): OwnSeason => ({ ...emptyOwnSeason, ...changes });
  const used = ['2026-11-30', '2026-12-02', '2026-12-04'].map((on) => ({ on, kind: 'strength' as const }));

  it('asks for no landings of somebody who may not land', () => {
    const wantedOf = (restrictions: Restriction[]) =>
      problemOf(ask({ athlete: { ...athlete, restrictions } })).weeks.map((week) => week.ask.mostContacts);
    expect(Math.max(...wantedOf([{ region: 'knee', severity: 'limit', cause: 'post-operative-late' }]))).toBe(0);
    expect(Math.min(...wantedOf([]))).toBeGreaterThan(0);
  });

  it("is the squad's where nothing stands against it", () => {
    const { moves } = laidBy(ask({ season, own: own({}), athlete, written: used }));
    expect(moves).toEqual([]);
  });

  it('is the same with weeks that were laid out for others before', () => {
    const memory = new WeekMemory();
    for (const minutes of [30, 40, 30])
      for (const level of ['beginner', 'advanced'] as const) {
        const of = ask({ season, own: own({}), athlete: { level, born: '2001-03-04', minutes }, written: used });
        expect(outlook(of, memory)).toEqual(outlook(of));
      }
  });

  it('differs only where its own calendar asks', () => {
    const taken = plan.find(({ on }) => on > '2026-12-14') as LaidSession;
    const free: Entry = { id: 'f', kind: 'free', name: 'Birthday', on: taken.on };
    const { moves, laid } = laidBy(ask({ season, own: own({ entries: [free] }), athlete, written: used }));
    expect(laid.some(({ on }) => on === taken.on)).toBe(false);
    expect(moves.length).toBeGreaterThan(0);
    expect(moves.length).toBeLessThanOrEqual(2);
  });

  it('stands a fixture of the squad on another day where it is moved for this one', () => {
    const moved = match('2026-12-20', { id: '2026-12-19' });
    const { laid } = laidBy(ask({ season, own: own({ entries: [moved] }), athlete, written: used }));
    expect(laid.some(({ on }) => on === '2026-12-20')).toBe(false);
  });

  it('comes back in steps after a month away', () => {
    const away: Entry = { id: 'w', kind: 'away', name: 'Knee', on: '2026-11-05', until: '2026-12-08' };
    const { weeks } = laidBy(ask({ own: own({ entries: [away] }), athlete }));
    expect(weeks.map(({ phase, week }) => `${phase} ${week}`)).toEqual([
      'Return 1',
      'Return 2',
      'Return 3',
      'Return 4',
    ]);
    const wanted = weeks.map(({ wantedVolume }) => wantedVolume / (weeks[0]?.wantedVolume as number));
    for (const [w, share] of [1, 1.4, 1.6, 1.8].entries()) expect(wanted[w]).toBeCloseTo(share, 9);
  });
});

describe('what moved', () => {
  const at = (on: string, kind: LaidSession['kind']): LaidSession => ({ on, kind, level: 1 });
  it('pairs a session with the nearest of its kind, and tells the rest as added or left out', () => {
    const before = [at('2026-12-15', 'strength'), at('2026-12-17', 'power'), at('2026-12-01', 'upper')];
    const after = [at('2026-12-16', 'strength'), at('2026-12-18', 'primer'), at('2026-12-02', 'upper')];
    expect(movesBetween(before, after, '2026-12-09')).toEqual([
      { kind: 'strength', from: '2026-12-15', to: '2026-12-16' },
      { kind: 'power', dropped: '2026-12-17' },
      { kind: 'primer', added: '2026-12-18' },
    ]);
  });
});

describe('a laid session', () => {
  it('becomes a brief: its aim, its share of the minutes, and legs that stay fresh where it is for the upper body', () => {
    const brief = { ...exampleBrief(), minutes: 30 };
    const as = (kind: LaidSession['kind'], level = 1) => briefForLaid(brief, { on: brief.date, kind, level });
    expect(as('strength')).toMatchObject({ aim: 'strength', minutes: 30 });
    expect(as('power', 0.5)).toMatchObject({ aim: 'power', minutes: 12 });
    expect(as('upper').season.spare).toBe('lower');
    expect(as('maintain').season.spare).toBeUndefined();
    expect(minutesOfLaid({ on: '', kind: 'primer', level: 0.5 }, 20)).toBe(8);
  });

  it('weighs its effort times its minutes', () => {
    expect(loadOfLaid({ on: '', kind: 'strength', level: 1 }, 30)).toBe(210);
    expect(loadOfLaid({ on: '', kind: 'power', level: 0.5 }, 30)).toBe(72);
  });

  it('is load ahead where nothing came back yet, with practices and fixtures beside it', () => {
    const practice: Entry = { id: 'p', kind: 'practice', name: 'Hall', on: '2026-12-10', minutes: 90, effort: 7 };
    const days = dayFacts([practice, match('2026-12-12', { minutes: 60 })], '2026-12-08', '2026-12-12', '18:00');
    const loads = dailyLoads(
      days,
      [{ on: '2026-12-08', effort: 6, minutes: 30 }],
      [{ on: '2026-12-11', kind: 'primer', level: 1 }],
      30,
      today,
    );
    expect(loads.map(({ home, sport, ahead }) => [home, sport, ahead])).toEqual([
      [180, 0, false],
      [0, 0, true],
      [0, 630, true],
      [36, 0, true],
      [0, 480, true],
    ]);
  });
});

describe('a written session', () => {
  it('is known by what it gives: every kind from its own dose', () => {
    for (const kind of sessionKinds) expect(kindOfDose(kindFacts[kind].gives, kind === 'primer' ? 12 : 30)).toBe(kind);
  });

  it('counts hard sets by part of the body, landings, throws and slow lowering', () => {
    const item = (changes: object) => ({ sets: 3, impactContacts: 0, pattern: 'knee-dominant', ...changes });
    const blocks = [
      { kind: 'raise', items: [item({})] },
      { kind: 'power', items: [item({ pattern: 'jump', impactContacts: 24 }), item({ pattern: 'throw', reps: 5 })] },
      { kind: 'strength', items: [item({ tempo: '4-0-1-0' }), item({ pattern: 'horizontal-pull' })] },
      { kind: 'prevention', items: [item({ pattern: 'knee-flexion', sets: 2 })] },
    ];
    expect(doseOfPlan({ blocks } as never)).toEqual({
      lowerSets: 5,
      upperSets: 3,
      contacts: 24,
      lengtheningSets: 5,
      throws: 15,
      patterns: { jump: 3, throw: 3, 'knee-dominant': 3, 'horizontal-pull': 3, 'knee-flexion': 2 },
    });
  });
});
