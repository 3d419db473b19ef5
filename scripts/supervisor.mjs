const usual = { firstMs: 250, mostMs: 30_000, steadyMs: 1500, lastCallsMs: 10_000 };

/**
 * Keeps a process running: one that ends is started again, soon the first time and later each time after, until it has served for a while. Asked to stop, it lets the process end, and ends it where it hangs.
 */
export class Supervisor {
  /** `launch` starts the process and gives it back; what happens is told to `say`. */
  constructor(launch, say, times = {}) {
    this.launch = launch;
    this.say = say;
    this.times = { ...usual, ...times };
    this.waitMs = this.times.firstMs;
    this.stopping = false;
    this.ended = new Promise((resolve) => {
      this.end = resolve;
    });
  }

  start() {
    const child = this.launch();
    this.child = child;
    let served = Number.POSITIVE_INFINITY;
    child.once('message', () => {
      served = Date.now();
    });
    child.once('error', () => undefined);
    child.once('exit', (code, signal) => {
      this.child = undefined;
      if (this.stopping) return this.end();
      if (Date.now() - served > this.times.steadyMs) this.waitMs = this.times.firstMs;
      this.say(`The server ended (${signal ?? code}); it is started again in ${this.waitMs / 1000} s`);
      this.timer = setTimeout(() => this.start(), this.waitMs);
      this.waitMs = Math.min(this.times.mostMs, this.waitMs * 2);
    });
    return child;
  }

  /** Ends the process at once; it is started again. */
  restart() {
    this.child?.kill('SIGKILL');
  }

  /** Resolves when it has ended. */
  stop() {
    this.stopping = true;
    clearTimeout(this.timer);
    if (!this.child) this.end();
    this.child?.kill('SIGTERM');
    const hung = setTimeout(() => this.child?.kill('SIGKILL'), this.times.lastCallsMs);
    return this.ended.finally(() => clearTimeout(hung));
  }
}
