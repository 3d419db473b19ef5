import type { planOf } from '@tropaeum/core/session/plan/plan';
import { CircleAlert, OctagonX } from 'lucide-react';

/** What has to be minded first, then what is in order, in one quiet line. */
export function Checks({ checks }: { checks: ReturnType<typeof planOf>['checks'] }) {
  const bad = checks.filter((c) => c.status !== 'ok');
  const fine = checks.filter((c) => c.status === 'ok' && c.id !== 'time');
  return (
    <ul className="space-y-0.5 text-[0.86rem]" aria-label="Checks">
      {bad.map((c) => (
        <li key={c.id} className={`flex gap-1.5 ${c.status === 'stop' ? 'font-semibold text-oxide' : 'text-bronze'}`}>
          {c.status === 'stop' ? (
            <OctagonX size={15} className="mt-0.5 shrink-0" aria-label="Stop" />
          ) : (
            <CircleAlert size={15} className="mt-0.5 shrink-0" aria-label="Caution" />
          )}
          {c.text}
        </li>
      ))}
      <li className="text-quiet">{fine.map((c) => c.text).join(' · ')}</li>
    </ul>
  );
}
