import type { Keyframe } from '../../body/motion';
import type { Region } from '../../exercise/model/vocabulary';
import type { Told } from '../../limits/athlete-notice';
import type { SessionType } from '../../session-type/session-type';
import type { RoundPart } from '../../sport/signature/rounds';
import type { Proof } from '../composer/compose';
import type { Infeasibility } from '../composer/relaxed-rules';
import type { Ramp } from '../draft/draft';
import type { FrameShare } from '../scoring/frame-share';
import type { Check } from './check';

export interface PlanItem {
  variant: string;
  /** The shipped variant whose figure is shown, where this is a club's own one. */
  drawnAs?: string;
  name: string;
  family: string;
  sets: number;
  reps?: number;
  holdSeconds?: number;
  workSeconds?: number;
  breaths?: number;
  contacts?: number;
  metres?: number;
  perSide: boolean;
  /** The one side that does it, where a restriction leaves only one. */
  side?: 'left' | 'right';
  /** What is changed for a restriction; the athlete is told. */
  adapt?: string[];
  /** Its poses where the change moved them; those of the library otherwise. */
  poses?: readonly Keyframe[];
  tempo?: string;
  restSeconds: number;
  load?: { kg?: number; with: string };
  /** Everything that is taken in hand, stood on or fixed to; left out in plans of before. */
  uses?: string[];
  intensity?: { reserve?: number; percentOfMax?: number; zone?: string };
  seconds: number;
  impactContacts: number;
  planes: string[];
  pattern: string;
  regions: string[];
  serves: { action: string; share: number }[];
  /** The same against injury, kept apart; left out in plans of before. */
  guards?: { need: string; share: number }[];
  /** What happens inside a round of the sport, over and over; left out where it is no round. */
  inside?: readonly RoundPart[];
  /** A lighter set before the first; left out where none is wanted. */
  ramp?: Ramp;
  /** The piece of the sport's signature work that it serves, and where that is published; left out where it serves none. */
  signature?: { id: string; name: string; source?: string };
  /** What it is for, in the words of the athlete; left out in plans of before. */
  for?: string;
  reason: string;
  cues: string[];
  faults: string[];
  cautions: string[];
  easier?: string;
  harder?: string;
  pinned?: boolean;
  /** What the coach adds. */
  note?: string;
}

/** What one set of an item asks for: repetitions, seconds, breaths, contacts or metres. */
export function plannedAmount(item: PlanItem): number {
  return item.reps ?? item.holdSeconds ?? item.workSeconds ?? item.breaths ?? item.contacts ?? item.metres ?? 0;
}

export interface PlanBlock {
  kind: string;
  format: string;
  rounds: number;
  restSeconds: number;
  items: PlanItem[];
}

export interface Coverage {
  action: string;
  asked: number;
  covered: number;
}

export interface Plan {
  format: 'tropaeum-plan/1';
  /** What kind of session it is, and why; left out in plans of before. */
  sessionType?: SessionType;
  sessionTypeReason?: string;
  focus?: Region;
  /** Share of the main work by block, as the type asks and as it is; left out in plans of before. */
  frame?: FrameShare[];
  minutes: { budget: number; planned: number };
  blocks: PlanBlock[];
  coverage: Coverage[];
  /** The same for the risks of the sport, kept apart. */
  prevention: Coverage[];
  checks: Check[];
  /** What holds for the whole session by house rule, as the athlete is told; left out in plans of before. */
  notes?: string[];
  /** What the athlete is told of the restrictions that hold; left out where there are none. */
  limits?: Told[];
  solution?: Proof;
}

export interface RefusedPlan {
  format: 'tropaeum-plan/1';
  refused: Infeasibility;
}
