import type { ReactNode } from 'react';

/** One titled part of a variant's page. */
export function Part({ title, note, children }: { title: string; note?: string; children: ReactNode }) {
  return (
    <section className="mt-5">
      <h2 className="label">
        {title} {note && <span className="tracking-normal normal-case">{note}</span>}
      </h2>
      {children}
    </section>
  );
}
