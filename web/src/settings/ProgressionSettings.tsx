import type { Instead, ProgressRules } from '@tropaeum/core/progress/progress-rules';
import { mayStand, ruleValue } from '@tropaeum/core/progress/progress-rules';
import { decidedMoves, type Move } from '@tropaeum/core/progress/proposal';
import { type RuleKind, type RuleValue, ruleBook, ruleKinds, ruleValues } from '@tropaeum/core/progress/rule-book';
import { X } from 'lucide-react';
import { useState } from 'react';
import { ask } from '../api/client';
import { useMe } from '../api/queries';
import { useWork } from '../api/use-work';
import { moveLabel } from '../ui/MoveKeys';
import { Waiting } from '../ui/States';

const kindNames: Readonly<Record<RuleKind, string>> = {
  safety: 'Safety, before everything',
  pain: 'Pain',
  state: 'Illness, time away, the calendar',
  data: 'What the figures can carry',
  form: 'Form, and ceilings of the young',
  performance: 'Performance',
};

const valueNames = Object.keys(ruleValues) as RuleValue[];

/** Rules of progression of the club: their values, what the coach does instead, and every rule with its source. */
export function ProgressionSettings() {
  const { data: me } = useMe();
  const { work, problem } = useWork(['me'], ['desk'], ['returned']);
  const [before, setBefore] = useState<ProgressRules>();
  if (!me) return <Waiting what="Opening rules of progression" />;
  const rules = me.settings.progressRules ?? {};
  const put = (next: ProgressRules) => work('rules', () => ask('/progress-rules', 'PUT', next));
  const set = (next: ProgressRules) => {
    setBefore(rules);
    void put(next);
  };
  const setInstead = (rule: string, preferred: Instead | undefined) => {
    const { [rule]: _, ...others } = rules.instead ?? {};
    set({ ...rules, instead: preferred ? { ...others, [rule]: preferred } : others });
  };
  return (
    <div className="max-w-4xl">
      <p className="mt-1 text-quiet">
        What is proposed after each session, in this order: the first rule that speaks decides. Values and preferences
        apply to the whole club. Rules of safety, pain and form can be made stricter, never looser.
      </p>
      <div className="flex h-9 items-center gap-3">
        {before && (
          <button
            type="button"
            className="key h-7"
            onClick={() => {
              void put(before);
              setBefore(undefined);
            }}
          >
            Undo
          </button>
        )}
        <p role="alert" className="text-small text-oxide">
          {problem}
        </p>
      </div>
      <h2 className="label border-b border-stone pb-1">Values</h2>
      {valueNames.map((name) => (
        <ValueRow key={`${name} ${ruleValue(rules, name)}`} name={name} rules={rules} onSet={set} />
      ))}
      <h2 className="label mt-6 border-b border-stone pb-1">What you do instead</h2>
      <Preferences rules={rules} onSet={setInstead} />
      {ruleKinds.map((kind) => (
        <section key={kind} className="mt-6">
          <h2 className="label border-b border-stone pb-1">{kindNames[kind]}</h2>
          {Object.entries(ruleBook)
            .filter(([, rule]) => rule.kind === kind)
            .map(([id, { title, says, source }]) => (
              <div key={id} className="grid grid-cols-[13rem_1fr] gap-3 border-b border-edge py-1.5 text-[0.9rem]">
                <b>{title}</b>
                <span>
                  {says} <span className="text-quiet">{source}.</span>
                </span>
              </div>
            ))}
        </section>
      ))}
    </div>
  );
}

interface ValueRowProps {
  name: RuleValue;
  rules: ProgressRules;
  onSet: (rules: ProgressRules) => void;
}

/** One value with its limits; kept when the field is left. */
function ValueRow({ name, rules, onSet }: ValueRowProps) {
  const { says, usual, range, step, unit } = ruleValues[name];
  const now = ruleValue(rules, name);
  const [typed, setTyped] = useState(String(now));
  const read = Number(typed);
  const wrong = typed.trim() === '' || !(read >= range[0] && read <= range[1]);
  const keep = () => {
    if (!wrong && read !== now) onSet({ ...rules, values: { ...rules.values, [name]: read } });
  };
  return (
    <label className="grid grid-cols-[1fr_6rem_10rem] items-center gap-3 border-b border-edge py-1.5 text-[0.9rem]">
      <span>{says}</span>
      <input
        type="number"
        className="field text-right"
        min={range[0]}
        max={range[1]}
        step={step}
        value={typed}
        onChange={(event) => setTyped(event.target.value)}
        onBlur={keep}
        onKeyDown={(event) => event.key === 'Enter' && keep()}
      />
      <span className={wrong ? 'text-oxide' : 'text-quiet'} role={wrong ? 'alert' : undefined}>
        {wrong ? `${range[0]} to ${range[1]}` : `${unit}${now === usual ? '' : `, usually ${usual}`}`}
      </span>
    </label>
  );
}

/** Preferences that stand, and a line to add one. */
function Preferences({
  rules,
  onSet,
}: {
  rules: ProgressRules;
  onSet: (rule: string, preferred: Instead | undefined) => void;
}) {
  const [rule, setRule] = useState('');
  const [proposed, setProposed] = useState<Move>('up');
  const [decided, setDecided] = useState<Move>('same');
  const standing = Object.entries(rules.instead ?? {});
  const fits = rule !== '' && mayStand(rule, { proposed, decided });
  const moves = (label: string, value: Move, set: (move: Move) => void) => (
    <select aria-label={label} className="field w-28" value={value} onChange={(e) => set(e.target.value as Move)}>
      {decidedMoves.map((move) => (
        <option key={move} value={move}>
          {moveLabel(move)}
        </option>
      ))}
    </select>
  );
  return (
    <>
      {standing.length === 0 && (
        <p className="py-2 text-quiet">
          Nothing yet. After three decisions alike against a rule it is offered under Attention.
        </p>
      )}
      {standing.map(([id, preferred]) => (
        <p key={id} className="flex items-center justify-between gap-3 border-b border-edge py-1.5 text-[0.9rem]">
          <span>
            Where <b>{ruleBook[id]?.title ?? id}</b> proposes {moveLabel(preferred.proposed).toLowerCase()}:{' '}
            {moveLabel(preferred.decided).toLowerCase()}
          </span>
          <button
            type="button"
            className="key key-plain h-7"
            aria-label={`Remove the preference for ${ruleBook[id]?.title ?? id}`}
            onClick={() => onSet(id, undefined)}
          >
            <X size={15} />
          </button>
        </p>
      ))}
      <div className="flex flex-wrap items-center gap-2 py-2 text-[0.9rem]">
        Where
        <select aria-label="Rule" className="field w-56" value={rule} onChange={(e) => setRule(e.target.value)}>
          <option value="">choose a rule</option>
          {Object.entries(ruleBook).map(([id, { title }]) => (
            <option key={id} value={id}>
              {title}
            </option>
          ))}
        </select>
        proposes {moves('Proposed', proposed, setProposed)} do {moves('Instead', decided, setDecided)}
        <button type="button" className="key h-7" disabled={!fits} onClick={() => onSet(rule, { proposed, decided })}>
          Add
        </button>
        {rule !== '' && !fits && (
          <span role="alert" className="text-oxide">
            {proposed === decided ? 'The same as proposed.' : 'Not looser than a rule of safety, pain or form.'}
          </span>
        )}
      </div>
    </>
  );
}
