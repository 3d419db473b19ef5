import type { RateLimiterAbstract, RateLimiterRes } from 'rate-limiter-flexible';
import { HttpError } from './http-error';

/** Counts one more of somebody; who does it too often is told when it works again. */
export async function count(limiter: RateLimiterAbstract, key: string): Promise<void> {
  try {
    await limiter.consume(key);
  } catch (refused) {
    if (refused instanceof Error) throw refused;
    const seconds = Math.ceil((refused as RateLimiterRes).msBeforeNext / 1000);
    throw new HttpError(429, 'That was too often in a short time; it works again in a moment.', [], seconds);
  }
}
