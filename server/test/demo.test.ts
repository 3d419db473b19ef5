import { seeded } from '@tropaeum/core/common/seeded-random';
import { daysBetween } from '@tropaeum/core/date/days';
import { planSchema } from '@tropaeum/core/formats/schemas';
import Ajv2020 from 'ajv/dist/2020';
import { Client } from 'pg';
import { beforeAll, describe, expect, it } from 'vitest';
import { cameBack, trainingDays } from '../src/demo/history';
import { people, roomOf } from '../src/demo/people';
import { demoSignIn, seedDemo } from '../src/demo/seed';
import { freshDatabase } from './club';

const today = '2027-02-03';
let client: Client;
let ownerUrl: string;

beforeAll(async () => {
  const urls = await freshDatabase();
  ownerUrl = urls.ownerUrl;
  expect(await seedDemo(ownerUrl, today)).toBe(true);
  client = new Client({ connectionString: urls.adminUrl });
  await client.connect();
  return () => client.end();
});

const rows = async <T>(sql: string): Promise<T[]> => (await client.query(sql)).rows as T[];

describe('the demo club', () => {
  it('has both squads and the canoe group, ten athletes or more, and somebody of every role', async () => {
    expect((await rows('select * from squads')).length).toBe(3);
    expect((await rows('select * from athletes')).length).toBeGreaterThanOrEqual(10);
    expect(await rows("select email from accounts where role = 'owner'")).toEqual([{ email: demoSignIn.email }]);
    expect(await rows('select distinct role from accounts order by role')).toEqual(
      ['athlete', 'guardian', 'owner', 'physio'].map((role) => ({ role })),
    );
  });

  it('keeps nothing of a minor without the consent of a guardian', async () => {
    const minors = await rows<{ name: string }>(
      `select name from athletes where born > (date '${today}' - interval '18 years') order by name`,
    );
    expect(minors.map((m) => m.name)).toEqual(['Nora Fjell', 'Signe Moe', 'Ylva Sund']);
    const agreed = await rows<{ name: string }>(
      'select name from athletes join consents on athlete_id = athletes.id where withdrawn_at is null order by name',
    );
    expect(agreed).toEqual(minors);
  });

  it('is laid relative to the day, six weeks back, nothing done in the future', async () => {
    const [span] = await rows<{ first: string; last: string; done: string }>(
      `select min("on")::text as first, max("on")::text as last, (max("on") filter (where status = 'done'))::text as done from sessions`,
    );
    expect(daysBetween(span?.first ?? today, today)).toBeGreaterThan(35);
    expect(span?.last).toBe(today);
    expect(daysBetween(span?.done ?? today, today)).toBeGreaterThan(0);
  });

  it('every stored plan is a plan by the published schema, its work as long as itself', async () => {
    const valid = new Ajv2020({ strict: false }).compile(planSchema);
    for (const { plan, work } of await rows<{ plan: { minutes: { planned: number } }; work: Record<string, number> }>(
      'select plan, work from sessions',
    )) {
      expect(valid(plan), JSON.stringify(valid.errors?.slice(0, 2))).toBe(true);
      expect(Math.abs(Object.values(work).reduce((s, m) => s + m, 0) - plan.minutes.planned)).toBeLessThan(0.06);
    }
  });

  it('no log belongs to a set that was not asked for', async () => {
    const strays = await rows(
      `select l.variant from set_logs l join sessions s on s.id = l.session_id
       where not jsonb_path_exists(s.plan, '$.blocks[*].items[*] ? (@.variant == $v)', jsonb_build_object('v', l.variant))`,
    );
    expect(strays).toEqual([]);
  });

  it('is laid once: a second laying changes nothing', async () => {
    const count = async () => (await rows<{ n: string }>('select count(*) as n from set_logs'))[0]?.n;
    const before = await count();
    expect(await seedDemo(ownerUrl, '2028-01-01')).toBe(false);
    expect(await count()).toBe(before);
  });

  it('shows a sore shoulder, a returning knee, a silent one, a minor, somebody with a sofa and a towel, and a full rack', async () => {
    const pain = await rows<{ pain: { region: string; score: number }[] }>('select pain from session_reports');
    expect(pain.some((r) => r.pain.some((p) => p.region === 'shoulder' && p.score > 2))).toBe(true);
    expect(await rows(`select 1 from restrictions where region = 'knee'`)).toHaveLength(1);
    expect(people.some((p) => p.age < 16)).toBe(true);
    expect(
      people.map((p) =>
        p.kit
          .map((k) => k.kind)
          .sort()
          .join(),
      ),
    ).toContain('sofa,towel');
    expect(people.some((p) => p.kit.some((k) => k.kind === 'barbell'))).toBe(true);
    expect(people.filter((p) => p.story === 'silent')).toHaveLength(1);
  });
});

describe('history of the demo', () => {
  it('is the same from the same seed', () => {
    const draw = () => {
      const random = seeded(7);
      return Array.from({ length: 20 }, random);
    };
    expect(draw()).toEqual(draw());
    expect(draw().every((n) => n >= 0 && n < 1)).toBe(true);
    expect(seeded(7)()).not.toBe(seeded(8)());
  });

  it.each(people.map((p) => [p.name, p] as const))(
    '%s trains two or three times a week, in a room of some size',
    (_, person) => {
      const days = trainingDays(person);
      expect(days.length).toBeGreaterThanOrEqual(12);
      expect([...days].sort((a, b) => b - a)).toEqual(days);
      expect(roomOf(person).ceilingM).toBeGreaterThan(2);
    },
  );

  it('a silent one has not been heard of lately', () => {
    const silent = people.find((p) => p.story === 'silent');
    if (!silent) throw new Error('nobody is silent');
    expect(cameBack(silent, 5, seeded(1))).toBe(false);
    expect(cameBack(silent, 20, seeded(1))).toBe(true);
    for (const person of people.filter((p) => p !== silent))
      expect(
        cameBack(person, trainingDays(person).at(-1) as number, () => 0),
        person.name,
      ).toBe(true);
  });
});
