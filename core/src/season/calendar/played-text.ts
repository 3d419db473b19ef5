import type { TextFault } from '../../date/day-text';

/** Somebody who may have played. */
export interface Player {
  id: string;
  name: string;
}

const plain = (name: string) =>
  name
    .normalize('NFKD')
    .replace(/[^\p{L}\p{N} ]/gu, '')
    .toLowerCase()
    .trim();

/** Who is meant by the beginning of a first, last or whole name. */
function meant(text: string, players: readonly Player[]): Player[] {
  const said = plain(text);
  const whole = players.filter(({ name }) => plain(name) === said);
  if (whole.length) return whole;
  const parts = (name: string) => [plain(name), ...plain(name).split(/\s+/)];
  const exact = players.filter(({ name }) => parts(name).includes(said));
  return exact.length ? exact : players.filter(({ name }) => parts(name).some((part) => part.startsWith(said)));
}

/** Longest that anybody plays, minutes: a long match with everything added to it. */
const maxMinutes = 300;

/**
 * Reads who played how long of a fixture, typed in one line: "Ada 60, Bo 15, Nora out". Who is not named played all of it; "rest out" says that they
 * did not.
 *
 * @example readPlayed('Ada 20, Bo out', [{ id: 'a', name: 'Ada Lund' }, { id: 'b', name: 'Bo Vik' }]) // { playedBy: { a: 20, b: 0 } }
 */
export function readPlayed(
  text: string,
  players: readonly Player[],
): { playedBy: Record<string, number> } | { fault: TextFault } {
  const playedBy: Record<string, number> = {};
  let rest: number | undefined;
  for (const part of text
    .split(/[,;\n]/)
    .map((p) => p.trim())
    .filter(Boolean)) {
    const read = /^(.*?)\s+(\d+|out|all)\s*(?:min|')?$/i.exec(part);
    if (!read) return { fault: { part, message: 'should be a name and minutes, such as "Ada 20" or "Ada out"' } };
    const [, who, said] = read as unknown as [string, string, string];
    const minutes = /^out$/i.test(said) ? 0 : /^all$/i.test(said) ? undefined : Number(said);
    if (minutes !== undefined && minutes > maxMinutes)
      return { fault: { part, message: `must be ${maxMinutes} minutes or fewer` } };
    if (/^(rest|others)$/i.test(who)) {
      rest = minutes;
      continue;
    }
    const found = meant(who, players);
    if (found.length === 0) return { fault: { part: who, message: 'is nobody of this squad' } };
    if (found.length > 1)
      return {
        fault: { part: who, message: `could be ${found.map(({ name }) => name).join(' or ')}; write more of the name` },
      };
    if (minutes === undefined) delete playedBy[(found[0] as Player).id];
    else playedBy[(found[0] as Player).id] = minutes;
  }
  if (rest !== undefined) for (const { id } of players) playedBy[id] ??= rest;
  return { playedBy };
}

/** The same as it would be typed. @example playedWords({ a: 20 }, [{ id: 'a', name: 'Ada Lund' }]) // 'Ada Lund 20' */
export const playedWords = (playedBy: Readonly<Record<string, number>>, players: readonly Player[]): string =>
  players
    .flatMap(({ id, name }) => {
      const minutes = playedBy[id];
      return minutes === undefined ? [] : [`${name} ${minutes === 0 ? 'out' : minutes}`];
    })
    .join(', ');
