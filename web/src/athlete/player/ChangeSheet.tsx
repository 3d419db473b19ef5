import { plannedFor } from '@tropaeum/core/athlete/logged-set';
import { amountWords } from '@tropaeum/core/session/plan/amount-words';
import type { PlanItem } from '@tropaeum/core/session/plan/plan-types';
import { type ChangeReason, lighter, openSets } from '@tropaeum/core/session/player/changes';
import { slotOf } from '@tropaeum/core/session/player/steps';
import { type ReactNode, useState } from 'react';
import { shownInUnits } from '../../ui/units';
import { takes } from '../../ui/words';
import { Sheet } from '../Sheet';
import type { SessionDay } from '../use-day';
import type { FloorSheetsProps } from './floor-sheets';

/** More than this over what was planned is not for an athlete alone to choose; common practice, no source. */
const mostOver = 1.25;
const loadStepKg = 0.5;

const row = 'flex min-h-14 w-full items-center justify-between gap-3 border-b border-edge py-2 text-left text-lg';

interface WayProps {
  title: string;
  why: ChangeReason;
  way: PlanItem | undefined;
  none: string;
  onTake: (to: PlanItem, why: ChangeReason) => void;
}

/** Another way of the exercise, with the dose that goes with it. */
function Way({ title, why, way, none, onTake }: WayProps) {
  if (!way)
    return (
      <p className={`${row} text-quiet`}>
        <span>
          <b className="block">{title}</b>
          {none}
        </span>
      </p>
    );
  return (
    <button type="button" className={row} onClick={() => onTake(way, why)}>
      <span>
        <b className="block">{title}</b>
        {way.name} <span className="dose text-base text-quiet">{amountWords(way)}</span>
        {takes(way) !== 'body' && <span className="block text-base text-quiet">{takes(way)}</span>}
      </span>
    </button>
  );
}

/** Another load than planned, as it lies there: recorded as what was used. */
function OtherLoad({ item, most, onTake }: { item: PlanItem; most: number; onTake: (kg: number) => void }) {
  const planned = item.load?.kg ?? 0;
  const [kg, setKg] = useState(planned);
  const isMuch = kg > planned;
  return (
    <div className="border-b border-edge py-2">
      <b className="text-lg">Another load</b>
      <div className="mt-1 flex items-center gap-2">
        <button
          type="button"
          aria-label="Lighter"
          className="h-12 w-14 border border-stone text-xl"
          onClick={() => setKg(Math.max(0, kg - loadStepKg))}
        >
          −
        </button>
        <span className="head min-w-24 text-center text-xl">{shownInUnits(`${kg} kg`)}</span>
        <button
          type="button"
          aria-label="Heavier"
          className="h-12 w-14 border border-stone text-xl disabled:opacity-40"
          disabled={kg + loadStepKg > planned * most}
          onClick={() => setKg(kg + loadStepKg)}
        >
          +
        </button>
        <button
          type="button"
          className="head ml-auto h-12 bg-bronze px-4 text-paper disabled:opacity-40"
          disabled={kg === planned}
          onClick={() => onTake(kg)}
        >
          Use it
        </button>
      </div>
      {isMuch && (
        <p className="mt-1 text-oxide">More than your coach planned: only where the last set was easy and clean.</p>
      )}
    </div>
  );
}

function NoteField({ day, slot }: { day: SessionDay; slot: string }) {
  const last = day.sets.filter((set) => plannedFor(set) === slot && !set.skipped).at(-1);
  if (!last) return null;
  return (
    <label className="block py-2 text-lg">
      <b>Note for your coach</b>
      <textarea
        className="field mt-1 h-20 text-lg"
        maxLength={500}
        defaultValue={last.note ?? ''}
        onBlur={(event) => void day.note(last.key, event.target.value)}
      />
    </label>
  );
}

/** What an athlete may change alone, and what is logged as such: easier, harder, another load, pain, leaving out, a note. */
export function ChangeSheet({ day, step, onOpen, onClose, onWrong }: FloorSheetsProps) {
  const { item } = step;
  const slot = slotOf(step);
  // Nothing heavier on what is restricted, and nothing for the growing without their coach.
  const isCareful =
    (day.session.isMinor ?? false) || (day.session.ceilings ?? []).some(({ region }) => item.regions.includes(region));
  const hurts = day.pains.some((pain) => item.regions.includes(pain.region) && pain.score > 0);
  const planned =
    day.session.plan.blocks.flatMap((block) => block.items).find(({ variant }) => variant === slot) ?? item;
  const ways = day.session.ways?.[slot];
  const isSwapped = step.insteadOf !== undefined;
  const left = openSets(day.steps, slot, day.done);
  const take = (to: PlanItem, why: ChangeReason) => {
    void day.change([{ kind: 'swap', slot, why, to }]);
    onClose();
  };
  const links: [string, () => void, ReactNode?][] = [
    ['It hurts', () => onOpen('pain')],
    ['Leave out', () => onOpen('leave out')],
    ['Something is wrong', onWrong, 'dizzy, chest, breath, head, a pop'],
  ];
  return (
    <Sheet title={item.name} onClose={onClose}>
      <p className="text-quiet">
        {left} {left === 1 ? 'set' : 'sets'} to come.
      </p>
      {isSwapped ? (
        <Way title="As it was planned" why="too easy" way={planned} none="" onTake={take} />
      ) : (
        <>
          <Way title="Too hard" why="too hard" way={ways?.easier ?? lighter(item)} none="" onTake={take} />
          <Way
            title="Too easy"
            why="too easy"
            way={hurts ? undefined : ways?.harder}
            none={hurts ? 'Nothing harder on what hurts.' : 'No harder one was sent. Say how many you had left.'}
            onTake={take}
          />
        </>
      )}
      {item.load?.kg !== undefined && (
        <OtherLoad
          item={planned}
          most={hurts || isCareful ? 1 : mostOver}
          onTake={(kg) => {
            void day.change([{ kind: 'load', slot, why: kg > (planned.load?.kg ?? 0) ? 'too easy' : 'too hard', kg }]);
            onClose();
          }}
        />
      )}
      {links.map(([words, open, also]) => (
        <button key={words} type="button" className={`${row} text-oxide`} onClick={open}>
          <span>
            <b>{words}</b>
            {also && <span className="block text-base text-quiet">{also}</span>}
          </span>
        </button>
      ))}
      <NoteField day={day} slot={slot} />
    </Sheet>
  );
}
