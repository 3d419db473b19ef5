import { aiming } from './aiming';
import { alpineSkiing } from './alpine-skiing';
import { athleticsJumps } from './athletics-jumps';
import { athleticsThrows } from './athletics-throws';
import { basketball } from './basketball';
import { batAndBall } from './bat-and-ball';
import { climbing } from './climbing';
import { cycling } from './cycling';
import { dance } from './dance';
import { distanceRunning } from './distance-running';
import { fieldHockey } from './field-hockey';
import { football } from './football';
import { grapplingCombat } from './grappling-combat';
import { gymnastics } from './gymnastics';
import { handball } from './handball';
import { largeCourtRacket } from './large-court-racket';
import { nordicSkiing } from './nordic-skiing';
import type { SignatureRow } from './row';
import { rowing } from './rowing';
import { sailing } from './sailing';
import { skating } from './skating';
import { slalomCanoe } from './slalom-canoe';
import { smallCourtRacket } from './small-court-racket';
import { sprintCanoe } from './sprint-canoe';
import { sprinting } from './sprinting';
import { strikingCombat } from './striking-combat';
import { swimming } from './swimming';
import { volleyball } from './volleyball';
import { waterPolo } from './water-polo';
import { waveRiding } from './wave-riding';
import { weaponCombat } from './weapon-combat';

/** Signature work of the shipped sports, by their ids. */
export const signatures: Readonly<Record<string, readonly SignatureRow[]>> = {
  'distance-running': distanceRunning,
  sprinting,
  football,
  handball,
  basketball,
  volleyball,
  'field-hockey': fieldHockey,
  'large-court-racket': largeCourtRacket,
  'small-court-racket': smallCourtRacket,
  'bat-and-ball': batAndBall,
  swimming,
  'water-polo': waterPolo,
  rowing,
  'sprint-canoe': sprintCanoe,
  'slalom-canoe': slalomCanoe,
  sailing,
  'wave-riding': waveRiding,
  'striking-combat': strikingCombat,
  'grappling-combat': grapplingCombat,
  'weapon-combat': weaponCombat,
  climbing,
  cycling,
  'alpine-skiing': alpineSkiing,
  'nordic-skiing': nordicSkiing,
  skating,
  gymnastics,
  dance,
  aiming,
  'athletics-throws': athleticsThrows,
  'athletics-jumps': athleticsJumps,
};
