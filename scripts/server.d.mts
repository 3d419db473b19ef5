import type { ChildProcess } from 'node:child_process';
import type { Cluster } from './database.mjs';

export function prepareDatabase(cluster: Cluster, database: string, env?: Record<string, string>): Promise<void>;
export function launchServer(
  cluster: Cluster,
  database: string,
  port: number,
  env?: Record<string, string>,
  stdio?: 'inherit' | 'ignore' | number,
): ChildProcess;
