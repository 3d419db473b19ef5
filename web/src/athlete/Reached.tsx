import type { TestResult } from '@tropaeum/core/athlete/performance-record';
import { type HomeTest, reachesIn, sidesOf } from '@tropaeum/core/capacity/battery';
import { trendOf } from '@tropaeum/core/capacity/test-trend';
import { useState } from 'react';

/** What was typed of each test and side: results that can be kept, or that something is none. */
export type ReachedNow = { results: Omit<TestResult, 'on'>[]; wrong: boolean };

const centimetres = (text = '') => Number(text.trim().replace(',', '.'));
const isRight = ({ range: [least, most] }: HomeTest, text?: string) =>
  centimetres(text) >= least && centimetres(text) <= most;

interface ReachedProps {
  /** Exercises that were done. */
  done: readonly string[];
  before: readonly TestResult[];
  onReached: (now: ReachedNow) => void;
}

/** One value that can be typed: a test, and the side of it where each is measured. */
interface Reach {
  test: HomeTest;
  side?: 'left' | 'right';
  key: string;
}
const reachesOf = (test: HomeTest): Reach[] =>
  sidesOf(test).map((side) => ({ test, key: `${test.id} ${side ?? ''}`, ...(side ? { side } : {}) }));

/** How far it went in exercises that go as far as one can: asked for, never wanted. */
export default function Reached({ done, before, onReached }: ReachedProps) {
  const [typed, setTyped] = useState<Record<string, string>>({});
  const tests = reachesIn(done);
  const change = (key: string, text: string) => {
    const all = { ...typed, [key]: text };
    setTyped(all);
    const given = tests.flatMap(reachesOf).filter((one) => all[one.key]?.trim());
    onReached({
      wrong: given.some((one) => !isRight(one.test, all[one.key])),
      results: given.map(({ test, side, key: of }) => ({
        ...{ test: test.id, value: centimetres(all[of]) },
        ...(side ? { side } : {}),
      })),
    });
  };
  if (tests.length === 0) return null;
  return (
    <section aria-label="How far did you reach?">
      <p className="label mt-6 text-[0.85rem]">How far did you reach? If you measured it</p>
      {tests.map((test) => {
        const [least, most] = test.range;
        const isWrong = reachesOf(test).some(({ key }) => typed[key]?.trim() && !isRight(test, typed[key]));
        return (
          <fieldset key={test.id} className="mt-2">
            <legend className="text-lg">{test.name}, cm</legend>
            <details className="text-quiet">
              <summary className="flex min-h-11 cursor-pointer items-center underline">How to measure</summary>
              {test.steps.at(-1)} {test.caution}
            </details>
            <div className="flex flex-wrap gap-4">
              {reachesOf(test).map(({ side, key }) => {
                const last = trendOf(test.id, before, side)?.latest.value;
                return (
                  <label key={key} className="flex items-center gap-2 text-lg">
                    {side ?? <span className="sr-only">{test.name}</span>}
                    <input
                      className="field h-12 w-20 text-xl"
                      inputMode="decimal"
                      value={typed[key] ?? ''}
                      onChange={(event) => change(key, event.target.value)}
                    />
                    {last !== undefined && <span className="text-base text-quiet">last {last}</span>}
                  </label>
                );
              })}
            </div>
            {isWrong && (
              <p role="alert" className="mt-1 text-oxide">
                Centimetres, {least} to {most}
              </p>
            )}
          </fieldset>
        );
      })}
    </section>
  );
}
