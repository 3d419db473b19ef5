import { dayAfter } from '@tropaeum/core/date/days';
import type { DeskEntry } from '@tropaeum/core/desk/entry';
import type { ProgressRules } from '@tropaeum/core/progress/progress-rules';
import type { Move } from '@tropaeum/core/progress/proposal';
import { create } from 'zustand';
import { ask } from '../api/client';
import { queryClient } from '../api/queries';
import { wordsOf } from '../api/use-work';

/** One decision as the server takes it and hands it back. */
interface Decided {
  sessionId: string;
  variant: string;
  decided: Move | null;
  proposed?: Move;
  reason?: string;
}

/** Something that was done, and how it is had back. */
interface Step {
  says: string;
  entries: readonly DeskEntry[];
  takeBack: () => Promise<unknown>;
}

interface DeskState {
  /** Keys that have been seen to and are still in the list that was read. */
  gone: ReadonlySet<string>;
  /** What was done last, the latest last. */
  steps: readonly Step[];
  /** What was last done or undone, in words. */
  says: string | undefined;
  problem: string | undefined;
}

/** The desk as it stands on this page: what was done shows at once, the server follows. */
export const useDeskState = create<DeskState>(() => ({
  gone: new Set(),
  steps: [],
  says: undefined,
  problem: undefined,
}));

/** What tells entries of one athlete from those of another. */
export const idOf = ({ athlete, key }: DeskEntry): string => `${athlete} ${key}`;

let refresh: number | undefined;
/** The list is read again once nobody has pressed anything for a moment, ms. */
const quiet = 1500;

function readAgain(): void {
  window.clearTimeout(refresh);
  refresh = window.setTimeout(() => {
    void queryClient.invalidateQueries({ queryKey: ['desk'] });
    void queryClient.invalidateQueries({ queryKey: ['returned'] });
    void queryClient.invalidateQueries({ queryKey: ['athlete'] });
  }, quiet);
}

const hide = (entries: readonly DeskEntry[]) =>
  useDeskState.setState(({ gone }) => ({ gone: new Set([...gone, ...entries.map(idOf)]), problem: undefined }));
const show = (entries: readonly DeskEntry[]) =>
  useDeskState.setState(({ gone }) => {
    const back = new Set(entries.map(idOf));
    return { gone: new Set([...gone].filter((id) => !back.has(id))) };
  });

/** Does something about entries: gone at once, back with a word where the server refuses. */
async function act(says: string, entries: readonly DeskEntry[], doing: () => Promise<() => Promise<unknown>>) {
  hide(entries);
  const done = doing();
  // There at once, so that it can be taken back before the server has answered.
  const step: Step = { says, entries, takeBack: async () => (await done)() };
  useDeskState.setState(({ steps }) => ({ says, steps: [...steps, step] }));
  try {
    await done;
    readAgain();
  } catch (error) {
    show(entries);
    useDeskState.setState(({ steps }) => ({ steps: steps.filter((one) => one !== step) }));
    useDeskState.setState({ problem: wordsOf(error), says: undefined });
    readAgain();
  }
}

const decide = (decisions: readonly Decided[]) => ask<{ before: Decided[] }>('/desk/decisions', 'POST', { decisions });

const marksOf = (entries: readonly DeskEntry[], until: (entry: DeskEntry) => string | null) =>
  entries.map((entry) => ({ athlete: entry.athlete, key: entry.key, until: until(entry) }));

async function mark(entries: readonly DeskEntry[], until: (entry: DeskEntry) => string | null) {
  const marks = marksOf(entries, until);
  await ask('/desk/marks', 'POST', { entries: marks });
  return () => ask('/desk/marks/removal', 'POST', { entries: marks });
}

const decisionsOf = (entry: DeskEntry): Decided[] =>
  entry.decisions.map(({ variant, decided }) => ({
    ...{ sessionId: entry.session as string, variant, decided },
    proposed: decided,
  }));

const several = (entries: readonly DeskEntry[]) =>
  entries.length === 1 ? (entries[0]?.name ?? '') : `${entries.length} athletes`;

/** Asks the physio for a release. The mail has gone then: there is no taking back. */
async function askForRelease(entry: DeskEntry): Promise<void> {
  hide([entry]);
  try {
    await ask(`/athletes/${entry.athlete}/release-requests`, 'POST', { ...entry.release, words: entry.headline });
    useDeskState.setState({ says: `The physio is asked about ${entry.name}.` });
  } catch (error) {
    show([entry]);
    useDeskState.setState({ problem: wordsOf(error) });
  }
  readAgain();
}

/** Takes what is proposed; what is not decided on is put away as seen to. */
export function accept(entries: readonly DeskEntry[], today: string): Promise<void> {
  const [only] = entries;
  if (only?.release && entries.length === 1) return askForRelease(only);
  const toDecide = entries.filter(({ decisions }) => decisions.length > 0);
  const toMark = entries.filter(({ decisions }) => decisions.length === 0);
  return act(`Accepted for ${several(entries)}.`, entries, async () => {
    const { before } = toDecide.length > 0 ? await decide(toDecide.flatMap(decisionsOf)) : { before: [] };
    const unmark =
      toMark.length > 0
        ? await mark(toMark, ({ againAfter }) => (againAfter ? dayAfter(today, againAfter) : null))
        : undefined;
    return async () => {
      if (before.length > 0) await decide(before);
      await unmark?.();
    };
  });
}

/** Decides otherwise than proposed, with the reason. */
export const decideOtherwise = (entry: DeskEntry, chosen: ReadonlyMap<string, Move>, reason: string): Promise<void> =>
  act(`Decided for ${entry.name}.`, [entry], async () => {
    const { before } = await decide(
      entry.decisions.map(({ variant, decided }) => ({
        ...{ sessionId: entry.session as string, variant, decided: chosen.get(variant) ?? decided },
        ...(reason ? { reason } : {}),
      })),
    );
    return () => decide(before);
  });

/** Puts an entry off for so many days. */
export const snooze = (entry: DeskEntry, today: string, days: number): Promise<void> =>
  act(days === 1 ? `${entry.name}: back tomorrow.` : `${entry.name}: back in ${days} days.`, [entry], () =>
    mark([entry], () => dayAfter(today, days)),
  );

/** Writes to the athlete; the entry stays until it is seen to. True when it was sent. */
export async function message(entry: DeskEntry, body: string): Promise<boolean> {
  try {
    await ask(`/athletes/${entry.athlete}/messages`, 'POST', { body });
    useDeskState.setState({ says: `Sent to ${entry.name}.`, problem: undefined });
    void queryClient.invalidateQueries({ queryKey: ['outbox'] });
    return true;
  } catch (error) {
    useDeskState.setState({ problem: wordsOf(error) });
    return false;
  }
}

/** Takes the last step back. */
export async function undo(): Promise<void> {
  const last = useDeskState.getState().steps.at(-1);
  if (!last) return;
  useDeskState.setState(({ steps }) => ({ steps: steps.slice(0, -1), says: `Undone: ${last.says}` }));
  show(last.entries);
  try {
    await last.takeBack();
  } catch {
    hide(last.entries);
    useDeskState.setState(({ steps }) => ({ steps: [...steps, last], problem: 'It was not undone. Try again.' }));
  }
  readAgain();
}

/** Makes a preference a house rule of the club, or lets it go. */
export const setRules = (says: string, before: ProgressRules, after: ProgressRules): Promise<void> => {
  const put = async (rules: ProgressRules) => {
    await ask('/progress-rules', 'PUT', rules);
    await queryClient.invalidateQueries({ queryKey: ['me'] });
    readAgain();
  };
  return act(says, [], async () => {
    await put(after);
    return () => put(before);
  });
};
