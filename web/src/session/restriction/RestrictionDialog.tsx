import { Dialog, DialogPanel, DialogTitle } from '@headlessui/react';
import type { Restriction } from '@tropaeum/core/athlete/athlete';
import {
  completionsOf,
  type RestrictionReading,
  readRestrictionText,
  writeRestrictionText,
} from '@tropaeum/core/athlete/restriction-text';
import { causeAsTyped } from '@tropaeum/core/athlete/restriction-vocabulary';
import { guardedChanges, type Release } from '@tropaeum/core/limits/release';
import { restrictionWords } from '@tropaeum/core/limits/verdict';
import { type FormEvent, useRef, useState } from 'react';
import { capital } from '../../ui/words';
import { RegionBody } from './RegionBody';
import { AskForRelease, ReleaseFields, releaseFrom } from './ReleaseFields';
import { Examples, useExamples } from './RestrictionExamples';
import { Meaning } from './RestrictionMeaning';
import { ReturnPlanChoice } from './ReturnPlanChoice';

interface RestrictionDialogProps {
  /** What is changed; a new one when left out. */
  before?: Restriction | undefined;
  /** Day of the session. */
  date: string;
  born: string;
  /** Who decides: a physio needs no release, and says in a few words what is allowed from now on. */
  as?: 'coach' | 'physio';
  /** The physio whose restriction it is: a coach makes it stricter, or asks. */
  physio?: string | undefined;
  onAsk?: (words: string) => void;
  onSave: (restriction: Restriction, release?: Release, words?: string) => void;
  /** Lifted altogether. */
  onLift?: (release?: Release, words?: string) => void;
  onClose: () => void;
}

/** Everything wrong with what was typed; the days are looked at here, where the birth is known. */
function faultsOf(reading: RestrictionReading, born: string): { part: string; message: string }[] {
  const { restriction } = reading;
  const early = (['since', 'until'] as const).flatMap((field) => {
    const day = restriction?.[field];
    return day !== undefined && day < born
      ? [{ part: `${field} ${day}`, message: `must not be before the birth on ${born}` }]
      : [];
  });
  return [...reading.faults, ...early];
}

/** A restriction in a sentence: read while it is typed, shown on the body, with what it forbids, changes and allows and who may change it. */
export function RestrictionDialog({
  before,
  date,
  born,
  as = 'coach',
  physio,
  onAsk,
  onSave,
  onLift,
  onClose,
}: RestrictionDialogProps) {
  const [text, setText] = useState(before ? writeRestrictionText(before) : '');
  const [lifting, setLifting] = useState(false);
  const [release, setRelease] = useState<Partial<Release>>({});
  const [criteria, setCriteria] = useState(before?.criteria ?? '');
  const [words, setWords] = useState('');
  const form = useRef<HTMLFormElement>(null);
  const reading = readRestrictionText(text, date);
  const faults = text.trim() ? faultsOf(reading, born) : [];
  const typed = faults.length === 0 ? reading.restriction : undefined;
  const restriction = typed && { ...typed, ...(criteria.trim() ? { criteria: criteria.trim() } : {}) };
  const shown = restriction ?? before;
  const examples = useExamples(shown, date);
  const eased = before
    ? guardedChanges([before], lifting ? [] : restriction ? [restriction] : [before]).length > 0
    : false;
  const guarded = eased && as === 'coach';
  const released = before && releaseFrom(release, before);
  const free = !guarded || (!physio && released !== undefined);
  const ready = free && (lifting || restriction !== undefined);
  const save = (event: FormEvent) => {
    event.preventDefault();
    if (!ready) return;
    if (lifting) onLift?.(guarded ? released : undefined, words);
    else if (restriction) onSave(restriction, guarded ? released : undefined, words);
  };
  const next = completionsOf(text, 6);
  return (
    <Dialog open onClose={onClose} className="relative z-20">
      <div className="fixed inset-0 bg-ink/40" aria-hidden="true" />
      <div className="fixed inset-0 grid place-items-center p-4">
        <DialogPanel className="flex max-h-[calc(100dvh-2rem)] w-full max-w-5xl flex-col border-2 border-ink bg-paper">
          <form onSubmit={save} className="flex min-h-0 flex-1 flex-col" ref={form}>
            <div className="min-h-0 overflow-y-auto p-5">
              <DialogTitle className="head text-xl">
                {before ? capital(restrictionWords(before)) : 'New restriction'}
              </DialogTitle>
              <label className="mt-2 block">
                <span className="sr-only">Restriction</span>
                <textarea
                  data-autofocus
                  aria-label="Restriction"
                  className="field h-auto w-full resize-none py-1.5 text-base leading-snug"
                  rows={text.length > 90 ? 2 : 1}
                  value={text}
                  disabled={lifting}
                  placeholder="left knee, limit, ACL late, no kneeling, until 15 jan, physio"
                  spellCheck={false}
                  autoComplete="off"
                  onChange={(e) => setText(e.target.value.replaceAll('\n', ' '))}
                  onKeyDown={(e) => {
                    if (e.key === 'Enter') {
                      e.preventDefault();
                      form.current?.requestSubmit();
                    }
                    if (e.key !== 'Tab' || e.shiftKey || !next[0]) return;
                    e.preventDefault();
                    setText(next[0]);
                  }}
                />
              </label>
              <Suggested text={text} next={next} open={reading.open} date={date} onTake={setText} />
              {faults.map((fault) => (
                <p key={fault.part + fault.message} role="alert" className="mt-1 text-[0.9rem] text-oxide">
                  <b>{fault.part}</b> {fault.message}.
                </p>
              ))}
              {shown && (
                <div className="mt-3 grid grid-cols-[11rem_1fr] gap-5">
                  <RegionBody region={shown.region} side={shown.side ?? 'both'} severity={shown.severity} high={300} />
                  <Meaning restriction={shown} date={date} as={as} />
                </div>
              )}
              {as === 'physio' && shown && !lifting && (
                <ReturnPlanChoice
                  key={shown.region}
                  restriction={shown}
                  onTake={(stage, exit) => {
                    setText(writeRestrictionText({ ...shown, stage: stage as NonNullable<Restriction['stage']> }));
                    setCriteria(exit);
                  }}
                />
              )}
              {(as === 'physio' || criteria) && (
                <label className="mt-3 block">
                  <span className="label">Before the next stage or the release</span>
                  <textarea
                    aria-label="Criteria"
                    className="field h-auto w-full py-1"
                    rows={2}
                    maxLength={400}
                    disabled={lifting || as === 'coach'}
                    placeholder="what has to be shown, on two days"
                    value={criteria}
                    onChange={(e) => setCriteria(e.target.value)}
                  />
                </label>
              )}
              {as === 'physio' && eased && (
                <label className="mt-2 block">
                  <span className="label">What is allowed from now on; kept as the release</span>
                  <input
                    aria-label="What is allowed"
                    className="field w-full"
                    maxLength={400}
                    value={words}
                    onChange={(e) => setWords(e.target.value)}
                  />
                </label>
              )}
              {guarded && !physio && <ReleaseFields value={release} onChange={setRelease} date={date} />}
              {guarded && physio && <AskForRelease physio={physio} onAsk={onAsk} />}
              {shown && <Examples examples={examples.data ?? undefined} waiting={examples.isPending} />}
            </div>
            <div className="flex items-center justify-between gap-2 border-t border-stone px-5 py-3">
              {onLift ? (
                <label className="flex items-center gap-1.5">
                  <input type="checkbox" checked={lifting} onChange={(e) => setLifting(e.target.checked)} /> Lift this
                  restriction
                </label>
              ) : (
                <span />
              )}
              <span className="flex gap-2">
                <button type="button" className="key" onClick={onClose}>
                  Cancel
                </button>
                <button type="submit" className="key key-strong" disabled={!ready}>
                  {lifting ? 'Lift' : 'Save'}
                </button>
              </span>
            </div>
          </form>
        </DialogPanel>
      </div>
    </Dialog>
  );
}

const openWords = { severity: ['limit', 'avoid'], setBy: ['physiotherapist', 'doctor', 'coach'] } as const;

interface SuggestedProps {
  text: string;
  next: readonly string[];
  open: RestrictionReading['open'];
  date: string;
  onTake: (text: string) => void;
}

/** How the part being typed may go on; and once it is whole, what could still be said. */
function Suggested({ text, next, open, onTake }: SuggestedProps) {
  const add = (word: string) => onTake(`${text.replace(/[\s,]+$/, '')}, ${word}`);
  const chip = 'border border-stone px-1.5 py-0.5 text-[0.84rem] hover:bg-lit';
  if (next.length > 0)
    return (
      <div className="mt-1.5 flex flex-wrap gap-1.5">
        {next.map((line, i) => (
          <button key={line} type="button" className={chip} onClick={() => onTake(line)}>
            {line.split(',').at(-1)?.trim()}
            {i === 0 && <kbd className="ml-1.5 text-quiet">tab</kbd>}
          </button>
        ))}
      </div>
    );
  if (!text.trim() || open.includes('region')) return null;
  const missing = open.flatMap((field) => {
    if (field === 'severity' || field === 'setBy') return openWords[field];
    if (field === 'cause')
      return (['tendon', 'muscle-strain', 'joint-instability', 'overuse', 'post-operative-late'] as const).map(
        causeAsTyped,
      );
    return field === 'until' ? ['until '] : [];
  });
  if (missing.length === 0) return null;
  return (
    <div className="mt-1.5 flex flex-wrap items-center gap-1.5 text-[0.84rem]">
      <span className="text-quiet">Add</span>
      {missing.map((word) => (
        <button key={word} type="button" className={chip} onClick={() => add(word)}>
          {word.trim()}
        </button>
      ))}
    </div>
  );
}
