import type { PainReport } from '../athlete/athlete';
import { painLimits } from '../athlete/pain-limits';
import { capital, partWords } from '../common/text';
import type { ReviewedItem } from './review';

/** Whether anything is to be decided on an item: warm-up, mobility and cool-down stay as they are. */
export const isDecidable = ({ proposal }: ReviewedItem): boolean => proposal.by !== 'no-decision';

const namesOf = (items: readonly ReviewedItem[]): string => {
  const names = items.map(({ item }) => item.name);
  return names.length > 3 ? `${names.slice(0, 2).join(', ')} and ${names.length - 2} more` : names.join(', ');
};

/**
 * What matters of a session, in three sentences at most: what is not safe, what moves, what is missing.
 *
 * @param pain what the athlete reported; nothing where there is no report yet
 * @example reviewSummary([], []) // []
 */
export function reviewSummary(items: readonly ReviewedItem[], pain: readonly PainReport[] | undefined): string[] {
  const open = items.filter(isDecidable);
  const by = (move: ReviewedItem['proposal']['move']) => open.filter(({ proposal }) => proposal.move === move);
  const referred = open.filter(({ proposal }) => proposal.refer);
  const stopped = by('stop').filter(({ proposal }) => !proposal.refer);
  const sore = (pain ?? []).filter(({ score }) => score > painLimits.safe);
  const safety =
    referred.length > 0
      ? `A clinician looks first: ${referred[0]?.proposal.rule}`
      : stopped.length > 0
        ? `Stop ${namesOf(stopped)}: ${sore.map((p) => `${partWords(p)} ${p.score} of 10`).join(', ') || 'ask how it is'}.`
        : sore.length > 0
          ? `${capital(sore.map((p) => `${partWords(p)} ${p.score} of 10`).join(', '))}: ask how the next morning was.`
          : undefined;
  const [up, down, same] = [by('up'), by('down'), by('same')];
  const moves = [
    ...(down.length > 0 ? [`regress ${namesOf(down)}`] : []),
    ...(up.length > 0 ? [`progress ${namesOf(up)}`] : []),
    ...(same.length > 0 ? [`hold ${down.length + up.length === 0 ? 'everything' : same.length}`] : []),
  ];
  const missing = open.filter(({ done }) => done.length === 0);
  return [
    safety,
    moves.length > 0 ? `${capital(moves.join('; '))}.` : undefined,
    missing.length > 0 ? `Not done: ${namesOf(missing)}. Ask why.` : undefined,
  ].filter((sentence) => sentence !== undefined);
}
