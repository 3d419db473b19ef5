import { bandLevels } from '../body/band';
import { anchors, type KitKind, kitKinds } from '../exercise/model/vocabulary';
import { BandFitError, type BandReading, fitBand } from '../kit/band-fit';
import { fills } from '../kit/kit';
import { heaviestKg, heaviestOf } from '../kit/mass';
import { yesNo } from './days';
import { anyOf, list, number, object } from './validation';

const kitItem = object({
  kind: anyOf(kitKinds).required('is required'),
  count: number(1, 20, 'pieces').integer('must be a whole number'),
  massKg: number(0.05, heaviestKg, 'kg'),
  volumeL: number(0.1, 60, 'litres'),
  fill: anyOf(fills),
  level: anyOf(bandLevels),
  upToKg: number(1, 40, 'kg'),
  measured: object({
    restM: number(0.05, 10, 'm').required('is required'),
    readings: list(
      object({
        lengthM: number(0.01, 20, 'm').required('is required'),
        forceN: number(0, 2000, 'N').required('is required'),
      }),
    ).required('is required'),
  })
    .test('fit', '', function (measured) {
      if (!measured) return true;
      try {
        fitBand((measured.readings ?? []) as BandReading[], measured.restM ?? 0);
        return true;
      } catch (error) {
        if (!(error instanceof BandFitError)) throw error;
        const at = error.reading === undefined ? 'readings' : `readings[${error.reading}]`;
        return this.createError({ path: `${this.path}.${at}`, message: `must follow a curve: ${error.message}` });
      }
    })
    .default(undefined),
}).test('mass', '', function (item) {
  const { kind, massKg } = (item ?? {}) as { kind?: KitKind; massKg?: number };
  if (!kind || typeof massKg !== 'number' || massKg <= heaviestOf(kind)) return true;
  return this.createError({
    path: `${this.path}.massKg`,
    message: `must be ${heaviestOf(kind)} kg or less for a ${kind}`,
  });
});

/** What a brief says of kit and room. */
export const kit = object({
  items: list(kitItem),
  anchors: list(anyOf(anchors)),
  partner: yesNo,
  room: object({
    lengthM: number(0.5, 100, 'm').required('is required'),
    widthM: number(0.5, 100, 'm').required('is required'),
    ceilingM: number(1.5, 30, 'm'),
    wall: yesNo,
    stairs: yesNo,
    slidingFloor: yesNo,
    quiet: yesNo,
  }).default(undefined),
});
