import type { Dose } from '@tropaeum/core/dose/dose';
import { DoseSyntaxError, parseDose, printDose } from '@tropaeum/core/dose/notation';
import { useEffect, useState } from 'react';

/** A dose typed in place. What cannot be read stays typed, with what was expected beside it. */
export function DoseField({ dose, name, onDose }: { dose: Dose; name: string; onDose: (dose: Dose) => void }) {
  const printed = printDose(dose);
  const [text, setText] = useState(printed);
  const [problem, setProblem] = useState('');
  useEffect(() => {
    setText(printed);
    setProblem('');
  }, [printed]);
  const commit = () => {
    if (text.trim() === printed) return setProblem('');
    try {
      const typed = parseDose(text);
      setProblem('');
      onDose(typed);
    } catch (error) {
      setProblem(error instanceof DoseSyntaxError ? error.message : 'This dose cannot be read.');
    }
  };
  return (
    <span className="relative block">
      <input
        data-dose
        aria-label={`Dose of ${name}`}
        aria-invalid={problem !== ''}
        className={`dose w-full border bg-clear px-1 py-0.5 ${problem ? 'border-oxide' : 'border-clear hover:border-stone focus:border-bronze'}`}
        value={text}
        spellCheck={false}
        onChange={(e) => setText(e.target.value)}
        onBlur={commit}
        onKeyDown={(e) => {
          e.stopPropagation();
          if (e.key === 'Enter') commit();
          if (e.key === 'Escape') {
            setText(printed);
            setProblem('');
            e.currentTarget.blur();
          }
        }}
      />
      {problem && (
        <span role="alert" className="absolute top-full left-0 z-10 w-64 bg-ink px-2 py-1 text-small text-paper">
          {problem}
        </span>
      )}
    </span>
  );
}
