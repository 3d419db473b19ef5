import { RateLimiterPostgres } from 'rate-limiter-flexible';
import type { Database } from '../database/database';
import { count } from './limits';
import { tokenHash } from './tokens';

const quarter = 15 * 60;
/** Failures in a quarter of an hour: of one account from wherever, and from one address at whatever account. */
const most = { account: 10, address: 50 };

/** Counts tries to sign in, in the database: for every server of the club alike, and through a restart. */
export class SignInLimits {
  private readonly account: RateLimiterPostgres;
  private readonly address: RateLimiterPostgres;

  constructor(database: Database) {
    const kept = {
      storeClient: database.limits,
      clientType: 'pool',
      tableName: 'rate_limits',
      tableCreated: true,
      // What has run out is taken away with everything else that has.
      clearExpiredByTimeout: false,
      duration: quarter,
    };
    this.account = new RateLimiterPostgres({ ...kept, keyPrefix: 'account', points: most.account });
    this.address = new RateLimiterPostgres({ ...kept, keyPrefix: 'address', points: most.address });
  }

  /** Counts a try before it is looked at, so that many at once are many. */
  async begin(email: string, address: string): Promise<void> {
    await count(this.address, tokenHash(address));
    await count(this.account, tokenHash(email));
  }

  /** Who is in has failed at nothing. */
  async succeeded(email: string, address: string): Promise<void> {
    await Promise.all([this.account.delete(tokenHash(email)), this.address.reward(tokenHash(address), 1)]);
  }
}
