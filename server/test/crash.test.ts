import { expect, it } from 'vitest';
import { killUnderWrites } from './kills';

it('killed and frozen under log writes, server and database come back without a hand, and every acknowledged log is there once', async () => {
  const came = await killUnderWrites({ servers: 10, databases: 3, freezes: 1, seed: 20261209 });
  expect(came).toMatchObject({ lost: 0, doubled: 0, unclear: [] });
  expect(came.acknowledged).toBeGreaterThan(14 * 4);
  expect(came.backMs.server).toHaveLength(10);
  expect(came.backMs.database).toHaveLength(3);
});
