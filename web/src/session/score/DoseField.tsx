import { completions } from '@tropaeum/core/dose/completion';
import type { Dose } from '@tropaeum/core/dose/dose';
import { DoseSyntaxError, parseDose, printDose } from '@tropaeum/core/dose/notation';
import { useEffect, useId, useState } from 'react';

/** A dose typed in place, completed while it is typed. What cannot be read stays typed, with what was expected beside it. */
export function DoseField({ dose, name, onDose }: { dose: Dose; name: string; onDose: (dose: Dose) => void }) {
  const printed = printDose(dose);
  const list = useId();
  const [text, setText] = useState(printed);
  const [problem, setProblem] = useState('');
  const [typing, setTyping] = useState(false);
  const [chosen, setChosen] = useState(-1);
  useEffect(() => {
    setText(printed);
    setProblem('');
  }, [printed]);
  const offered = typing && text !== printed ? completions(text) : [];
  const commit = (typed: string) => {
    setTyping(false);
    setChosen(-1);
    if (typed.trim() === printed) return setProblem('');
    try {
      const read = parseDose(typed);
      setProblem('');
      setText(printDose(read));
      onDose(read);
    } catch (error) {
      setProblem(error instanceof DoseSyntaxError ? error.message : 'Not a dose. Try 3x8 or 3x30 s.');
    }
  };
  const take = (completed: string) => {
    setText(completed);
    setChosen(-1);
  };
  const keys: Record<string, () => void> = {
    ArrowDown: () => setChosen((c) => Math.min(c + 1, offered.length - 1)),
    ArrowUp: () => setChosen((c) => Math.max(c - 1, -1)),
    Enter: () => {
      const completion = offered[chosen];
      if (completion) take(completion.text);
      else commit(text);
    },
    Escape: () => {
      setText(printed);
      setProblem('');
      setTyping(false);
    },
  };
  return (
    <span className="relative block">
      <input
        data-dose
        role="combobox"
        aria-label={`Dose of ${name}`}
        aria-invalid={problem !== ''}
        aria-expanded={offered.length > 0}
        aria-controls={list}
        aria-autocomplete="list"
        aria-activedescendant={chosen >= 0 ? `${list}-${chosen}` : undefined}
        className={`dose w-full border bg-clear px-1 py-0.5 ${problem ? 'border-oxide' : 'border-clear hover:border-stone focus:border-bronze'}`}
        value={text}
        spellCheck={false}
        autoComplete="off"
        onChange={(e) => {
          setText(e.target.value);
          setTyping(true);
          setProblem('');
        }}
        onBlur={() => commit(text)}
        onKeyDown={(e) => {
          e.stopPropagation();
          const act = keys[e.key];
          if (!act) return;
          if (e.key.startsWith('Arrow')) e.preventDefault();
          act();
          if (e.key === 'Escape') e.currentTarget.blur();
        }}
      />
      <span id={list} role="listbox" aria-label="Dose suggestions">
        {offered.length > 0 && (
          <span className="absolute top-full left-0 z-10 block w-64 border border-ink bg-paper text-small">
            {offered.map(({ text: completed, says }, i) => (
              // biome-ignore lint/a11y/useFocusableInteractive: the field keeps the focus, the chosen one is its active descendant
              // biome-ignore lint/a11y/useKeyWithClickEvents: arrow keys and Enter of the field choose
              <span
                key={completed}
                id={`${list}-${i}`}
                role="option"
                aria-selected={i === chosen}
                className={`flex cursor-pointer justify-between gap-2 px-2 py-0.5 ${i === chosen ? 'bg-edge' : 'hover:bg-sheet'}`}
                // The field keeps the focus.
                onMouseDown={(e) => e.preventDefault()}
                onClick={() => take(completed)}
              >
                <span className="dose">{completed}</span>
                <span className="text-quiet">{says}</span>
              </span>
            ))}
          </span>
        )}
      </span>
      {problem && (
        <span role="alert" className="absolute top-full left-0 z-10 w-64 bg-ink px-2 py-1 text-small text-paper">
          {problem}
        </span>
      )}
    </span>
  );
}
