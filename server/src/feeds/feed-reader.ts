import { lookup } from 'node:dns';
import { type IncomingMessage, type RequestOptions, request as requestPlain } from 'node:http';
import { request as requestSecure } from 'node:https';
import type { ReadCalendar, ReadOptions } from '@tropaeum/core/formats/icalendar-read';
import { lookupFor } from '../middleware/public-addresses';
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

/** Reads over the network: nothing but public addresses, on every hop; stops at a time and a size, and takes nothing but a calendar. */
export function networkFeedReader({
  waitMs = maxMs,
  allowed = [],
  resolve = lookup,
  parser = threadCalendarParser(),
}: FeedReaderOptions = {}): FeedReader {
  function optionsFor(url: URL, signal: AbortSignal): RequestOptions {
    return {
      signal,
      agent: false,
      headers: { accept: 'text/calendar', 'accept-encoding': 'identity' },
      ...lookupFor(url, allowed, resolve),
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
