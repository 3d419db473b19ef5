import { useSyncExternalStore } from 'react';
import { onStorageTrouble, storageTrouble } from './offline-db';
import type { LinkSession } from './use-link';

const storageWords = {
  full: 'This phone has no room left. What you do is held by this page alone: keep it open and stay online, and it goes straight to your coach. Room comes from deleting photos or apps.',
  refused:
    'This browser keeps nothing here (a private window, or storage turned off). What you do is held by this page alone: keep it open and stay online, or open the link in an ordinary window.',
};

/** What an athlete has to know of phone and link: nothing is lost without a word. */
export function Notices({ link }: { link: LinkSession }) {
  const trouble = useSyncExternalStore(onStorageTrouble, storageTrouble);
  const { closed, refused, waiting } = link;
  return (
    <>
      {trouble && (
        <p role="alert" className="mx-5 mt-3 border-l-4 border-oxide bg-sheet px-3 py-2">
          {storageWords[trouble]}
        </p>
      )}
      {closed && (
        <p role="alert" className="mx-5 mt-3 border-l-4 border-bronze bg-sheet px-3 py-2">
          {closed}
          {waiting > 0 ? ' Open the new link on this phone: sets that are still here are sent then.' : ''}
        </p>
      )}
      {refused.count > 0 && (
        <details className="mx-5 mt-3 border-l-4 border-oxide bg-sheet px-3 py-2">
          <summary>
            {refused.count === 1 ? 'One entry was' : `${refused.count} entries were`} not accepted. Tell your coach;
            they stay on this phone.
          </summary>
          <ul className="mt-1 text-quiet">
            {refused.words.map((words) => (
              <li key={words}>{words}</li>
            ))}
          </ul>
        </details>
      )}
    </>
  );
}
