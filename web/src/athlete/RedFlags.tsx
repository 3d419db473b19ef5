import { coachNote, type RedFlag, redFlagList } from '@tropaeum/core/progress/red-flag-list';
import { useState } from 'react';

const whenWords: Record<RedFlag['when'], string> = {
  now: 'Get help now',
  today: 'Have it looked at today',
  days: 'Have it looked at within days',
};

interface RedFlagsProps {
  /** A guardian is told as well. */
  guardianTold: boolean | undefined;
  onEnd: (note: string) => void;
  onBack: () => void;
}

/** Signs that end the session: what was seen is touched once, what to do stands there large. */
export function RedFlags({ guardianTold, onEnd, onBack }: RedFlagsProps) {
  const [chosen, setChosen] = useState<RedFlag>();
  if (chosen)
    return (
      <main data-theme="dark" className="grid min-h-dvh content-center bg-paper px-6 text-ink" role="alert">
        <p className="head text-4xl text-oxide">Stop.</p>
        <p className="head mt-2 text-2xl">{whenWords[chosen.when]}</p>
        <p className="mt-4 text-2xl leading-snug">{chosen.say}</p>
        <p className="mt-6 text-lg text-quiet">
          {chosen.told
            ? `Your coach ${guardianTold ? 'and your guardian are' : 'is'} told that the session ended, and why.`
            : 'Your coach is told only that it ended.'}
        </p>
        <button
          type="button"
          className="head mt-8 h-14 bg-bronze text-xl text-paper"
          onClick={() => onEnd(coachNote(chosen))}
        >
          End the session
        </button>
      </main>
    );
  return (
    <main data-theme="dark" className="min-h-dvh bg-paper px-5 py-6 text-ink">
      <h1 className="head text-3xl">What is wrong?</h1>
      <p className="mt-1 text-lg text-quiet">
        Touch what fits. The list is not complete: whatever frightens you ends the session.
      </p>
      <ul className="mt-4">
        {redFlagList.map((flag) => (
          <li key={flag.id} className="border-b border-edge">
            <button
              type="button"
              className="min-h-14 w-full py-2 text-left text-lg leading-snug"
              onClick={() => setChosen(flag)}
            >
              {flag.seen}
            </button>
          </li>
        ))}
      </ul>
      <button type="button" className="mt-6 h-14 px-5 text-lg" onClick={onBack}>
        Back
      </button>
    </main>
  );
}
