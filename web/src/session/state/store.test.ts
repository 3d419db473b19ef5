import { parseDose } from '@tropaeum/core/dose/notation';
import type { Brief } from '@tropaeum/core/session/brief/brief';
import type { Composition } from '@tropaeum/core/session/composer/compose';
import type { Draft } from '@tropaeum/core/session/draft/draft';
import { pin, remove } from '@tropaeum/core/session/editing/edit';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { plainBrief } from '../../../../core/test/briefs';

const asked: Brief[] = [];
let addition: Awaited<ReturnType<typeof import('../../workers/composing').additionInWorker>>;
let answer: (brief: Brief, stop: AbortSignal) => Promise<Composition>;

vi.mock('../../workers/composing', () => ({
  prepare: () => undefined,
  warm: () => undefined,
  additionInWorker: async () => addition,
  composeInWorker: (brief: Brief, stop: AbortSignal) => {
    asked.push(brief);
    return answer(brief, stop);
  },
}));

const { proofOf, useSession } = await import('./store');

const draft: Draft = {
  groups: ['push-up', 'squat', 'side-plank'].map((variant) => ({
    block: 'strength',
    format: 'straight',
    roundRestSeconds: 0,
    choices: [{ variant, dose: parseDose('3x8 r60'), pinned: false }],
  })),
};
const composed: Composition = { draft, proof: { objective: 0.8, bound: 0.81, gap: 0.0123 } };
const session = () => useSession.getState();

beforeEach(() => {
  asked.length = 0;
  answer = async () => composed;
  session().open('athlete', plainBrief());
});

describe('session being written', () => {
  it('composes, and undo goes back to the empty page', async () => {
    await session().compose();
    expect(session().draft).toBe(draft);
    session().undo();
    expect(session().draft).toBeUndefined();
    session().redo();
    expect(session().draft).toBe(draft);
  });

  it('every edit can be taken back one by one to the start, and redone', async () => {
    await session().compose();
    const states = [session().draft];
    for (let i = 0; i < 3; i++) {
      session().edit((d) => pin(d, { group: i, choice: 0 }, true));
      states.push(session().draft);
    }
    session().edit((d) => remove(d, { group: 0, choice: 0 }));
    for (const state of [...states].reverse()) {
      session().undo();
      expect(session().draft).toEqual(state);
    }
    for (const state of states.slice(1)) {
      session().redo();
      expect(session().draft).toEqual(state);
    }
  });

  it('an edit after undo forgets what was undone', async () => {
    await session().compose();
    session().edit((d) => remove(d, { group: 0, choice: 0 }));
    session().undo();
    session().edit((d) => pin(d, { group: 0, choice: 0 }, true));
    expect(session().future).toEqual([]);
  });

  it('an edit that changes nothing is no step', async () => {
    await session().compose();
    const { past } = session();
    session().edit((d) => d);
    expect(session().past).toBe(past);
  });

  it('a changed brief takes the proof away and undo gives both back', async () => {
    await session().compose();
    session().changeBrief({ minutes: 45 });
    expect([session().bound, session().brief.minutes]).toEqual([undefined, 45]);
    session().undo();
    expect([session().bound, session().brief.minutes]).toEqual([0.81, 30]);
  });

  it('composes round what is pinned, with its dose', async () => {
    await session().compose();
    session().edit((d) => pin(d, { group: 1, choice: 0 }, true));
    await session().compose();
    expect(asked.at(-1)?.lock.include).toEqual(['squat']);
    expect(asked.at(-1)?.lock.doses).toEqual({ squat: '3x8 r60' });
  });

  it('a refusal leaves the session unchanged', async () => {
    await session().compose();
    answer = async () => ({ refused: { reason: 'no', relax: ['minutes'] } });
    await session().compose();
    expect(session().draft).toBe(draft);
    expect(session().refused?.relax).toEqual(['minutes']);
  });

  it('can be stopped; what comes late is not taken', async () => {
    let late: (c: Composition) => void = () => undefined;
    answer = () => new Promise((resolve) => (late = resolve));
    const running = session().compose();
    expect(session().composing).toBeDefined();
    session().stop();
    late(composed);
    await running;
    expect(session().composing).toBeUndefined();
    expect(session().draft).toBeUndefined();
  });

  it('a solver that breaks off says so and loses nothing', async () => {
    await session().compose();
    answer = () => Promise.reject(new Error('memory'));
    await session().compose();
    expect(session().problem).toContain('unchanged');
    expect(session().draft).toBe(draft);
  });
});

describe('proof', () => {
  it('is the worth against the bound that still holds', () => {
    expect(proofOf(0.76, 0.8)).toMatchObject({ bound: 0.8 });
    expect(proofOf(0.76, 0.8)?.gap).toBeCloseTo(0.05, 9);
    expect(proofOf(0.76, undefined)).toBeUndefined();
  });

  it('an exercise that is named goes where it belongs; before composing it is pinned, and composing goes round it', async () => {
    const choice = { variant: 'push-up', dose: parseDose('2x8 r60'), pinned: false };
    addition = {
      block: 'strength',
      offered: { variant: 'push-up', name: 'Push-up', choice, difference: 0.1, overSeconds: 0 },
    };
    await session().addNamed('push-up');
    expect(session().draft?.groups).toMatchObject([
      { block: 'strength', choices: [{ variant: 'push-up', pinned: true }] },
    ]);
    await session().compose();
    expect(asked.at(-1)?.lock.include).toEqual(['push-up']);
    await session().addNamed('push-up');
    expect(session().draft?.groups.at(-1)?.choices[0]?.pinned).toBe(false);
    session().undo();
    expect(session().draft).toBe(draft);
  });

  it('an exercise that cannot be done changes nothing and says why', async () => {
    addition = { reasons: ['Needs a partner.'] };
    await session().compose();
    await session().addNamed('partner-leg-curl');
    expect(session().draft).toBe(draft);
    expect(session().said).toBe('Partner-resisted hamstring curl: Needs a partner.');
  });
});
