import { lookup } from 'node:dns';
import { type IncomingMessage, type RequestOptions, request as requestPlain } from 'node:http';
import { request as requestSecure } from 'node:https';
import { BlockList, isIP, type LookupFunction } from 'node:net';
import type { ReadCalendar, ReadOptions } from '@tropaeum/core/formats/icalendar-read';
import { type CalendarParser, threadCalendarParser } from './calendar-parser';

/** What came of reading an address: a calendar, or the words why it is none. */
export type FeedRead = { copy: string; calendar: ReadCalendar } | { problem: string };

/** Whatever fetches a calendar from an address. */
export interface FeedReader {
  read(url: string, how: ReadOptions): Promise<FeedRead>;
  /** Reads a copy once more, as in another zone; nothing where that takes too long or too much. */
  reread(copy: string, how: ReadOptions): Promise<ReadCalendar | undefined>;
  close(): Promise<void>;
}

export interface FeedReaderOptions {
  /** Milliseconds that all of it may take. */
  waitMs?: number;
  /** Hosts that may be read although they are not public, "127.0.0.1" or "127.0.0.1:4180". */
  allowed?: readonly string[];
  /** Finds the addresses of a name; the system's own way where it is left out. */
  resolve?: typeof lookup;
  /** What reads the text of a calendar; a thread of its own where it is left out. */
  parser?: CalendarParser;
}

const [maxMs, maxBytes, maxHops] = [6000, 2_000_000, 3];

/** The same words whatever went wrong: who asks is not told what stands behind an address. */
const noCalendar = 'brings no calendar: look whether the address is right, or try again later';

/** Addresses that are nobody's public ones: this machine, its network, and what is kept for other uses (RFC 6890). */
const notPublic = new BlockList();
for (const [net, bits] of [
  ['0.0.0.0', 8],
  ['10.0.0.0', 8],
  ['100.64.0.0', 10],
  ['127.0.0.0', 8],
  ['169.254.0.0', 16],
  ['172.16.0.0', 12],
  ['192.0.0.0', 24],
  ['192.0.2.0', 24],
  ['192.168.0.0', 16],
  ['198.18.0.0', 15],
  ['198.51.100.0', 24],
  ['203.0.113.0', 24],
  ['224.0.0.0', 4],
  ['240.0.0.0', 4],
] as const)
  notPublic.addSubnet(net, bits, 'ipv4');
/** Of the sixth version only what is given out to the public is read, and nothing that carries an address of the fourth. */
const publicSix = new BlockList();
publicSix.addSubnet('2000::', 3, 'ipv6');
for (const [net, bits] of [
  ['2001::', 23],
  ['2001:db8::', 32],
  ['2002::', 16],
] as const)
  notPublic.addSubnet(net, bits, 'ipv6');

/** Whether an address is one that anybody on the network could have. @example isPublic('10.0.0.1') // false */
export function isPublic(address: string): boolean {
  const family = isIP(address);
  if (family === 4) return !notPublic.check(address, 'ipv4');
  return family === 6 && publicSix.check(address, 'ipv6') && !notPublic.check(address, 'ipv6');
}

/** Reads over the network: nothing but public addresses, on every hop; stops at a time and a size, and takes nothing but a calendar. */
export function networkFeedReader({
  waitMs = maxMs,
  allowed = [],
  resolve = lookup,
  parser = threadCalendarParser(),
}: FeedReaderOptions = {}): FeedReader {
  const isAllowed = ({ hostname, host }: URL) => allowed.includes(hostname) || allowed.includes(host);

  /** Looks a name up and connects to what was found then, not to what it may be a moment later. */
  const publicOnly: LookupFunction = (name, options, done) => {
    resolve(name, { ...options, all: true }, (error, found) => {
      const addresses = found as unknown as { address: string; family: number }[];
      if (error || !addresses?.length || !addresses.every(({ address }) => isPublic(address))) {
        done(error ?? new Error('not public'), '', 0);
        return;
      }
      const [first] = addresses as [{ address: string; family: number }];
      if (options.all) done(null, addresses as never);
      else done(null, first.address, first.family);
    });
  };

  function optionsFor(url: URL, signal: AbortSignal): RequestOptions {
    const free = isAllowed(url);
    if (!free && isIP(url.hostname.replace(/^\[|\]$/g, '')) && !isPublic(url.hostname.replace(/^\[|\]$/g, '')))
      throw new Error('not public');
    return {
      signal,
      agent: false,
      headers: { accept: 'text/calendar', 'accept-encoding': 'identity' },
      ...(free ? {} : { lookup: publicOnly }),
    };
  }

  async function textFrom(address: string, signal: AbortSignal, hop = 0): Promise<string> {
    const url = new URL(address);
    if (url.protocol !== 'http:' && url.protocol !== 'https:') throw new Error('neither http nor https');
    const send = url.protocol === 'https:' ? requestSecure : requestPlain;
    const answer = await new Promise<IncomingMessage>((resolved, rejected) => {
      send(url, optionsFor(url, signal), resolved).once('error', rejected).end();
    });
    const { statusCode = 0, headers } = answer;
    if (statusCode >= 300 && statusCode < 400 && headers.location) {
      answer.destroy();
      if (hop >= maxHops) throw new Error('sent on too often');
      return textFrom(new URL(headers.location, url).href, signal, hop + 1);
    }
    // What is packed could unpack to anything: nobody was asked for it.
    const packed = headers['content-encoding'] !== undefined && headers['content-encoding'] !== 'identity';
    if (statusCode !== 200 || packed) {
      answer.destroy();
      throw new Error('no plain answer');
    }
    const parts: Buffer[] = [];
    let size = 0;
    for await (const part of answer as AsyncIterable<Buffer>) {
      size += part.length;
      if (size > maxBytes) {
        answer.destroy();
        throw new Error('too large');
      }
      parts.push(part);
    }
    return Buffer.concat(parts).toString('utf8');
  }

  return {
    async read(url, how) {
      try {
        const copy = await textFrom(url, AbortSignal.timeout(waitMs));
        const calendar = await parser.parse(copy, how);
        return calendar && isCalendar(calendar) ? { copy, calendar } : { problem: noCalendar };
      } catch {
        return { problem: noCalendar };
      }
    },
    reread: (copy, how) => parser.parse(copy, how),
    close: () => parser.close(),
  };
}

const isCalendar = ({ bad }: ReadCalendar) =>
  !bad.some(({ line, message }) => line === 1 && /^is (no calendar|empty)/.test(message));
