import { guardianNotices, type ToldOfSession } from '@tropaeum/core/progress/guardian-notice';

/** Says before it is sent that a guardian is told too, where one is. */
export function ToldAtHome({ guardianTold, ...told }: ToldOfSession & { guardianTold: boolean | undefined }) {
  if (!guardianTold || guardianNotices(told).length === 0) return null;
  return <p className="mt-4 text-lg text-quiet">Your coach and your guardian are told of this today.</p>;
}
