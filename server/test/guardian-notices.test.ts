import { consentVersion } from '@tropaeum/core/people/consent';
import pino from 'pino';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { Database } from '../src/database/database';
import { tellGuardians } from '../src/jobs/guardian-mail';
import type { Mail } from '../src/simulators/mail-service';
import { Caller, type Club, freshDatabase, layClub, type RunningServer, runServer } from './club';
import { join } from './laid';
import { sentSession } from './samples';

let server: RunningServer;
let database: Database;
let club: Club;
let coach: Caller;
let childId: string;
let session: { id: string; token: string };
const arrived: Mail[] = [];
let refuses = false;

const child = {
  ...{ name: 'Nora Child', role: 'wing' },
  athlete: { heightCm: 161, massKg: 50, born: '2012-05-06', level: 'beginner' },
};

beforeAll(async () => {
  const urls = await freshDatabase();
  club = await layClub(urls.adminUrl, 'club');
  server = await runServer(urls.appUrl);
  database = new Database(urls.appUrl);
  coach = await new Caller(server.url).signIn(club.email);
  const add = (more: object = {}) => coach.call('POST', '/athletes', { ...child, squadId: club.squadId, ...more });
  childId = (await add()).body.id;
  for (const email of ['kari@club.example', 'jon@club.example'])
    await join(coach, server.url, email, 'guardian', [], [childId]);
  const kari = await new Caller(server.url).signIn('kari@club.example');
  await kari.call('POST', '/consents', { name: 'Kari Child', version: consentVersion, athleteId: childId });
  await add({ pendingId: childId });
  session = await sentSession(coach, { ...club, athleteId: childId });
});
afterAll(async () => {
  await Promise.all([server.stop(), database.close()]);
});

const tell = () =>
  tellGuardians({
    ...{ database, now: () => new Date(), publicUrl: 'https://club.example' },
    log: pino({ level: 'silent' }),
    mail: {
      simulated: () => undefined,
      async send(_, mail) {
        if (refuses) throw new Error('mailbox full');
        arrived.push(mail);
      },
    },
  });
const link = (path: string, body: object, at = session) =>
  coach.call('POST', `/link/${at.token}/${path}`, { sessionId: at.id, ...body });
const report = (more: object, at = session) =>
  link('report', { effort: 5, minutes: 25, pain: [], finishedAt: '2026-12-09T18:30:00Z', ...more }, at);
const knee = (score: number) => [{ region: 'knee', side: 'left', score }];
const evidence = async (name = child.name) => {
  const { entries } = (await coach.call('GET', '/desk')).body as { entries: { name: string; evidence: string[] }[] };
  return entries.filter((one) => one.name === name).flatMap((one) => one.evidence);
};

describe('guardians of a minor', () => {
  it('are known to the phone, and hear nothing of what need not be told', async () => {
    expect((await coach.call('GET', `/link/${session.token}`)).body.guardianTold).toBe(true);
    expect((await report({ pain: knee(4), note: 'my periods stopped 4 months ago' })).status).toBe(204);
    expect(await tell()).toBe(0);
  });

  it('hear of pain above 5 once each, without a word of health in the subject or of the note', async () => {
    for (const score of [7, 7, 8]) await report({ pain: knee(score), note: 'do not tell dad' });
    expect(await evidence()).toContain('The mail to the guardian has not gone yet');
    expect(await tell()).toBe(2);
    expect(await tell()).toBe(0);
    expect(arrived.map(({ to }) => to).sort()).toEqual(['jon@club.example', 'kari@club.example']);
    expect(arrived[0]?.subject).toBe('About Nora’s training');
    expect(arrived[0]?.text).toContain('Left knee 7 of 10 while training.');
    expect(arrived[0]?.text).toContain('https://club.example/family');
    expect(arrived[0]?.text).not.toContain('dad');
    expect(await evidence()).toContain('Guardian told by mail');
  });

  it('hear of the morning after, and by the next minute where a mail was refused', async () => {
    arrived.length = 0;
    expect((await link('morning', { pain: knee(3) })).status).toBe(204);
    refuses = true;
    expect(await tell()).toBe(0);
    expect(await evidence()).toContain('The mail to the guardian has not gone yet');
    refuses = false;
    expect(await tell()).toBe(2);
    expect(arrived[0]?.text).toContain('Left knee 3 of 10 the morning after.');
  });

  it('are told by one server where two look at once', async () => {
    arrived.length = 0;
    await report({ pain: knee(8), note: 'Ended early. I fainted' });
    expect((await Promise.all([tell(), tell(), tell()])).reduce((a, b) => a + b)).toBe(2);
    expect(arrived).toHaveLength(2);
  });

  it('hear of pain that was told in the middle, and the coach too, though the session is never finished', async () => {
    arrived.length = 0;
    const left = await sentSession(coach, { ...club, athleteId: childId }, '2026-12-08');
    const readiness = (told: object) => link('readiness', { toldAt: '2026-12-09T18:00:00Z', ...told }, left);
    expect((await readiness({ sleep: 'short', meanwhile: knee(4) })).status).toBe(204);
    expect(await tell()).toBe(0);
    expect((await readiness({ sleep: 'short', meanwhile: [...knee(4), ...knee(7)] })).status).toBe(204);
    expect(await tell()).toBe(2);
    expect(arrived[0]?.text).toContain('Left knee 7 of 10 while training.');
    const { entries } = (await coach.call('GET', '/desk')).body as { entries: { headline: string; rule: string }[] };
    expect(entries).toContainEqual(
      expect.objectContaining({ headline: 'Left knee 7 of 10 while training, not finished', rule: 'pain-stop' }),
    );
    expect((await link('readiness', { toldAt: 'now', meanwhile: [{ region: 'knee', score: 11 }] }, left)).status).toBe(
      422,
    );
  });

  it('hear nothing of an adult; where a minor has none with a sign-in the coach is to ring', async () => {
    const adult = await sentSession(coach, club);
    await report({ pain: knee(9) }, adult);
    expect((await coach.call('GET', `/link/${adult.token}`)).body.guardianTold).toBe(false);
    expect(await evidence('Athlete of club')).not.toContainEqual(expect.stringMatching(/guardian/i));
    const { people } = (await coach.call('GET', '/people')).body as { people: { id: string; role: string }[] };
    for (const { id, role } of people) if (role === 'guardian') await coach.call('DELETE', `/people/${id}`);
    expect(await evidence()).toContain('Guardian not told by mail: ring home today');
    expect(await tell()).toBe(0);
  });
});
