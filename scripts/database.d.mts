export class Cluster {
  constructor(name: string, options?: { fast?: boolean });
  readonly folder: string;
  start(): Promise<void>;
  stop(): void;
  join(): Promise<void>;
  leave(): Promise<void>;
  isAlive(): boolean;
  othersUse(): boolean;
  tool(program: string, url: string, args: string[]): string;
  readonly data: string;
  ensureDatabase(name: string): void;
  url(user: 'tropaeum_admin' | 'tropaeum_owner' | 'tropaeum_app', database: string): string;
  sql(database: string, statement: string): string;
}
