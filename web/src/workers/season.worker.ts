import { type Outlook, outlook } from '@tropaeum/core/season/outlook';
import type { SeasonAsk } from '@tropaeum/core/season/season-plan';
import { expose } from 'comlink';

const laying = { outlook: (ask: SeasonAsk): Outlook => outlook(ask) };

export type SeasonLaying = typeof laying;

expose(laying);
