import type { Region } from '../../exercise/model/vocabulary';
import type { RegionLimits } from '../rule';
import { ankle } from './ankle';
import { calf } from './calf';
import { elbow } from './elbow';
import { foot } from './foot';
import { groin } from './groin';
import { hamstring } from './hamstring';
import { hip } from './hip';
import { knee } from './knee';
import { lowerBack } from './lower-back';
import { neck } from './neck';
import { shoulder } from './shoulder';
import { upperBack } from './upper-back';
import { wrist } from './wrist';

/** What is said of each region. Values and sources from memory; a treating clinician's word goes before every line. */
export const regionLimits: Record<Region, RegionLimits> = {
  neck,
  shoulder,
  elbow,
  wrist,
  'upper-back': upperBack,
  'lower-back': lowerBack,
  hip,
  groin,
  hamstring,
  knee,
  calf,
  ankle,
  foot,
};
