import { muscleMotions } from '@tropaeum/core/exercise/mechanics/muscles';
import { contractionTypes, type Joint, joints, type Motion, regimes } from '@tropaeum/core/exercise/model/vocabulary';
import { forceRegions, type SportJoint } from '@tropaeum/core/sport/profile';
import { ArrowUp, X } from 'lucide-react';
import { Choice } from './fields';

/** One joint action of a movement: which joint, which way, how its muscles work, where it is hardest. */
export function JointRow({
  joint,
  place,
  last,
  change,
  remove,
  lead,
}: {
  joint: SportJoint;
  place: number;
  last: boolean;
  change: (joint: SportJoint) => void;
  remove: () => void;
  lead: () => void;
}) {
  const nth = `Joint action ${place + 1}`;
  const motions = (muscleMotions[joint.joint] ?? []) as Motion[];
  return (
    <li className="border-t border-edge py-1">
      <div className="flex items-center gap-1">
        <span className="dose w-4 text-quiet">{place + 1}</span>
        <span className="grid flex-1 grid-cols-2 gap-1">
          <Choice
            bare
            label={`${nth}: joint`}
            value={joint.joint}
            options={joints}
            onValue={(name: Joint) => {
              const ways = (muscleMotions[name] ?? []) as Motion[];
              change({
                ...joint,
                joint: name,
                action: ways.includes(joint.action) ? joint.action : (ways[0] as Motion),
              });
            }}
          />
          <Choice
            bare
            label={`${nth}: way`}
            value={joint.action}
            options={motions}
            onValue={(action) => change({ ...joint, action })}
          />
          <Choice
            bare
            label={`${nth}: contraction type`}
            value={joint.regime}
            options={regimes}
            called={(regime) => contractionTypes[regime]}
            onValue={(regime) => change({ ...joint, regime })}
          />
          <Choice
            bare
            label={`${nth}: hardest at`}
            value={joint.at}
            options={forceRegions}
            onValue={(at) => change({ ...joint, at })}
          />
        </span>
        <span className="flex flex-col">
          <button
            type="button"
            disabled={place === 0}
            className="grid size-6 place-items-center disabled:opacity-30"
            aria-label={`${nth}: move up`}
            onClick={lead}
          >
            <ArrowUp size={13} />
          </button>
          <button
            type="button"
            disabled={last}
            className="grid size-6 place-items-center disabled:opacity-30"
            aria-label={`${nth}: remove`}
            onClick={remove}
          >
            <X size={13} />
          </button>
        </span>
      </div>
    </li>
  );
}
