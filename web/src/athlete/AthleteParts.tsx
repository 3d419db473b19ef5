import type { Told } from '@tropaeum/core/limits/athlete-notice';
import { dayName } from '../ui/days';
import type { LinkAnswer } from './offline-db';

/** The next days with their labels: what is laid, and when there is a fixture. */
export function Week({ week }: { week: LinkAnswer['week'] }) {
  if (!week?.length) return null;
  return (
    <section aria-label="The next days" className="mt-6">
      <h2 className="label text-[0.75rem]">The next days</h2>
      <ul>
        {week.map(({ on, label, name, minutes, start }) => (
          <li key={`${on} ${name}`} className="flex items-baseline gap-3 border-b border-edge py-2">
            <span className="w-24 shrink-0">{dayName(on)}</span>
            <span className={`dose w-14 shrink-0 ${label === 'MD' ? 'text-bronze' : 'text-quiet'}`}>
              {label === '-' ? '' : label}
            </span>
            <span className="flex-1">
              {name}
              {minutes ? `, ${minutes} min` : ''}
            </span>
            <span className="dose text-quiet">{start}</span>
          </li>
        ))}
      </ul>
    </section>
  );
}

/** A page that says one thing. */
export function Quiet({ title, children }: { title: string; children?: string }) {
  return (
    <main data-theme="dark" className="grid min-h-dvh content-center bg-paper px-6 text-ink">
      <h1 className="head mt-4 text-2xl">{title}</h1>
      {children && <p className="mt-2 text-lg text-quiet">{children}</p>}
    </main>
  );
}

/** What is not for today, for each part that is restricted: said before anything is done. */
export function Limits({ limits }: { limits: readonly Told[] }) {
  return (
    <section aria-label="Not today" className="mx-5 mt-4 border-l-4 border-oxide bg-sheet px-3 py-2">
      {limits.map((limit) => (
        <div key={limit.what} className="py-1 leading-snug">
          <b className="block">Not today for your {limit.part}</b>
          {limit.notToday.length > 0 && <span className="block">{limit.notToday.join(', ')}</span>}
          <span className="block text-quiet">
            {limit.painAtMost > 0 ? `Pain up to ${limit.painAtMost} of 10 is fine, not more. ` : 'No pain at all. '}
            {limit.told}
          </span>
        </div>
      ))}
    </section>
  );
}
