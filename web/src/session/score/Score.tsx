import {
  closestCenter,
  DndContext,
  type DragEndEvent,
  KeyboardSensor,
  PointerSensor,
  useSensor,
  useSensors,
} from '@dnd-kit/core';
import { SortableContext, sortableKeyboardCoordinates, verticalListSortingStrategy } from '@dnd-kit/sortable';
import type { AthleteSize } from '@tropaeum/core/body/segments';
import type { Context } from '@tropaeum/core/session/context/context';
import type { Draft } from '@tropaeum/core/session/draft/draft';
import { moveGroup } from '@tropaeum/core/session/editing/edit';
import type { Plan } from '@tropaeum/core/session/plan/plan-types';
import { balanceOf } from '@tropaeum/core/session/scoring/balance';
import { useMemo } from 'react';
import { clock } from '../../ui/words';
import { Balance } from '../panels/Balance';
import { Checks } from '../panels/Checks';
import { OptimalityGap } from '../panels/OptimalityGap';
import { WhyNot } from '../panels/WhyNot';
import { useWritten } from '../state/store';
import { PreventionFoot } from '../weave/InjuryPrevention';
import { WeaveFoot, WeaveHead } from '../weave/Weave';
import { WeaveNote } from '../weave/WeaveNote';
import { weaveColumn } from '../weave/weave-columns';
import { AddRow } from './AddRow';
import { GroupRows } from './ItemRow';
import { Strip } from './Strip';

/** Columns of the weave at the most: the movements the role asks most. */
const maxActions = 8;

/** What the beams show already needs no words while it is well. */
const shownAsBalance = (id: string) => id.startsWith('balance.') || id === 'sides' || id === 'planes';

interface ScoreProps {
  context: Context;
  draft: Draft;
  plan: Plan;
  size: AthleteSize;
  onNeed: (id: string) => void;
}

/** The session as a score: strip, rows, weave, and at the foot whether it adds up. */
export function Score({ context, draft, plan, size, onNeed }: ScoreProps) {
  const { selected, edit, select } = useWritten();
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 4 } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  );
  const needs = context.needs.performance.slice(0, maxActions);
  const margins = useMemo(() => balanceOf(context, draft), [context, draft]);
  const drop = ({ active, over }: DragEndEvent) => {
    if (over && active.id !== over.id) edit((d) => moveGroup(d, Number(active.id), Number(over.id), context.catalogue));
  };
  let pairs = 0;
  return (
    <>
      <div className="mt-3">
        <Strip
          plan={plan}
          selected={selected}
          onSelect={select}
          mayMove={(from, to) => from !== to && moveGroup(draft, from, to, context.catalogue) !== draft}
          onMove={(from, to) => edit((d) => moveGroup(d, from, to, context.catalogue))}
        />
      </div>
      <div className="flex items-end justify-end" aria-hidden="true">
        <WeaveHead needs={needs} column={weaveColumn} />
      </div>
      <DndContext sensors={sensors} collisionDetection={closestCenter} onDragEnd={drop}>
        <SortableContext items={draft.groups.map((_, g) => `${g}`)} strategy={verticalListSortingStrategy}>
          {draft.groups.map((group, g) => {
            const block = plan.blocks[g];
            if (!block) return null;
            if (group.choices.length > 1) pairs++;
            const letter = group.choices.length > 1 ? String.fromCharCode(64 + pairs) : undefined;
            return (
              <GroupRows
                key={group.choices.map((c) => c.variant).join('+')}
                index={g}
                group={group}
                block={block}
                first={draft.groups[g - 1]?.block !== group.block}
                letter={letter}
                needs={needs}
                guarded={context.needs.prevention}
                size={size}
                selected={selected}
              />
            );
          })}
        </SortableContext>
      </DndContext>
      <AddRow />
      <WhyNot context={context} />
      <div className="flex items-start justify-between gap-4 border-t-2 border-ink pt-2 pb-6">
        <div className="min-w-0">
          <p>
            <b className="dose text-base">{clock(plan.minutes.planned * 60)}</b> of {plan.minutes.budget} min
            <OptimalityGap context={context} draft={draft} />
          </p>
          <Balance margins={margins} />
          <div className="mt-1">
            <Checks checks={plan.checks.filter((c) => c.status !== 'ok' || !shownAsBalance(c.id))} />
          </div>
        </div>
        <div className="flex shrink-0 items-end">
          <WeaveFoot needs={needs} coverage={plan.coverage} column={weaveColumn} onNeed={onNeed} />
          <PreventionFoot needs={context.needs.prevention} prevention={plan.prevention} onNeed={onNeed} />
        </div>
      </div>
      <WeaveNote context={context} plan={plan} />
    </>
  );
}
