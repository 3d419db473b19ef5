import { predicted, readBrief, variantById } from '@tropaeum/core';
import type { Sex } from '@tropaeum/core/body/segments';
import type { Interval } from '@tropaeum/core/capacity/interval';
import type { Prediction } from '@tropaeum/core/capacity/predict';
import type { Level } from '@tropaeum/core/exercise/model/vocabulary';
import { fail, print, textFrom } from './input';
import { roundedInterval } from './words';

interface PredictOptions {
  sex: Sex;
  age: number;
  height: number;
  mass: number;
  level: Level;
  load?: number;
  tests?: string;
}

/** Faults of a brief that was made of options, named by the option they came from. */
const optionOf: Readonly<Record<string, string>> = {
  'athlete.heightCm': '--height',
  'athlete.massKg': '--mass',
  'athlete.born': '--age',
  'athlete.level': '--level',
  'athlete.sex': '--sex',
};

function testsFrom(file: string | undefined): unknown {
  if (file === undefined) return undefined;
  try {
    return JSON.parse(textFrom(file));
  } catch (error) {
    fail([{ path: '--tests', message: `is not JSON: ${(error as Error).message}` }]);
  }
}

function printedPrediction(prediction: Prediction) {
  const { fractionOfMax, repetitionsToFailure, holdSeconds, oneRepMaxKg, limits, jumpHeightCm } = prediction;
  const inHundredths = (interval: Interval | null) => interval && roundedInterval(interval, 100);
  return {
    fractionOfMax: inHundredths(fractionOfMax),
    repetitionsToFailure: inHundredths(repetitionsToFailure),
    holdSeconds: inHundredths(holdSeconds),
    oneRepMaxKg: inHundredths(oneRepMaxKg),
    limits,
    ...(jumpHeightCm ? { jumpHeightCm: inHundredths(jumpHeightCm) } : {}),
  };
}

export function predictCommand(id: string, { sex, age, height, mass, level, load, tests }: PredictOptions): void {
  const variant = variantById(id);
  if (!variant) fail([{ path: 'VARIANT', message: `"${id}" is not a variant of the library` }]);
  if (load !== undefined && variant.load?.source !== 'weight')
    fail([{ path: '--load', message: `"${id}" takes no weight; leave it out` }]);
  const date = new Date().toISOString().slice(0, 10);
  const given = testsFrom(tests);
  const reading = readBrief({
    format: 'tropaeum-brief/1',
    date,
    minutes: 30,
    aim: 'hold',
    athlete: {
      heightCm: height,
      massKg: mass,
      sex,
      level,
      born: `${Number(date.slice(0, 4)) - age}-01-01`,
      ...(given === undefined ? {} : { tests: given }),
    },
    sport: { id: 'handball', role: 'back' },
    kit: { items: [] },
  });
  if ('faults' in reading)
    fail(reading.faults.map((f) => ({ ...f, path: optionOf[f.path] ?? f.path.replace('athlete.tests', '--tests') })));
  const prediction = predicted(variant, reading.brief.athlete, date, load === undefined ? {} : { loadKg: load });
  if (!prediction) fail([{ path: 'VARIANT', message: `the body model sees no load on "${id}"; nothing to predict` }]);
  print(printedPrediction(prediction));
}
