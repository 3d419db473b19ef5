import { describe, expect, it } from 'vitest';
import { meanOf, type Outcome, type Policy, train } from '../../test/simulated-training';

const athletes = 200;
const all = (policy: Policy) => Array.from({ length: athletes }, (_, i) => train(i + 1, policy));

describe('twelve weeks of athletes who do not exist', () => {
  const [proposals, fixed, none] = [all('proposals'), all('fixed'), all('none')] as const;
  /** How much less of something there is with proposals, athlete by athlete. */
  const less = (than: readonly Outcome[], what: (outcome: Outcome) => number) =>
    meanOf(proposals.map((outcome, i) => what(than[i] as Outcome) - what(outcome)));

  it('accepting every proposal raises what they can do, by more than the same again', () => {
    expect(meanOf(proposals.map(({ gain }) => gain)).low).toBeGreaterThan(0.08);
    expect(less(none, ({ gain }) => gain).high).toBeLessThan(0);
  });

  it('with fewer weeks in pain than a step every week, and than the same again whatever hurts', () => {
    expect(less(fixed, ({ soreWeeks }) => soreWeeks).low).toBeGreaterThan(0);
    expect(less(none, ({ soreWeeks }) => soreWeeks).low).toBeGreaterThan(0);
  });

  it('pain begins less often than with a step every week', () => {
    expect(less(fixed, ({ onsets }) => onsets).low).toBeGreaterThan(0);
  });
});
