import { readFileSync } from 'node:fs';
import {
  type Brief,
  bodyReport,
  capacityOf,
  catalogueOf,
  compose,
  contextOf,
  feasibility,
  highsSolver,
  library,
  listedSport,
  listedVariant,
  type Plan,
  planOf,
  planOfCase,
  predicted,
  type RefusedPlan,
  readBrief,
  readCalendar,
  readSportText,
  sportById,
  sports,
  type ValidationIssue,
  variantById,
  writeSport,
} from '@tropaeum/core';
import type { Sex } from '@tropaeum/core/body/segments';
import type { Interval } from '@tropaeum/core/capacity/interval';
import type { Prediction } from '@tropaeum/core/capacity/predict';
import { type Reached, reachOf } from '@tropaeum/core/capacity/reachable';
import { type Level, levels } from '@tropaeum/core/exercise/model/vocabulary';
import type { Limit } from '@tropaeum/core/limits/limit';
import { Command, InvalidArgumentError, Option } from 'commander';
import loadHighs from 'highs';

// Whoever read along has what it wanted, as in `| head`.
process.stdout.on('error', (error: NodeJS.ErrnoException) => process.exit(error.code === 'EPIPE' ? 0 : 1));

const exitInvalid = 2;
const exitRefused = 3;

const print = (value: unknown) => process.stdout.write(`${JSON.stringify(value, null, 2)}\n`);

function fail(faults: readonly ValidationIssue[]): never {
  for (const fault of faults) process.stderr.write(`${JSON.stringify(fault)}\n`);
  process.exit(exitInvalid);
}

function textFrom(file: string | undefined): string {
  try {
    return readFileSync(file ?? 0, 'utf8');
  } catch {
    fail([{ path: '', message: `cannot read ${file ?? 'standard input'}` }]);
  }
}

function documentFrom(file: string | undefined): unknown {
  const text = textFrom(file);
  try {
    return JSON.parse(text);
  } catch (error) {
    fail([{ path: '', message: `is not JSON: ${(error as Error).message}` }]);
  }
}

function briefFrom(file: string | undefined): Brief {
  const reading = readBrief(documentFrom(file));
  if ('faults' in reading) fail(reading.faults);
  return reading.brief;
}

async function composeCommand(file: string | undefined): Promise<void> {
  const brief = briefFrom(file);
  const composition = compose(brief, highsSolver(await loadHighs()));
  if ('refused' in composition) {
    print({ format: 'tropaeum-plan/1', refused: composition.refused } satisfies RefusedPlan);
    process.exitCode = exitRefused;
    return;
  }
  print(planOf(contextOf(brief), composition.draft, composition.proof) satisfies Plan);
}

/** An interval in whole parts of one, such as hundredths. */
function roundedInterval({ low, mid, high }: Interval, parts: number): Interval {
  const rounded = (value: number) => Math.round(value * parts) / parts;
  return { low: rounded(low), mid: rounded(mid), high: rounded(high) };
}

/** What a variant comes to at one load: share of the most, zone, repetitions or seconds to failure with their bounds. */
function reachWords({ load, band, share, zone, toFailure, counts }: Reached) {
  return {
    with: load?.with ?? band ?? 'body',
    ...(load ? { kg: load.kg } : {}),
    percentOfMax: Math.round(share * 100) / 100,
    ...(zone ? { zone } : {}),
    [counts === 'seconds' ? 'secondsToFailure' : 'repetitionsToFailure']: roundedInterval(toFailure, 10),
  };
}

/** What the restrictions say of an exercise, as the document has it. */
function limitWords({ verdict, changes, why }: Limit) {
  return {
    verdict,
    ...(changes.length ? { adapt: changes.map((c) => c.say).join(' ') } : {}),
    ...(why.length ? { why: why.join(' ') } : {}),
  };
}

function feasibleCommand(file: string | undefined): void {
  const { athlete, kit, date, own } = briefFrom(file);
  const catalogue = catalogueOf(own);
  const capacity = capacityOf(athlete, date, catalogue);
  const all = catalogue.all.map((variant) => feasibility(variant, { athlete, kit, date }));
  print({
    feasible: all
      .filter((f) => f.possible)
      .map((f) => ({
        variant: f.variant.id,
        name: f.variant.name,
        limit: limitWords(f.limit),
        loads: f.loads,
        ...(f.bands.length ? { bands: f.bands.map((b) => b.with) } : {}),
        reach: f.variant.speed === 'fast' ? [] : reachOf(f, capacity).map(reachWords),
      })),
    infeasible: all
      .filter((f) => !f.possible)
      .map(({ variant, limit, reasons }) => ({
        variant: variant.id,
        name: variant.name,
        limit: limitWords(limit),
        reasons,
      })),
  });
}

function sportCommand(id: string): void {
  const profile = sportById(id);
  if (!profile)
    fail([{ path: 'SPORT', message: `"${id}" is not a sport; known are ${sports.map((s) => s.id).join(', ')}` }]);
  print(writeSport(profile));
}

function sportCheckCommand(file: string | undefined): void {
  const reading = readSportText(textFrom(file));
  if ('faults' in reading) fail(reading.faults);
  print(writeSport(reading.profile));
}

function numberIn(low: number, high: number, kind: 'number' | 'whole number' = 'number') {
  return (text: string) => {
    const value = Number(text);
    if (!(value >= low && value <= high) || (kind === 'whole number' && !Number.isInteger(value)))
      throw new InvalidArgumentError(`expected a ${kind} from ${low} to ${high}`);
    return value;
  };
}

interface BodyOptions {
  height: number;
  mass: number;
  sex?: string;
  load: number;
}

function bodyCommand(id: string, { height, mass, sex, load }: BodyOptions): void {
  const variant = variantById(id);
  if (!variant) fail([{ path: 'VARIANT', message: `"${id}" is not a variant of the library` }]);
  if (sex !== undefined && sex !== 'female' && sex !== 'male')
    fail([{ path: '--sex', message: 'must be female or male' }]);
  print(bodyReport(variant, { heightCm: height, massKg: mass, ...(sex ? { sex } : {}) }, load));
}

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

function predictCommand(id: string, { sex, age, height, mass, level, load, tests }: PredictOptions): void {
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

async function seasonLayCommand(file: string | undefined): Promise<void> {
  const reading = readCalendar(documentFrom(file));
  if ('faults' in reading) fail(reading.faults);
  print(planOfCase(reading.calendar));
}

const program = new Command('tropaeum')
  .description('Home strength sessions for athletes of a named sport')
  .showHelpAfterError();
program.exitOverride((error) => process.exit(error.exitCode === 0 ? 0 : exitInvalid));
program
  .command('compose')
  .argument('[brief]', 'brief document; standard input when left out')
  .description('a plan for a brief')
  .action(composeCommand);
program
  .command('feasible')
  .argument('[brief]')
  .description('what this athlete can do here, and why not the rest')
  .action(feasibleCommand);
program
  .command('body')
  .argument('<variant>')
  .description('reactions, joint moments and space of a variant')
  .option('--height <cm>', 'body height', numberIn(120, 220), 175)
  .option('--mass <kg>', 'body mass', numberIn(25, 200), 70)
  .option('--sex <sex>', 'female or male')
  .option('--load <kg>', 'carried load', numberIn(0, 300), 0)
  .action(bodyCommand);
program
  .command('predict')
  .argument('<variant>')
  .description(
    'what an athlete does with an exercise today: fraction of max, repetitions, seconds, one-repetition maximum',
  )
  .addOption(new Option('--sex <sex>', 'female or male').choices(['female', 'male']).makeOptionMandatory())
  .requiredOption('--age <years>', 'age in whole years', numberIn(8, 90, 'whole number'))
  .requiredOption('--height <cm>', 'body height', numberIn(120, 220))
  .requiredOption('--mass <kg>', 'body mass', numberIn(25, 200))
  .addOption(new Option('--level <level>', 'training level').choices(levels).makeOptionMandatory())
  .option('--load <kg>', 'weight it is done with', numberIn(0, 600))
  .option('--tests <file>', 'tests to failure: [{ "variant", "maxReps", "on"?, "side"? }]')
  .action(predictCommand);
program
  .command('season')
  .description('the weeks of a season')
  .command('lay')
  .argument('[calendar]', 'calendar document; standard input when left out')
  .description('sessions for the days of a calendar, with the reason of each')
  .action(seasonLayCommand);
program
  .command('library')
  .description('every exercise variant')
  .action(() => {
    print(library.map(listedVariant));
  });
program
  .command('sports')
  .description('every sport profile')
  .action(() => {
    print(sports.map(listedSport));
  });

program
  .command('sport')
  .argument('<sport>', 'id of a sport profile')
  .description('one sport profile as a document to be changed and read again')
  .action(sportCommand);
program
  .command('sport-check')
  .argument('[profile]', 'sport profile document; standard input when left out')
  .description('reads a sport profile and names every fault')
  .action(sportCheckCommand);

await program.parseAsync();
