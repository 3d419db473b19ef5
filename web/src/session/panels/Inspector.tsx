import type { AthleteSize } from '@tropaeum/core/body/segments';
import { preparingBlocks } from '@tropaeum/core/exercise/model/vocabulary';
import type { Context } from '@tropaeum/core/session/context/context';
import type { Choice, Group } from '@tropaeum/core/session/draft/draft';
import {
  type ItemPlace,
  pairWithNext,
  pin,
  remove,
  restAfterRound,
  split,
  swap,
} from '@tropaeum/core/session/editing/edit';
import type { PlanItem } from '@tropaeum/core/session/plan/plan-types';
import { useEffect, useState } from 'react';
import { Figure } from '../../ui/Figure';
import { shownInUnits } from '../../ui/units';
import { clock } from '../../ui/words';
import { composer, type OfferedAlternative } from '../../workers/composing';
import { useWritten } from '../state/store';
import { NoteField } from './NoteField';
import { RemovalImpact } from './RemovalImpact';
import { Why } from './WhyChosen';

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
      <p className="mt-1 text-[0.88rem] leading-snug">{shownInUnits(item.reason)}</p>
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
      {item.cautions.length > 0 && (
        <p className="mt-1.5 text-[0.88rem] text-oxide">{shownInUnits(item.cautions.join(' '))}</p>
      )}
    </div>
  );
}
