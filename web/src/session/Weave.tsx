import type { Context } from '@tropaeum/core/session/context';
import type { Coverage, Plan, PlanItem } from '@tropaeum/core/session/plan';
import { explained } from '@tropaeum/core/sport/explain';
import type { ActionNeed } from '@tropaeum/core/sport/needs';
import type { KeyboardEvent, SyntheticEvent } from 'react';
import { CriteriaBars } from './CriteriaBars';
import { useMarking } from './marking';

const colours = ['var(--slate)', 'var(--laurel)', 'var(--bronze)'];
const markSize = 25;
/** A column covered less than this is drawn as wanting. */
const wanting = 0.3;

/** Left and right from mark to mark in a row. */
function walkMarks(event: KeyboardEvent<HTMLElement>): void {
  const step =
    event.key === 'ArrowRight'
      ? 'nextElementSibling'
      : event.key === 'ArrowLeft'
        ? 'previousElementSibling'
        : undefined;
  if (!step) return;
  const next = event.currentTarget[step];
  if (next instanceof HTMLElement && next.dataset.mark !== undefined) {
    event.preventDefault();
    next.focus();
  }
}

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
  const { point } = useMarking.getState();
  return needs.map(({ action }, i) => {
    const share = item.serves.find((s) => s.action === action.id)?.share ?? 0;
    const size = Math.max(2, Math.sqrt(share) * markSize);
    const show = (event: SyntheticEvent<HTMLElement>) => {
      const { left, right, top, bottom } = event.currentTarget.getBoundingClientRect();
      point({ variant: item.variant, action: action.id, at: { left, right, top, bottom } });
    };
    return (
      <button
        key={action.id}
        type="button"
        data-mark={action.id}
        tabIndex={reachable ? 0 : -1}
        className="grid h-full cursor-help place-items-center"
        style={{ width: column }}
        aria-label={`${item.name} for ${action.name}: ${Math.round(share * 100)} % of what it gets`}
        onMouseEnter={show}
        onMouseLeave={() => point(undefined)}
        onFocus={show}
        onBlur={() => point(undefined)}
        onKeyDown={walkMarks}
      >
        <span
          className="block rounded-full"
          style={{ width: size, height: size, background: share > 0.01 ? colours[i % 3] : 'var(--stone)' }}
        />
      </button>
    );
  });
}

const noteWide = 290;
const noteHigh = 250;

/** The five criteria of the mark that is pointed at. */
export function WeaveNote({ context, plan }: { context: Context; plan: Plan }) {
  const mark = useMarking((s) => s.mark);
  const need = context.needs.performance.find((n) => n.id === mark?.action);
  const variant = mark ? context.catalogue.byId(mark.variant) : undefined;
  if (!mark || !need || !variant) return null;
  const { transfer, criteria, missing } = explained(variant, need.action, context.weights);
  const item = plan.blocks.flatMap((b) => b.items).find((i) => i.variant === mark.variant);
  const share = item?.serves.find((s) => s.action === need.id)?.share ?? 0;
  const below = mark.at.top + noteHigh < globalThis.innerHeight;
  return (
    <div
      role="tooltip"
      className="pointer-events-none fixed z-20 border-2 border-ink bg-paper px-3 py-2 shadow-[4px_4px_0_var(--stone)]"
      style={{
        width: noteWide,
        left: mark.at.left - noteWide - 6,
        ...(below ? { top: mark.at.top - 12 } : { bottom: globalThis.innerHeight - mark.at.bottom - 12 }),
      }}
    >
      <p className="head leading-tight">
        {variant.name} <span className="font-normal text-quiet">for</span> {need.name.toLowerCase()}
      </p>
      <p className="text-[0.82rem]">
        <b className="dose">{Math.round(transfer.total * 100)} %</b> alike · gives{' '}
        <b className="dose">{Math.round(share * 100)} %</b> of what it gets here
      </p>
      <CriteriaBars criteria={criteria} missing={missing} />
    </div>
  );
}

/** The movements of the sport above the marks. */
export function WeaveHead({ needs, column }: { needs: readonly ActionNeed[]; column: number }) {
  return needs.map(({ action }) => (
    <span key={action.id} className="relative h-18" style={{ width: column }}>
      <span className="head absolute bottom-1 left-1/2 origin-bottom-left -rotate-[62deg] whitespace-nowrap text-[0.75rem]">
        {action.short}
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
    const words = `${name}: ${Math.round(share * 100)} % of what is asked, covered ${Math.round(covered * 100)} %`;
    return (
      <button
        key={id}
        type="button"
        data-foot={id}
        className="flex cursor-pointer flex-col items-center justify-end py-1 hover:bg-lit"
        style={{ width: column }}
        title={`${words}; what would answer it`}
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
