import { maxCounted } from '@tropaeum/core/dose/repetitions';
import { zones } from '@tropaeum/core/dose/zone';
import { momentWords } from '@tropaeum/core/exercise/mechanics/moments';
import type { Context } from '@tropaeum/core/session/context/context';
import type { Choice } from '@tropaeum/core/session/draft/draft';
import { derivation } from '@tropaeum/core/session/wording/reason';
import { explained } from '@tropaeum/core/sport/transfer-explained';
import { Link, useParams } from 'react-router';
import { CriteriaBars } from '../../ui/CriteriaBars';
import { dayName } from '../../ui/days';
import { words } from '../../ui/words';

export function Why({ context, choice }: { context: Context; choice: Choice }) {
  const { athleteId } = useParams();
  const variant = context.catalogue.byId(choice.variant);
  if (!variant) return null;
  const { gives, effort, toFailure, shown } = derivation(context, variant, choice.load);
  const fast = variant.speed === 'fast';
  const counted =
    choice.dose.work.kind === 'reps' && !fast && toFailure && toFailure.mid < maxCounted ? toFailure : undefined;
  const best = gives
    .filter((g) => g.demand.kind === 'action')
    .sort((a, b) => b.given * b.demand.weight - a.given * a.demand.weight)[0];
  const guards = gives.filter((g) => g.demand.kind === 'risk').sort((a, b) => b.given - a.given)[0];
  const action = best?.demand.kind === 'action' ? best.demand.action : undefined;
  const why = action ? explained(variant, action, context.weights) : undefined;
  return (
    <div className="mt-1.5 text-[0.85rem]">
      {action && why && (
        <>
          <p className="text-quiet">
            for <b className="text-ink">{action.name.toLowerCase()}</b>, transfer {Math.round(why.transfer.total * 100)}{' '}
            %
          </p>
          <CriteriaBars criteria={why.criteria} missing={why.missing} />
        </>
      )}
      {guards?.demand.kind === 'risk' && (
        <p className="mt-2">
          <span className="text-laurel">Protects the {words(guards.demand.risk.region)}:</span> {guards.demand.risk.why}
          . <span className="text-quiet">{guards.demand.risk.source}</span>
        </p>
      )}
      {context.brief.aim === 'strength' && effort && !fast && effort.share < zones.strength.share[0] && (
        <p className="mt-2">
          No maximal strength at this load:{' '}
          <Link to={`/athletes/${athleteId}/ability`} className="underline">
            overload alternatives
          </Link>
          .
        </p>
      )}
      {effort ? (
        <p className="mt-2 text-quiet">
          Hardest on the {momentWords[effort.moment]}: {effort.momentNm.toFixed(0)} N m,{' '}
          {Math.round(effort.between.low * 100)} to {Math.round(effort.between.high * 100)} % of max
          {counted && `, ${Math.round(counted.low)} to ${Math.round(counted.high)} repetitions to failure`}.{' '}
          {shown
            ? `From ${shown.times} ${shown.times === 1 ? 'log' : 'logs'}, last ${dayName(shown.last)}.`
            : 'Estimated (no logs yet).'}
        </p>
      ) : (
        <p className="mt-2 text-quiet">Unmeasured band: dosed by repetitions in reserve.</p>
      )}
    </div>
  );
}
