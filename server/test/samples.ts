import { defaultHouseRules } from '@tropaeum/core/session/brief/house-rules';
import type { Draft } from '@tropaeum/core/session/draft/draft';
import type { Template } from '@tropaeum/core/session/squad/template';
import { v7 } from 'uuid';
import { type Caller, type Club, today } from './club';

export const draft: Draft = {
  groups: [
    {
      block: 'strength',
      format: 'straight',
      roundRestSeconds: 0,
      choices: [
        {
          variant: 'push-up',
          dose: { sets: 2, work: { kind: 'reps', reps: 8 }, perSide: false, restSeconds: 60 },
          pinned: false,
        },
      ],
    },
    {
      block: 'trunk',
      format: 'straight',
      roundRestSeconds: 0,
      choices: [
        {
          variant: 'side-plank',
          dose: { sets: 1, work: { kind: 'hold', seconds: 20 }, perSide: true, restSeconds: 30 },
          pinned: true,
        },
      ],
    },
  ],
};

/** Writes and sends a session for a club's athlete; its id and the token of the link. */
export async function sentSession(coach: Caller, club: Club, on = today): Promise<{ id: string; token: string }> {
  const { body: detail } = await coach.call('GET', `/athletes/${club.athleteId}`);
  const created = await coach.call('POST', `/athletes/${club.athleteId}/sessions`, {
    brief: { ...detail.brief, date: on },
    draft,
  });
  const sent = await coach.call('POST', `/sessions/${created.body.id}/send`);
  return { id: created.body.id, token: sent.body.link.split('/a/')[1] };
}

/** A set as a phone sends it. */
export const logged = (changes: object = {}) => ({
  id: v7(),
  variant: 'push-up',
  setNumber: 1,
  side: 'both',
  amount: 8,
  doneAt: '2026-12-09T18:00:00Z',
  ...changes,
});

/** A session kept by name. */
export const template: Template = {
  name: 'Hall closed, short',
  aim: 'hold',
  minutes: 20,
  houseRules: defaultHouseRules,
  slots: [
    {
      block: 'strength',
      variant: 'push-up',
      name: 'Push-up',
      pattern: 'horizontal-push',
      sets: 3,
      fast: false,
      zone: 'hypertrophy',
      joints: { elbow: 0.6, shoulder: 0.5 },
    },
  ],
};
