import type { Coverage, PlanItem } from '@tropaeum/core/session/plan/plan-types';
import type { Needs } from '@tropaeum/core/sport/needs';
import { MarkButton } from '../score/MarkButton';
import { guardColumn, minShare, wanting } from './weave-columns';

type Guarded = Needs['prevention'][number];

const guardSize = 35;

/** What an item gives of all that is wanted against injury: a square, beside the weave and never added to it. */
export function PreventionMark({
  item,
  needs,
  reachable,
}: {
  item: PlanItem;
  needs: readonly Guarded[];
  reachable: boolean;
}) {
  const share = needs.reduce((sum, n) => sum + n.share * (item.guards?.find((g) => g.need === n.id)?.share ?? 0), 0);
  return (
    <MarkButton
      variant={item.variant}
      words={`${item.name}: ${Math.round(share * 100)} % of the injury prevention in this session`}
      width={guardColumn}
      size={Math.max(2, Math.sqrt(share) * guardSize)}
      colour={share > minShare ? 'var(--laurel)' : 'var(--stone)'}
      round={false}
      reachable={reachable}
    />
  );
}

/** How much of all that is wanted against injury this session covers. */
export function PreventionFoot({ needs, prevention, onNeed }: GuardFootProps) {
  const covered = needs.reduce(
    (sum, n) => sum + n.share * (prevention.find((c) => c.action === n.id)?.covered ?? 0),
    0,
  );
  const barest = [...needs].sort((a, b) => bare(b, prevention) - bare(a, prevention))[0];
  const words = `Injury prevention covered: ${Math.round(covered * 100)} %`;
  return (
    <button
      type="button"
      data-foot="guards"
      className="flex shrink-0 cursor-pointer flex-col items-center justify-end border-l border-edge py-1 hover:bg-lit"
      style={{ width: guardColumn }}
      title={`${words}. Select to see what is missing`}
      aria-label={words}
      onClick={() => barest && onNeed(barest.id)}
    >
      <span className="relative block h-[30px] w-5 border-[1.5px] border-laurel">
        <span
          className={`absolute inset-x-[1.5px] bottom-[1.5px] ${covered < wanting ? 'bg-oxide' : 'bg-laurel'}`}
          style={{ height: `calc(${covered * 100}% - 3px)`, minHeight: 1 }}
        />
      </span>
      <span className="mt-0.5 text-[0.68rem] text-quiet">{Math.round(covered * 100)}</span>
    </button>
  );
}

interface GuardFootProps {
  needs: readonly Guarded[];
  prevention: readonly Coverage[];
  onNeed: (id: string) => void;
}

/** What is still missing of a need, by how much it is asked. */
const bare = (need: Guarded, prevention: readonly Coverage[]) =>
  need.share * (1 - (prevention.find((c) => c.action === need.id)?.covered ?? 0));
