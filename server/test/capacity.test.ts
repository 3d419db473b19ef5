import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { Caller, type Club, freshDatabase, layClub, type RunningServer, runServer } from './club';
import { logged, sentSession } from './samples';

let server: RunningServer;
let club: Club;
let coach: Caller;

beforeAll(async () => {
  const urls = await freshDatabase();
  club = await layClub(urls.adminUrl, 'club');
  server = await runServer(urls.appUrl);
  coach = await new Caller(server.url).signIn(club.email);
});
afterAll(() => server.stop());

const briefNow = async () => (await coach.call('GET', `/athletes/${club.athleteId}`)).body.brief;
const change = (body: object) => coach.call('PATCH', `/athletes/${club.athleteId}`, body);

describe('what was left after a set', () => {
  it('is kept, put right, and comes back with the next brief as what the athlete has shown', async () => {
    expect((await briefNow()).athlete.shown).toBeUndefined();
    const { id, token } = await sentSession(coach, club);
    const first = logged({ variant: 'push-up', setNumber: 1, amount: 8, reserve: 4 });
    const second = logged({ variant: 'push-up', setNumber: 2, amount: 7 });
    const send = (...logs: object[]) => coach.call('POST', `/link/${token}/logs`, { sessionId: id, logs });
    expect((await send(first, second)).status).toBe(200);
    expect((await send({ ...first, reserve: 3 })).status).toBe(200);
    const { shown } = (await briefNow()).athlete;
    expect(shown).toEqual([
      {
        on: '2026-12-09',
        variant: 'push-up',
        side: 'both',
        counts: 'repetitions',
        from: 'session',
        sets: [
          { amount: 8, reserve: 3 },
          { amount: 7, cutShort: true },
        ],
      },
    ]);
    expect((await briefNow()).season.recent).toEqual([
      { date: '2026-12-09', aim: 'hold', items: [{ variant: 'push-up', sets: 2 }] },
    ]);
    const opened = await coach.call('GET', `/link/${token}`);
    expect(opened.body.logs.find((l: { setNumber: number }) => l.setNumber === 1).reserve).toBe(3);
  });

  it.each([
    [-1, '2026-12-04'],
    [2.5, '2026-12-05'],
    [11, '2026-12-06'],
    ['many', '2026-12-07'],
  ])('%j left is refused with the field', async (reserve, on) => {
    const { id, token } = await sentSession(coach, club, on);
    const answer = await coach.call('POST', `/link/${token}/logs`, { sessionId: id, logs: [logged({ reserve })] });
    expect(answer.status).toBe(422);
    expect(answer.body.error.faults[0].path).toBe('logs[0].reserve');
  });
});

describe('tests done at home', () => {
  it('are kept with the athlete and are in the brief', async () => {
    const battery = [
      { test: 'push-up', value: 24, on: '2026-12-01' },
      { test: 'side-plank', value: 55, side: 'left', on: '2026-12-01' },
    ];
    expect((await change({ athlete: { battery } })).status).toBe(204);
    expect((await briefNow()).athlete.battery).toEqual(battery);
  });

  it.each([
    [{ test: 'bench-press', value: 3, on: '2026-12-01' }, 'athlete.battery[0].test', 'must be one of'],
    [{ test: 'push-up', value: 900, on: '2026-12-01' }, 'athlete.battery[0].value', '0 to 150 repetitions'],
    [{ test: 'push-up', value: 9, on: 'yesterday' }, 'athlete.battery[0].on', 'a date such as'],
    [{ test: 'push-up', value: 9, side: 'left', on: '2026-12-01' }, 'athlete.battery[0].side', 'left out'],
    [{ test: 'side-plank', value: 9, on: '2026-12-01' }, 'athlete.battery[0].side', 'left or right'],
  ])('%j is refused at %s, and nothing is half-written', async (result, path, message) => {
    const before = (await briefNow()).athlete.battery;
    const answer = await change({ athlete: { battery: [result] } });
    expect(answer.status).toBe(422);
    expect(answer.body.error.faults[0]).toMatchObject({ path });
    expect(answer.body.error.faults[0].message).toContain(message);
    expect((await briefNow()).athlete.battery).toEqual(before);
  });
});

describe('a measured band', () => {
  const kitWith = async (readings: object[]) => {
    const { kit } = await briefNow();
    return { kit: { ...kit, items: [{ kind: 'band-long', measured: { restM: 1, readings } }] } };
  };

  it('is kept with its readings', async () => {
    const readings = [1.5, 2, 2.5].map((lengthM) => ({ lengthM, forceN: 30 * (lengthM - 0.8) }));
    expect((await change(await kitWith(readings))).status).toBe(204);
    expect((await briefNow()).kit.items[0].measured).toEqual({ restM: 1, readings });
  });

  it.each([
    [
      'two readings',
      [
        [1.5, 20],
        [2, 30],
      ],
      'kit.items[0].measured.readings',
      'a curve needs 3',
    ],
    [
      'force that falls',
      [
        [1.5, 20],
        [2, 9],
        [2.5, 40],
      ],
      'kit.items[0].measured.readings[1]',
      'pulls more the longer',
    ],
  ])('%s is refused with why', async (_, pairs, path, message) => {
    const readings = (pairs as [number, number][]).map(([lengthM, forceN]) => ({ lengthM, forceN }));
    const answer = await change(await kitWith(readings));
    expect(answer.status).toBe(422);
    expect(answer.body.error.faults[0].path).toBe(path);
    expect(answer.body.error.faults[0].message).toContain(message);
  });
});

describe('devices', () => {
  it.each([
    ['hanging-scale', 'forceN'],
    ['contact-mat', 'flightSeconds'],
  ])('the %s streams its readings to a coach who listens, again when listened to again', async (device, field) => {
    for (let times = 0; times < 2; times++) {
      const { type, data } = await coach.firstMessage(`/devices/${device}`);
      expect(type).toContain('text/event-stream');
      expect((data as Record<string, number>)[field]).toBeGreaterThanOrEqual(0);
    }
  });
});
