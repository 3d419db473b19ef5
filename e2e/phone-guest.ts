import type { Page } from '@playwright/test';

const dose = (sets: number, work: object, perSide = false, restSeconds = 5) => ({ sets, work, perSide, restSeconds });
const choice = (variant: string, of: object) => ({ variant, dose: of, pinned: true });
const straight = (block: string, ...choices: object[]) => ({ block, format: 'straight', roundRestSeconds: 0, choices });

/** Short, with all that a phone has to lead through: a clock, a pair with two sides, rounds, a hold. */
const draft = {
  groups: [
    straight('raise', choice('march-on-the-spot', dose(1, { kind: 'work', seconds: 10 }))),
    {
      block: 'strength',
      format: 'pairs',
      roundRestSeconds: 20,
      choices: [
        choice('push-up', dose(2, { kind: 'reps', reps: 4 })),
        choice('split-squat', dose(2, { kind: 'reps', reps: 3 }, true)),
      ],
    },
    straight('technique', choice('defensive-slide', dose(2, { kind: 'work', seconds: 25 }))),
    straight('trunk', choice('side-plank', dose(1, { kind: 'hold', seconds: 10 }, true))),
  ],
};

/** Minutes long: one exercise that goes as far as one can, each side on its own. */
export const reachingDraft = {
  groups: [straight('mobilise', choice('half-kneeling-ankle-rock', dose(1, { kind: 'reps', reps: 3 }, true)))],
};

/** Somebody of the test's own with a session, of rounds and pairs where nothing else is asked for; the link, and how to take the guest away again. */
export async function guestWithSession(
  page: Page,
  name: string,
  content: object = draft,
): Promise<{ link: string; sessionId: string; leave: () => Promise<void> }> {
  const made = await page.request.post('/api/athletes', {
    data: {
      name,
      newSquad: { name: `Squad of ${name}`, sportId: 'handball' },
      role: 'back',
      athlete: { heightCm: 175, massKg: 70, born: '2001-03-04', level: 'intermediate' },
    },
  });
  const { id } = await made.json();
  const { brief } = await (await page.request.get(`/api/athletes/${id}`)).json();
  const kit = { ...brief.kit, room: { ...brief.kit.room, lengthM: 4, widthM: 3 } };
  const written = await page.request.post(`/api/athletes/${id}/sessions`, {
    data: { brief: { ...brief, kit, sessionType: 'rounds' }, draft: content },
  });
  const session = await written.json();
  const sent = await (await page.request.post(`/api/sessions/${session.id}/send`)).json();
  return {
    link: new URL(sent.link).pathname,
    sessionId: session.id,
    leave: async () => {
      await page.request.delete(`/api/athletes/${id}`);
    },
  };
}

/** A set as the server has it. */
export interface Logged {
  variant: string;
  insteadOf?: string;
  side: string;
  setNumber: number;
  amount: number;
  reserve?: number;
  skipped?: string;
}

/** What the server has behind a link: the sets of the session, and the sessions that are over. */
export async function arrived(phone: Page): Promise<{
  logs: Logged[];
  past: { minutes?: number }[];
  readiness: { meanwhile?: object[] } | null;
}> {
  return (await phone.request.get(`/api/link/${phone.url().split('/a/')[1]}`)).json();
}
