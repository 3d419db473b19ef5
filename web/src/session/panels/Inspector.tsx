import type { AthleteSize } from '@tropaeum/core/body/segments';
import { maxCounted } from '@tropaeum/core/dose/repetitions';
import { zones } from '@tropaeum/core/dose/zone';
import { momentWords } from '@tropaeum/core/exercise/mechanics/moments';
import { preparingBlocks } from '@tropaeum/core/exercise/model/vocabulary';
import type { Context } from '@tropaeum/core/session/context/context';
import type { Choice, Group } from '@tropaeum/core/session/draft/draft';
import {
  type ItemPlace,
  note,
  pairWithNext,
  pin,
  remove,
  restAfterRound,
  split,
  swap,
} from '@tropaeum/core/session/editing/edit';
import type { PlanItem } from '@tropaeum/core/session/plan/plan';
import { derivation } from '@tropaeum/core/session/wording/reason';
import { explained } from '@tropaeum/core/sport/transfer-explained';
import { useEffect, useState } from 'react';
import { Link, useParams } from 'react-router';
import { CriteriaBars } from '../../ui/CriteriaBars';
import { dayName } from '../../ui/days';
import { Figure } from '../../ui/Figure';
import { clock, words } from '../../ui/words';
import { composer, type OfferedAlternative } from '../../workers/composing';
import { useSession, useWritten } from '../state/store';
import { RemovalImpact } from './RemovalImpact';

const offeredAtOnce = 6;

function useAlternatives(at: ItemPlace): OfferedAlternative[] | undefined {
  const { brief, draft } = useWritten();
  const [list, setList] = useState<OfferedAlternative[]>();
  useEffect(() => {
    if (!draft) return;
    let wanted = true;
    setList(undefined);
    composer()
      .alternatives(brief, draft, at, offeredAtOnce)
      .then((found) => wanted && setList(found))
      .catch(() => wanted && setList([]));
    return () => {
      wanted = false;
    };
  }, [brief, draft, at]);
  return list;
}

function Why({ context, choice }: { context: Context; choice: Choice }) {
  const { athleteId } = useParams();
  const variant = context.catalogue.byId(choice.variant);
  if (!variant) return null;
  const { gives, effort, toFailure, shown } = derivation(context, variant, choice.load);
  const fast = variant.speed === 'fast';
  const counted =
    choice.dose.work.kind === 'reps' && !fast && toFailure && toFailure.mid < maxCounted ? toFailure : undefined;
  const best = gives
    .filter((g) => g.demand.kind === 'action')
    .sort((a, b) => b.given * b.demand.weight - a.given * a.demand.weight)[0];
  const guards = gives.filter((g) => g.demand.kind === 'risk').sort((a, b) => b.given - a.given)[0];
  const action = best?.demand.kind === 'action' ? best.demand.action : undefined;
  const why = action ? explained(variant, action, context.weights) : undefined;
  return (
    <div className="mt-1.5 text-[0.85rem]">
      {action && why && (
        <>
          <p className="text-quiet">
            for <b className="text-ink">{action.name.toLowerCase()}</b>, transfer {Math.round(why.transfer.total * 100)}{' '}
            %
          </p>
          <CriteriaBars criteria={why.criteria} missing={why.missing} />
        </>
      )}
      {guards?.demand.kind === 'risk' && (
        <p className="mt-2">
          <span className="text-laurel">Protects the {words(guards.demand.risk.region)}:</span> {guards.demand.risk.why}
          . <span className="text-quiet">{guards.demand.risk.source}</span>
        </p>
      )}
      {context.brief.aim === 'strength' && effort && !fast && effort.share < zones.strength.share[0] && (
        <p className="mt-2">
          No maximal strength at this load:{' '}
          <Link to={`/athletes/${athleteId}/ability`} className="underline">
            overload alternatives
          </Link>
          .
        </p>
      )}
      {effort ? (
        <p className="mt-2 text-quiet">
          Hardest on the {momentWords[effort.moment]}: {effort.momentNm.toFixed(0)} N m,{' '}
          {Math.round(effort.between.low * 100)} to {Math.round(effort.between.high * 100)} % of max
          {counted && `, ${Math.round(counted.low)} to ${Math.round(counted.high)} repetitions to failure`}.{' '}
          {shown
            ? `From ${shown.times} ${shown.times === 1 ? 'log' : 'logs'}, last ${dayName(shown.last)}.`
            : 'Estimated (no logs yet).'}
        </p>
      ) : (
        <p className="mt-2 text-quiet">Unmeasured band: dosed by repetitions in reserve.</p>
      )}
    </div>
  );
}

/** A note for the athlete; it is written when the field is left. */
function NoteField({ at, text }: { at: ItemPlace; text: string }) {
  const edit = useSession((s) => s.edit);
  return (
    <label className="mt-2 block text-[0.85rem]">
      <span title="n">Note for the athlete</span>
      <input
        type="text"
        data-note
        maxLength={240}
        className="field mt-0.5 h-7 w-full"
        defaultValue={text}
        onBlur={(e) => e.target.value.trim() !== text && edit((d) => note(d, at, e.target.value))}
        onKeyDown={(e) => e.key === 'Enter' && e.currentTarget.blur()}
      />
    </label>
  );
}

interface InspectorProps {
  at: ItemPlace;
  group: Group;
  choice: Choice;
  item: PlanItem;
  context: Context;
  size: AthleteSize;
}

/** What is changed of an item for a restriction, and which one asks for it. */
function Adapted({ variant, context }: { variant: string; context: Context }) {
  const found = context.feasible.get(variant);
  if (!found?.variant.adapted) return null;
  return (
    <div className="mt-2 border-l-4 border-oxide bg-sheet px-2.5 py-1.5 text-[0.88rem] leading-snug">
      <b className="block">{found.variant.adapted.say.join(' ')}</b>
      {found.limit.why.map((why) => (
        <span key={why} className="block text-quiet">
          {why}
        </span>
      ))}
    </div>
  );
}

/** The chosen item: how it looks, why it is there, what could stand instead, what to look for. */
export function Inspector({ at, group, choice, item, context, size }: InspectorProps) {
  const { edit, draft, leaveOut } = useWritten();
  const alternatives = useAlternatives(at);
  const { dose } = choice;
  const nextAlone =
    group.choices.length === 1 &&
    draft?.groups[at.group + 1]?.block === group.block &&
    draft.groups[at.group + 1]?.choices.length === 1;
  return (
    <div className="px-4 py-4">
      <div className="bg-paper px-2 pt-2">
        <Figure
          variant={context.catalogue.drawnAs(choice.variant)}
          poses={item.poses}
          name={item.name}
          size={size}
          loaded={choice.load?.kg !== undefined}
          playing
          {...(dose.tempo ? { tempo: dose.tempo } : {})}
          className="h-44 w-full"
        />
      </div>
      <h2 className="head mt-3 text-lg leading-tight">{item.name}</h2>
      {item.adapt && <Adapted variant={choice.variant} context={context} />}
      <p className="mt-1 text-[0.88rem] leading-snug">{item.reason}</p>
      {item.signature && (
        <p className="mt-1 text-[0.85rem] leading-snug text-quiet">
          Signature work of the sport: {item.signature.name}.{' '}
          {item.signature.source ? `${item.signature.source} (from memory).` : 'Common practice.'}
        </p>
      )}
      <details className="mt-1.5">
        <summary className="cursor-pointer text-[0.85rem] underline">Numbers</summary>
        <Why context={context} choice={choice} />
      </details>
      {!preparingBlocks.has(group.block) && <RemovalImpact context={context} at={at} />}
      <div className="mt-3 flex flex-wrap gap-1.5">
        <button type="button" className="key h-7" onClick={() => edit((d) => pin(d, at, !choice.pinned))}>
          {choice.pinned ? 'Unpin' : 'Pin'}
        </button>
        <button type="button" className="key h-7" onClick={() => edit((d) => remove(d, at))}>
          Remove
        </button>
        <button
          type="button"
          className="key h-7"
          title="Remove it and do not choose it again for this session"
          onClick={() => leaveOut(at)}
        >
          Exclude
        </button>
        {group.choices.length > 1 && (
          <button type="button" className="key h-7" title="t" onClick={() => edit((d) => split(d, at.group))}>
            Split superset
          </button>
        )}
        {nextAlone && (
          <button type="button" className="key h-7" title="t" onClick={() => edit((d) => pairWithNext(d, at.group))}>
            Superset with next
          </button>
        )}
      </div>
      {group.choices.length > 1 && (
        <label className="mt-2 flex items-center justify-between gap-2 text-[0.85rem]">
          Rest after each round, seconds
          <input
            type="number"
            min={0}
            max={600}
            step={5}
            className="field h-7 w-20"
            value={group.roundRestSeconds}
            onChange={(e) => edit((d) => restAfterRound(d, at.group, Math.min(600, Number(e.target.value))))}
          />
        </label>
      )}
      <NoteField key={choice.variant} at={at} text={choice.note ?? ''} />
      <h3 className="label mt-4 border-b border-stone pb-0.5" title="s">
        Substitutes
      </h3>
      {alternatives === undefined && <p className="py-2 text-small text-quiet">Calculating …</p>}
      {alternatives?.length === 0 && (
        <p className="py-2 text-small text-quiet">No other exercise fits this equipment, room and athlete.</p>
      )}
      <ul>
        {alternatives?.map((a) => (
          <li key={a.variant}>
            <button
              type="button"
              data-instead
              className="flex w-full cursor-pointer justify-between gap-2 border-b border-edge py-1 text-left text-[0.9rem] hover:bg-lit"
              onClick={() => edit((d) => swap(d, at, { ...a.choice, pinned: choice.pinned }))}
            >
              <span className="min-w-0">
                <span className="block truncate">{a.name}</span>
                {a.overSeconds > 0 && (
                  <span className="block text-[0.76rem] text-bronze">{clock(a.overSeconds)} over time</span>
                )}
              </span>
              <span
                className={`dose ${a.difference < -0.03 ? 'text-oxide' : 'text-quiet'}`}
              >{`${a.difference > 0 ? '+' : a.difference < 0 ? '−' : ''}${Math.abs(a.difference * 100).toFixed(1)} %`}</span>
            </button>
          </li>
        ))}
      </ul>
      <h3 className="label mt-4">Common errors</h3>
      {item.faults.map((fault) => (
        <p key={fault} className="text-[0.88rem]">
          {fault}
        </p>
      ))}
      {item.cautions.length > 0 && <p className="mt-1.5 text-[0.88rem] text-oxide">{item.cautions.join(' ')}</p>}
    </div>
  );
}
