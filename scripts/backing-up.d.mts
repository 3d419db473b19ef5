import type { Cluster } from './database.mjs';

export type Sums = Record<string, string>;
export function backUp(cluster: Cluster, database: string, file: string): Promise<Sums>;
export function restoreInto(cluster: Cluster, database: string, file: string, expected?: Sums): Promise<Sums>;
export function differences(a: Sums, b: Sums): string[];
