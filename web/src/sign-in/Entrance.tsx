import type { ReactNode } from 'react';
import { Figure } from '../ui/Figure';

/** The page of everybody who is not in yet. */
export function Entrance({ children }: { children: ReactNode }) {
  return (
    <main className="mx-auto grid min-h-dvh max-w-4xl items-center gap-12 px-8 md:grid-cols-2">
      <section aria-hidden="true" className="hidden md:block">
        <Figure variant="rear-foot-raised-split-squat" name="" playing className="h-80 w-full" />
      </section>
      <div className="max-w-sm">
        <h1 className="name-wide text-4xl">Tropaeum</h1>
        {children}
      </div>
    </main>
  );
}
