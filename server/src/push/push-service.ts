import type { lookup } from 'node:dns';
import { type IncomingMessage, type OutgoingHttpHeaders, request as requestPlain } from 'node:http';
import { request as requestSecure } from 'node:https';
import webPush from 'web-push';
import { lookupFor } from '../middleware/public-addresses';

/** Where a phone is reached: an address of its maker's push service, and the keys that only the phone can open. */
export interface PushTarget {
  endpoint: string;
  keys: { p256dh: string; auth: string };
}

/** What came of it: a phone that is gone wants nothing any more; one that is busy is tried again. */
export type Pushed = 'delivered' | 'gone' | 'later' | 'refused';

/** The pair of keys by which push services know this server. */
export interface PushKeys {
  publicKey: string;
  privateKey: string;
}

export interface PushService {
  send(to: PushTarget, payload: object): Promise<Pushed>;
}

/** Carries what is encrypted to its address; the status of the answer. */
export type Carrier = (url: URL, method: string, headers: OutgoingHttpHeaders, body: Buffer) => Promise<number>;

export interface PushOptions {
  keys: () => Promise<PushKeys>;
  /** Whom a push service writes to when something is amiss, `mailto:` or an address. */
  subject: string;
  carry: Carrier;
}

export interface NetworkOptions {
  /** Hosts that may be called although they are not public. */
  allowed?: readonly string[];
  resolve?: typeof lookup;
}

/** A reminder that has not come within half a day is of no use any more, seconds. */
const timeToLive = 12 * 60 * 60;
const waitMs = 8000;

function cameOf(status: number): Pushed {
  if (status >= 200 && status < 300) return 'delivered';
  if (status === 404 || status === 410) return 'gone';
  return status === 429 || status >= 500 ? 'later' : 'refused';
}

/** By the network: public addresses only, and nobody is followed elsewhere. */
export const overNetwork =
  ({ allowed = [], resolve }: NetworkOptions = {}): Carrier =>
  async (url, method, headers, body) => {
    const send = url.protocol === 'https:' ? requestSecure : requestPlain;
    const options = { method, headers, agent: false, signal: AbortSignal.timeout(waitMs) };
    const answer = await new Promise<IncomingMessage>((resolved, rejected) => {
      send(url, { ...options, ...lookupFor(url, allowed, resolve) }, resolved)
        .once('error', rejected)
        .end(body);
    });
    answer.resume();
    return answer.statusCode ?? 0;
  };

/** Sends encrypted for the phone (RFC 8291), signed by this server (RFC 8292). */
export function pushService({ keys, subject, carry }: PushOptions): PushService {
  return {
    async send(to, payload) {
      try {
        const { publicKey, privateKey } = await keys();
        const { method, headers, body, endpoint } = webPush.generateRequestDetails(to, JSON.stringify(payload), {
          vapidDetails: { subject, publicKey, privateKey },
          TTL: timeToLive,
        });
        return cameOf(await carry(new URL(endpoint), method, headers, body as Buffer));
      } catch (error) {
        // Keys that are none, and addresses that are not public, stay so; a network comes back.
        return (error as NodeJS.ErrnoException).code || (error as Error).name === 'TimeoutError' ? 'later' : 'refused';
      }
    },
  };
}
