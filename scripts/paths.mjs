import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';

/** Top folder of the project. */
export const root = dirname(dirname(fileURLToPath(import.meta.url)));
/** What the project keeps on this machine and git does not. */
export const stateFolder = join(root, '.tropaeum');
