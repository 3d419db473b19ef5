import { capital } from '../common/text';
import { daysBetween } from '../date/days';
import type { StoredProposal } from '../review/stored-review';
import type { DeskAthlete, DeskSession } from './desk-athlete';
import type { DeskEntry } from './entry';

/** How long ago a day was. @example ago('2026-12-08', '2026-12-09') // 'yesterday' */
export function ago(on: string, today: string): string {
  const days = daysBetween(on, today);
  if (days <= 0) return days === 0 ? 'today' : `in ${-days} ${days === -1 ? 'day' : 'days'}`;
  return days === 1 ? 'yesterday' : `${days} days ago`;
}

/** What every entry says of its athlete. */
export const base = (athlete: DeskAthlete, session?: string): Pick<DeskEntry, 'athlete' | 'name' | 'session'> => ({
  ...{ athlete: athlete.id, name: athlete.name },
  ...(session === undefined ? {} : { session }),
});

/** Items of a session that nobody has decided on yet. */
export const openItems = ({ review, decided }: DeskSession): StoredProposal[] =>
  (review?.items ?? []).filter(({ variant }) => !decided.some((one) => one.variant === variant));

export const decisionsOf = (items: readonly StoredProposal[]): DeskEntry['decisions'] =>
  items.map(({ variant, name, move, rule }) => ({ variant, name, decided: move, how: rule }));

/** Names of some items; more than two are counted. */
export const namesOf = (items: readonly StoredProposal[]): string =>
  items.length > 2 ? `${items[0]?.name} and ${items.length - 1} more` : items.map(({ name }) => name).join(' and ');

/** What is done with some items in a few words. */
export function moveWords(items: readonly StoredProposal[]): string {
  const of = (move: StoredProposal['move']) => items.filter((item) => item.move === move);
  return capital(
    [
      ...(of('stop').length > 0 ? [`stop ${namesOf(of('stop'))}`] : []),
      ...(of('down').length > 0 ? [`regress ${namesOf(of('down'))}`] : []),
      ...(of('up').length > 0 ? [`progress ${namesOf(of('up'))}`] : []),
      ...(of('same').length > 0
        ? [`hold ${of('same').length === items.length ? 'all of it' : of('same').length}`]
        : []),
    ].join('; '),
  );
}

/** Days without a word that want a call; days before an end that is told; weeks between tests. Common practice, no source. */
export const deskDays = { silent: 9, ending: 7, test: 42, proposals: 14 } as const;

/** Sessions that a trend shows. */
export const shown = 6;

export const isDone = ({ status }: DeskSession): boolean => status === 'done';
