import { ruleOf } from '@tropaeum/core/desk/desk';
import { sessionLoad } from '@tropaeum/core/load/session-load';
import type { Move } from '@tropaeum/core/progress/proposal';
import type { ReviewedItem } from '@tropaeum/core/review/review';
import { isDecidable, reviewSummary } from '@tropaeum/core/review/summary';
import { readinessWords } from '@tropaeum/core/session/player/readiness-today';
import { useState } from 'react';
import { Link, useParams } from 'react-router';
import { ask } from '../api/client';
import { queryClient, useReturned } from '../api/queries';
import { dayName } from '../ui/days';
import { Figure } from '../ui/Figure';
import { MoveKeys, moveLabel } from '../ui/MoveKeys';
import { Trouble, Waiting } from '../ui/States';
import { shownInUnits } from '../ui/units';
import { blockWords, partWords } from '../ui/words';

function Done({ item }: { item: ReviewedItem }) {
  const sides = (['left', 'right', 'both'] as const)
    .map((side) => ({ side, sets: item.done.filter((d) => d.side === side) }))
    .filter((s) => s.sets.length);
  if (sides.length === 0) return <span className="text-quiet">not done</span>;
  return (
    <>
      {sides.map(({ side, sets }) => (
        <span key={side} className="dose block whitespace-nowrap">
          {side !== 'both' && <span className="inline-block w-12 text-quiet">{side}</span>}
          {sets.map((s, i) => (
            <span
              key={i}
              className={`mr-3 ${s.amount < item.planned ? 'font-bold text-oxide' : ''}`}
              title={s.note ?? undefined}
            >
              {s.amount}
              {typeof s.reserve === 'number' && (
                <sup className="ml-px text-[0.68rem] font-normal text-quiet" title={`${s.reserve} reps in reserve`}>
                  +{s.reserve}
                </sup>
              )}
            </span>
          ))}
        </span>
      ))}
    </>
  );
}

/** What came back: planned against done, effort, pain; a proposal for every item, taken or overruled. */
export function SessionReview() {
  const { sessionId = '' } = useParams();
  const returned = useReturned(sessionId);
  const [busy, setBusy] = useState('');
  if (returned.error) return <Trouble error={returned.error} again={() => void returned.refetch()} />;
  if (!returned.data) return <Waiting what="Opening the session review" />;
  const { session, athlete, report, readiness, measured, items, decisions } = returned.data;
  const summary = reviewSummary(items, report?.pain);
  const before = readiness ? readinessWords(readiness) : '';
  const decide = async (variant: string, decided: Move) => {
    setBusy(variant);
    try {
      await ask(`/sessions/${sessionId}/decisions`, 'POST', { variant, decided });
      await queryClient.invalidateQueries({ queryKey: ['returned', sessionId] });
    } finally {
      setBusy('');
    }
  };
  const decidable = items.filter(isDecidable);
  const kept = items.filter((i) => !isDecidable(i));
  const open = decidable.filter((i) => i.done.length && !decisions.some((d) => d.variant === i.item.variant));
  const acceptAll = async () => {
    setBusy('all');
    try {
      await ask('/desk/decisions', 'POST', {
        decisions: open.map(({ item, proposal }) => ({ sessionId, variant: item.variant, decided: proposal.move })),
      });
      await queryClient.invalidateQueries({ queryKey: ['returned', sessionId] });
      await queryClient.invalidateQueries({ queryKey: ['desk'] });
    } finally {
      setBusy('');
    }
  };
  return (
    <main className="min-w-0 flex-1 overflow-y-auto px-6 py-5">
      <div className="flex items-end justify-between gap-4">
        <div>
          <h1 className="head text-2xl">
            {athlete}{' '}
            <span className="text-[1rem] font-normal text-quiet [font-family:var(--font-text)]">
              {dayName(session.on)}
            </span>
          </h1>
          {report ? (
            <p>
              <b>{report.minutes}</b> of {Math.round(session.planned)} minutes · session RPE <b>{report.effort}</b> of
              10 · load <b>{sessionLoad(report.effort, report.minutes)}</b>
              {report.pain.length === 0 && ' · no pain'}
              {report.morning &&
                ` · next morning ${report.morning.length === 0 ? 'without pain' : report.morning.map((p) => `${partWords(p)} ${p.score}`).join(', ')}`}
              {report.pain.map((p) => (
                <span key={p.region + p.side} className={p.score > 2 ? 'font-bold text-oxide' : ''}>
                  {' '}
                  · {partWords(p)} {p.score}
                </span>
              ))}
            </p>
          ) : (
            <p className="text-quiet">Not finished yet.</p>
          )}
          {before && <p>Before: {before}.</p>}
          {report?.betterSide && report.betterSide !== 'same' && <p>The {report.betterSide} side went better.</p>}
          {measured.map((line) => (
            <p key={line}>{shownInUnits(line)}.</p>
          ))}
          {report?.note && <p className="mt-1 italic">“{report.note}”</p>}
        </div>
        <div className="flex gap-2">
          <Link to={`/athletes/${session.athleteId}`} className="key">
            Plan next session
          </Link>
          <button
            type="button"
            className="key key-strong"
            disabled={open.length === 0 || busy !== ''}
            onClick={() => void acceptAll()}
          >
            {open.length ? `Accept ${open.length} proposals` : 'All decided'}
          </button>
        </div>
      </div>
      {summary.length > 0 && (
        <div className="mt-3 max-w-3xl border-l-4 border-bronze bg-sheet px-4 py-2" role="status">
          {summary.map((sentence) => (
            <p key={sentence}>{sentence}</p>
          ))}
        </div>
      )}
      <table className="mt-4 w-full border-collapse text-[0.92rem]">
        <thead>
          <tr className="label border-b border-stone text-left">
            <th className="w-14 py-1.5" aria-label="Figure" />
            <th className="font-semibold">Exercise</th>
            <th className="w-24 font-semibold">Planned</th>
            <th className="w-44 font-semibold">Done</th>
            <th className="font-semibold">Next session, and why</th>
            <th className="w-64 font-semibold">Decision</th>
          </tr>
        </thead>
        <tbody>
          {decidable.map((i) => {
            const decision = decisions.find((d) => d.variant === i.item.variant);
            const alarming = i.proposal.move === 'down' || i.proposal.move === 'stop';
            return (
              <tr key={i.item.variant} className="border-b border-edge">
                <td>
                  <Figure variant={i.item.drawnAs ?? i.item.variant} name="" className="h-10 w-14" />
                </td>
                <td className="pr-2">
                  <span className="head">{i.item.name}</span>
                  <span className="block text-small text-quiet">{blockWords(i.block)}</span>
                </td>
                <td className="dose">
                  {i.item.sets}x{i.planned}
                  {i.item.holdSeconds || i.item.workSeconds ? 's' : ''}
                  {i.item.perSide ? '/side' : ''}
                </td>
                <td>
                  <Done item={i} />
                  {i.otherwise.map((words) => (
                    <span key={words} className="block text-small text-bronze">
                      {words}
                    </span>
                  ))}
                </td>
                <td className={`pr-3 text-[0.88rem] ${alarming ? 'text-oxide' : ''}`}>
                  <b>{i.proposal.refer ? 'Refer' : moveLabel(i.proposal.move)}.</b> {i.proposal.rule}{' '}
                  <span className="whitespace-nowrap text-small text-quiet">{ruleOf(i.proposal.by).title}</span>
                </td>
                <td>
                  <MoveKeys
                    label={`Decision for ${i.item.name}`}
                    decided={decision?.decided}
                    proposed={i.proposal.move}
                    disabled={busy === i.item.variant}
                    onChoose={(move) => void decide(i.item.variant, move)}
                  />
                  {decision?.overruled && <span className="text-[0.76rem] text-bronze">your decision</span>}
                </td>
              </tr>
            );
          })}
        </tbody>
      </table>
      {kept.length > 0 && (
        <details className="mt-3">
          <summary className="cursor-pointer text-quiet">
            Warm-up, mobility and cool-down: {kept.filter((i) => i.done.length > 0).length} of {kept.length} done
          </summary>
          <ul className="mt-1">
            {kept.map((i) => (
              <li key={i.item.variant} className="flex items-baseline gap-4 py-0.5">
                <span className="w-64">{i.item.name}</span> <Done item={i} />
              </li>
            ))}
          </ul>
        </details>
      )}
    </main>
  );
}
