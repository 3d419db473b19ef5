import { preparingBlocks, readyingBlocks } from '../../exercise/model/vocabulary';
import { blockOrder } from '../context/block-bounds';
import type { Context } from '../context/context';
import type { Group } from '../draft/draft';
import { jointsToReady, type PreparedJoint, readied, readies, sessionShares } from '../scoring/joint-load';
import type { ScoredGroup } from '../scoring/scored-group';
import { costOf, dearer } from './warm-up-cost';
import { coolDownMinutes, warmUpMinutes } from './warm-up-minutes';
import { bitCount, bitsOf, fastBit, minOver, pulseBit, quickest, type Readying, waysFrom } from './warm-up-ways';

/** A single item of the warm-up takes no longer than this, seconds; common practice, no source. */
const longestItem = 125;
/** What is left of the warm-up rather wakes muscles than opens joints once more; common practice, no source. */
const activates = 1.5;
/** How much more a stretch counts that is of the sport's own range; common practice, no source. */
const ownRange = 1.6;

/**
 * Warm-up and cool-down follow from the main work: every joint that it asks for `readyFrom` of its most is made ready, the pulse is raised, and
 * work at speed gets something fast before it. What cannot be made ready here is left out, and a check says so.
 */
export class WarmUp {
  private readonly preparing: readonly ScoredGroup[];
  private readonly pinned: readonly ScoredGroup[];
  /** What is there whatever main work is chosen: of families that have none. */
  private readonly sure: Readying[];
  private readonly possible: number;
  /** Fewest seconds for every set of joints or more. */
  private readonly fewest: Float64Array;

  constructor(
    private readonly context: Context,
    offered: readonly ScoredGroup[],
  ) {
    const isPreparing = ({ group }: ScoredGroup) => preparingBlocks.has(group.block);
    const mainIds = new Set(offered.filter((c) => !isPreparing(c)).map(idOf));
    const mainFamilies = new Set(offered.filter((c) => !isPreparing(c)).map(familyOf));
    const pins = new Set(context.brief.lock.include);
    const preparing = offered.filter(isPreparing);
    this.pinned = onceEach(
      preparing.filter((c) => pins.has(idOf(c)) && !mainIds.has(idOf(c))),
      idOf,
    );
    const pinnedFamilies = new Set(this.pinned.map(familyOf));
    this.preparing = this.plainFirst(preparing.filter((c) => !pins.has(idOf(c)) && !pinnedFamilies.has(familyOf(c))));
    this.sure = this.readying(mainFamilies);
    this.possible = this.sure.reduce((mask, r) => mask | r.mask, this.pinnedMask);
    this.fewest = minOver(waysFrom(this.pinnedMask, this.sure));
  }

  /** What has to be changed for a restriction only prepares joints that nothing else does. */
  private plainFirst(columns: readonly ScoredGroup[]): ScoredGroup[] {
    const plain = columns.filter((c) => !c.variants[0]?.adapted);
    const ready = plain.reduce((mask, c) => mask | this.maskOf(c), 0);
    const needed = columns.filter((c) => c.variants[0]?.adapted && (this.maskOf(c) & ~ready) !== 0);
    return [...plain, ...needed];
  }

  /** Families of pinned items, which no main work may use again. */
  get pinnedFamilies(): ReadonlySet<string> {
    return new Set(this.pinned.map(familyOf));
  }

  private get pinnedMask(): number {
    return this.pinned.reduce((mask, c) => mask | this.maskOf(c), 0);
  }

  /** Warm-up items of families that are still free, of each family the one that does most in the least time. */
  private readying(taken: ReadonlySet<string>): Readying[] {
    const ranked = this.preparing
      .filter((c) => readyingBlocks.has(c.group.block) && !taken.has(familyOf(c)) && c.seconds <= longestItem)
      .map((column) => ({ column, mask: this.maskOf(column), cost: costOf(this.context, column) }))
      .sort((a, b) => bitCount(b.mask) / b.cost - bitCount(a.mask) / a.cost || a.cost - b.cost);
    return onceEach(ranked, ({ column }) => familyOf(column));
  }

  /** Whether a pinned variant stands in warm-up or cool-down. */
  offers(variant: string): boolean {
    return this.pinned.some((c) => c.variants[0]?.id === variant);
  }

  /** Whether anything that is sure to be there makes a joint ready. */
  canReady(joint: PreparedJoint): boolean {
    return (this.possible & bitsOf([joint])) !== 0;
  }

  private maskOf({ group, variants }: ScoredGroup): number {
    const [variant] = variants;
    if (!variant || group.block === 'cool-down') return 0;
    const pulse = group.block === 'raise' ? 1 << pulseBit : 0;
    const fast = variant.speed === 'fast' ? 1 << fastBit : 0;
    return bitsOf(readies(this.context, variant)) | pulse | fast;
  }

  /** What a main item wants made ready, a bit each. */
  wantedBy({ group, variants }: ScoredGroup): number {
    return group.choices.reduce((mask, choice, i) => {
      const variant = variants[i] as ScoredGroup['variants'][number];
      return (
        mask | bitsOf(jointsToReady(this.context, variant, choice.load)) | (variant.speed === 'fast' ? 1 << fastBit : 0)
      );
    }, 0);
  }

  private wanted(joints: number): number {
    return (joints | (1 << pulseBit)) & this.possible;
  }

  private get pinnedSeconds(): number {
    return this.pinned.reduce((sum, c) => sum + c.seconds, 0);
  }

  /** Seconds that warm-up and cool-down take when these joints have to be made ready. */
  seconds(joints: number, minutes = this.context.brief.minutes): number {
    const brief = { ...this.context.brief, minutes };
    const usual = 60 * (warmUpMinutes(brief) + coolDownMinutes(brief));
    const least = (this.fewest[this.wanted(joints)] as number) + 60 * coolDownMinutes(brief);
    return Math.max(usual, this.pinnedSeconds + least);
  }

  /**
   * Warm-up and cool-down for the work of a session: what makes every loaded joint ready in the fewest seconds, then what makes the hardest worked
   * ones readier, as long as there is time.
   */
  groups(work: readonly ScoredGroup[]): Group[] {
    const { brief } = this.context;
    const shares = sessionShares(this.context, work);
    const taken = new Set([...work.flatMap((c) => c.variants.map((v) => v.family)), ...this.pinned.map(familyOf)]);
    const free = this.readying(taken);
    const joints = work.reduce((mask, column) => mask | this.wantedBy(column), 0);
    const chosen = [...this.pinned, ...this.shortest(joints, free)];
    for (const column of chosen) taken.add(familyOf(column));
    const worth = (ready: Iterable<PreparedJoint>) =>
      [...new Set(ready)].reduce((sum, joint) => sum + (shares.get(joint)?.share ?? 0), 0);
    const fill = (from: readonly ScoredGroup[], seconds: number, most: number, gain: (c: ScoredGroup) => number) => {
      let left = seconds;
      let more = 0;
      const ranked = from
        .map((column) => ({ column, gain: gain(column) / column.seconds }))
        .sort((a, b) => b.gain - a.gain || idOf(a.column).localeCompare(idOf(b.column)));
      for (const { column, gain: worthwhile } of ranked) {
        if (more === most || worthwhile <= 0 || column.seconds > left || taken.has(familyOf(column))) continue;
        taken.add(familyOf(column));
        chosen.push(column);
        left -= column.seconds;
        more++;
      }
    };
    const used = (of: (c: ScoredGroup) => boolean) => chosen.filter(of).reduce((sum, c) => sum + c.seconds, 0);
    const isReadying = (c: ScoredGroup) => readyingBlocks.has(c.group.block);
    fill(
      free.map((r) => r.column).filter((c) => c.group.block !== 'raise'),
      60 * warmUpMinutes(brief) - used(isReadying),
      brief.athlete.readiness?.tight || this.context.type.type === 'warm-up' ? 3 : 2,
      (c) => activateFirst(c) * worth(readies(this.context, c.variants[0] as ScoredGroup['variants'][number])),
    );
    fill(
      this.preparing.filter((c) => c.group.block === 'cool-down' && isWindingDown(c)),
      60 * coolDownMinutes(brief) - used((c) => c.group.block === 'cool-down'),
      3,
      (c) => this.windsDown(c) * worth(c.variants.flatMap((v) => v.jointActions.map(({ joint }) => readied(joint)))),
    );
    const order = blockOrder(brief.houseRules.explosive);
    return chosen.map((c) => c.group).sort((a, b) => order.indexOf(a.block) - order.indexOf(b.block));
  }

  /** A staple, and the range the sport looks for, before what else would do. */
  private windsDown({ variants }: ScoredGroup): number {
    const variant = variants[0] as ScoredGroup['variants'][number];
    const own = this.context.usual.range.has(variant.id) ? ownRange : 1;
    return own / dearer.standing[variant.standing] ** 2;
  }

  /** The quickest items that make these joints ready: of all that are free where that is within the time kept for it, else of what was sure. */
  private shortest(joints: number, free: readonly Readying[]): ScoredGroup[] {
    const kept = this.seconds(joints) - this.pinnedSeconds - 60 * coolDownMinutes(this.context.brief);
    const all = free.reduce((mask, r) => mask | r.mask, this.pinnedMask);
    const wanted = joints | (1 << pulseBit);
    const inTime = (items: readonly ScoredGroup[]) => items.reduce((s, c) => s + c.seconds, 0) <= kept + 1e-6;
    const liked = quickest(
      waysFrom(this.pinnedMask, free, ({ cost }) => cost),
      wanted & all,
      free,
    );
    if (inTime(liked)) return liked;
    const best = quickest(waysFrom(this.pinnedMask, free), wanted & all, free);
    return inTime(best) ? best : quickest(waysFrom(this.pinnedMask, this.sure), this.wanted(joints), this.sure);
  }
}

const activateFirst = ({ group }: ScoredGroup) => (group.block === 'activate' ? activates : 1);

/** What is held or breathed winds down; what moves does not. */
const isWindingDown = ({ variants: [variant] }: ScoredGroup) =>
  variant !== undefined &&
  (variant.pattern === 'stretch' || variant.dose.work.kind === 'hold' || variant.dose.work.kind === 'breaths');

const idOf = (column: ScoredGroup) => column.variants[0]?.id as string;
const familyOf = (column: ScoredGroup) => column.variants[0]?.family as string;

/** Of everything with the same key the first. */
function onceEach<T>(list: readonly T[], key: (one: T) => string): T[] {
  const seen = new Set<string>();
  return list.filter((one) => {
    if (seen.has(key(one))) return false;
    seen.add(key(one));
    return true;
  });
}
