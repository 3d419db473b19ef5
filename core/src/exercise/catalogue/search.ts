import MiniSearch from 'minisearch';
import type { Variant } from '../model/variant';

interface Entry {
  id: string;
  name: string;
  otherNames: string;
  pattern: string;
  joints: string;
  purpose: string;
  kit: string;
}

const words = (list: readonly string[]) => list.join(' ').replaceAll('-', ' ');

function entryOf(v: Variant): Entry {
  return {
    id: v.id,
    name: v.name,
    otherNames: words(v.otherNames),
    pattern: words([v.pattern, ...v.blocks]),
    joints: words(v.jointActions.flatMap((a) => [a.joint, a.action])),
    purpose: v.purpose,
    kit: words(v.needs.kit.flat()),
  };
}

/** A name without case and hyphens. */
const plain = (name: string) => name.toLowerCase().replaceAll('-', ' ').trim();

/** Words longer than this may be mistyped. */
const forgivingFrom = 4;

/** Finds variants by what an athlete calls them: all names, pattern, joints, purpose and kit, whole words or their beginnings, mistyped or not. */
export class LibrarySearch {
  private readonly index = new MiniSearch<Entry>({
    fields: ['name', 'otherNames', 'pattern', 'joints', 'purpose', 'kit'],
    searchOptions: {
      boost: { name: 4, otherNames: 3, pattern: 1.5 },
      prefix: true,
      fuzzy: (term) => (term.length >= forgivingFrom ? 0.25 : false),
      combineWith: 'AND',
    },
  });

  private readonly names: ReadonlyMap<string, string[]>;
  private readonly standing: ReadonlyMap<string, number>;

  constructor(variants: readonly Variant[]) {
    this.names = new Map(variants.map((v) => [v.id, [v.name, ...v.otherNames].map(plain)]));
    this.standing = new Map(variants.map((v) => [v.id, v.standing]));
    this.index.addAll(variants.map(entryOf));
  }

  /**
   * Ids of the variants that answer every word typed: what is called just that first, then what begins so, the staples of either before the rarer ones, then the rest by weight; empty when nothing does.
   *
   * @example new LibrarySearch(library).find('nordik')[0] // 'nordic-lowering'
   */
  find(typed: string): string[] {
    const wanted = plain(typed);
    const hits = this.index.search(typed).map((hit) => hit.id as string);
    const rank = (id: string) => {
      const names = this.names.get(id) ?? [];
      return names.includes(wanted) ? 0 : names.some((n) => n.startsWith(wanted)) ? 1 : 2;
    };
    const standing = (id: string) => this.standing.get(id) ?? 0;
    return hits
      .map((id, i) => ({ id, i, rank: rank(id) }))
      .sort((a, b) => a.rank - b.rank || (a.rank < 2 ? standing(b.id) - standing(a.id) : 0) || a.i - b.i)
      .map((h) => h.id);
  }
}
