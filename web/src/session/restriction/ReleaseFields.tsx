import type { Restriction } from '@tropaeum/core/athlete/athlete';
import type { Release } from '@tropaeum/core/limits/release';
import { useState } from 'react';

/** A release once everything of it has been said. */
export function releaseFrom({ by, on, words }: Partial<Release>, { region, side }: Restriction): Release | undefined {
  if (!by || !on || !words?.trim()) return undefined;
  return { region, ...(side ? { side } : {}), by, on, words: words.trim() };
}

interface ReleaseFieldsProps {
  value: Partial<Release>;
  onChange: (release: Partial<Release>) => void;
  date: string;
}

/** Who released a part in writing, when, and what is allowed. */
export function ReleaseFields({ value, onChange, date }: ReleaseFieldsProps) {
  return (
    <fieldset className="mt-4 border-l-4 border-oxide bg-sheet px-3 py-2">
      <legend className="sr-only">Release in writing</legend>
      <p className="head">Only a clinician can ease this.</p>
      <p className="text-[0.88rem] text-quiet">Enter who released it in writing. It is stored with the date.</p>
      <div className="mt-2 grid grid-cols-[10rem_10rem_1fr] gap-2">
        <select
          aria-label="Released by"
          className="field h-8"
          value={value.by ?? ''}
          onChange={(e) => onChange({ ...value, by: e.target.value as Release['by'] })}
        >
          <option value="" disabled>
            released by …
          </option>
          <option value="physiotherapist">physiotherapist</option>
          <option value="doctor">doctor</option>
        </select>
        <input
          aria-label="Date of the release"
          type="date"
          className="field h-8"
          max={date}
          value={value.on ?? ''}
          onChange={(e) => onChange({ ...value, on: e.target.value })}
        />
        <input
          aria-label="What is allowed"
          className="field h-8"
          maxLength={400}
          placeholder="what is allowed, in their words"
          value={value.words ?? ''}
          onChange={(e) => onChange({ ...value, words: e.target.value })}
        />
      </div>
    </fieldset>
  );
}

/** What a physio of the club has set, nobody else eases: the coach asks. */
export function AskForRelease({ physio, onAsk }: { physio: string; onAsk: ((words: string) => void) | undefined }) {
  const [words, setWords] = useState('');
  return (
    <fieldset className="mt-4 border-l-4 border-oxide bg-sheet px-3 py-2">
      <legend className="sr-only">Ask for a release</legend>
      <p className="head">
        {physio} set this, and only {physio} eases it.
      </p>
      <div className="mt-2 flex gap-2">
        <input
          aria-label="Why it can be eased"
          className="field h-8 flex-1"
          maxLength={400}
          placeholder="what you have seen: two weeks without pain, full sets"
          value={words}
          onChange={(e) => setWords(e.target.value)}
        />
        <button type="button" className="key" disabled={!words.trim()} onClick={() => onAsk?.(words.trim())}>
          Ask for a release
        </button>
      </div>
    </fieldset>
  );
}
