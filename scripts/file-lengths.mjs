/** No file of code is longer than a screen or five; what is a table of facts may be. */
import { execFileSync } from 'node:child_process';
import { existsSync, readFileSync } from 'node:fs';

const longest = 250;
const tables = [
  'core/src/exercise/library/',
  'core/src/exercise/model/progressions.ts',
  'core/src/exercise/model/shared-errors.ts',
  'core/src/formats/schemas.ts',
  'core/test/decision-table.ts',
  'core/src/limits/regions/',
  'core/src/limits/return-plans.ts',
  'core/src/progress/rule-book.ts',
  'core/src/session/type/frames.ts',
  'core/src/sport/injury-prevention.ts',
  'core/src/sport/signature/',
  'server/src/database/schema.ts',
  'server/src/demo/people.ts',
  'server/test/every-route.ts',
];

const files = execFileSync('git', ['ls-files', '-co', '--exclude-standard', '*.ts', '*.tsx', '*.mts', '*.mjs'])
  .toString()
  .trim()
  .split('\n')
  .filter((file) => existsSync(file) && !tables.some((table) => file.startsWith(table)));
const tooLong = files
  .map((file) => ({ file, lines: readFileSync(file, 'utf8').split('\n').length - 1 }))
  .filter(({ lines }) => lines > longest);
for (const { file, lines } of tooLong)
  process.stderr.write(`${file} has ${lines} lines; part what is over ${longest}, or name it as a table of facts\n`);
process.exit(tooLong.length > 0 ? 1 : 0);
