import example from '../../docs/formats/examples/brief.json';
import { readBrief } from '../src/formats/brief';

/** The example with one value put somewhere. */
export function changedBrief(path: string, value: unknown): unknown {
  const copy = JSON.parse(JSON.stringify(example));
  const keys = path.split('.');
  const last = keys.pop() as string;
  const place = keys.reduce((at, key) => at[key], copy);
  if (value === undefined) delete place[last];
  else place[last] = value;
  // As it would come out of a file: nothing is undefined there.
  return JSON.parse(JSON.stringify(copy));
}

/** What is wrong with a document of a brief. */
export const issuesOfBrief = (document: unknown) => {
  const reading = readBrief(document);
  return 'faults' in reading ? reading.faults : [];
};
