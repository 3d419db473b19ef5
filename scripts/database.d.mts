export class Cluster {
  constructor(name: string, options?: { fast?: boolean });
  readonly folder: string;
  start(): Promise<void>;
  stop(): void;
  ensureDatabase(name: string): void;
  url(user: 'tropaeum_owner' | 'tropaeum_app', database: string): string;
  sql(database: string, statement: string): string;
}
export function runProgram(command: string, args: string[], options?: object): Promise<void>;
