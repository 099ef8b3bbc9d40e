import {
  editSequence,
  movedChoices,
  type Choices,
  type Fitting,
  type OneForAll,
  type Known,
  type SequenceEdit,
  type SequenceError,
} from '@lotus-steady/core';
import type { Live, Plan } from '../../domain/fitting/live.js';
import { planHistory, startHistory, type PlanHistory } from './planHistory.js';

/** An edit whose fitting takes longer than this is said to be under way, ms. */
const DRAW_AFTER = 60;
/** A fitting that takes longer than this says how far it is, ms. */
const SAY_AFTER = 300;
/**
 * Edits that follow each other within this are saved in one go, ms: the server, on the same machine, works
 * when the hand rests.
 */
const SAVE_AFTER = 2000;

export type Saved = 'saved' | 'saving' | 'waiting' | { error: Error };

/** What a screen shows of a live plan. Another object wherever anything of it is another. */
export interface LivePlanState {
  plan: Plan;
  fitting: Fitting;
  saved: Saved;
  /** A long fitting is under way: so many people done. */
  working?: { done: number; of: number };
  /** What stands in the way of the last edit. */
  problem?: string;
  canUndo: boolean;
  canRedo: boolean;
}

/** Who fits the plan: the worker, once it knows who is coming. */
export interface Fitters {
  fit(
    plan: Plan,
    progress: (done: number, of: number) => void,
  ): Promise<{ fitting?: Fitting; errors: readonly SequenceError[] }>;
  oneForAll(plan: Plan, step: number): Promise<OneForAll[]>;
}

/** Where a plan is saved. */
export interface PlanStore {
  /** What a plan is read with: the catalogue and the hall's own. */
  known(): Known;
  /** An edit was made, and is not saved yet: what was read of the class is no longer how it is. */
  changed(plan: Plan): void;
  save(plan: Plan): Promise<void>;
  /** Everything is saved. */
  saved(): void;
}

interface Start {
  plan: Plan;
  fitting: Fitting;
  people: number;
}

/**
 * A class's plan while it is being edited: every edit is fitted again, can be undone, and is saved a moment
 * later. It knows no screen: whoever shows it watches it.
 */
export class LivePlan implements Live {
  private history: PlanHistory;
  private state: LivePlanState;
  private readonly watchers = new Set<() => void>();
  private fitters: Fitters | undefined;
  private whenConnected: (() => void)[] = [];
  /** Each fitting asked for has a turn of its own: what a later one has overtaken is not shown. */
  private turn = 0;
  /** What is not saved yet. */
  private waiting: Plan | undefined;
  private timer: ReturnType<typeof setTimeout> | undefined;
  /** Where each step has gone with each edit since the fitting that is shown; unknown with an undo. */
  private since: (readonly (number | undefined)[] | undefined)[] = [];
  /** Shows the edit under way. */
  private showEdit = (): void => {};

  constructor(
    private readonly start: Start,
    private readonly store: PlanStore,
  ) {
    this.history = startHistory(start.plan);
    this.state = {
      plan: start.plan,
      fitting: start.fitting,
      saved: 'saved',
      canUndo: false,
      canRedo: false,
    };
  }

  readonly watch = (watcher: () => void): (() => void) => {
    this.watchers.add(watcher);
    return () => this.watchers.delete(watcher);
  };

  readonly snapshot = (): LivePlanState => this.state;

  /** Whether the plan was edited, so that the page shows what was fitted here. */
  get edited(): boolean {
    return this.turn > 0;
  }

  /** Whoever fits is ready, or knows something new. An edited plan is fitted again by them. */
  async connect(fitters: Fitters): Promise<void> {
    this.fitters = fitters;
    for (const go of this.whenConnected.splice(0)) go();
    if (this.edited) await this.refit();
  }

  disconnect(): void {
    this.fitters = undefined;
  }

  planNow(): Plan {
    return this.history.now;
  }

  stepNow(shown: number): number | undefined {
    return this.since.reduce<number | undefined>(
      (at, moved) => (at === undefined ? undefined : moved?.[at]),
      shown,
    );
  }

  edit(edit: SequenceEdit): void {
    this.act({
      change: ({ source, choices }) => {
        const next = editSequence(source, this.store.known(), edit);
        this.since.push(next.moved);
        return { source: next.source, choices: movedChoices(choices, next.moved) };
      },
    });
  }

  choose(change: (choices: Choices) => Choices): void {
    // A tick must answer the hand.
    this.act({ change: ({ source, choices }) => ({ source, choices: change(choices) }) }, true);
  }

  /** Takes another plan whole; it can be undone like any edit. */
  takePlan(plan: Plan): void {
    this.since.push(undefined);
    this.act({ change: () => plan });
  }

  undo(): void {
    this.act('undo');
  }

  redo(): void {
    this.act('redo');
  }

  async oneForAll(step: number): Promise<OneForAll[]> {
    return (await this.connected()).oneForAll(this.history.now, step);
  }

  /** Saves the plan as it is, whatever is on its way. */
  async saveNow(): Promise<void> {
    clearTimeout(this.timer);
    const plan = this.history.now;
    this.waiting = plan;
    this.set({ saved: 'saving' });
    try {
      await this.store.save(plan);
      if (this.waiting !== plan) return;
      this.waiting = undefined;
      this.store.saved();
      this.set({ saved: 'saved' });
    } catch (error) {
      this.set({ saved: { error: error as Error } });
    }
  }

  /** Fits the class with what is known today, and saves that. */
  async takeOver(): Promise<void> {
    this.store.changed(this.history.now);
    await Promise.all([this.saveNow(), this.refit()]);
  }

  /** What is not saved yet, for whoever leaves. */
  unsaved(): Plan | undefined {
    return this.waiting;
  }

  /** The screen is left: what is not saved is saved. */
  leave(): void {
    clearTimeout(this.timer);
    if (this.waiting && this.state.saved !== 'saving') void this.saveNow();
  }

  /** The same, drawn again: the page has then done once what an edit asks of it. */
  redraw(): void {
    if (!this.edited) this.set({ fitting: { ...this.state.fitting } });
  }

  private set(part: Partial<LivePlanState>): void {
    this.state = { ...this.state, ...part };
    for (const watcher of this.watchers) watcher();
  }

  private connected(): Promise<Fitters> {
    return this.fitters
      ? Promise.resolve(this.fitters)
      : new Promise((resolve) => {
          this.whenConnected.push(() => resolve(this.fitters!));
        });
  }

  /** @param atOnce whether the page shows the edit itself before what the class makes of it */
  private act(action: Parameters<typeof planHistory>[1], atOnce = false): void {
    const next = planHistory(this.history, action);
    if (next === this.history) return;
    if (typeof action === 'string') this.since.push(undefined);
    this.history = next;
    this.waiting = next.now;
    this.store.changed(next.now);
    // Drawn once, with what the edit makes of the class; where that takes long, what was done is said
    // before it.
    const soon = setTimeout(() => this.showEdit(), DRAW_AFTER);
    this.showEdit = () => {
      clearTimeout(soon);
      this.showEdit = () => {};
      const { now, past, future } = this.history;
      this.set({ plan: now, canUndo: past.length > 0, canRedo: future.length > 0, saved: 'waiting' });
    };
    void this.refit();
    if (atOnce) this.showEdit();
    clearTimeout(this.timer);
    this.timer = setTimeout(() => void this.saveNow(), SAVE_AFTER);
  }

  /** Fits the plan as it is and shows that, unless a later edit has overtaken it. */
  private async refit(): Promise<void> {
    const mine = ++this.turn;
    const plan = this.history.now;
    const isLast = (): boolean => mine === this.turn;
    const fitters = await this.connected();
    if (!isLast()) return;
    const long = setTimeout(() => {
      if (isLast()) this.set({ working: { done: 0, of: this.start.people } });
    }, SAY_AFTER);
    try {
      const { fitting, errors } = await fitters.fit(plan, (done, of) => {
        if (isLast() && this.state.working) this.set({ working: { done, of } });
      });
      if (!isLast()) return;
      this.showEdit();
      if (fitting) this.since = [];
      this.show(fitting, errors[0]?.message ?? fitting?.refused.map(sayRefused)[0]);
    } catch (error) {
      if (!isLast()) return;
      this.showEdit();
      this.show(undefined, (error as Error).message);
    } finally {
      clearTimeout(long);
    }
  }

  private show(fitting: Fitting | undefined, problem: string | undefined): void {
    const { working: _working, problem: _problem, ...state } = this.state;
    this.state = { ...state, ...(fitting ? { fitting } : {}), ...(problem ? { problem } : {}) };
    for (const watcher of this.watchers) watcher();
  }
}

const sayRefused = ({ person, step, reason }: Fitting['refused'][number]): string =>
  `${person}, step ${step}: ${reason} It needs a medical clearance.`;
