import { createServer, type RequestListener, type Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import { gzipSync } from 'node:zlib';
import { afterAll, afterEach, describe, expect, it } from 'vitest';
import { threadCalendarParser } from '../src/feeds/calendar-parser';
import { type FeedReaderOptions, networkFeedReader as readerWith } from '../src/feeds/feed-reader';
import { isPublic } from '../src/middleware/public-addresses';

const calendar = 'BEGIN:VCALENDAR\r\nVERSION:2.0\r\nEND:VCALENDAR\r\n';
const refused = { problem: 'brings no calendar: look whether the address is right, or try again later' };

const how = { zone: 'Europe/Oslo', from: '2026-12-01', to: '2027-12-01', otherwise: 'fixture' } as const;
const nothing = { entries: [], cancelled: [], bad: [] };
/** One thread for all of these tests. */
const parser = threadCalendarParser(1000);
const networkFeedReader = (options: FeedReaderOptions = {}) => readerWith({ parser, ...options });

let open: Server[] = [];
afterAll(() => parser.close());
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
    expect(await named.read(`http://127.0.0.1:${port}/a.ics`, how)).toEqual({ copy: calendar, calendar: nothing });
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
      expect(await closed.read(`http://${host}:${port}/a.ics`, how), host).toEqual(refused);
    expect(asked.times).toBe(1);
  });

  it('takes no name of which one address is private, and nothing but http', async () => {
    const { asked, port } = await serving(plain);
    const mixed = networkFeedReader({ resolve: namesTo('93.184.216.34', '127.0.0.1') });
    expect(await mixed.read(`http://league.example:${port}/`, how)).toEqual(refused);
    for (const url of ['file:///etc/passwd', 'ftp://127.0.0.1/', 'data:text/calendar,BEGIN:VCALENDAR', 'no address'])
      expect(await mixed.read(url, how)).toEqual(refused);
    expect(asked.times).toBe(0);
  });

  it('looks at every hop: sent on to this machine it stops, and it is not sent on for ever', async () => {
    const inner = await serving(plain);
    const outer = await serving((request, response) => {
      const to = request.url === '/loop' ? '/loop' : `http://127.0.0.1:${inner.port}/secret`;
      response.writeHead(302, { location: to }).end();
    });
    const reader = networkFeedReader({ allowed: [`127.0.0.1:${outer.port}`] });
    expect(await reader.read(`http://127.0.0.1:${outer.port}/away`, how)).toEqual(refused);
    expect(inner.asked.times).toBe(0);
    expect(await reader.read(`http://127.0.0.1:${outer.port}/loop`, how)).toEqual(refused);
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
    expect(await reader.read(`http://127.0.0.1:${port}/`, how)).toEqual(refused);
    expect(process.memoryUsage().rss - before).toBeLessThan(50_000_000);
  });
});

describe('reading what is hard to read', () => {
  const event = (i: number, more = '') =>
    `BEGIN:VEVENT\r\nUID:${i}@l.example\r\nDTSTART:20261209T180000Z\r\nSUMMARY:E${i}\r\n${more}END:VEVENT\r\n`;
  const calendarOf = (events: string) => `BEGIN:VCALENDAR\r\nVERSION:2.0\r\n${events}END:VCALENDAR\r\n`;
  const many = (count: number, more = '') =>
    calendarOf(Array.from({ length: count }, (_, i) => event(i, more)).join(''));
  const days = Array.from({ length: 366 }, (_, i) => i + 1).join(',');
  const hard: [string, string][] = [
    ['a rule within the minute', calendarOf(event(1, 'RRULE:FREQ=MINUTELY\r\n'))],
    ['a rule within the second', calendarOf(event(1, 'RRULE:FREQ=SECONDLY;COUNT=999999999\r\n'))],
    ['200 daily events', many(200, 'RRULE:FREQ=DAILY\r\n')],
    ['27,000 events', many(27_000).slice(0, 1_999_000)],
    ['5,000 daily events', many(5000, 'RRULE:FREQ=DAILY;COUNT=100000\r\n')],
    ['a rule that never holds', calendarOf(event(1, 'RRULE:FREQ=YEARLY;BYMONTH=2;BYMONTHDAY=31\r\n'))],
    ['a thousand rules that never hold', many(1000, 'RRULE:FREQ=MONTHLY;BYMONTHDAY=31;BYMONTH=2\r\n')],
    ['days of the year, each named', many(300, `RRULE:FREQ=YEARLY;BYYEARDAY=${days}\r\n`)],
    [
      'exceptions without end',
      calendarOf(event(1, `RRULE:FREQ=DAILY\r\n${'EXDATE:20261210T180000Z\r\n'.repeat(40_000)}`)),
    ],
    ['a name without end', calendarOf(event(1, `SUMMARY:${'x'.repeat(1_900_000)}\r\n`))],
    ['a line folded without end', calendarOf(`BEGIN:VEVENT\r\nSUMMARY:${'x\r\n '.repeat(400_000)}\r\nEND:VEVENT\r\n`)],
    ['parts within parts', `BEGIN:VCALENDAR\r\n${'BEGIN:VEVENT\r\n'.repeat(100_000)}`],
    ['parts that end without beginning', `BEGIN:VCALENDAR\r\n${'END:VEVENT\r\n'.repeat(100_000)}`],
    ['parameters without end', calendarOf(event(1, `X-A${';B=C'.repeat(400_000)}:x\r\n`))],
    ['quotes that do not close', calendarOf(event(1, `X-A;B="${'"'.repeat(900_000)}:x\r\n`))],
    ['zones without end', calendarOf('BEGIN:VTIMEZONE\r\nTZID:X\r\nEND:VTIMEZONE\r\n'.repeat(30_000))],
    [
      'far years',
      calendarOf(event(1, 'RRULE:FREQ=DAILY;UNTIL=99991231T000000Z;INTERVAL=1\r\n').replace('2026', '0001')),
    ],
    ['an interval of nothing', calendarOf(event(1, 'RRULE:FREQ=DAILY;INTERVAL=0\r\n'))],
    ['a long stay', calendarOf(event(1, 'DURATION:P999999999D\r\nRRULE:FREQ=DAILY\r\n'))],
    ['nothing but breaks', `BEGIN:VCALENDAR${'\r\n'.repeat(900_000)}`],
  ];

  it.each(hard)('%s: it comes to an end, a bounded one, and nobody waits for it', async (_, text) => {
    let turns = 0;
    let done = false;
    const reading = parser.parse(text, how).finally(() => {
      done = true;
    });
    // The server's own thread goes on all the while.
    while (!done) {
      turns++;
      await new Promise((resolve) => setTimeout(resolve, 5));
    }
    const read = await reading;
    expect(turns).toBeGreaterThan(0);
    expect(read?.entries.length ?? 0).toBeLessThanOrEqual(3000);
    // The thread is there for the next one.
    expect(await parser.parse(calendar, how)).toEqual(nothing);
  });
});
