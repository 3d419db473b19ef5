import { catalogueOf } from '@tropaeum/core/exercise/catalogue/catalogue';
import type { Slot } from '@tropaeum/core/session/squad/slots';
import { Link, useOutletContext, useParams } from 'react-router';
import type { CoachContext } from '../api/coach-context';
import { useStoredSession } from '../api/queries';
import { dayName } from '../ui/days';
import { Trouble, Waiting } from '../ui/States';
import { percent, words } from '../ui/words';
import { type Row, useSquadSession } from './use-squad-session';

/** One session adapted for everybody of a squad: what each gets, how much of the stimulus each keeps, where it could not be kept. */
export function SquadSession() {
  const { sessionId = '' } = useParams();
  const { squads } = useOutletContext<CoachContext>();
  const source = useStoredSession(sessionId).data;
  const author = squads.athletes.find((a) => a.id === source?.athleteId);
  const others = squads.athletes.filter((a) => a.squadId === author?.squadId && a.id !== author?.id);
  const squad = useSquadSession(source, others);
  const { slots, rows, running, problem } = squad;
  if (problem) return <Trouble error={problem} />;
  if (!source || !author || !slots) return <Waiting what="Opening the squad" />;
  const ready = rows.filter((r) => r.result);
  const toSave = ready.filter((r) => r.wanted && r.saved !== 'saved');
  const kept = ready.reduce((sum, r) => sum + (r.result?.kept ?? 0), 0) / Math.max(1, ready.length);
  return (
    <main className="min-w-0 flex-1 overflow-auto px-4 pt-3 pb-8">
      <header className="flex items-baseline justify-between gap-4">
        <h1 className="head text-[1.4rem]">
          {author.name}’s session for the squad
          <span className="ml-3 text-[0.92rem] font-normal text-quiet [font-family:var(--font-text)]">
            {dayName(source.on)} · {words(source.brief.aim)} · {source.brief.minutes} minutes
          </span>
        </h1>
        <div className="flex shrink-0 items-center gap-2">
          <Link to={`/athletes/${author.id}?day=${source.on}`} className="key">
            Back
          </Link>
          {running && (
            <button type="button" className="key" onClick={squad.stop}>
              Stop
            </button>
          )}
          <button
            type="button"
            className="key key-strong"
            disabled={toSave.length === 0 || running}
            onClick={() => void squad.save()}
          >
            Save for {toSave.length}
          </button>
        </div>
      </header>
      <p role="status" className="mt-1 text-quiet">
        {ready.length} of {rows.length} adapted
        {ready.length > 0 && (
          <>
            , <b className="text-laurel">{percent(kept)}</b> of the training effect on average
          </>
        )}
        .
      </p>
      {running && (
        <progress
          className="mt-1 h-1 w-full accent-laurel"
          value={ready.length}
          max={Math.max(1, rows.length)}
          aria-label="Adapted"
        />
      )}
      <table className="mt-2 w-full border-collapse text-[0.82rem]">
        <thead>
          <tr className="border-b-2 border-ink text-left align-bottom">
            <th className="py-1 pr-2 font-normal" scope="col">
              <span className="label">Athlete</span>
            </th>
            <th className="w-14 pr-2 text-right font-normal" scope="col">
              <span className="label">Effect</span>
            </th>
            {slots.map((slot) => (
              <th key={slot.variant} className="px-1 py-1 font-normal" scope="col">
                <span className="label block">{words(slot.block)}</span>
                <span className="head leading-tight">{slot.name}</span>
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {rows.map((row) => (
            <AthleteRow key={row.athlete.id} row={row} slots={slots} squad={squad} />
          ))}
        </tbody>
      </table>
    </main>
  );
}

interface AthleteRowProps {
  row: Row;
  slots: readonly Slot[];
  squad: ReturnType<typeof useSquadSession>;
}

function AthleteRow({ row, slots, squad }: AthleteRowProps) {
  const { athlete, result, taken, wanted, saved, fixed } = row;
  return (
    <tr className="border-b border-edge align-top hover:bg-lit/60" data-squad-row>
      <th scope="row" className="py-1 pr-2 text-left font-normal whitespace-nowrap">
        <label className="flex items-center gap-1.5">
          <input
            type="checkbox"
            checked={wanted && saved !== 'saved'}
            disabled={taken || saved === 'saved'}
            onChange={(e) => squad.want(row, e.target.checked)}
          />
          {athlete.name}
        </label>
        <span className={`block pl-5 text-[0.76rem] ${saved && saved !== 'saved' ? 'text-oxide' : 'text-quiet'}`}>
          {saved ?? (taken ? 'has a session that day' : result ? `${result.minutes} minutes` : 'waiting')}
        </span>
      </th>
      <td className="dose pr-2 text-right">{result ? percent(result.kept) : ''}</td>
      {slots.map((slot, s) => {
        const filled = result?.slots[s];
        if (!filled) return <td key={slot.variant} />;
        const same = filled.variant === slot.variant;
        const name = (id: string) => catalogueOf(row.brief?.own).byId(id)?.name ?? id;
        const said = same ? 'same' : filled.variant ? name(filled.variant) : 'no match';
        return (
          <td
            key={slot.variant}
            className="relative px-1 py-1 leading-tight focus-within:outline-2 focus-within:outline-bronze"
            title={[filled.change, filled.why].filter(Boolean).join(' ')}
          >
            <span
              className={`block ${same ? 'text-quiet' : filled.variant ? '' : 'text-oxide'} ${fixed.has(s) ? 'underline' : ''}`}
            >
              {said}
            </span>
            {filled.change && <span className="block text-[0.74rem] text-oxide">{filled.change}</span>}
            {!same && <span className="block text-[0.74rem] text-quiet">{percent(filled.kept)} of the effect</span>}
            <select
              aria-label={`${slot.name} for ${athlete.name}: ${said}`}
              className="absolute inset-0 cursor-pointer opacity-0"
              value={fixed.get(s) ?? ''}
              onChange={(e) => squad.correct(row, s, e.target.value)}
            >
              <option value="">automatic</option>
              {filled.others.map((other) => (
                <option key={other.variant} value={other.variant}>
                  {name(other.variant)} {percent(other.kept)}
                </option>
              ))}
            </select>
          </td>
        );
      })}
    </tr>
  );
}
