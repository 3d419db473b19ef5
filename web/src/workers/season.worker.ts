import { WeekMemory } from '@tropaeum/core/season/days/chain-weeks';
import { type Outlook, outlook } from '@tropaeum/core/season/outlook';
import type { SeasonAsk } from '@tropaeum/core/season/season-plan';
import { expose } from 'comlink';

const memory = new WeekMemory();
const laying = { outlook: (ask: SeasonAsk): Outlook => outlook(ask, memory) };

export type SeasonLaying = typeof laying;

expose(laying);
