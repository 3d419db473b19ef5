import type { Brief } from '@tropaeum/core/session/brief/brief';
import { X } from 'lucide-react';
import type { ReactNode } from 'react';

/** What every part of the brief is given. */
export interface PartProps {
  brief: Brief;
  change: (part: Partial<Brief>) => void;
}

/** One titled part of the brief. */
export function Section({ title, children }: { title: string; children: ReactNode }) {
  return (
    <section className="border-b border-edge px-4 py-3">
      <h3 className="label mb-1">{title}</h3>
      {children}
    </section>
  );
}

export function Chip({ children, onRemove, name }: { children: ReactNode; onRemove: () => void; name: string }) {
  return (
    <span className="inline-flex items-center gap-1 bg-edge px-1.5 py-0.5 text-[0.84rem]">
      {children}
      <button type="button" aria-label={`Remove ${name}`} className="hover:text-oxide" onClick={onRemove}>
        <X size={12} />
      </button>
    </span>
  );
}
