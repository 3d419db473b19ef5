import { asksAnything, type Importance, maxImportance, type SportAction, type SportProfile } from './profile';
import type { SignatureRow } from './signature/row';
import { signatureRows } from './signature/signature-of';

const withAction = (profile: SportProfile, id: string, change: (action: SportAction) => SportAction): SportProfile => ({
  ...profile,
  actions: profile.actions.map((action) => (action.id === id ? change(action) : action)),
});

const bounded = (points: number) => Math.min(maxImportance, Math.max(0, points));

/**
 * How often a role does something and how much hangs on it, 0 to 5 each. The last movement of a role cannot be taken to nothing: the profile
 * comes back as it was.
 */
export function setImportance(
  profile: SportProfile,
  id: string,
  role: string,
  { often, decisive }: Importance,
): SportProfile {
  const importance = { often: bounded(often), decisive: bounded(decisive) };
  const changed = withAction(profile, id, (action) => ({ ...action, asked: { ...action.asked, [role]: importance } }));
  return asksAnything(changed.actions, role) ? changed : profile;
}

/** Puts a movement in the place of the one with its id, or at the end. */
export function putAction(profile: SportProfile, action: SportAction): SportProfile {
  return profile.actions.some((a) => a.id === action.id)
    ? withAction(profile, action.id, () => action)
    : { ...profile, actions: [...profile.actions, action] };
}

/** Takes a movement out; the profile comes back as it was when a role would be left with nothing. */
export function removeAction(profile: SportProfile, id: string): SportProfile {
  const actions = profile.actions.filter((a) => a.id !== id);
  const idle = profile.roles.some((role) => !asksAnything(actions, role.id));
  return idle ? profile : { ...profile, actions };
}

/**
 * How much a row of the signature work matters to a role: 3 most weeks, 2 often, 1 now and then, 0 not at all. Rows of the shipped sport become the
 * club's own with the first change.
 */
export function setRowWeight(profile: SportProfile, role: string, rowId: string, weight: 0 | 1 | 2 | 3): SportProfile {
  const everyRole = profile.roles.map((r) => r.id);
  const rows = signatureRows(profile);
  return {
    ...profile,
    signature: rows.flatMap((row): SignatureRow[] => {
      const holds = row.roles ?? everyRole.filter((r) => !rows.some((o) => o.id === row.id && o.roles?.includes(r)));
      if (row.id !== rowId || !holds.includes(role)) return [row];
      if (weight > 0) return [{ ...row, roleWeights: { ...row.roleWeights, [role]: weight as 1 | 2 | 3 } }];
      const left = holds.filter((r) => r !== role);
      return left.length > 0 ? [{ ...row, roles: left }] : [];
    }),
  };
}

const usual: Importance = { often: 3, decisive: 3 };

/** An id of small letters and hyphens that is not taken. @example freeId('Jump shot', ['jump-shot']) // 'jump-shot-2' */
export function freeId(name: string, taken: readonly string[]): string {
  const plain =
    name
      .toLowerCase()
      .normalize('NFD')
      .replace(/[^a-z0-9]+/g, '-')
      .replace(/^-+|-+$/g, '')
      .slice(0, 36) || 'movement';
  let id = plain;
  for (let n = 2; taken.includes(id); n++) id = `${plain}-${n}`;
  return id;
}

/** A movement to begin describing: one joint, for the roles that are given. */
export function newAction(profile: SportProfile, roles: readonly string[]): SportAction {
  return {
    id: freeId(
      'new-movement',
      profile.actions.map((a) => a.id),
    ),
    name: 'New movement',
    short: 'New',
    phase: 'from what to what',
    jointActions: [{ joint: 'knee', action: 'extension', regime: 'shortening', at: 'middle' }],
    speed: 'controlled',
    amplitude: 'half',
    planes: ['sagittal'],
    force: ['along'],
    position: 'both-feet',
    side: 'either',
    energy: 'repeated',
    asked: Object.fromEntries(roles.map((role) => [role, usual])),
  };
}

/** How much a risk weighs, 1 to 5; taken out of the sport when it weighs nothing. */
export function setRiskWeight(profile: SportProfile, place: number, weight: number): SportProfile {
  const riskSites = profile.riskSites.flatMap((risk, i) =>
    i !== place ? [risk] : weight <= 0 ? [] : [{ ...risk, weight: Math.min(maxImportance, weight) }],
  );
  return { ...profile, riskSites };
}

/** A row that gives a new role what it gives another. */
function rowFor(row: SignatureRow, role: string, like: string): SignatureRow {
  const weight = row.roleWeights?.[like];
  return {
    ...row,
    ...(row.roles?.includes(like) ? { roles: [...row.roles, role] } : {}),
    ...(weight ? { roleWeights: { ...row.roleWeights, [role]: weight } } : {}),
  };
}

/** A row without a role; nothing where it held for that role alone. */
function rowWithout({ roles, roleWeights, ...row }: SignatureRow, role: string): SignatureRow[] {
  const left = roles?.filter((r) => r !== role);
  if (left?.length === 0) return [];
  const { [role]: _, ...weights } = roleWeights ?? {};
  return [
    { ...row, ...(left ? { roles: left } : {}), ...(Object.keys(weights).length > 0 ? { roleWeights: weights } : {}) },
  ];
}

/** A new role that is asked the same as another, to be changed from there. */
export function addRole(profile: SportProfile, name: string, like: string): SportProfile {
  const id = freeId(
    name,
    profile.roles.map((r) => r.id),
  );
  return {
    ...profile,
    ...(profile.signature ? { signature: profile.signature.map((row) => rowFor(row, id, like)) } : {}),
    roles: [...profile.roles, { id, name }],
    actions: profile.actions.map((action) => {
      const importance = action.asked[like];
      return importance ? { ...action, asked: { ...action.asked, [id]: importance } } : action;
    }),
  };
}

export function renameRole(profile: SportProfile, id: string, name: string): SportProfile {
  return { ...profile, roles: profile.roles.map((r) => (r.id === id ? { ...r, name } : r)) };
}

/** Takes a role out with all that it was asked; the last one stays. */
export function removeRole(profile: SportProfile, id: string): SportProfile {
  if (profile.roles.length < 2) return profile;
  return {
    ...profile,
    ...(profile.signature ? { signature: profile.signature.flatMap((row) => rowWithout(row, id)) } : {}),
    roles: profile.roles.filter((r) => r.id !== id),
    actions: profile.actions.map((action) => {
      const { [id]: _, ...asked } = action.asked;
      return { ...action, asked };
    }),
  };
}
