/** What somebody of a club is. */
export type Role = 'owner' | 'coach' | 'assistant' | 'physio' | 'guardian' | 'athlete';

/** All roles: those who work with squads from the one that may most to the one that may least, then those who see single athletes. */
export const roles: readonly Role[] = ['owner', 'coach', 'assistant', 'physio', 'guardian', 'athlete'];

/** Roles that somebody is given by the owners of the club; guardians and athletes are invited for an athlete. */
export const staffRoles: readonly Role[] = ['owner', 'coach', 'assistant', 'physio'];

/** Roles that see the athletes they are given and nobody else, even when they have been given none. */
export const rolesOfAthletes: readonly Role[] = ['physio', 'guardian', 'athlete'];

/** Fewest characters of a password that is set: long is what counts. */
export const minPassword = 12;

/** Everything that can be allowed or not: server, interface and tests go by this one table. */
const allowed = {
  /** Squads, athletes, sessions, seasons, the library: all that is there to be read, of the squads that one works with. */
  read: ['owner', 'coach', 'assistant'],
  /** Athletes, sessions, seasons, the club's exercises and sports are written and changed. */
  write: ['owner', 'coach', 'assistant'],
  /** A session goes to an athlete, an athlete gets a link, a guardian is asked. */
  send: ['owner', 'coach', 'assistant'],
  /** Whatever cannot be had back: athletes, templates, feeds, exercises and sports of the club; and taking out all that is kept of an athlete. */
  delete: ['owner', 'coach'],
  /** Restrictions, stages and releases, pain and tests of those one treats; their plans to read. */
  treat: ['physio'],
  /** Plan and results of oneself or of a child. */
  family: ['guardian', 'athlete'],
  /** A minor's data may be kept and sessions sent, or no longer. */
  consent: ['guardian'],
  /** Name and settings of the club. */
  club: ['owner'],
  /** Who belongs to the club, in which role, with which squads. */
  people: ['owner'],
  /** Who has read and changed what. */
  audit: ['owner'],
  /** One's own name, password, second factor and sign-ins. */
  account: ['owner', 'coach', 'assistant', 'physio', 'guardian', 'athlete'],
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
    physio: 'Restrictions, stages, pain and tests of those treated; reads their plans',
    guardian: "A child's plan and results; gives and withdraws consent",
    athlete: 'Own sessions and results',
  };
  return words[role];
}
