import type { Coverage, PlanItem } from '@tropaeum/core/session/plan';
import type { AskedAction } from '@tropaeum/core/sport/profile';

const colours = ['var(--slate)', 'var(--laurel)', 'var(--bronze)'];
const markSize = 25;

/** One item's marks: area is its share of what each movement of the sport gets from this session. */
export function WeaveMarks({ item, asked, column }: { item: PlanItem; asked: readonly AskedAction[]; column: number }) {
  return asked.map(({ action }, i) => {
    const share = item.serves.find((s) => s.action === action.id)?.share ?? 0;
    const size = Math.max(2, Math.sqrt(share) * markSize);
    return (
      <span
        key={action.id}
        className="grid h-full place-items-center"
        style={{ width: column }}
        title={share > 0 ? `${Math.round(share * 100)} % of what ${action.name.toLowerCase()} gets` : undefined}
      >
        <span
          className="block rounded-full"
          style={{ width: size, height: size, background: share > 0.01 ? colours[i % 3] : 'var(--stone)' }}
        />
      </span>
    );
  });
}

/** The movements of the sport above the marks. */
export function WeaveHead({ asked, column }: { asked: readonly AskedAction[]; column: number }) {
  return asked.map(({ action }) => (
    <span key={action.id} className="relative h-18" style={{ width: column }}>
      <span className="head absolute bottom-1 left-1/2 origin-bottom-left -rotate-[62deg] whitespace-nowrap text-[0.75rem]">
        {action.short}
      </span>
    </span>
  ));
}

/** What is covered against what is asked at the foot of each column. */
export function WeaveFoot({
  asked,
  coverage,
  column,
}: {
  asked: readonly AskedAction[];
  coverage: readonly Coverage[];
  column: number;
}) {
  const most = Math.max(...asked.map((a) => a.asked));
  return asked.map(({ action, asked: share }) => {
    const covered = coverage.find((c) => c.action === action.id)?.covered ?? 0;
    const height = 12 + 18 * (share / most);
    return (
      <span
        key={action.id}
        className="flex flex-col items-center justify-end"
        style={{ width: column }}
        title={`${action.name}: asks ${Math.round(share * 100)} % of the role, covered ${Math.round(covered * 100)} %`}
      >
        <span className="relative block w-5 border-[1.5px] border-ink" style={{ height }}>
          <span
            className="absolute inset-x-[1.5px] bottom-[1.5px]"
            style={{
              height: `calc(${covered * 100}% - 3px)`,
              minHeight: 1,
              background: covered < 0.3 ? 'var(--oxide)' : 'var(--ink)',
            }}
          />
        </span>
        <span className="mt-0.5 text-[0.68rem] text-quiet">{Math.round(covered * 100)}</span>
      </span>
    );
  });
}
