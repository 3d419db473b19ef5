import type { SportProfile } from './profile';
import aiming from './profiles/aiming';
import alpineSkiing from './profiles/alpine-skiing';
import athleticsJumps from './profiles/athletics-jumps';
import athleticsThrows from './profiles/athletics-throws';
import basketball from './profiles/basketball';
import batAndBall from './profiles/bat-and-ball';
import climbing from './profiles/climbing';
import cycling from './profiles/cycling';
import dance from './profiles/dance';
import distanceRunning from './profiles/distance-running';
import fieldHockey from './profiles/field-hockey';
import football from './profiles/football';
import grapplingCombat from './profiles/grappling-combat';
import gymnastics from './profiles/gymnastics';
import handball from './profiles/handball';
import largeCourtRacket from './profiles/large-court-racket';
import nordicSkiing from './profiles/nordic-skiing';
import rowing from './profiles/rowing';
import sailing from './profiles/sailing';
import skating from './profiles/skating';
import slalomCanoe from './profiles/slalom-canoe';
import smallCourtRacket from './profiles/small-court-racket';
import sprintCanoe from './profiles/sprint-canoe';
import sprinting from './profiles/sprinting';
import strikingCombat from './profiles/striking-combat';
import swimming from './profiles/swimming';
import volleyball from './profiles/volleyball';
import waterPolo from './profiles/water-polo';
import waveRiding from './profiles/wave-riding';
import weaponCombat from './profiles/weapon-combat';
import { signatures } from './signature/signature';

const profiles: readonly SportProfile[] = [
  distanceRunning,
  sprinting,
  football,
  handball,
  basketball,
  volleyball,
  fieldHockey,
  largeCourtRacket,
  smallCourtRacket,
  batAndBall,
  swimming,
  waterPolo,
  rowing,
  sprintCanoe,
  slalomCanoe,
  sailing,
  waveRiding,
  strikingCombat,
  grapplingCombat,
  weaponCombat,
  climbing,
  cycling,
  alpineSkiing,
  nordicSkiing,
  skating,
  gymnastics,
  dance,
  aiming,
  athleticsThrows,
  athleticsJumps,
];

/** Every sport profile that ships, with its signature work. */
export const sports: readonly SportProfile[] = profiles.map((profile) => ({
  ...profile,
  signature: signatures[profile.id] ?? [],
}));

const byId = new Map(sports.map((sport) => [sport.id, sport]));

/** @example sportById('handball')?.roles.length // 4 */
export function sportById(id: string): SportProfile | undefined {
  return byId.get(id);
}
