import { mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { createServer, type Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import pino from 'pino';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { createApp } from '../src/app';
import { Database } from '../src/database/database';

let server: Server;
let url: string;
const folder = mkdtempSync(join(tmpdir(), 'pages-'));

beforeAll(async () => {
  mkdirSync(join(folder, 'web', 'assets'), { recursive: true });
  writeFileSync(join(folder, 'secret.txt'), 'not for anybody');
  writeFileSync(join(folder, 'web', 'index.html'), '<!doctype html><title>page</title>');
  writeFileSync(join(folder, 'web', 'phone.html'), '<!doctype html><title>phone</title>');
  writeFileSync(join(folder, 'web', 'sw.js'), '// worker');
  writeFileSync(join(folder, 'web', 'assets', 'main-abc123.js'), 'export {}');
  writeFileSync(join(folder, 'web', 'assets', 'compose.worker-abc123.js'), 'export {}');
  const app = createApp(
    {
      log: pino({ level: 'silent' }),
      database: new Database('postgres://nobody@127.0.0.1:9/nothing'),
      publicUrl: 'https://strength.club.example',
      linkRate: 10,
      proxies: 0,
    } as never,
    join(folder, 'web'),
  );
  server = createServer(app.callback());
  await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve));
  url = `http://127.0.0.1:${(server.address() as AddressInfo).port}`;
});
afterAll(() => {
  server.close();
  rmSync(folder, { recursive: true });
});

describe('pages', () => {
  it.each([
    ...['/', '/athletes/x', '/sheet/1', '/ability'].map((path) => [path, 'page']),
    ...['/a', '/a/some-token'].map((path) => [path, 'phone']),
  ])('%s is the %s, asked for anew each time', async (path, title) => {
    const answer = await fetch(url + path);
    expect(answer.status).toBe(200);
    expect(await answer.text()).toContain(`<title>${title}</title>`);
    expect(answer.headers.get('cache-control')).toBe('no-cache');
  });

  it('what stands behind a link is asked for beside the scripts', async () => {
    const ahead = async (path: string) => (await fetch(url + path)).headers.get('link');
    const token = 'a1-B2_c3d4e5f6g7h8i9j0k1';
    expect(await ahead(`/a/${token}`)).toBe(`</api/link/${token}>; rel=preload; as=fetch; crossorigin`);
    for (const path of ['/', '/a', '/a/short', `/a/${token}%22`, `/athletes/${token}`])
      expect(await ahead(path)).toBeNull();
  });

  it('hashed files are kept for ever, the service worker is not', async () => {
    expect((await fetch(`${url}/assets/main-abc123.js`)).headers.get('cache-control')).toContain('immutable');
    expect((await fetch(`${url}/sw.js`)).headers.get('cache-control')).toContain('max-age=0');
  });

  it('only the composing worker may compile WebAssembly', async () => {
    const policy = async (path: string) => (await fetch(url + path)).headers.get('content-security-policy') ?? '';
    expect(await policy('/assets/compose.worker-abc123.js')).toContain("'wasm-unsafe-eval'");
    expect(await policy('/')).not.toContain('unsafe');
    expect(await policy('/')).toContain("default-src 'none'");
  });

  it.each(['/../secret.txt', '/assets/../../secret.txt', '/%2e%2e/secret.txt', '/missing.js'])(
    '%s gives nothing away',
    async (path) => {
      const answer = await fetch(url + path);
      expect(await answer.text()).not.toContain('not for anybody');
    },
  );

  it('a file that is not there is not there', async () => {
    const missing = await fetch(`${url}/assets/gone-abc123.js`);
    expect(missing.status).toBe(404);
    expect(missing.headers.get('cache-control') ?? '').not.toContain('immutable');
  });
});
