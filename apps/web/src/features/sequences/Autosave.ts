import type { ApiError } from '../../data/client.js';
import type { SequenceLine } from '../../data/types.js';

/** Typing is saved when the hand rests so long, ms; what was not answered is sent again after the other. */
const SAVE_AFTER = 1200;
const AGAIN_AFTER = 5000;

export type Saved = 'saved' | 'saving' | 'waiting' | 'not-saved' | 'conflict';

export interface AutosaveState {
  saved: Saved;
  /** What went wrong, in words. */
  problem?: string;
  /** Somebody else's version, where one has been saved in between. */
  theirs?: SequenceLine;
}

export type Save = (change: { source: string }, version: number) => Promise<{ version: number }>;

/** Saves a text a moment after each change, one save after another; it knows no screen. */
export class Autosave {
  private state: AutosaveState = { saved: 'saved' };
  private readonly watchers = new Set<() => void>();
  private waiting: string | undefined;
  private sending: Promise<void> | undefined;
  private timer: ReturnType<typeof setTimeout> | undefined;

  constructor(
    private version: number,
    private readonly save: Save,
  ) {}

  readonly watch = (watcher: () => void): (() => void) => {
    this.watchers.add(watcher);
    return () => this.watchers.delete(watcher);
  };
  readonly now = (): AutosaveState => this.state;

  /** What is not saved yet, and on which version it would be. */
  unsaved(): { source: string; version: number } | undefined {
    return this.waiting === undefined ? undefined : { source: this.waiting, version: this.version };
  }

  /** The text is now this one. */
  change(source: string): void {
    this.waiting = source;
    if (this.state.saved === 'conflict') return;
    this.show({ saved: 'waiting' });
    this.later(SAVE_AFTER);
  }

  /** Saves at once what waits, after what is on its way. */
  async flush(): Promise<void> {
    clearTimeout(this.timer);
    while (this.sending) await this.sending;
    const source = this.waiting;
    if (source === undefined || this.state.saved === 'conflict') return;
    // An empty page is not saved over what was written: it is nothing yet.
    if (!source.trim()) return this.show({ saved: 'not-saved', problem: 'An empty sequence is not saved.' });
    this.sending = this.send(source);
    await this.sending;
    this.sending = undefined;
    if (this.waiting !== undefined && this.state.saved === 'waiting') this.later(SAVE_AFTER);
  }

  private async send(source: string): Promise<void> {
    this.show({ saved: 'saving' });
    try {
      this.version = (await this.save({ source }, this.version)).version;
      if (this.waiting === source) this.waiting = undefined;
      this.show({ saved: this.waiting === undefined ? 'saved' : 'waiting' });
    } catch (error) {
      this.failed(error as Error);
    }
  }

  /** Saves mine over theirs, or goes on from theirs. */
  settle(mine: boolean): void {
    const { theirs } = this.state;
    if (!theirs) return;
    this.version = theirs.version;
    if (!mine) this.waiting = undefined;
    this.show({ saved: mine ? 'waiting' : 'saved' });
    if (mine) void this.flush();
  }

  private failed({ message, status = 0, current }: Error & Partial<ApiError>): void {
    if (status === 409) return this.show({ saved: 'conflict', theirs: current as unknown as SequenceLine });
    this.show({ saved: 'not-saved', problem: message });
    // What is refused is refused again; what was not answered may be.
    if (status < 400 || status >= 500) this.later(AGAIN_AFTER);
  }

  private later(ms: number): void {
    clearTimeout(this.timer);
    this.timer = setTimeout(() => void this.flush(), ms);
  }

  private show(state: AutosaveState): void {
    this.state = state;
    this.watchers.forEach((watcher) => watcher());
  }
}
