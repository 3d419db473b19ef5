import {
  bodyReport,
  compose,
  contextOf,
  highsSolver,
  library,
  listedSport,
  listedVariant,
  type Plan,
  planOf,
  planOfCase,
  type RefusedPlan,
  readCalendar,
  readSportText,
  sportById,
  sports,
  variantById,
  writeSport,
} from '@tropaeum/core';
import { levels } from '@tropaeum/core/exercise/model/vocabulary';
import { Command, Option } from 'commander';
import loadHighs from 'highs';
import { decideCommand } from './decide';
import { feasibleCommand } from './feasible';
import { briefFrom, documentFrom, exitInvalid, exitRefused, fail, numberIn, print, textFrom } from './input';
import { predictCommand } from './predict';

// Whoever read along has what it wanted, as in `| head`.
process.stdout.on('error', (error: NodeJS.ErrnoException) => process.exit(error.code === 'EPIPE' ? 0 : 1));

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
  .command('decide')
  .argument('[case]', 'one item with its sessions; standard input when left out')
  .description('what is done with an item next: progress, hold, regress, stop or refer, how, why, and by which rule')
  .action(decideCommand);
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
