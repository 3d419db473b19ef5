import { compared, type JointDemand, jointMap, overlap } from '@tropaeum/core/sport/joint-map';
import type { SportProfile } from '@tropaeum/core/sport/profile';
import { percent, words } from '../ui/words';
import { RegimeBar, RegimeLegend } from './RegimeBar';

export interface Side {
  profile: SportProfile;
  role: string;
}

const [barWide, maxRows] = [210, 18];
const none: Pick<JointDemand, 'share' | 'byRegime'> = { share: 0, byRegime: {} };

const titleOf = ({ profile, role }: Side) =>
  `${profile.name} · ${profile.roles.find((r) => r.id === role)?.name.toLowerCase()}`;
const shareWords = (share: number) => (share >= 0.005 ? percent(share) : '–');

/** Two roles or two sports, joint action by joint action, what differs most first. */
export function Comparison({ left, right }: { left: Side; right: Side }) {
  const rows = compared(jointMap(left.profile, left.role), jointMap(right.profile, right.role));
  const most = Math.max(...rows.flatMap((r) => [r.left?.share ?? 0, r.right?.share ?? 0]), 0.01);
  return (
    <section aria-label="Side by side" className="px-5 py-3">
      <p className="mb-2 text-[0.92rem]">
        <b className="dose text-base">{(overlap(rows) * 100).toFixed(0)} %</b> of the demand is on the same joint
        actions. Largest differences first.
      </p>
      <table className="text-[0.86rem]">
        <thead>
          <tr className="border-b border-stone">
            <th className="head w-[256px] pb-1 text-right font-bold">{titleOf(left)}</th>
            <th className="w-[190px]" />
            <th className="head w-[256px] pb-1 text-left font-bold">{titleOf(right)}</th>
          </tr>
        </thead>
        <tbody>
          {rows.slice(0, maxRows).map((row) => (
            <tr key={`${row.joint} ${row.action}`} className="border-b border-edge hover:bg-lit">
              <td className="py-1">
                <span className="flex items-center justify-end gap-2">
                  <span className="dose text-[0.76rem] text-quiet">{shareWords(row.left?.share ?? 0)}</span>
                  <RegimeBar demand={row.left ?? none} most={most} width={barWide} mirrored />
                </span>
              </td>
              <th className="text-center font-normal">
                {words(row.joint)} {words(row.action)}
              </th>
              <td>
                <span className="flex items-center gap-2">
                  <RegimeBar demand={row.right ?? none} most={most} width={barWide} />
                  <span className="dose text-[0.76rem] text-quiet">{shareWords(row.right?.share ?? 0)}</span>
                </span>
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      <div className="mt-3">
        <RegimeLegend />
      </div>
    </section>
  );
}
