import { createServer, type RequestListener, type Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import { gzipSync } from 'node:zlib';
import { afterEach, describe, expect, it } from 'vitest';
import { type FeedReaderOptions, isPublic, networkFeedReader } from '../src/feed-reader';

const calendar = 'BEGIN:VCALENDAR\r\nVERSION:2.0\r\nEND:VCALENDAR\r\n';
const refused = { problem: 'brings no calendar: look whether the address is right, or try again later' };

let open: Server[] = [];
afterEach(() => {
  for (const server of open) server.closeAllConnections();
  for (const server of open) server.close();
  open = [];
});

/** A server of this test's own, with how often it was asked. */
async function serving(answer: RequestListener) {
  const asked = { times: 0 };
  const server = createServer((request, response) => {
    asked.times++;
    answer(request, response);
  });
  open.push(server);
  await new Promise<void>((ready) => server.listen(0, '127.0.0.1', ready));
  return { asked, port: (server.address() as AddressInfo).port };
}
const plain: RequestListener = (_, response) => response.end(calendar);

/** Names are found by a stub: no test asks anybody beyond this machine. */
const namesTo = (...addresses: string[]): NonNullable<FeedReaderOptions['resolve']> =>
  ((_: string, __: object, done: (e: null, found: { address: string; family: number }[]) => void) =>
    done(
      null,
      addresses.map((address) => ({ address, family: address.includes(':') ? 6 : 4 })),
    )) as never;

describe('addresses that anybody could have', () => {
  it.each(['8.8.8.8', '93.184.216.34', '2606:4700:4700::1111'])('%s is one', (address) =>
    expect(isPublic(address)).toBe(true),
  );
  it.each([
    ...['127.0.0.1', '127.9.9.9', '10.0.0.1', '172.16.0.1', '172.31.255.255', '192.168.1.1', '169.254.169.254'],
    ...['0.0.0.0', '100.64.0.1', '198.18.0.1', '224.0.0.1', '255.255.255.255'],
    ...['::1', '::', '::ffff:127.0.0.1', '::ffff:10.0.0.1', '64:ff9b::7f00:1', 'fe80::1', 'fc00::1', 'ff02::1'],
    ...['2001:db8::1', '2002:7f00:1::', 'no address'],
  ])('%s is none', (address) => expect(isPublic(address)).toBe(false));
});

describe('reading a feed', () => {
  it('reads from a host that is named, and from no other of this machine, whatever it is called', async () => {
    const { asked, port } = await serving(plain);
    const named = networkFeedReader({ allowed: [`127.0.0.1:${port}`] });
    expect(await named.read(`http://127.0.0.1:${port}/a.ics`)).toEqual({ copy: calendar });
    expect(asked.times).toBe(1);
    const closed = networkFeedReader({ resolve: namesTo('127.0.0.1') });
    for (const host of [
      '127.0.0.1',
      'localhost',
      '2130706433',
      '0x7f.1',
      '0177.0.0.1',
      '[::1]',
      '[::ffff:127.0.0.1]',
      'league.example',
    ])
      expect(await closed.read(`http://${host}:${port}/a.ics`), host).toEqual(refused);
    expect(asked.times).toBe(1);
  });

  it('takes no name of which one address is private, and nothing but http', async () => {
    const { asked, port } = await serving(plain);
    const mixed = networkFeedReader({ resolve: namesTo('93.184.216.34', '127.0.0.1') });
    expect(await mixed.read(`http://league.example:${port}/`)).toEqual(refused);
    for (const url of ['file:///etc/passwd', 'ftp://127.0.0.1/', 'data:text/calendar,BEGIN:VCALENDAR', 'no address'])
      expect(await mixed.read(url)).toEqual(refused);
    expect(asked.times).toBe(0);
  });

  it('looks at every hop: sent on to this machine it stops, and it is not sent on for ever', async () => {
    const inner = await serving(plain);
    const outer = await serving((request, response) => {
      const to = request.url === '/loop' ? '/loop' : `http://127.0.0.1:${inner.port}/secret`;
      response.writeHead(302, { location: to }).end();
    });
    const reader = networkFeedReader({ allowed: [`127.0.0.1:${outer.port}`] });
    expect(await reader.read(`http://127.0.0.1:${outer.port}/away`)).toEqual(refused);
    expect(inner.asked.times).toBe(0);
    expect(await reader.read(`http://127.0.0.1:${outer.port}/loop`)).toEqual(refused);
    expect(outer.asked.times).toBeLessThanOrEqual(5);
  });

  it.each<[string, RequestListener]>([
    ['that does not end', (_, response) => void setInterval(() => response.write('X'.repeat(100_000)), 2).unref()],
    ['that drips', (_, response) => void setInterval(() => response.write('B'), 50).unref()],
    [
      'that is packed',
      (_, response) => response.setHeader('content-encoding', 'gzip').end(gzipSync(Buffer.alloc(30_000_000))),
    ],
    ['that is a page', (_, response) => response.end('<html></html>')],
    ['that is an error', (_, response) => response.writeHead(500).end(calendar)],
    ['that breaks off', (request) => request.socket.destroy()],
    ['that is empty', (_, response) => response.end()],
  ])('an answer %s ends soon, with the same words', async (_, answer) => {
    const { port } = await serving(answer);
    const reader = networkFeedReader({ waitMs: 600, allowed: ['127.0.0.1'] });
    const before = process.memoryUsage().rss;
    expect(await reader.read(`http://127.0.0.1:${port}/`)).toEqual(refused);
    expect(process.memoryUsage().rss - before).toBeLessThan(50_000_000);
  });
});
