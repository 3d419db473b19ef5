import {
  type ReadinessAdvice,
  type ReadinessToday,
  readinessWords,
} from '@tropaeum/core/session/player/readiness-today';
import { useState } from 'react';
import { type Pain, PainFields } from './PainFields';
import type { SessionDay } from './use-day';

type Tapped = 'sleep' | 'sore' | 'stress' | 'ill';
const rows: readonly { ask: string; of: Tapped; taps: readonly (readonly [string, string])[] }[] = [
  {
    ask: 'Slept',
    of: 'sleep',
    taps: [
      ['long', 'Well'],
      ['usual', 'As usual'],
      ['short', 'Badly'],
    ],
  },
  {
    ask: 'Muscles',
    of: 'sore',
    taps: [
      ['no', 'Fresh'],
      ['some', 'A bit sore'],
      ['very', 'Very sore'],
    ],
  },
  {
    ask: 'Head',
    of: 'stress',
    taps: [
      ['low', 'Calm'],
      ['usual', 'As usual'],
      ['high', 'Stressed'],
    ],
  },
  {
    ask: 'Ill',
    of: 'ill',
    taps: [
      ['no', 'No'],
      ['cold', 'A cold'],
      ['ill', 'Fever, stomach, chest'],
    ],
  },
];

/** How it is before a session: a tap each, pain by a body; said at once what it makes of today. */
export function ReadinessCard({ day }: { day: SessionDay }) {
  const [told, setTold] = useState<ReadinessToday>(day.readiness ?? {});
  const [pain, setPain] = useState<Pain[]>([...(day.readiness?.pain ?? [])]);
  const [advice, setAdvice] = useState<ReadinessAdvice>();
  const [open, setOpen] = useState(false);
  if (!open)
    return (
      <button
        type="button"
        className="mx-5 mt-4 block min-h-14 w-[calc(100%-2.5rem)] border-l-4 border-bronze bg-sheet px-3 py-2 text-left text-lg"
        onClick={() => setOpen(true)}
      >
        <b>{day.readiness || advice ? 'You today' : 'How are you today?'}</b>
        <span className="block leading-snug text-quiet">
          {advice
            ? advice.say
            : day.readiness
              ? `${readinessWords(day.readiness)}.`
              : 'Four taps. The session follows.'}
        </span>
      </button>
    );
  const tell = async () => {
    setAdvice(await day.tellReadiness({ ...told, ...(pain.length > 0 ? { pain } : {}) }));
    setOpen(false);
  };
  return (
    <section aria-label="How are you today?" className="mx-5 mt-4 border-l-4 border-bronze bg-sheet px-3 py-3">
      {rows.map(({ ask, of, taps }) => (
        <div key={of} role="radiogroup" aria-label={ask} className="mb-3">
          <p className="text-lg">{ask}</p>
          <div className="mt-1 flex gap-1.5">
            {taps.map(([value, words]) => (
              <button
                key={value}
                type="button"
                role="radio"
                aria-checked={told[of] === value}
                className={`head min-h-12 flex-1 px-1 text-[1rem] leading-tight ${told[of] === value ? 'bg-bronze text-paper' : 'bg-lit'}`}
                onClick={() => setTold({ ...told, [of]: value })}
              >
                {words}
              </button>
            ))}
          </div>
        </div>
      ))}
      <p className="text-lg">Pain, before anything is done</p>
      <PainFields pain={pain} onPain={setPain} />
      <button type="button" className="head mt-3 h-14 w-full bg-bronze text-xl text-paper" onClick={() => void tell()}>
        Done
      </button>
    </section>
  );
}
