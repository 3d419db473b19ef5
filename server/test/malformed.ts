import { Agent, request } from 'node:http';
import { seeded } from '@tropaeum/core/common/seeded-random';
import type { RouteCall } from './every-route';
import type { Laid } from './laid';

/** A request as it goes over the wire. */
export interface Wire {
  route: string;
  method: string;
  path: string;
  headers: Record<string, string>;
  body?: Buffer;
}

const nest = (depth: number) => '['.repeat(depth) + ']'.repeat(depth);
/** Values that something trips over, written as JSON. */
const nasty = [
  ...['null', 'true', '[]', '{}', '""', '"x"', '0', '-1', '0.5', '1e308', '-1e308', '1e999', '9007199254740993'],
  ...[
    '2147483648',
    '-2147483649',
    '32768',
    '"9"',
    '"2026-02-30"',
    '"2026-02-30T00:00:00Z"',
    '"0000-00-00"',
    '"9999-99-99"',
  ],
  ...['"2026-12-09T25:00:00Z"', '"+275760-09-13"', '"\\u0000"', '"a\\u0000b"', '"\\ud800"', '"\\udfff x"', '"\\ufeff"'],
  ...[
    '"__proto__"',
    '"constructor"',
    '"00000000-0000-0000-0000-000000000000"',
    '"\'; drop table athletes; --"',
    '"$1"',
  ],
  ...[
    '{"__proto__":{"polluted":true}}',
    '{"constructor":{"prototype":{}}}',
    '{"toString":1}',
    '{"length":-1}',
    '[null]',
  ],
  ...['[[[[[[]]]]]]', nest(60), nest(5000), `"${'ü'.repeat(3000)}"`, `[${'1,'.repeat(4000)}1]`, '{"":""}'],
];
const segments = [
  ...['%00', '%ff', '%c0%80', '%ed%a0%80', '%', '%zz', '..', '%2e%2e', '..%2f..%2fetc%2fpasswd', 'x'.repeat(3000)],
  ...[
    '__proto__',
    'constructor',
    'null',
    'undefined',
    '-1',
    '1e9',
    '00000000-0000-0000-0000-000000000000',
    '%F0%9F%92%A5',
  ],
  ...['0198f0a0-0000-7000-8000-00000000000G', '%27%3B--', '*', '(.*)', ';', '%0d%0aset-cookie:%20a=b', '{id}'],
];
const queries = [
  '',
  '',
  '',
  '?',
  '?a=%',
  '?behave[]=down',
  '?behave=page',
  '?__proto__[x]=1',
  `?${'a=1&'.repeat(900)}`,
  '?%00',
];
const methods = ['GET', 'POST', 'PUT', 'PATCH', 'DELETE', 'OPTIONS', 'TRACE', 'HEAD', 'PROPFIND', 'SEARCH'];
const types = [
  ...[
    'application/json',
    'application/json; charset=utf-8',
    'application/json; charset=utf-7',
    'application/json; charset=',
  ],
  ...[
    'text/plain',
    'application/xml',
    'multipart/form-data',
    'application/x-www-form-urlencoded',
    ';;;',
    'application/json;;',
  ],
];
const headerSets: Record<string, string>[] = [
  { origin: 'null' },
  { origin: 'http://evil.example' },
  { origin: '\\\\' },
  { 'sec-fetch-site': 'cross-site' },
  { 'content-encoding': 'gzip' },
  { 'content-encoding': 'br' },
  { 'content-encoding': 'zzz' },
  { 'accept-encoding': 'gzip;q=nan, *;q=0' },
  { 'x-forwarded-for': "'; --, 1.2.3.4" },
  { 'x-forwarded-host': 'evil.example' },
  { range: 'bytes=9999999-' },
  { 'if-none-match': '"x"', 'if-modified-since': 'never' },
  { cookie: `tropaeum_sign_in=${'x'.repeat(4000)}` },
  { cookie: 'tropaeum_sign_in=%00; tropaeum_sign_in' },
  { host: 'evil.example' },
  { expect: '200-maybe' },
];

const oneOf = <T>(random: () => number, list: readonly T[]): T => list[Math.floor(random() * list.length)] as T;

/** A body of the route with one place of it turned into something that was not meant. */
function mutated(random: () => number, body: unknown): string {
  const places: { holder: Record<string, unknown>; key: string }[] = [];
  const copy = structuredClone({ body });
  const walk = (holder: Record<string, unknown>) => {
    for (const key of Object.keys(holder)) {
      places.push({ holder, key });
      const inner = holder[key];
      if (inner && typeof inner === 'object') walk(inner as Record<string, unknown>);
    }
  };
  walk(copy as Record<string, unknown>);
  const { holder, key } = oneOf(random, places);
  const mark = '@@nasty@@';
  const kind = random();
  if (kind < 0.12) delete holder[key];
  else if (kind < 0.25 && holder[key] && typeof holder[key] === 'object')
    (holder[key] as Record<string, unknown>)[oneOf(random, ['extra', '__proto', 'was', 'revision', 'id', '0'])] = mark;
  else holder[key] = mark;
  return (JSON.stringify(copy.body) ?? '').replace(JSON.stringify(mark), () => oneOf(random, nasty));
}

/** A request that is not right in one way or another. */
export function malformed(random: () => number, routes: Record<string, RouteCall>, cookie: string): Wire {
  const route = oneOf(random, Object.keys(routes));
  const { path, body } = routes[route] as RouteCall;
  const wire: Wire = { route, method: route.split(' ')[0] as string, path: `/api${path}`, headers: {} };
  if (random() < 0.85) wire.headers.cookie = cookie;
  if (random() < 0.35) {
    const parts = wire.path.split('/');
    parts[2 + Math.floor(random() * (parts.length - 2))] = oneOf(random, segments);
    wire.path = parts.join('/');
  }
  wire.path += oneOf(random, queries);
  if (random() < 0.07) wire.method = oneOf(random, methods);
  if (random() < 0.2) Object.assign(wire.headers, oneOf(random, headerSets));
  if (wire.method === 'GET' || wire.method === 'HEAD' || wire.method === 'TRACE') return wire;
  wire.headers['content-type'] = random() < 0.12 ? oneOf(random, types) : 'application/json';
  const kind = random();
  const text =
    kind < 0.75 ? mutated(random, body ?? {}) : kind < 0.85 ? oneOf(random, nasty) : JSON.stringify(body ?? {});
  let bytes = Buffer.from(text);
  if (kind > 0.85 && kind < 0.92) bytes = bytes.subarray(0, Math.floor(random() * bytes.length));
  if (kind >= 0.92 && bytes.length > 2)
    bytes[Math.floor(random() * bytes.length)] = oneOf(random, [0, 0xff, 0xc0, 0x80, 0xed]);
  wire.body = bytes;
  return wire;
}

/** Sends it and says what came: a status, or that the connection ended. */
export function send(
  agent: Agent,
  { url }: Pick<Laid, 'url'>,
  { method, path, headers, body }: Wire,
): Promise<number | 'cut'> {
  return new Promise((resolve) => {
    const { hostname, port } = new URL(url);
    const asked = request(
      {
        agent,
        hostname,
        port,
        method,
        path,
        headers: { ...headers, ...(body ? { 'content-length': body.length } : {}) },
      },
      (answer) => {
        const status = answer.statusCode ?? 0;
        // Devices stream for as long as somebody listens.
        if (answer.headers['content-type']?.startsWith('text/event-stream')) answer.destroy();
        answer.resume();
        answer.on('close', () => resolve(status));
      },
    );
    asked.setTimeout(20_000, () => asked.destroy());
    asked.on('error', () => resolve('cut'));
    asked.end(body);
  });
}

export interface Outcome {
  /** How often each status came. */
  statuses: Record<string, number>;
  /** Requests that the server failed at. */
  failed: Wire[];
}

/** Sends so many malformed requests, some at a time. */
export async function bombard(
  laid: Laid,
  routes: Record<string, RouteCall>,
  cookie: string,
  count: number,
  seed: number,
): Promise<Outcome> {
  const random = seeded(seed);
  const agent = new Agent({ keepAlive: true, maxSockets: 16 });
  const outcome: Outcome = { statuses: {}, failed: [] };
  let left = count;
  const worker = async () => {
    while (left-- > 0) {
      const wire = malformed(random, routes, cookie);
      const came = await send(agent, laid, wire);
      outcome.statuses[came] = (outcome.statuses[came] ?? 0) + 1;
      if (came === 'cut' || came >= 500) outcome.failed.push(wire);
    }
  };
  await Promise.all(Array.from({ length: 12 }, worker));
  agent.destroy();
  return outcome;
}
