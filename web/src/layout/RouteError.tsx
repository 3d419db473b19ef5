import { useEffect } from 'react';
import { isRouteErrorResponse, useRouteError } from 'react-router';

/** In place of a page that is none, or that broke: what it was and the way on. What was typed before is kept where it was saved. */
export function RouteError() {
  const error = useRouteError();
  const isUnknown = isRouteErrorResponse(error) && error.status === 404;
  const title = isUnknown ? 'There is no such page.' : 'This page could not be shown.';
  useEffect(() => {
    document.title = `${title} · Tropaeum`;
  }, [title]);
  return (
    <main className="grid min-h-[60vh] flex-1 content-center px-8" role="alert">
      <div className="max-w-md">
        <h1 className="head text-2xl">{title}</h1>
        <p className="mt-2 text-quiet">
          {isUnknown
            ? 'The address may be cut short, or what stood there is gone.'
            : 'The program may have been renewed since it was opened. Nothing that was saved is lost.'}
        </p>
        <div className="mt-5 flex gap-3">
          {!isUnknown && (
            <button type="button" className="key key-strong" onClick={() => window.location.reload()}>
              Open it again
            </button>
          )}
          <a href="/" className={isUnknown ? 'key key-strong' : 'key'}>
            To the start
          </a>
        </div>
      </div>
    </main>
  );
}
