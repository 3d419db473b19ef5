import { type AthleteSize, scaledBody } from '@tropaeum/core/body/segments';
import type { RelativeLoad } from '@tropaeum/core/capacity/relative-load';
import { momentWords } from '@tropaeum/core/exercise/mechanics/moments';
import { musclesOf } from '@tropaeum/core/exercise/mechanics/muscles';
import type { Variant } from '@tropaeum/core/exercise/model/variant';
import { contractionTypes } from '@tropaeum/core/exercise/model/vocabulary';
import { capital, percent, words } from '../ui/words';

/** What each joint action is asked for, against what this athlete can be guessed to hold. */
export function JointDemands({ loads }: { loads: readonly RelativeLoad[] }) {
  return (
    <ul className="mt-1 space-y-1">
      {loads.map(({ action, momentNm, share, moment }) => (
        <li key={`${action.joint} ${action.action} ${action.regime}`} className="text-[0.9rem]">
          <span className="flex justify-between gap-3">
            <span>
              {capital(words(action.joint))} {words(action.action)},{' '}
              <span className="text-quiet">{contractionTypes[action.regime]}</span>
            </span>
            <span className="dose whitespace-nowrap" title={`Measured at the ${momentWords[moment]}`}>
              {momentNm < 0.5 ? 'no load at rest' : `${momentNm.toFixed(0)} N m · ${percent(share)}`}
            </span>
          </span>
          <span className="block h-1.5 bg-edge">
            <span
              className={`block h-full ${share > 0.8 ? 'bg-oxide' : 'bg-laurel'}`}
              style={{ width: `${Math.min(100, share * 100)}%` }}
            />
          </span>
        </li>
      ))}
    </ul>
  );
}

/** The muscles that do it, and how they work. */
export function Muscles({ variant, athlete }: { variant: Variant; athlete: AthleteSize }) {
  const muscles = musclesOf(variant, scaledBody(athlete));
  const helping = muscles.filter((m) => m.part === 'helping').map((m) => m.muscle);
  return (
    <div className="mt-1 text-[0.95rem]">
      <ul className="flex flex-wrap gap-x-4">
        {muscles
          .filter((m) => m.part === 'main')
          .map(({ muscle, regime }) => (
            <li key={muscle}>
              {capital(muscle)} <span className="text-quiet">{contractionTypes[regime]}</span>
            </li>
          ))}
      </ul>
      {helping.length > 0 && <p className="text-small text-quiet">assisted by {helping.join(', ')}</p>}
    </div>
  );
}
