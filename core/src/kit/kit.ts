import type { BandLevel } from '../body/band';
import type { Anchor, KitKind } from '../exercise/model/vocabulary';
import type { BandReading } from './band-fit';

export const fills = ['water', 'sand', 'paint', 'gravel', 'rice'] as const;
export type Fill = (typeof fills)[number];

export interface KitItem {
  kind: KitKind;
  count?: number;
  massKg?: number;
  volumeL?: number;
  fill?: Fill;
  level?: BandLevel;
  /** A bag that can be filled with anything up to this mass, kg. */
  upToKg?: number;
  /** A band as it was measured: its slack length, m, and readings of a hanging scale. */
  measured?: { restM: number; readings: readonly BandReading[] };
}

export interface Room {
  lengthM: number;
  widthM: number;
  ceilingM: number;
  wall: boolean;
  stairs: boolean;
  slidingFloor: boolean;
  quiet: boolean;
}

export interface Kit {
  items: readonly KitItem[];
  anchors: readonly Anchor[];
  partner: boolean;
  room: Room;
}
