import { readCalendar } from '@tropaeum/core/formats/icalendar-read';

/** What came of reading an address: a calendar, or the words why it is none. */
export type FeedRead = { copy: string } | { problem: string };

/** Whatever fetches a calendar from an address. */
export interface FeedReader {
  read(url: string): Promise<FeedRead>;
}

const [mostMs, mostBytes] = [6000, 2_000_000];

/** Reads over the network; gives up after six seconds, and takes nothing but a calendar. */
export function networkFeedReader(waitMs = mostMs): FeedReader {
  return {
    async read(url) {
      let text: string;
      try {
        const response = await fetch(url, {
          signal: AbortSignal.timeout(waitMs),
          headers: { accept: 'text/calendar' },
        });
        if (!response.ok) return { problem: `answered ${response.status} instead of a calendar` };
        if (Number(response.headers.get('content-length') ?? 0) > mostBytes)
          return { problem: 'is larger than two megabytes' };
        text = await response.text();
      } catch (error) {
        const slow = error instanceof Error && error.name === 'TimeoutError';
        return { problem: slow ? `did not answer within ${waitMs / 1000} s` : 'cannot be reached' };
      }
      if (text.length > mostBytes) return { problem: 'is larger than two megabytes' };
      return isCalendar(text)
        ? { copy: text }
        : { problem: 'answered with something that is no calendar, such as a web page' };
    },
  };
}

function isCalendar(text: string): boolean {
  const { bad } = readCalendar(text, { zone: 'UTC', from: '2000-01-01', to: '2000-01-01', otherwise: 'fixture' });
  return !bad.some(({ line, message }) => line === 1 && /^is (no calendar|empty)/.test(message));
}
