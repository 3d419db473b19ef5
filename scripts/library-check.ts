import { scaledBody } from '../core/src/body/segments';
import { ladderFaults, ladderGaps, patternsWithoutLadder } from '../core/src/capacity/ladder-check';
import { libraryIssues } from '../core/src/exercise/check/library-check';
import { ruleIssues } from '../core/src/exercise/check/library-rules';
import { library } from '../core/src/exercise/library/library';
import { alongText } from '../core/src/exercise/mechanics/peak-points';
import { findPeaks, peakPoints } from '../core/src/exercise/mechanics/peaks';
import { unreplaced } from '../core/src/kit/replacements';
import { sports } from '../core/src/sport/sports';

/** Bodies on which every keyframe has to hold: a small, a middling and a tall athlete. */
const bodies = [
  { heightCm: 150, massKg: 42 },
  { heightCm: 175, massKg: 70 },
  { heightCm: 198, massKg: 100 },
];

const faults = new Map<string, string>();
for (const size of bodies) {
  for (const { file, variant, keyframe, message } of libraryIssues(library, scaledBody(size))) {
    const line = [file, variant, ...(keyframe ? [`keyframe "${keyframe}"`] : []), message].join(': ');
    if (!faults.has(line)) faults.set(line, `${line} (at ${size.heightCm} cm)`);
  }
}
// Ladders are measured on poses that hold.
const ladders = faults.size ? { faults: [], gaps: [] } : { faults: ladderFaults(library), gaps: ladderGaps(library) };
for (const { file, variant, message } of ladders.faults) {
  const line = `${file}: ${variant}: ${message}`;
  faults.set(line, line);
}
for (const { variant, message } of ruleIssues(library, new Set(sports.map((sport) => sport.id)))) {
  const line = `${variant}: ${message}`;
  faults.set(line, line);
}
for (const variant of library) {
  const [shipped, found] = [peakPoints(variant), findPeaks(variant)].map((points) => points.map(alongText).join());
  const line = `library/${variant.family}.ts: ${variant.id}: works hardest elsewhere on its way than written; run npm run peaks`;
  if (shipped !== found) faults.set(line, line);
}
for (const { variant, kind } of unreplaced(library)) {
  const line = `library/${variant.family}.ts: ${variant.id}: needs "${kind}", which nothing at home is known to replace`;
  faults.set(line, line);
}
for (const pattern of patternsWithoutLadder(library)) {
  const line = `ladders.ts: no ladder of ${pattern} leads from new without kit to advanced`;
  faults.set(line, line);
}
for (const { easier, harder, step } of ladders.gaps)
  process.stdout.write(
    `note: from ${easier} to ${harder} the load rises by ${Math.round(step * 100)} %, no weight fills it\n`,
  );

for (const line of faults.values()) process.stderr.write(`${line}\n`);
const families = new Set(library.map((v) => v.family)).size;
process.stdout.write(`${library.length} variants in ${families} families, ${faults.size} faults\n`);
process.exitCode = faults.size ? 1 : 0;
