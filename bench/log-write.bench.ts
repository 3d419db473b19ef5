import type { Bench } from 'tinybench';
import { v7 } from 'uuid';
import { bareKoa } from './bare-koa';

interface Target {
  serverUrl: string;
  linkToken: string;
  sessionId: string;
  ownerUrl: string;
}

async function post(url: string, body: unknown): Promise<void> {
  const response = await fetch(url, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify(body),
  });
  if (!response.ok) throw new Error(`${url} answered ${response.status}`);
  await response.arrayBuffer();
}

/** One set of an athlete through the whole server, against bare Koa with one insert. */
export async function addTo(
  bench: Bench,
  { serverUrl, linkToken, sessionId, ownerUrl }: Target,
): Promise<() => Promise<void>> {
  const bare = await bareKoa(ownerUrl);
  // A session holds so many sets; after that they are put right, on both sides alike.
  const ids = Array.from({ length: 900 }, () => v7());
  const next = { bare: 0, server: 0 };
  const idOf = (side: 'bare' | 'server') => ids[next[side]++ % ids.length];
  bench.add('bare Koa, one insert', () => post(bare.url, { id: idOf('bare'), amount: 8 }));
  bench.add('a log through the server', () =>
    post(`${serverUrl}/api/link/${linkToken}/logs`, {
      sessionId,
      logs: [
        {
          id: idOf('server'),
          variant: 'push-up',
          setNumber: 1,
          side: 'both',
          amount: 8,
          doneAt: '2026-12-09T18:00:00Z',
        },
      ],
    }),
  );
  return bare.stop;
}
