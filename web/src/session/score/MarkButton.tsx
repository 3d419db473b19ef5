import type { KeyboardEvent, SyntheticEvent } from 'react';
import { useMarking } from '../state/marking';

/** Left and right from mark to mark in a row. */
function walkMarks(event: KeyboardEvent<HTMLElement>): void {
  const step =
    event.key === 'ArrowRight'
      ? 'nextElementSibling'
      : event.key === 'ArrowLeft'
        ? 'previousElementSibling'
        : undefined;
  if (!step) return;
  const next = event.currentTarget[step];
  if (next instanceof HTMLElement && next.dataset.mark !== undefined) {
    event.preventDefault();
    next.focus();
  }
}

interface MarkButtonProps {
  variant: string;
  /** The movement it is for; all that is guarded when left out. */
  action?: string;
  /** What is spoken of it. */
  words: string;
  width: number;
  size: number;
  colour: string;
  round: boolean;
  /** Marks of the chosen row can be reached by tab. */
  reachable: boolean;
}

/** One mark of the weave: pointing at it or giving it the focus opens its note. */
export function MarkButton({ variant, action, words, width, size, colour, round, reachable }: MarkButtonProps) {
  const { point } = useMarking.getState();
  const show = (event: SyntheticEvent<HTMLElement>) => {
    const { left, right, top, bottom } = event.currentTarget.getBoundingClientRect();
    point({ variant, ...(action ? { action } : {}), at: { left, right, top, bottom } });
  };
  return (
    <button
      type="button"
      data-mark={action ?? 'guards'}
      tabIndex={reachable ? 0 : -1}
      className={`grid h-full shrink-0 cursor-help place-items-center ${round ? '' : 'border-l border-edge'}`}
      style={{ width }}
      aria-label={words}
      onMouseEnter={show}
      onMouseLeave={() => point(undefined)}
      onFocus={show}
      onBlur={() => point(undefined)}
      onKeyDown={walkMarks}
    >
      <span
        className={`block ${round ? 'rounded-full' : ''}`}
        style={{ width: size, height: size, background: colour }}
      />
    </button>
  );
}
