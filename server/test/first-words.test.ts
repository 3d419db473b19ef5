import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { get, type IncomingHttpHeaders } from 'node:http';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { text } from 'node:stream/consumers';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { Caller, type Club, freshDatabase, layClub, runServer } from './club';
import { sentSession } from './samples';

let club: Club;
let coach: Caller;
let server: Awaited<ReturnType<typeof runServer>>;
let session: { id: string; token: string };
const webFolder = mkdtempSync(join(tmpdir(), 'first-words-'));
const plainPage = '<!doctype html><title>phone</title><div id="first"><p>Opening …</p></div><div id="root"></div>';

beforeAll(async () => {
  writeFileSync(join(webFolder, 'phone.html'), plainPage);
  const urls = await freshDatabase();
  club = await layClub(urls.adminUrl, 'words');
  server = await runServer(urls.appUrl, { webFolder });
  coach = await new Caller(server.url).signIn(club.email);
  const named = await coach.call('PATCH', `/athletes/${club.athleteId}`, { name: 'Ines<i> & Co' });
  expect(named.status).toBe(204);
  session = await sentSession(coach, club);
});
afterAll(async () => {
  await server.stop();
  rmSync(webFolder, { recursive: true });
});

/** The page of a link as a browser asks for it that goes there, or as something else does. */
const page = (token: string, headers: Record<string, string> = { 'sec-fetch-mode': 'navigate' }) =>
  new Promise<{ html: string; headers: IncomingHttpHeaders }>((resolve, reject) => {
    get(`${server.url}/a/${token}`, { headers }, async (answer) =>
      resolve({ html: await text(answer), headers: answer.headers }),
    ).on('error', reject);
  });

describe('the page of a link, before its scripts run', () => {
  it("holds today's session in words, and is not kept on the way", async () => {
    const { session: given } = (await new Caller(server.url).call('GET', `/link/${session.token}`)).body;
    const { html, headers } = await page(session.token);
    const words = html.replaceAll(/<[^>]*>/g, '|');
    for (const { name, sets, reps } of given.plan.blocks.flatMap(({ items }: { items: object[] }) => items)) {
      expect(words).toContain(`|${name}|`);
      if (reps) expect(words).toContain(`|${sets} × ${reps}`);
    }
    expect(words).toContain(`${Math.round(given.plan.minutes.planned)} min`);
    expect(words).toContain('Opening …');
    expect(headers['cache-control']).toBe('no-store');
    expect(headers['last-modified']).toBeUndefined();
    expect(Number(headers['content-length'] ?? html.length)).toBeGreaterThan(0);
    expect(html).toContain('<div id="root"></div>');
  });

  it('a name is text, whatever it holds', async () => {
    const { html } = await page(session.token);
    expect(html).toContain('Hi Ines&lt;i&gt;');
    expect(html).not.toContain('<i>');
  });

  it('tells nothing to what only looks at the link, as a messenger for its preview', async () => {
    for (const headers of [{}, { 'sec-fetch-mode': 'cors' }, { 'user-agent': 'preview' }])
      expect((await page(session.token, headers)).html).toBe(plainPage);
  });

  it('says nothing where a link opens nothing, and where there is no session', async () => {
    expect((await page('A'.repeat(43))).html).toBe(plainPage);
    const report = { sessionId: session.id, effort: 4, minutes: 20, pain: [], finishedAt: '2026-12-09T18:30:00Z' };
    expect((await new Caller(server.url).call('POST', `/link/${session.token}/report`, report)).status).toBe(204);
    const after = await page(session.token);
    expect(after.html).toBe(plainPage);
    expect(after.headers['cache-control']).toBe('no-cache');
  });

  it('is the plain one while the database is away', async () => {
    const away = await runServer('postgres://nobody@127.0.0.1:9/nothing', { webFolder });
    const answer = await new Promise<string>((resolve) => {
      get(`${away.url}/a/${session.token}`, { headers: { 'sec-fetch-mode': 'navigate' } }, async (got) =>
        resolve(await text(got)),
      );
    });
    expect(answer).toBe(plainPage);
    await away.stop();
  });
});
