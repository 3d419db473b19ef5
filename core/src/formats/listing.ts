import type { Variant } from '../exercise/model/variant';
import { askedOf, type SportProfile } from '../sport/profile';

/** A variant as the `library` command lists it. */
export function listedVariant(variant: Variant) {
  const { id, keyframes, needs, easier, harder, ...rest } = variant;
  return {
    variant: id,
    name: rest.name,
    otherNames: rest.otherNames,
    family: rest.family,
    blocks: rest.blocks,
    pattern: rest.pattern,
    jointActions: rest.jointActions,
    planes: rest.planes,
    side: rest.side,
    position: rest.position,
    speed: rest.speed,
    regions: rest.regions.map((r) => r.region),
    regionLoads: rest.regions,
    level: rest.level,
    impactContacts: rest.impactContacts,
    quiet: rest.quiet,
    needs,
    easier: easier ?? null,
    harder: harder ?? null,
    cues: rest.cues,
    faults: rest.faults.map((f) => `${f.see}: ${f.say}`),
    cautions: rest.cautions,
    poses: keyframes.length,
    sources: rest.sources,
  };
}

/** A sport profile as the `sports` command lists it. */
export function listedSport(profile: SportProfile) {
  const shares = profile.roles.map((role) => [role.id, askedOf(profile, role.id)] as const);
  return {
    ...profile,
    actions: profile.actions.map(({ asked: importance, ...action }) => ({
      ...action,
      /** Share of everything the role asks, 0 to 1. */
      asked: Object.fromEntries(
        shares.map(([role, all]) => [role, all.find((a) => a.action.id === action.id)?.asked ?? 0]),
      ),
      importance,
    })),
  };
}
