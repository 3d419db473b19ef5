import { parseDose } from '@tropaeum/core/dose/notation';
import type { Brief } from '@tropaeum/core/session/brief/brief';
import type { Draft } from '@tropaeum/core/session/draft/draft';
import { setImportance } from '@tropaeum/core/sport/edit';
import { askedOf, type SportProfile } from '@tropaeum/core/sport/profile';
import { sportById } from '@tropaeum/core/sport/sports';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { plainBrief } from '../../../core/test/briefs';
import { ApiError } from '../api/client';

interface Sent {
  path: string;
  method: string;
  body: { profile: SportProfile; revision: number } | undefined;
}
const sent: Sent[] = [];
/** What the server has, by sport. */
let kept: Record<string, { profile: SportProfile; revision: number; removed: boolean }> = {};
let refuse: ApiError | undefined;

function server({ method, path, body }: Sent): unknown {
  const id = path.split('/').at(-1) ?? '';
  if (method === 'GET') return { sports: Object.values(kept) };
  if (refuse) throw refuse;
  if (method === 'DELETE') {
    delete kept[id];
    return undefined;
  }
  const revision = (kept[id]?.revision ?? 0) + 1;
  // The database gives fields back in an order of its own.
  const { format: _, ...fields } = { format: '', ...body?.profile };
  const profile = Object.fromEntries(Object.entries(fields).reverse()) as unknown as SportProfile;
  kept[id] = { profile, revision, removed: false };
  return { revision };
}

vi.mock('../workers/composing', () => ({ prepare: () => undefined, warm: () => undefined }));
vi.mock('../api/client', async (original) => ({
  ...(await original<object>()),
  ask: async (path: string, method = 'GET', body: unknown = undefined) => {
    const call = { path, method, body } as Sent;
    if (method !== 'GET' && path.startsWith('/sports')) sent.push(call);
    return path.startsWith('/sports') ? server(call) : {};
  },
}));

const { queryClient } = await import('../api/queries');
const { everythingSaved } = await import('../saving/registry');
const { changeSport, clubSports, clubSportsNow, dropSport, sportIn, sportsIn } = await import('./club-sports');
const { useDemands } = await import('./store');
const { useSession } = await import('../session/state/store');
const { changeRole, isCurrent } = await import('../session/state/keep-sport');

const handball = sportById('handball') as SportProfile;
const fewer = setImportance(handball, 'throw', 'back', { often: 1, decisive: 1 });
const calls = () => sent.map(({ method, path }) => `${method} ${path}`);
const later = async () => {
  await vi.advanceTimersByTimeAsync(700);
  await everythingSaved();
};
const throwOf = (profile: SportProfile | undefined) =>
  profile && askedOf(profile, 'back').find((a) => a.action.id === 'throw')?.asked;

beforeEach(async () => {
  vi.useFakeTimers();
  sent.length = 0;
  kept = {};
  refuse = undefined;
  queryClient.clear();
  await clubSports();
  useDemands.setState({ profile: undefined, past: [], future: [] });
});
afterEach(async () => {
  await later();
  vi.useRealTimers();
});

describe('a sport that is changed', () => {
  it('is known to the page at once and saved once a little later', async () => {
    useDemands.getState().show(handball);
    useDemands.getState().edit(() => fewer);
    useDemands.getState().edit((p) => setImportance(p, 'duel', 'back', { often: 5, decisive: 5 }));
    expect(throwOf(sportIn(clubSportsNow(), 'handball'))).toBeLessThan(throwOf(handball) as number);
    expect(sent).toEqual([]);
    await later();
    expect(calls()).toEqual(['PUT /sports/handball']);
    expect(sent[0]?.body?.revision).toBe(0);
  });

  it('is forgotten by the server when undo brings back what is shipped', async () => {
    useDemands.getState().show(handball);
    useDemands.getState().edit(() => fewer);
    await later();
    useDemands.getState().undo();
    await later();
    expect(calls()).toEqual(['PUT /sports/handball', 'DELETE /sports/handball']);
    expect(kept).toEqual({});
    useDemands.getState().redo();
    await later();
    expect(sent.at(-1)).toMatchObject({ method: 'PUT', body: { revision: 0 } });
  });

  it('says which revision it has seen when it is saved again', async () => {
    changeSport(fewer);
    await later();
    changeSport(setImportance(fewer, 'duel', 'back', { often: 5, decisive: 5 }));
    await later();
    expect(sent.map((s) => s.body?.revision)).toEqual([0, 1]);
  });

  it('keeps its undo when it is shown again as the database gives it back', async () => {
    useDemands.getState().show(handball);
    useDemands.getState().edit(() => fewer);
    await later();
    await queryClient.invalidateQueries({ queryKey: ['sports'] });
    queryClient.removeQueries({ queryKey: ['sports'] });
    const read = await clubSports();
    useDemands.getState().show(sportIn(read, 'handball') as SportProfile);
    expect(useDemands.getState().past).toHaveLength(1);
  });

  it('that is refused is not tried again', async () => {
    refuse = new ApiError(422, 'Some fields are not right.', [{ path: 'roles', message: 'must keep "back"' }]);
    changeSport(fewer);
    await later();
    await vi.advanceTimersByTimeAsync(60_000);
    expect(calls()).toEqual(['PUT /sports/handball']);
  });

  it('that could not be sent is sent again', async () => {
    refuse = new ApiError(0, 'The server cannot be reached.', []);
    changeSport(fewer);
    await vi.advanceTimersByTimeAsync(700);
    refuse = undefined;
    await vi.advanceTimersByTimeAsync(5000);
    expect(calls()).toEqual(['PUT /sports/handball', 'PUT /sports/handball']);
    expect(kept.handball?.revision).toBe(1);
  });

  it('of the club’s own stands among the shipped ones until it is taken off the list', async () => {
    const beach = { ...handball, id: 'beach-handball', name: 'Beach handball' };
    changeSport(beach);
    await later();
    expect(sportsIn(clubSportsNow()).map((s) => s.id)).toContain('beach-handball');
    expect(sportsIn(clubSportsNow())).toHaveLength(31);
    await dropSport('beach-handball');
    expect(calls().at(-1)).toBe('DELETE /sports/beach-handball');
  });
});

describe('a role changed from within a session', () => {
  const draft: Draft = {
    groups: [
      {
        block: 'strength',
        format: 'straight',
        roundRestSeconds: 0,
        choices: [{ variant: 'push-up', dose: parseDose('3x8 r60'), pinned: false }],
      },
    ],
  };
  const session = () => useSession.getState();
  const open = (brief: Brief, status?: 'draft' | 'sent') =>
    session().open('ines', brief, status && { id: 'row', revision: 1, status, draft });

  it('is in the brief at once and becomes the club’s; undo takes both back', async () => {
    open(plainBrief());
    changeRole('throw', 'back', { often: 1, decisive: 1 });
    expect(throwOf(session().brief.sport.profile)).toBeCloseTo(throwOf(fewer) as number, 9);
    expect(isCurrent(session().brief, clubSportsNow())).toBe(true);
    await later();
    session().undo();
    expect(session().brief.sport.profile).toBeUndefined();
    await later();
    expect(calls()).toEqual(['PUT /sports/handball', 'DELETE /sports/handball']);
  });

  it('is not a step when it changes nothing or would leave the role with nothing', () => {
    open(plainBrief());
    const only = { ...handball, actions: handball.actions.slice(0, 1) };
    open(plainBrief({ sport: { id: 'handball', role: 'back', profile: only } }));
    changeRole('jump-shot-take-off', 'back', { often: 0, decisive: 0 });
    expect(session().past).toEqual([]);
  });

  it('opening another page writes nothing for the club', async () => {
    open(plainBrief({ sport: { id: 'handball', role: 'back', profile: fewer } }), 'sent');
    open(plainBrief({ date: '2026-12-10' }));
    await later();
    expect(sent).toEqual([]);
  });

  it('a page written for the sport as it was then says so', () => {
    open(plainBrief({ sport: { id: 'handball', role: 'back', profile: fewer } }), 'sent');
    expect(isCurrent(session().brief, clubSportsNow())).toBe(false);
  });

  it('a sport that was changed elsewhere is taken over in all that can be undone, and writes nothing', async () => {
    open(plainBrief(), 'draft');
    session().changeBrief({ minutes: 40 });
    changeSport(fewer);
    session().adoptSport(fewer);
    expect(throwOf(session().brief.sport.profile)).toBeCloseTo(throwOf(fewer) as number, 9);
    expect(session().past).toHaveLength(1);
    session().undo();
    expect(session().brief.minutes).toBe(30);
    expect(throwOf(session().brief.sport.profile)).toBeCloseTo(throwOf(fewer) as number, 9);
    await later();
    // Only the change itself was saved.
    expect(calls()).toEqual(['PUT /sports/handball']);
  });
});
