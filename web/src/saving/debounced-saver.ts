import { registerSaver } from './registry';

/** How it stands with what was typed: all of it kept, some on its way, or the words why it cannot be kept. */
export type SaveState =
  | { kind: 'saved' }
  | { kind: 'waiting' }
  | { kind: 'saving' }
  | { kind: 'trouble'; words: string };

/** A write that did not work: its words, and whether trying again may help. */
export interface SaveError {
  words: string;
  again: boolean;
}

interface DebouncedSaverOptions<Content> {
  write: (page: string, content: Content) => Promise<void>;
  troubleOf: (error: unknown) => SaveError;
  quietMs?: number;
  retryMs?: number;
}

interface Waiting<Content> {
  content: Content;
  timer: ReturnType<typeof setTimeout> | undefined;
}

/**
 * Saves a little after every change, page by page: one write of a page at a time, the latest content last, again after a while where that
 * may help. A page that is left behind is saved all the same.
 */
export class DebouncedSaver<Content> {
  private readonly waiting = new Map<string, Waiting<Content>>();
  private readonly running = new Map<string, Promise<void>>();
  private readonly states = new Map<string, SaveState>();
  private readonly listeners = new Set<() => void>();

  constructor(private readonly options: DebouncedSaverOptions<Content>) {
    registerSaver(this);
  }

  /** The page has new content: it is written when nothing more has come for a while. */
  changed(page: string, content: Content): void {
    clearTimeout(this.waiting.get(page)?.timer);
    this.waiting.set(page, { content, timer: this.later(page, this.options.quietMs ?? 600) });
    this.say(page, { kind: 'waiting' });
  }

  /** Writes at once what waits, of one page or of all; resolves when the first try is over. */
  async flush(page?: string): Promise<void> {
    const pages = page === undefined ? new Set([...this.waiting.keys(), ...this.running.keys()]) : [page];
    await Promise.all([...pages].map((p) => this.run(p)));
  }

  stateOf(page: string): SaveState {
    return this.states.get(page) ?? saved;
  }

  /** Whether something has not been kept yet. */
  get unsaved(): boolean {
    return this.waiting.size > 0 || this.running.size > 0;
  }

  subscribe = (listener: () => void): (() => void) => {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  };

  private later(page: string, ms: number) {
    return setTimeout(() => void this.run(page), ms);
  }

  private say(page: string, state: SaveState): void {
    this.states.set(page, state);
    for (const listener of this.listeners) listener();
  }

  private run(page: string): Promise<void> {
    const before = this.running.get(page);
    if (before) return before.then(() => this.run(page));
    const next = this.waiting.get(page);
    if (!next) return Promise.resolve();
    clearTimeout(next.timer);
    this.waiting.delete(page);
    this.say(page, { kind: 'saving' });
    const write = this.options.write(page, next.content).then(
      () => {
        this.running.delete(page);
        if (!this.waiting.has(page)) this.say(page, saved);
      },
      (error: unknown) => {
        this.running.delete(page);
        const { words, again } = this.options.troubleOf(error);
        if (again && !this.waiting.has(page))
          this.waiting.set(page, { content: next.content, timer: this.later(page, this.options.retryMs ?? 4000) });
        this.say(page, { kind: 'trouble', words });
      },
    );
    this.running.set(page, write);
    return write;
  }
}

const saved: SaveState = { kind: 'saved' };
