import type { Move } from '@tropaeum/core/season/laid-words';
import { kindFacts } from '@tropaeum/core/season/session-kind';
import { X } from 'lucide-react';
import { dayName } from '../ui/days';
import { isKept, useSeason, useSeasonParts } from './store';

function wordsOf(move: Move): string {
  const { name } = kindFacts[move.kind];
  if ('from' in move) return `${name}: ${dayName(move.from)} to ${dayName(move.to)}`;
  return 'added' in move ? `${name} new on ${dayName(move.added)}` : `${name} of ${dayName(move.dropped)} left out`;
}

const mostShown = 6;

/** What came of the last change: what moved, what could give way where nothing goes, and what is not kept yet. */
export function Outcome() {
  const { outlook, laying, moves, problem, letGive, keep, undo, forgetMoves } = useSeasonParts((s) => ({
    outlook: s.outlook,
    laying: s.laying,
    moves: s.moves,
    problem: s.problem,
    letGive: s.letGive,
    keep: s.keep,
    undo: s.undo,
    forgetMoves: s.forgetMoves,
  }));
  const kept = useSeason(isKept);
  const canUndo = useSeason((s) => s.past.length > 0);
  if (problem)
    return (
      <p role="alert" className="mb-2 text-oxide">
        {problem}
      </p>
    );
  if (outlook && 'refused' in outlook)
    return (
      <div role="alert" className="no-print mb-2 border-l-4 border-oxide bg-lit px-3 py-2 text-small">
        <p className="font-semibold">
          These weeks cannot keep every rule.{' '}
          {outlook.refused.length === 1 ? 'One thing' : `${outlook.refused.length} things`} would free them:
        </p>
        <ul className="mt-1 flex flex-wrap gap-2">
          {outlook.refused.map((way) => (
            <li key={`${way.week} ${way.rule}`}>
              <button type="button" className="key h-7" onClick={() => letGive([way])}>
                {way.words}, week of {dayName(way.week).slice(4)}
              </button>
            </li>
          ))}
          {outlook.refused.length > 1 && (
            <li>
              <button type="button" className="key key-strong h-7" onClick={() => letGive(outlook.refused)}>
                All of it
              </button>
            </li>
          )}
          {canUndo && (
            <li>
              <button type="button" className="key key-plain h-7 underline" onClick={undo}>
                Take the change back
              </button>
            </li>
          )}
        </ul>
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
          {moves.slice(0, mostShown).map(wordsOf).join(' · ')}
          {moves.length > mostShown ? ` · and ${moves.length - mostShown} more` : ''}
        </p>
        {canUndo && (
          <button type="button" className="underline" onClick={undo}>
            Undo
          </button>
        )}
        <button type="button" aria-label="Seen" onClick={forgetMoves}>
          <X size={14} />
        </button>
      </div>
    );
  if (!kept && !laying)
    return (
      <div className="no-print mb-2 flex items-center gap-3 border-l-4 border-laurel bg-lit px-3 py-1.5 text-small">
        <p className="flex-1">Laid as far as the calendar goes; not kept yet.</p>
        <button type="button" className="key key-strong h-7" onClick={keep}>
          Keep this plan
        </button>
      </div>
    );
  return null;
}
