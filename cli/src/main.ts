import { readFileSync } from 'node:fs';
import { capacityOf } from '@tropaeum/core/capacity/effort';
import { type Reached, reachOf } from '@tropaeum/core/capacity/reachable';
import { library, variantById } from '@tropaeum/core/exercise/library';
import { bodyReport } from '@tropaeum/core/formats/body-report';
import { readBrief } from '@tropaeum/core/formats/brief';
import type { DocumentFault } from '@tropaeum/core/formats/faults';
import { listedSport, listedVariant } from '@tropaeum/core/formats/listing';
import { readSportText, writeSport } from '@tropaeum/core/formats/sport';
import { feasibility } from '@tropaeum/core/kit/feasible';
import type { Brief } from '@tropaeum/core/session/brief';
import { compose } from '@tropaeum/core/session/compose';
import { contextOf } from '@tropaeum/core/session/context';
import { highsSolver } from '@tropaeum/core/session/highs-solver';
import { type Plan, planOf, type RefusedPlan } from '@tropaeum/core/session/plan';
import { sportById, sports } from '@tropaeum/core/sport/sports';
import { Command, InvalidArgumentError } from 'commander';
import loadHighs from 'highs';

const exitInvalid = 2;
const exitRefused = 3;

const print = (value: unknown) => process.stdout.write(`${JSON.stringify(value, null, 2)}\n`);

function fail(faults: readonly DocumentFault[]): never {
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

function briefFrom(file: string | undefined): Brief {
  const text = textFrom(file);
  let document: unknown;
  try {
    document = JSON.parse(text);
  } catch (error) {
    fail([{ path: '', message: `is not JSON: ${(error as Error).message}` }]);
  }
  const reading = readBrief(document);
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

/** What a variant comes to at one load: share of the most, zone, repetitions or seconds to failure with their bounds. */
function reachWords({ load, band, share, zone, toFailure, counts }: Reached) {
  const rounded = (value: number) => Math.round(value * 10) / 10;
  return {
    with: load?.with ?? band ?? 'body',
    ...(load ? { kg: load.kg } : {}),
    percentOfMax: Math.round(share * 100) / 100,
    ...(zone ? { zone } : {}),
    [counts === 'seconds' ? 'secondsToFailure' : 'repetitionsToFailure']: {
      low: rounded(toFailure.low),
      mid: rounded(toFailure.mid),
      high: rounded(toFailure.high),
    },
  };
}

function feasibleCommand(file: string | undefined): void {
  const { athlete, kit, date } = briefFrom(file);
  const capacity = capacityOf(athlete, date);
  const all = library.map((variant) => feasibility(variant, { athlete, kit, date }));
  print({
    feasible: all
      .filter((f) => f.possible)
      .map((f) => ({
        variant: f.variant.id,
        name: f.variant.name,
        loads: f.loads,
        ...(f.bands.length ? { bands: f.bands.map((b) => b.with) } : {}),
        reach: f.variant.speed === 'fast' ? [] : reachOf(f, capacity).map(reachWords),
      })),
    infeasible: all
      .filter((f) => !f.possible)
      .map(({ variant, reasons }) => ({ variant: variant.id, name: variant.name, reasons })),
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

const numberIn = (low: number, high: number) => (text: string) => {
  const value = Number(text);
  if (!(value >= low && value <= high)) throw new InvalidArgumentError(`expected a number from ${low} to ${high}`);
  return value;
};

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
