import type { Move } from '@tropaeum/core/season/scheduler/scheduled-session';
import { sessionTypeNames } from '@tropaeum/core/session-type/session-type';
import { X } from 'lucide-react';
import { dayName } from '../ui/days';
import { isSaved } from './season-state';
import { useSeason, useSeasonParts } from './store';

function wordsOf(move: Move): string {
  const name = sessionTypeNames[move.type];
  if ('from' in move) return `${name}: ${dayName(move.from)} to ${dayName(move.to)}`;
  return 'added' in move ? `${name} new on ${dayName(move.added)}` : `${name} of ${dayName(move.dropped)} left out`;
}

const maxShown = 6;

/** What came of the last change: what moved, what would move if what is held were let go, and what is not kept yet. */
export function Outcome() {
  const { laying, moves, consequence, problem, keep, undo, forgetMoves } = useSeasonParts((s) => ({
    laying: s.laying,
    moves: s.moves,
    consequence: s.consequence,
    problem: s.problem,
    keep: s.keep,
    undo: s.undo,
    forgetMoves: s.forgetMoves,
  }));
  const kept = useSeason(isSaved);
  const canUndo = useSeason((s) => s.past.length > 0);
  if (problem)
    return (
      <p role="alert" className="mb-2 text-oxide">
        {problem}
      </p>
    );
  if (consequence)
    return (
      <div
        role="status"
        data-consequence
        // Over the page, not in it: nothing may move under what is held.
        className="no-print fixed bottom-5 left-44 z-30 max-w-3xl border-l-4 border-bronze bg-lit px-3 py-2 text-small shadow-[0_2px_12px_rgb(0_0_0/0.35)]"
      >
        <p>
          <b>If moved to {dayName(consequence.to)}:</b>{' '}
          {consequence.moves.length === 0
            ? 'nothing else changes.'
            : `${consequence.moves.slice(0, maxShown).map(wordsOf).join(' · ')}${consequence.moves.length > maxShown ? ` · and ${consequence.moves.length - maxShown} more` : ''}`}
        </p>
        {consequence.gave.slice(0, 2).map((words) => (
          <p key={words} className="text-oxide">
            {words}
          </p>
        ))}
      </div>
    );
  if (moves.length > 0)
    return (
      <div
        role="status"
        data-moves
        className="no-print mb-2 flex items-start gap-3 border-l-4 border-bronze bg-lit px-3 py-1.5 text-small"
      >
        <p className="min-w-0 flex-1">
          <b>{moves.length === 1 ? 'One session moved' : `${moves.length} sessions moved`}</b>{' '}
          {moves.slice(0, maxShown).map(wordsOf).join(' · ')}
          {moves.length > maxShown ? ` · and ${moves.length - maxShown} more` : ''}
        </p>
        {canUndo && (
          <button type="button" className="underline" onClick={undo}>
            Undo
          </button>
        )}
        <button type="button" aria-label="Dismiss" onClick={forgetMoves}>
          <X size={14} />
        </button>
      </div>
    );
  if (!kept && !laying)
    return (
      <div className="no-print mb-2 flex items-center gap-3 border-l-4 border-laurel bg-lit px-3 py-1.5 text-small">
        <p className="flex-1">Schedule ready, not saved.</p>
        <button type="button" className="key key-strong h-7" onClick={keep}>
          Save plan
        </button>
      </div>
    );
  return null;
}
