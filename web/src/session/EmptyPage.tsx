import type { AskedAction } from '@tropaeum/core/sport/profile';
import { dayName } from '../ui/days';

/** Before anything is written: what this role asks for, and the one key to press. */
export function EmptyPage({ day, role, asked }: { day: string; role: string; asked: readonly AskedAction[] }) {
  const most = Math.max(...asked.map((a) => a.asked));
  return (
    <div className="mt-12 w-full max-w-xl self-center">
      <p className="head text-xl">Nothing written for {dayName(day)} yet.</p>
      <p className="mt-1 text-quiet">
        The brief at the right is what is known. Change what is not so, then press{' '}
        <kbd className="dose bg-edge px-1.5">c</kbd>.
      </p>
      <h2 className="label mt-8 border-b border-stone pb-1">What a {role} is asked for</h2>
      <ul>
        {asked.map(({ action, asked: share }) => (
          <li
            key={action.id}
            className="grid grid-cols-[15rem_1fr_3rem] items-center gap-3 border-b border-edge py-1.5"
          >
            <span>{action.name}</span>
            <span className="h-2 bg-slate" style={{ width: `${(share / most) * 100}%` }} />
            <span className="dose text-right">{Math.round(share * 100)} %</span>
          </li>
        ))}
      </ul>
    </div>
  );
}
