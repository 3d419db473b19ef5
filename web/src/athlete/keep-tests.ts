import type { TestResult } from '@tropaeum/core/athlete/performance-record';
import { kept, phone } from './offline-db';
import type { LinkSession } from './use-link';

/** Keeps what tests of today came to until it has been sent: one result a test, side and day, the latest. */
export async function keepTests(link: LinkSession, results: readonly Omit<TestResult, 'on'>[]): Promise<void> {
  const { token } = link;
  const on = link.answer?.today ?? '';
  const rows = results.map((one) => ({
    ...one,
    ...{ on, token, key: `${token} ${one.test} ${one.side ?? ''} ${on}`, waiting: 1 as const },
  }));
  await kept(() => phone.tests.bulkPut(rows));
  void link.sendNow();
}
