/** Something that still has to be saved, and can be told to do it now. */
export interface Saver {
  readonly unsaved: boolean;
  flush: () => Promise<void>;
}

const savers = new Set<Saver>();

/** Every part of the application that saves makes itself known here once. */
export const registerSaver = (saver: Saver): void => void savers.add(saver);

/** Resolves when all that was changed anywhere has been saved or could not be: to be awaited before a page is read anew. */
export async function everythingSaved(): Promise<void> {
  await Promise.all([...savers].map((saver) => saver.flush()));
}

globalThis.addEventListener?.('pagehide', () => void everythingSaved());
globalThis.addEventListener?.('beforeunload', (event) => {
  if (!navigator.onLine && [...savers].some(({ unsaved }) => unsaved)) event.preventDefault();
});
