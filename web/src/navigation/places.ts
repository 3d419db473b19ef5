/** A main place of the coach's side. */
export interface Place {
  name: string;
  /** Follows `g`. */
  key: string;
  to: string;
  /** Addresses that belong to it beside its own. */
  within?: RegExp;
}

/** The main places, in their order; the season is that of the squad or athlete that is open. */
export const placesFor = (season: string | undefined): Place[] => [
  { name: 'Attention', key: 'a', to: '/attention', within: /^\/returned\// },
  { name: 'Squads', key: 'q', to: '/', within: /^\/(athletes\/[^/]+(\/(ability|progress))?$|sessions\/|weeks)/ },
  ...(season ? [{ name: 'Season', key: 's', to: season, within: /^\/(seasons\/|athletes\/[^/]+\/season)/ }] : []),
  { name: 'Library', key: 'l', to: '/library', within: /^\/library\// },
  { name: 'Sports', key: 'p', to: '/demands', within: /^\/demands/ },
  { name: 'Messages', key: 'm', to: '/outbox' },
  { name: 'Settings', key: 't', to: '/settings', within: /^\/settings/ },
];

export const isIn = ({ to, within }: Place, path: string): boolean => path === to || (within?.test(path) ?? false);
