import type { Context } from '@tropaeum/core/session/context/context';
import type { Coverage, Plan } from '@tropaeum/core/session/plan/plan-types';
import { type ActionNeed, moveTo } from '@tropaeum/core/sport/needs';
import { useEffect, useState } from 'react';
import { Link } from 'react-router';
import { useClubSports } from '../../demands/club-sports';
import { Points } from '../../demands/Points';
import { capital } from '../../ui/words';
import { changeRole, isCurrent } from '../state/keep-sport';
import { useWritten } from '../state/store';
import { AnswerList, type Need } from './AnswerList';

/** The whole role's say in a movement; a change here is the club's. */
function RoleSays({ need, context }: { need: ActionNeed; context: Context }) {
  const club = useClubSports().data;
  const { role, id } = context.brief.sport;
  const importance = need.action.asked[role] ?? { often: 0, decisive: 0 };
  const roleName = context.sport.roles.find((r) => r.id === role)?.name.toLowerCase() ?? '';
  if (!club || !isCurrent(context.brief, club))
    return (
      <p className="mt-2 text-[0.8rem] text-quiet">
        Planned with an earlier version of the {context.sport.name.toLowerCase()} profile. Role changes apply from a new
        day on.
      </p>
    );
  return (
    <div className="mt-2 border-t border-edge pt-1 text-[0.82rem]">
      <p>
        For every {roleName}{' '}
        <Link className="text-quiet underline" to={`/demands/${id}?role=${role}`}>
          all demands
        </Link>
      </p>
      {(['often', 'decisive'] as const).map((key) => (
        <div key={key} className="flex items-center justify-between">
          <span className="text-quiet">{key}</span>
          <Points
            value={importance[key]}
            least={1}
            name={`${capital(key)} for every ${roleName}: ${need.name}`}
            onValue={(value) => changeRole(need.id, role, { ...importance, [key]: value })}
          />
        </div>
      ))}
    </div>
  );
}

const maxShare = 60;

function Opened({ need, column, context }: { need: Need; column: readonly Need[]; context: Context }) {
  const { changeBrief, brief } = useWritten();
  const moved = brief.sport.moved ?? {};
  const change = (next: Record<string, number>) => changeBrief({ sport: { ...brief.sport, moved: next } });
  const [asked, setAsked] = useState<number>();
  const shown = asked ?? Math.round(need.share * 100);
  const keep = () => {
    if (asked !== undefined && asked !== Math.round(need.share * 100))
      change({ ...moveTo(column, need.id, asked / 100, moved) });
    setAsked(undefined);
  };
  return (
    <div className="bg-lit px-2 pt-1 pb-2">
      {need.kind === 'risk' && <p className="text-[0.82rem] leading-snug">{capital(need.risk.why)}.</p>}
      {need.kind === 'opposite' && <p className="text-[0.82rem] leading-snug">Against {need.overuse.tooMuch}.</p>}
      <ul className="text-[0.82rem]">
        {need.reasons.map((r) => (
          <li key={r.text} className="flex justify-between gap-2">
            {r.text} {r.factor !== 1 && <span className="dose text-[0.76rem]">×{r.factor}</span>}
          </li>
        ))}
        {need.reasons.length === 0 && <li className="text-quiet">Standard for the sport.</li>}
        {need.kind === 'risk' && <li className="mt-0.5 text-[0.74rem] text-quiet">{need.risk.source}</li>}
      </ul>
      <div className="mt-1.5 text-[0.82rem]">
        <div className="flex justify-between" aria-hidden={need.moved === undefined}>
          <span aria-hidden="true">Target here</span>
          <span>
            <b className="dose">{shown} %</b>
            {need.moved !== undefined && (
              <button
                type="button"
                className="ml-2 text-quiet underline"
                onClick={() => change(Object.fromEntries(Object.entries(moved).filter(([id]) => id !== need.id)))}
              >
                reset
              </button>
            )}
          </span>
        </div>
        <input
          type="range"
          min={1}
          max={maxShare}
          value={Math.min(shown, maxShare)}
          aria-label={`Target for ${need.name}, percent`}
          className="w-full accent-[var(--bronze)]"
          onChange={(e) => setAsked(Number(e.target.value))}
          onPointerUp={keep}
          onKeyUp={keep}
          onBlur={keep}
        />
      </div>
      {need.kind === 'action' && <RoleSays need={need} context={context} />}
      <AnswerList need={need} />
    </div>
  );
}

interface ColumnProps {
  title: string;
  needs: readonly Need[];
  coverage: readonly Coverage[];
  opened: string | undefined;
  onOpen: (id: string | undefined) => void;
  context: Context;
}

function Column({ title, needs, coverage, opened, onOpen, context }: ColumnProps) {
  const most = Math.max(...needs.map((n) => n.share), 0.01);
  return (
    <section className="px-3 pt-3">
      <h3 className="label flex justify-between border-b border-stone pb-0.5">
        {title} <span className="tracking-normal normal-case">target · covered</span>
      </h3>
      {[...needs]
        .sort((a, b) => b.share - a.share)
        .map((need) => {
          const covered = coverage.find((c) => c.action === need.id)?.covered;
          const changed = need.moved !== undefined || need.reasons.some((r) => r.factor !== 1);
          return (
            <div key={need.id} className="border-b border-edge">
              <button
                type="button"
                data-need={need.id}
                aria-expanded={opened === need.id}
                className="flex w-full cursor-pointer items-center gap-2 py-1 text-left text-[0.86rem] hover:bg-lit"
                onClick={() => onOpen(opened === need.id ? undefined : need.id)}
              >
                <span className="min-w-0 flex-1">
                  <span className="block truncate leading-tight">
                    {capital(need.name)}
                    {changed && (
                      <span
                        className="ml-1 text-bronze"
                        title={need.moved === undefined ? need.reasons.map((r) => r.text).join('; ') : 'set by you'}
                      >
                        {need.moved === undefined ? '*' : '✎'}
                      </span>
                    )}
                  </span>
                  <span className="mt-0.5 block h-1.5 bg-edge">
                    <span
                      className={`block h-full ${need.kind === 'action' ? 'bg-ink' : 'bg-laurel'}`}
                      style={{ width: `${(need.share / most) * 100}%` }}
                    />
                  </span>
                </span>
                <span className="dose w-16 text-right text-[0.78rem]">
                  {Math.round(need.share * 100)}
                  <span className={covered !== undefined && covered < 0.3 ? 'font-bold text-oxide' : 'text-quiet'}>
                    {covered === undefined ? '' : ` · ${Math.round(covered * 100)}`}
                  </span>
                </span>
              </button>
              {opened === need.id && <Opened need={need} column={needs} context={context} />}
            </div>
          );
        })}
    </section>
  );
}

interface NeedsPanelProps {
  context: Context;
  plan: Plan | undefined;
  opened: string | undefined;
  onOpen: (id: string | undefined) => void;
}

/** What this athlete needs and why, in two columns that are never added up; the coach can move each. */
export function TargetsPanel({ context, plan, opened, onOpen }: NeedsPanelProps) {
  useEffect(() => {
    if (opened) document.querySelector(`[data-need="${opened}"]`)?.scrollIntoView({ block: 'nearest' });
  }, [opened]);
  const shared = { opened, onOpen, context };
  return (
    <div className="pb-6">
      <Column title="Performance, %" needs={context.needs.performance} coverage={plan?.coverage ?? []} {...shared} />
      <Column
        title="Injury prevention, %"
        needs={context.needs.prevention}
        coverage={plan?.prevention ?? []}
        {...shared}
      />
    </div>
  );
}
