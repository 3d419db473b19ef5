import type { ChildProcess } from 'node:child_process';

export interface SupervisorTimes {
  firstMs: number;
  mostMs: number;
  steadyMs: number;
  lastCallsMs: number;
}
export class Supervisor {
  constructor(launch: () => ChildProcess, say: (words: string) => void, times?: Partial<SupervisorTimes>);
  readonly child: ChildProcess | undefined;
  readonly waitMs: number;
  start(): ChildProcess;
  restart(): void;
  stop(): Promise<void>;
}
