import type { Context } from '@tropaeum/core/session/context/context';
import {
  choiceAt,
  type ItemPlace,
  moveGroup,
  pairWithNext,
  pin,
  remove,
  split,
} from '@tropaeum/core/session/editing/edit';
import { useHotkeys } from 'react-hotkeys-hook';
import { useWritten } from './store';

const focusFirst = (selector: string) => document.querySelector<HTMLElement>(selector)?.focus();

/** The keys that change the chosen item: remove, pin, move, in turn or apart; and the way to what is typed or chosen beside it. */
export function useEditKeys(context: Context | undefined, selected: ItemPlace | undefined): void {
  const { edit, draft, select } = useWritten();
  const enabled = selected !== undefined && draft !== undefined;
  const move = (step: number) => {
    if (!selected || !draft) return;
    const to = selected.group + step;
    const moved = moveGroup(draft, selected.group, to, context?.catalogue);
    if (moved === draft) return;
    edit(() => moved);
    select({ ...selected, group: to });
  };
  const turn = () => {
    if (!selected || !draft) return;
    const single = draft.groups[selected.group]?.choices.length === 1;
    edit((d) => (single ? pairWithNext(d, selected.group) : split(d, selected.group)));
  };
  const options = { enabled, preventDefault: true };
  useHotkeys('x, delete', () => selected && edit((d) => remove(d, selected)), options);
  useHotkeys('p', () => selected && edit((d) => pin(d, selected, !choiceAt(d, selected)?.pinned)), options);
  useHotkeys('shift+up', () => move(-1), options);
  useHotkeys('shift+down', () => move(1), options);
  useHotkeys('t', turn, options);
  useHotkeys('s', () => focusFirst('[data-instead]'), options);
  useHotkeys('n', () => focusFirst('[data-note]'), options);
}
