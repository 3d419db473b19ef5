import type { ReactNode } from 'react';
import { ApiError } from '../api/client';

/** Waiting, but not for long enough to explain. */
export function Waiting({ what }: { what: string }) {
  return (
    <p className="p-8 text-quiet" aria-live="polite">
      {what} …
    </p>
  );
}

/** What went wrong, and the way on. */
export function Trouble({ error, again }: { error: unknown; again?: () => void }) {
  const message = error instanceof ApiError ? error.message : 'Something went wrong here.';
  return (
    <div className="p-8" role="alert">
      <p className="head text-lg">{message}</p>
      {again && (
        <button type="button" className="key mt-4" onClick={again}>
          Try again
        </button>
      )}
    </div>
  );
}

/** Nothing there yet, said with what to do about it. */
export function Nothing({ title, children }: { title: string; children?: ReactNode }) {
  return (
    <div className="max-w-md p-8">
      <p className="head text-lg">{title}</p>
      <div className="mt-2 text-quiet">{children}</div>
    </div>
  );
}
