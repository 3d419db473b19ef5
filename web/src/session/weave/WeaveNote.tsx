import type { Context } from '@tropaeum/core/session/context/context';
import type { Plan } from '@tropaeum/core/session/plan/plan-types';
import { explained } from '@tropaeum/core/sport/transfer-explained';
import type { ReactNode } from 'react';
import { CriteriaBars } from '../../ui/CriteriaBars';
import { type Mark, useMarking } from '../state/marking';

const noteWide = 290;
const noteHigh = 310;

/** A card beside the mark that is pointed at. */
function Note({ mark, children }: { mark: Mark; children: ReactNode }) {
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
      {children}
    </div>
  );
}

/** What an item does against injury, need by need. */
function GuardNote({ context, plan, mark }: { context: Context; plan: Plan; mark: Mark }) {
  const item = plan.blocks.flatMap((b) => b.items).find((i) => i.variant === mark.variant);
  if (!item) return null;
  const given = (item.guards ?? []).flatMap(({ need, share }) => {
    const guarded = context.needs.prevention.find((n) => n.id === need);
    return guarded ? [{ guarded, share }] : [];
  });
  return (
    <Note mark={mark}>
      <p className="head leading-tight">
        {item.name} <span className="font-normal text-quiet">injury prevention</span>
      </p>
      {given.length === 0 && (
        <p className="text-[0.82rem] text-quiet">Does not target a typical injury of this sport.</p>
      )}
      <ul className="mt-1 text-[0.82rem]">
        {given.map(({ guarded, share }) => (
          <li key={guarded.id} className="flex justify-between gap-3 border-t border-edge py-0.5">
            <span>
              {guarded.name}
              <span className="block text-[0.74rem] leading-tight text-quiet">
                {guarded.kind === 'risk' ? guarded.risk.why : `against ${guarded.overuse.tooMuch}`}
              </span>
            </span>
            <span className="dose">{Math.round(share * 100)} %</span>
          </li>
        ))}
      </ul>
    </Note>
  );
}

/** The five criteria of the mark that is pointed at. */
export function WeaveNote({ context, plan }: { context: Context; plan: Plan }) {
  const mark = useMarking((s) => s.mark);
  if (mark && mark.action === undefined) return <GuardNote context={context} plan={plan} mark={mark} />;
  const need = context.needs.performance.find((n) => n.id === mark?.action);
  const variant = mark ? context.catalogue.byId(mark.variant) : undefined;
  if (!mark || !need || !variant) return null;
  const { transfer, criteria, missing } = explained(variant, need.action, context.weights);
  const item = plan.blocks.flatMap((b) => b.items).find((i) => i.variant === mark.variant);
  const share = item?.serves.find((s) => s.action === need.id)?.share ?? 0;
  return (
    <Note mark={mark}>
      <p className="head leading-tight">
        {variant.name} <span className="font-normal text-quiet">for</span> {need.name.toLowerCase()}
      </p>
      <p className="text-[0.82rem]">
        <b className="dose">{Math.round(transfer.total * 100)} %</b> transfer ·{' '}
        <b className="dose">{Math.round(share * 100)} %</b> of its training here
      </p>
      <CriteriaBars criteria={criteria} missing={missing} />
    </Note>
  );
}
