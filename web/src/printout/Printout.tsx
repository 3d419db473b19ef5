import { printDose } from '@tropaeum/core/dose/notation';
import { laidOut } from '@tropaeum/core/kit/equipment-list';
import { useState } from 'react';
import { Link, useParams } from 'react-router';
import { useAthlete, useStoredSession } from '../api/queries';
import { dayName } from '../ui/days';
import { Figure } from '../ui/Figure';
import { Trouble, Waiting } from '../ui/States';
import { shownInUnits } from '../ui/units';
import { blockWords, leftWords, takes } from '../ui/words';

/** Paper with the class that asks for it; the pages themselves are in the stylesheet. */
const papers = { A4: 'paper-a4', Letter: 'paper-letter' } as const;
type Paper = keyof typeof papers;

/** One page of paper: figures, doses, what to think of, boxes to tick, cautions. */
export function Printout() {
  const { sessionId = '' } = useParams();
  const session = useStoredSession(sessionId);
  const athlete = useAthlete(session.data?.athleteId ?? '');
  const [paper, setPaper] = useState<Paper>('A4');
  const [large, setLarge] = useState(false);
  if (session.error) return <Trouble error={session.error} again={() => void session.refetch()} />;
  if (!session.data || !athlete.data) return <Waiting what="Preparing the printout" />;
  const { plan, draft, on, brief, athleteId } = session.data;
  const things = laidOut(plan.blocks.flatMap((b) => b.items.map((i) => i.uses ?? [])));
  const cautions = [...new Set(plan.blocks.flatMap((b) => b.items.flatMap((i) => i.cautions)))];
  return (
    <main
      data-theme="light"
      className={`${papers[paper]} mx-auto max-w-[190mm] bg-paper p-6 text-ink print:bg-clear print:p-0 ${large ? 'text-[1.15rem]' : 'text-[0.78rem]'}`}
    >
      <div className="no-print mb-4 flex items-center justify-between gap-3">
        <Link to={`/athletes/${athleteId}?day=${on}`} className="key">
          Back
        </Link>
        <span className="flex items-center gap-3 text-[0.9rem]">
          <label className="flex items-center gap-1.5">
            Paper
            <select className="field h-7 w-24" value={paper} onChange={(e) => setPaper(e.target.value as Paper)}>
              {Object.keys(papers).map((p) => (
                <option key={p}>{p}</option>
              ))}
            </select>
          </label>
          <label className="flex items-center gap-1.5">
            <input type="checkbox" checked={large} onChange={(e) => setLarge(e.target.checked)} /> large type
          </label>
          <button type="button" className="key key-strong" onClick={() => window.print()}>
            Print
          </button>
        </span>
      </div>
      <header className="flex items-baseline justify-between border-b-2 border-ink pb-1">
        <h1 className="head text-xl">{athlete.data.athlete.name}</h1>
        <p>
          {dayName(on)} · about {Math.round(plan.minutes.planned)} minutes
        </p>
      </header>
      {things.length > 0 && (
        <p className="border-b border-stone py-1">
          <b>Equipment:</b> {shownInUnits(things.join(', '))}.
        </p>
      )}
      {plan.limits?.map((limit) => (
        <p key={limit.what} className="border-b border-stone py-1">
          {limit.notToday.length > 0 && (
            <>
              <b>Not today for the {limit.part}:</b> {limit.notToday.join(', ')}.{' '}
            </>
          )}
          Pain at most {limit.painAtMost} of 10. {limit.told}
        </p>
      ))}
      {plan.notes && plan.notes.length > 0 && <p className="border-b border-stone py-1">{plan.notes.join(' ')}</p>}
      {plan.blocks.map((block, b) => (
        <section key={b} className="break-inside-avoid border-b border-stone py-0.5">
          {block.items.map((item, i) => {
            const choice = draft.groups[b]?.choices[i];
            return (
              <div
                key={item.variant}
                className={`grid items-center gap-2 ${large ? 'grid-cols-[5.6rem_4rem_1fr_10.5rem_4.5rem]' : 'grid-cols-[4.6rem_3rem_1fr_9.5rem_5.5rem]'}`}
              >
                <span className="label">
                  {plan.blocks[b - 1]?.kind !== block.kind && i === 0 ? blockWords(block.kind) : ''}
                </span>
                <Figure
                  variant={item.drawnAs ?? item.variant}
                  poses={item.poses}
                  name={item.name}
                  size={brief.athlete}
                  loaded={item.load?.kg !== undefined}
                  className="h-9 w-12"
                />
                <span className="leading-tight">
                  <b>{item.name}</b>
                  {block.items.length > 1 && <span className="text-quiet"> superset {i + 1}</span>}
                  {item.for && <span className="text-laurel"> {item.for}</span>}
                  <br />
                  {item.adapt && <b>{item.adapt.join(' ')} </b>}
                  {item.cues.join('. ')}.{item.note && <b className="block">{item.note}</b>}
                </span>
                <span className="leading-tight">
                  <span className="dose">{choice ? printDose(choice.dose) : ''}</span>
                  {item.side && <span> {item.side} only</span>}
                  <br />
                  {leftWords(item) && <b>{leftWords(item)} </b>}
                  {takes(item)}
                </span>
                <span className="flex flex-wrap gap-1" aria-hidden="true">
                  {Array.from({ length: item.sets * (item.perSide ? 2 : 1) }, (_, k) => (
                    <span key={k} className="inline-block size-3 border border-ink" />
                  ))}
                </span>
              </div>
            );
          })}
        </section>
      ))}
      <footer className="mt-2 leading-snug">
        <p>
          <b>Cautions:</b> {shownInUnits(cautions.join(' '))}
        </p>
        <p className="mt-1">
          Stop if pain is sharp or gets worse, or if you are dizzy or have chest pain, and tell someone. Under 18: an
          adult nearby. Not medical advice; a clinician or local rules come first.
        </p>
      </footer>
    </main>
  );
}
