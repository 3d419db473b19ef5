import { describe, expect, it } from 'vitest';
import { plainBrief } from '../../../test/briefs';
import { parseDose } from '../../dose/notation';
import { variantById } from '../../exercise/library/library';
import { blockOrder } from '../context/block-bounds';
import { contextOf } from '../context/context';
import { type Choice, choicesOf, type Draft, roundsOf } from '../draft/draft';
import { planOf } from '../plan/plan';
import { workByQuality } from '../plan/work-by-quality';
import { scoreOfDraft } from '../scoring/score';
import { groupSeconds } from '../scoring/scored-group';
import { add, choiceAt, moveGroup, pairWithNext, pin, remove, setDose, split, swap } from './edit';
import { additionsTo, alternativesTo, minWorth } from './substitutes';

const choice = (variant: string, dose: string): Choice => ({ variant, dose: parseDose(dose), pinned: false });

const draft: Draft = {
  groups: [
    { block: 'raise', format: 'straight', roundRestSeconds: 0, choices: [choice('march-on-the-spot', '1x60s!')] },
    {
      block: 'strength',
      format: 'pairs',
      roundRestSeconds: 30,
      choices: [choice('push-up', '3x10 2-0-1 r10'), choice('split-squat', '3x8/side 3-1-1')],
    },
    { block: 'strength', format: 'straight', roundRestSeconds: 0, choices: [choice('bent-row', '3x12 2-1-1 r60')] },
    {
      block: 'strength',
      format: 'straight',
      roundRestSeconds: 0,
      choices: [choice('single-leg-calf-raise', '3x10/side 2-1-2 r60')],
    },
    { block: 'cool-down', format: 'straight', roundRestSeconds: 0, choices: [choice('long-sitting-reach', '1x30s')] },
  ],
};
const at = { group: 1, choice: 0 };
const ids = (d: Draft) => choicesOf(d).map((c) => c.variant);

describe('editing a draft', () => {
  it('leaves the draft it was given alone', () => {
    const before = JSON.stringify(draft);
    setDose(draft, at, parseDose('4x6'));
    remove(draft, at);
    pin(draft, at, true);
    moveGroup(draft, 2, 3);
    expect(JSON.stringify(draft)).toBe(before);
  });

  it('a dose typed on one of a pair gives its partner as many sets', () => {
    const edited = setDose(draft, at, parseDose('4x6'));
    expect(edited.groups[1]?.choices.map((c) => c.dose.sets)).toEqual([4, 4]);
    expect(roundsOf(edited.groups[1] as Draft['groups'][number])).toBe(4);
  });

  it('a removed partner leaves the other alone with its own rest', () => {
    const edited = remove(draft, at);
    expect(edited.groups[1]).toMatchObject({
      format: 'straight',
      roundRestSeconds: 0,
      choices: [{ variant: 'split-squat', dose: { restSeconds: 45 } }],
    });
    expect(remove(draft, { group: 0, choice: 0 }).groups).toHaveLength(4);
  });

  it('swaps and pins in place', () => {
    const edited = pin(swap(draft, at, choice('push-up-knees', '3x10')), at, true);
    expect(choiceAt(edited, at)).toMatchObject({ variant: 'push-up-knees', pinned: true });
  });

  it('moves groups only inside their block', () => {
    expect(ids(moveGroup(draft, 3, 1))).toEqual([
      'march-on-the-spot',
      'single-leg-calf-raise',
      'push-up',
      'split-squat',
      'bent-row',
      'long-sitting-reach',
    ]);
    expect(moveGroup(draft, 3, 0)).toBe(draft);
    expect(moveGroup(draft, 9, 1)).toBe(draft);
  });

  it('moves a group into another block only where all of it may stand there', () => {
    const library = { byId: variantById };
    const withTrunk: Draft = {
      groups: [
        ...draft.groups.slice(0, 4),
        { block: 'prevention', format: 'straight', roundRestSeconds: 0, choices: [choice('side-plank', '2x30s/side')] },
        ...draft.groups.slice(4),
      ],
    };
    const calf = moveGroup(withTrunk, 3, 4, library);
    expect(calf.groups.map((g) => g.block)).toEqual([
      'raise',
      'strength',
      'strength',
      'prevention',
      'prevention',
      'cool-down',
    ]);
    expect(ids(calf).slice(-3)).toEqual(['side-plank', 'single-leg-calf-raise', 'long-sitting-reach']);
    expect(moveGroup(withTrunk, 1, 4, library)).toBe(withTrunk);
    expect(moveGroup(withTrunk, 3, 0, library)).toBe(withTrunk);
  });

  it('adds where the block belongs', () => {
    const edited = add(draft, 'trunk', choice('side-plank', '2x25s/side'), blockOrder('first'));
    expect(ids(edited).indexOf('side-plank')).toBe(ids(edited).indexOf('long-sitting-reach') - 1);
  });

  it('takes a pair apart, and pairs what saves time by it', () => {
    const apart = split(draft, 1);
    expect(apart.groups).toHaveLength(6);
    const together = pairWithNext(draft, 2);
    expect(together.groups[2]).toMatchObject({
      format: 'pairs',
      choices: [{ variant: 'bent-row' }, { variant: 'single-leg-calf-raise' }],
    });
    const seconds = (d: Draft) => d.groups.reduce((s, g) => s + groupSeconds(g), 0);
    expect(seconds(together)).toBeLessThan(seconds(draft));
    expect(pairWithNext(draft, 0)).toBe(draft);
  });
});

describe('alternatives', () => {
  const context = contextOf(plainBrief());

  it('come ranked with what they cost, from other families only', () => {
    const found = alternativesTo(context, draft, at);
    expect(found.length).toBeGreaterThan(3);
    const fitting = found.filter((a) => a.overSeconds === 0);
    expect(found.slice(0, fitting.length)).toEqual(fitting);
    const differences = fitting.map((a) => a.difference);
    expect([...differences].sort((a, b) => b - a)).toEqual(differences);
    const used = new Set(['split-squat', 'row', 'calf-raise', 'march', 'stretch-hold']);
    expect(found.filter((a) => used.has(a.variant.family))).toEqual([]);
  });

  it('say truly what the session is worth after the swap', () => {
    const [best] = alternativesTo(context, draft, at);
    if (!best) throw new Error('nothing offered');
    const now = scoreOfDraft(context, draft);
    expect((scoreOfDraft(context, swap(draft, at, best.choice)) - now) / Math.max(now, minWorth)).toBeCloseTo(
      best.difference,
      9,
    );
  });

  it('say by how much a longer one runs over the minutes', () => {
    const tight = contextOf(plainBrief({ minutes: 12 }));
    const over = alternativesTo(tight, draft, at).filter((a) => a.overSeconds > 0);
    expect(over.length).toBeGreaterThan(0);
    for (const a of over) {
      const seconds = swap(draft, at, a.choice).groups.reduce((s, g) => s + groupSeconds(g), 0);
      expect(seconds - 12 * 60).toBeCloseTo(a.overSeconds, 6);
    }
  });

  it('offer what fits a block and is not there yet', () => {
    const found = additionsTo(context, draft, 'trunk', blockOrder('first'));
    expect(found.map((a) => a.variant.id)).toContain('side-plank');
    expect(found.every((a) => a.variant.blocks.includes('trunk'))).toBe(true);
  });
});

describe('plan of an edited draft', () => {
  const context = contextOf(plainBrief());
  const status = (d: Draft, id: string) => planOf(context, d).checks.find((c) => c.id === id)?.status;

  it('warns of too long, one-sided and unbalanced work', () => {
    expect(status(setDose(draft, at, parseDose('9x20 4-1-4 r120')), 'time')).toBe('warn');
    expect(status(setDose(draft, { group: 3, choice: 0 }, parseDose('3x10 2-1-2 r60')), 'sides')).toBe('warn');
    expect(status({ groups: draft.groups.filter((_, g) => g !== 2) }, 'balance.push-pull')).toBe('warn');
  });

  it('stops what this athlete cannot do here', () => {
    const impossible = swap(draft, at, choice('pull-up', '3x5'));
    expect(status(impossible, 'kit')).toBe('stop');
  });

  it('its work by quality is the whole of its minutes', () => {
    const plan = planOf(context, draft);
    const work = workByQuality(plan);
    const whole = Object.values(work).reduce((s, minutes) => s + minutes, 0);
    expect(Math.abs(whole - plan.minutes.planned)).toBeLessThan(0.06);
    expect(work.strength).toBeGreaterThan(work.preparation);
    expect([work.power, work.trunk]).toEqual([0, 0]);
  });

  it('has exactly one dose an item', () => {
    for (const item of planOf(context, draft).blocks.flatMap((b) => b.items)) {
      const doses = [item.reps, item.holdSeconds, item.workSeconds, item.breaths, item.contacts, item.metres].filter(
        (d) => d !== undefined,
      );
      expect(doses).toHaveLength(1);
    }
  });
});
