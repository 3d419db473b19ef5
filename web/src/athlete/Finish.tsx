import type { BetterSide } from '@tropaeum/core/athlete/athlete';
import { plannedFor } from '@tropaeum/core/athlete/logged-set';
import { worstByPlace } from '@tropaeum/core/athlete/worst-pain';
import { redFlagIn } from '@tropaeum/core/progress/note-signs';
import { lazy, Suspense, useState } from 'react';
import { keepTests } from './keep-tests';
import { type Pain, PainFields, Scale } from './PainFields';
import { useWishes } from './player/manner';
import type { ReachedNow } from './Reached';
import { ToldAtHome } from './ToldAtHome';
import type { SessionDay } from './use-day';
import type { LinkSession } from './use-link';

/** How far it went comes after the rest: it brings the tests along. */
const Reached = lazy(() => import('./Reached'));

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

interface FinishProps {
  link: LinkSession;
  day: SessionDay;
  /** What the note begins with. */
  begun: string;
  onBack: () => void;
  onDone: () => void;
}

const maxMinutes = 600;

/** Minutes from the first to the last set, one more for getting up. */
function minutesOf({ sets }: SessionDay): number {
  const times = sets.filter(({ skipped }) => !skipped).map((s) => Date.parse(s.doneAt));
  if (times.length === 0) return 0;
  return Math.min(maxMinutes, Math.round((Math.max(...times) - Math.min(...times)) / 60_000) + 1);
}

/** What was typed as minutes; nothing where it is no time that a session takes. */
function minutesTyped(text: string): number | undefined {
  const minutes = Number(text);
  return text.trim() !== '' && Number.isInteger(minutes) && minutes >= 0 && minutes <= maxMinutes ? minutes : undefined;
}

const sideNames = { left: 'Left', same: 'The same', right: 'Right' } as const;

/** Which side went better, where anybody can tell; a second tap takes it back. */
function SideChoice({
  side,
  onSide,
}: {
  side: BetterSide | undefined;
  onSide: (side: BetterSide | undefined) => void;
}) {
  return (
    <fieldset className="mt-6">
      <legend className="label text-[0.85rem]">Which side went better?</legend>
      <div className="mt-2 grid grid-cols-3 gap-2">
        {(['left', 'same', 'right'] as const).map((one) => (
          <button
            key={one}
            type="button"
            aria-pressed={side === one}
            className={`h-12 border text-lg ${side === one ? 'border-bronze bg-bronze text-paper' : 'border-stone'}`}
            onClick={() => onSide(side === one ? undefined : one)}
          >
            {sideNames[one]}
          </button>
        ))}
      </div>
    </fieldset>
  );
}

/** Effort, pain, a word to the coach: thirty seconds, then done. */
export function Finish({ link, day, begun, onBack, onDone }: FinishProps) {
  const { theme } = useWishes();
  const [effort, setEffort] = useState<number>();
  const [minutes, setMinutes] = useState(() => String(minutesOf(day)));
  const [pain, setPain] = useState<Pain[]>(worstByPlace(day.pains));
  const [note, setNote] = useState(begun);
  const [betterSide, setBetterSide] = useState<BetterSide>();
  const [reached, setReached] = useState<ReachedNow>({ results: [], wrong: false });
  const spent = minutesTyped(minutes);
  const warning = redFlagIn(note);
  const items = day.session.plan.blocks.flatMap((block) => block.items);
  const did = day.sets.filter(({ skipped }) => !skipped);
  const hasSides = (['left', 'right'] as const).every((side) => did.some((set) => set.side === side));
  const isReady = effort !== undefined && spent !== undefined && !reached.wrong;
  const send = async () => {
    if (effort === undefined || spent === undefined) return;
    if (reached.results.length > 0) await keepTests(link, reached.results);
    await day.report({
      effort,
      minutes: spent,
      pain,
      ...(betterSide ? { betterSide } : {}),
      ...(note.trim() ? { note: note.trim().slice(0, 1000) } : {}),
      finishedAt: new Date().toISOString(),
    });
    onDone();
  };
  return (
    <main data-floor data-theme={theme} className="mx-auto min-h-dvh max-w-2xl bg-paper px-5 py-6 text-ink">
      <h1 className="head text-3xl">How was it?</h1>
      <p className="label mt-5 text-[0.85rem]">
        How hard was the whole session?{effort === undefined ? '' : ` ${effortWords[effort]}`}
      </p>
      <Scale label="How hard" value={effort} onValue={setEffort} />
      <label className="label mt-6 block text-[0.85rem]" htmlFor="minutes">
        Minutes, breaks and all
      </label>
      <input
        id="minutes"
        className="field mt-2 h-12 w-24 text-lg"
        inputMode="numeric"
        value={minutes}
        aria-invalid={spent === undefined}
        onChange={(e) => setMinutes(e.target.value)}
      />
      {spent === undefined && (
        <p role="alert" className="mt-1 text-oxide">
          Whole minutes, 0 to {maxMinutes}
        </p>
      )}
      <p className="label mt-6 text-[0.85rem]">Pain anywhere?</p>
      <PainFields pain={pain} onPain={setPain} />
      {hasSides && <SideChoice side={betterSide} onSide={setBetterSide} />}
      <Suspense fallback={null}>
        <Reached done={did.map(({ variant }) => variant)} before={link.answer?.tests ?? []} onReached={setReached} />
      </Suspense>
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
      {warning && (
        <p role="alert" className="mt-2 border-l-4 border-oxide pl-3 text-lg text-oxide">
          {warning}
        </p>
      )}
      <ToldAtHome guardianTold={day.guardianTold} report={{ pain, note }} />
      <details className="mt-5">
        <summary className="label cursor-pointer text-[0.85rem]">What you did, with notes on exercises</summary>
        {items.map((item) => {
          const sets = day.sets.filter((s) => plannedFor(s) === item.variant && !s.skipped);
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
                  onBlur={(e) => void day.note(last.key, e.target.value)}
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
          disabled={!isReady}
          className="head h-14 bg-bronze text-xl text-paper disabled:opacity-40"
          onClick={() => void send()}
        >
          {effort === undefined ? 'Choose how hard it was' : 'Finish'}
        </button>
      </div>
    </main>
  );
}
