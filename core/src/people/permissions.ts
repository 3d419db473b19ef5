/** What somebody of a club is. */
export type Role = 'owner' | 'coach' | 'assistant';

/** Roles from the one that may most to the one that may least. */
export const roles: readonly Role[] = ['owner', 'coach', 'assistant'];

/** Fewest characters of a password that is set: long is what counts. */
export const minPassword = 12;

/** Everything that can be allowed or not: server, interface and tests go by this one table. */
const allowed = {
  /** Squads, athletes, sessions, seasons, the library: all that is there to be read, of the squads that one works with. */
  read: ['owner', 'coach', 'assistant'],
  /** Athletes, sessions, seasons, the club's exercises and sports are written and changed. */
  write: ['owner', 'coach', 'assistant'],
  /** A session goes to an athlete, an athlete gets a link. */
  send: ['owner', 'coach', 'assistant'],
  /** Whatever cannot be had back: athletes, templates, feeds, exercises and sports of the club; and taking out all that is kept of an athlete. */
  delete: ['owner', 'coach'],
  /** Name and settings of the club. */
  club: ['owner'],
  /** Who belongs to the club, in which role, with which squads. */
  people: ['owner'],
  /** Who has read and changed what. */
  audit: ['owner'],
  /** One's own name, password, second factor and sign-ins. */
  account: ['owner', 'coach', 'assistant'],
} as const satisfies Readonly<Record<string, readonly Role[]>>;

/** What can be allowed. */
export type Action = keyof typeof allowed;

/** All actions, in the order of the table. */
export const actions = Object.keys(allowed) as readonly Action[];

/**
 * Whether a role may do something.
 *
 * @example may('assistant', 'delete') // false
 */
export function may(role: Role, action: Action): boolean {
  return (allowed[action] as readonly Role[]).includes(role);
}

/**
 * What a role means to somebody who chooses it.
 *
 * @example roleWords('assistant') // 'Plans and sends; deletes nothing'
 */
export function roleWords(role: Role): string {
  const words: Record<Role, string> = {
    owner: 'Everything, the club and its people too',
    coach: 'Plans, sends, deletes; not the club and its people',
    assistant: 'Plans and sends; deletes nothing',
  };
  return words[role];
}
