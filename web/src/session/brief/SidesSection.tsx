import type { RepetitionTest } from '@tropaeum/core/athlete/athlete';
import { evenFrom } from '@tropaeum/core/capacity/test-trend';
import { catalogueOf } from '@tropaeum/core/exercise/catalogue/catalogue';
import { asymmetriesOf } from '@tropaeum/core/sport/asymmetry';
import { X } from 'lucide-react';
import { useState } from 'react';
import { type PartProps, Section } from '../../ui/Section';

/** One-sided work that anybody can count at home. */
const testable = ['single-leg-calf-raise', 'single-leg-bridge', 'single-leg-chair-squat', 'side-lying-leg-raise'];

/** Repetitions to form failure on each side: a side that does less asks for more. */
export function SidesSection({ brief, change }: PartProps) {
  const { athlete, date, own } = brief;
  const catalogue = catalogueOf(own);
  const nameOf = (id: string) => catalogue.byId(id)?.name ?? id;
  const tests = athlete.tests ?? [];
  const sided = [...new Set(tests.filter((t) => t.side).map((t) => t.variant))];
  const uneven = asymmetriesOf(athlete, catalogue);
  const [variant, setVariant] = useState(testable[0] as string);
  const [counts, setCounts] = useState({ left: '', right: '' });
  const set = (next: RepetitionTest[]) => change({ athlete: { ...athlete, tests: next } });
  const whole = (text: string) => /^\d{1,3}$/.test(text) && Number(text) <= 300;
  const ready = whole(counts.left) && whole(counts.right);
  const add = () => {
    if (!ready) return;
    const done = (['left', 'right'] as const).map((side) => ({
      variant,
      maxReps: Number(counts[side]),
      on: date,
      side,
    }));
    // The same test of the same day is typed anew, not added.
    set([...tests.filter((t) => t.variant !== variant || t.on !== date || !t.side), ...done]);
    setCounts({ left: '', right: '' });
  };
  const latest = (id: string, side: 'left' | 'right') =>
    tests
      .filter((t) => t.variant === id && t.side === side)
      .sort((a, b) => (a.on ?? '').localeCompare(b.on ?? ''))
      .at(-1)?.maxReps;
  return (
    <Section title="Left and right">
      {sided.map((id) => {
        const index = uneven.find((u) => u.test === id);
        return (
          <div key={id} className="flex items-start justify-between gap-2 text-[0.86rem]">
            <span>
              {nameOf(id)}: <b className="dose">{latest(id, 'left') ?? '–'}</b> left,{' '}
              <b className="dose">{latest(id, 'right') ?? '–'}</b> right
              {index && (
                <span className="block text-[0.78rem] text-oxide">
                  {index.weaker} does {Math.round(index.index * 100)} %, {Math.round(evenFrom * 100)} % is the target
                </span>
              )}
            </span>
            <button
              type="button"
              aria-label={`Delete the tests of ${nameOf(id)}`}
              onClick={() => set(tests.filter((t) => t.variant !== id || !t.side))}
            >
              <X size={13} />
            </button>
          </div>
        );
      })}
      <form
        className="mt-1 space-y-1"
        onSubmit={(e) => {
          e.preventDefault();
          add();
        }}
      >
        <select aria-label="Test" className="field h-7" value={variant} onChange={(e) => setVariant(e.target.value)}>
          {testable.map((id) => (
            <option key={id} value={id}>
              {nameOf(id)}
            </option>
          ))}
        </select>
        <div className="grid grid-cols-[1fr_1fr_auto] gap-1">
          {(['left', 'right'] as const).map((side) => (
            <input
              key={side}
              aria-label={`Repetitions ${side}`}
              inputMode="numeric"
              placeholder={side}
              className="field h-7 px-1.5"
              value={counts[side]}
              onChange={(e) => setCounts((c) => ({ ...c, [side]: e.target.value.trim() }))}
            />
          ))}
          <button type="submit" className="key h-7 px-2" disabled={!ready}>
            Save
          </button>
        </div>
      </form>
    </Section>
  );
}
