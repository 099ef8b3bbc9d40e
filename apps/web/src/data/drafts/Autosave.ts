import type { ApiError } from '../client.js';

/** Typing is saved when the hand rests so long, ms; what was not answered is sent again after the other. */
const SAVE_AFTER = 1200;
const AGAIN_AFTER = 5000;

export type Saved = 'saved' | 'saving' | 'waiting' | 'not-saved' | 'conflict';

export interface AutosaveState<Theirs> {
  saved: Saved;
  /** What went wrong, in words. */
  problem?: string;
  /** Somebody else's version, where one has been saved in between. */
  theirs?: Theirs;
}

/** How something is saved a moment after each change. */
export interface Saving<T, Theirs> {
  save: (what: T, version: number) => Promise<{ version: number }>;
  /** Why something is not saved over what is there, in words: it is nothing yet, or cannot be right. */
  refuse?: (what: T) => string | undefined;
  /** Brings what waits together with what somebody else has saved; undefined where she must decide. */
  merge?: (what: T, theirs: Theirs) => T | undefined;
  /** How it is sent while the window closes, when nobody waits for an answer. */
  request?: (what: T, version: number) => [url: string, change: RequestInit];
}

/** Saves something a moment after each change, one save after another; it knows no screen. */
export class Autosave<T extends object, Theirs extends { version: number }> {
  private state: AutosaveState<Theirs> = { saved: 'saved' };
  private readonly watchers = new Set<() => void>();
  private waiting: T | undefined;
  private sending: Promise<void> | undefined;
  private timer: ReturnType<typeof setTimeout> | undefined;

  constructor(
    private version: number,
    private readonly how: Saving<T, Theirs>,
  ) {}

  readonly watch = (watcher: () => void): (() => void) => {
    this.watchers.add(watcher);
    return () => this.watchers.delete(watcher);
  };
  readonly now = (): AutosaveState<Theirs> => this.state;

  /** What is not saved yet, and on which version it would be. */
  unsaved(): { what: T; version: number } | undefined {
    return this.waiting && { what: this.waiting, version: this.version };
  }

  /** What is to be sent while the window closes; nothing where all is saved, or what there is may not be. */
  leaving(): [url: string, change: RequestInit] | undefined {
    const what = this.waiting;
    if (!what || this.how.refuse?.(what)) return undefined;
    return this.how.request?.(what, this.version);
  }

  /** It is now this. */
  change(what: T): void {
    this.waiting = what;
    if (this.state.saved === 'conflict') return;
    this.show({ saved: 'waiting' });
    this.later(SAVE_AFTER);
  }

  /** Saves at once what waits, after what is on its way. */
  async flush(): Promise<void> {
    clearTimeout(this.timer);
    while (this.sending) await this.sending;
    const what = this.waiting;
    if (what === undefined || this.state.saved === 'conflict') return;
    const problem = this.how.refuse?.(what);
    if (problem) return this.show({ saved: 'not-saved', problem });
    this.sending = this.send(what);
    await this.sending;
    this.sending = undefined;
    if (this.waiting !== undefined && this.state.saved === 'waiting') this.later(SAVE_AFTER);
  }

  private async send(what: T): Promise<void> {
    this.show({ saved: 'saving' });
    try {
      this.version = (await this.how.save(what, this.version)).version;
      if (this.waiting === what) this.waiting = undefined;
      this.show({ saved: this.waiting === undefined ? 'saved' : 'waiting' });
    } catch (error) {
      this.failed(error as Error);
    }
  }

  /** Saves this over theirs, or goes on from theirs where it is nothing. */
  settle(what: T | undefined): void {
    const { theirs } = this.state;
    if (!theirs) return;
    this.version = theirs.version;
    this.waiting = what;
    this.show({ saved: what ? 'waiting' : 'saved' });
    if (what) void this.flush();
  }

  private failed({ message, status = 0, current, fields }: Error & Partial<ApiError>): void {
    if (status === 409) return this.meet(current as unknown as Theirs);
    this.show({ saved: 'not-saved', problem: fields?.[0]?.message ?? message });
    // What is refused is refused again; what was not answered may be.
    if (status < 400 || status >= 500) this.later(AGAIN_AFTER);
  }

  private meet(theirs: Theirs): void {
    const merged = this.waiting && this.how.merge?.(this.waiting, theirs);
    if (!merged) return this.show({ saved: 'conflict', theirs });
    this.version = theirs.version;
    this.waiting = merged;
    // It is saved with what was typed meanwhile.
    this.show({ saved: 'waiting' });
  }

  private later(ms: number): void {
    clearTimeout(this.timer);
    this.timer = setTimeout(() => void this.flush(), ms);
  }

  private show(state: AutosaveState<Theirs>): void {
    this.state = state;
    this.watchers.forEach((watcher) => watcher());
  }
}
