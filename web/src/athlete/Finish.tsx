import { regions } from '@tropaeum/core/exercise/model/vocabulary';
import type { Step } from '@tropaeum/core/session/player/steps';
import { useState } from 'react';
import { words } from '../ui/words';
import type { StoredReport } from './offline-db';
import type { LinkSession } from './use-link';

const effortWords = [
  'nothing',
  'very easy',
  'easy',
  'moderate',
  'somewhat hard',
  'hard',
  'hard',
  'very hard',
  'very hard',
  'extremely hard',
  'all I had',
];

type Pain = StoredReport['pain'][number];

function Scale({ label, value, onValue }: { label: string; value: number | undefined; onValue: (v: number) => void }) {
  return (
    <div role="radiogroup" aria-label={label} className="mt-2 grid grid-cols-11 gap-1">
      {Array.from({ length: 11 }, (_, n) => (
        <button
          key={n}
          type="button"
          role="radio"
          aria-checked={value === n}
          aria-label={`${label} ${n}`}
          className={`head h-11 text-lg ${value === n ? 'bg-bronze text-paper' : 'bg-lit'}`}
          onClick={() => onValue(n)}
        >
          {n}
        </button>
      ))}
    </div>
  );
}

interface FinishProps {
  link: LinkSession;
  steps: readonly Step[];
  onBack: () => void;
  onDone: () => void;
}

/** Minutes from the first to the last set, one more for getting up. */
function minutesOf(link: LinkSession): number {
  const times = [...link.logged.values()].map((s) => Date.parse(s.doneAt));
  if (times.length === 0) return 0;
  return Math.min(600, Math.round((Math.max(...times) - Math.min(...times)) / 60_000) + 1);
}

/** Effort, pain, a word to the coach: thirty seconds, then done. */
export function Finish({ link, steps, onBack, onDone }: FinishProps) {
  const [effort, setEffort] = useState<number>();
  const [pain, setPain] = useState<Pain[]>([]);
  const [note, setNote] = useState('');
  const items = [
    ...new Map(steps.flatMap((s) => (s.kind === 'work' ? [[s.item.variant, s.item] as const] : []))).values(),
  ];
  const send = async () => {
    if (effort === undefined) return;
    await link.report({
      effort,
      minutes: minutesOf(link),
      pain,
      ...(note.trim() ? { note: note.trim().slice(0, 1000) } : {}),
      finishedAt: new Date().toISOString(),
    });
    onDone();
  };
  return (
    <main data-theme="dark" className="min-h-dvh bg-paper px-5 py-6 text-ink">
      <h1 className="head text-3xl">How was it?</h1>
      <p className="label mt-5 text-[0.85rem]">
        How hard was the whole session?{effort === undefined ? '' : ` ${effortWords[effort]}`}
      </p>
      <Scale label="How hard" value={effort} onValue={setEffort} />
      <p className="label mt-6 text-[0.85rem]">Pain anywhere?</p>
      {pain.map((p, i) => (
        <div key={p.region} className="mt-2 border-l-4 border-oxide pl-3">
          <div className="flex items-center justify-between">
            <b className="text-lg">{words(p.region)}</b>
            <span className="flex gap-1">
              {(['left', 'right'] as const).map((side) => (
                <button
                  key={side}
                  type="button"
                  aria-pressed={p.side === side}
                  className={`h-10 px-3 ${p.side === side ? 'bg-bronze text-paper' : 'bg-lit'}`}
                  onClick={() => setPain(pain.map((q, k) => (k === i ? { ...q, side } : q)))}
                >
                  {side}
                </button>
              ))}
              <button
                type="button"
                className="h-10 px-3"
                aria-label={`No pain in the ${words(p.region)}`}
                onClick={() => setPain(pain.filter((_, k) => k !== i))}
              >
                ×
              </button>
            </span>
          </div>
          <Scale
            label={`Pain in the ${words(p.region)}`}
            value={p.score}
            onValue={(score) => setPain(pain.map((q, k) => (k === i ? { ...q, score } : q)))}
          />
          {p.score > 5 && (
            <p className="mt-1 text-oxide">That is a lot. Do not train it any more and have it looked at.</p>
          )}
        </div>
      ))}
      <select
        aria-label="Where it hurts"
        className="field mt-2 h-12 text-lg"
        value=""
        onChange={(e) => e.target.value && setPain([...pain, { region: e.target.value as Pain['region'], score: 3 }])}
      >
        <option value="">{pain.length ? 'Somewhere else …' : 'No pain (choose where, if any)'}</option>
        {regions
          .filter((r) => !pain.some((p) => p.region === r))
          .map((r) => (
            <option key={r} value={r}>
              {words(r)}
            </option>
          ))}
      </select>
      <label className="label mt-6 block text-[0.85rem]" htmlFor="note">
        Message to your coach
      </label>
      <textarea
        id="note"
        className="field mt-2 h-20 text-lg"
        value={note}
        maxLength={1000}
        onChange={(e) => setNote(e.target.value)}
      />
      <details className="mt-5">
        <summary className="label cursor-pointer text-[0.85rem]">What you did, with notes on exercises</summary>
        {items.map((item) => {
          const sets = [...link.logged.values()].filter((s) => s.variant === item.variant);
          const last = sets.at(-1);
          return (
            <div key={item.variant} className="border-b border-edge py-2">
              <p>
                {item.name}{' '}
                <span className="dose text-quiet">
                  {sets.length ? sets.map((s) => s.amount).join(' ') : 'not done'}
                </span>
              </p>
              {last && (
                <input
                  aria-label={`Note on ${item.name}`}
                  className="field mt-1 h-10"
                  placeholder="note"
                  defaultValue={last.note ?? ''}
                  onBlur={(e) => void link.note(last.key, e.target.value)}
                />
              )}
            </div>
          );
        })}
      </details>
      <div className="mt-8 grid grid-cols-[auto_1fr] gap-3">
        <button type="button" className="h-14 px-5 text-lg" onClick={onBack}>
          Back
        </button>
        <button
          type="button"
          disabled={effort === undefined}
          className="head h-14 bg-bronze text-xl text-paper disabled:opacity-40"
          onClick={() => void send()}
        >
          {effort === undefined ? 'Choose how hard it was' : 'Finish'}
        </button>
      </div>
    </main>
  );
}
