import type { Coverage, PlanItem } from '@tropaeum/core/session/plan/plan-types';
import type { ActionNeed } from '@tropaeum/core/sport/needs';
import { MarkButton } from '../score/MarkButton';
import { guardColumn, minShare, wanting } from './weave-columns';

const colours = ['var(--slate)', 'var(--laurel)', 'var(--bronze)'];
const markSize = 25;

/** One item's marks: area is its share of what each movement of the sport gets from this session. */
export function WeaveMarks({
  item,
  needs,
  column,
  reachable,
}: {
  item: PlanItem;
  needs: readonly ActionNeed[];
  column: number;
  /** Marks of the chosen row can be reached by tab. */
  reachable: boolean;
}) {
  return needs.map(({ action }, i) => {
    const share = item.serves.find((s) => s.action === action.id)?.share ?? 0;
    return (
      <MarkButton
        key={action.id}
        variant={item.variant}
        action={action.id}
        words={`${item.name} for ${action.name}: ${Math.round(share * 100)} % of its training in this session`}
        width={column}
        size={Math.max(2, Math.sqrt(share) * markSize)}
        colour={share > minShare ? (colours[i % 3] as string) : 'var(--stone)'}
        round
        reachable={reachable}
      />
    );
  });
}

const guardHead = { id: 'guards', words: 'Prevention', wide: guardColumn };

/** The movements of the sport above the marks, and the column of guards beside them. */
export function WeaveHead({ needs, column }: { needs: readonly ActionNeed[]; column: number }) {
  const heads = [...needs.map(({ action }) => ({ id: action.id, words: action.short, wide: column })), guardHead];
  return heads.map(({ id, words, wide }) => (
    <span key={id} className="relative h-18 shrink-0" style={{ width: wide }}>
      <span
        className={`head absolute bottom-1 left-1/2 origin-bottom-left -rotate-[62deg] whitespace-nowrap text-[0.75rem] ${id === guardHead.id ? 'text-laurel' : ''}`}
      >
        {words}
      </span>
    </span>
  ));
}

interface WeaveFootProps {
  needs: readonly ActionNeed[];
  coverage: readonly Coverage[];
  column: number;
  onNeed: (id: string) => void;
}

/** What is covered against what is asked at the foot of each column; a click shows what would answer it. */
export function WeaveFoot({ needs, coverage, column, onNeed }: WeaveFootProps) {
  const most = Math.max(...needs.map((n) => n.share));
  return needs.map(({ id, name, share }) => {
    const covered = coverage.find((c) => c.action === id)?.covered ?? 0;
    const height = 12 + 18 * (share / most);
    const words = `${name}: ${Math.round(share * 100)} % of the session target, covered ${Math.round(covered * 100)} %`;
    return (
      <button
        key={id}
        type="button"
        data-foot={id}
        className="flex cursor-pointer flex-col items-center justify-end py-1 hover:bg-lit"
        style={{ width: column }}
        title={`${words}. Select to see exercises for it`}
        aria-label={words}
        onClick={() => onNeed(id)}
      >
        <span className="relative block w-5 border-[1.5px] border-ink" style={{ height }}>
          <span
            className="absolute inset-x-[1.5px] bottom-[1.5px]"
            style={{
              height: `calc(${covered * 100}% - 3px)`,
              minHeight: 1,
              background: covered < wanting ? 'var(--oxide)' : 'var(--ink)',
            }}
          />
        </span>
        <span className={`mt-0.5 text-[0.68rem] ${covered < wanting ? 'font-bold text-oxide' : 'text-quiet'}`}>
          {Math.round(covered * 100)}
        </span>
      </button>
    );
  });
}
