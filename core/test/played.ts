import { parseDose } from '../src/dose/notation';
import { contextOf } from '../src/session/context/context';
import type { Draft } from '../src/session/draft/draft';
import { planOf } from '../src/session/plan/plan';
import { plainBrief } from './briefs';

const choice = (variant: string, dose: string) => ({ variant, dose: parseDose(dose), pinned: false });

/** A short session with all that a player has to lead through: a timed warm-up, a pair with two sides, a hold. */
export const playedDraft: Draft = {
  groups: [
    { block: 'raise', format: 'straight', roundRestSeconds: 0, choices: [choice('march-on-the-spot', '1x60s!')] },
    {
      block: 'strength',
      format: 'pairs',
      roundRestSeconds: 30,
      choices: [choice('push-up', '2x4 2-0-1 r10'), choice('split-squat', '2x3/side 3-1-1')],
    },
    { block: 'trunk', format: 'straight', roundRestSeconds: 0, choices: [choice('side-plank', '2x20s/side r25')] },
  ],
};
export const playedContext = () => contextOf(plainBrief());
export const playedPlan = () => planOf(playedContext(), playedDraft);
