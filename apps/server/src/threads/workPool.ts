import { availableParallelism } from 'node:os';
import {
  HttpException,
  Injectable,
  ServiceUnavailableException,
  type BeforeApplicationShutdown,
} from '@nestjs/common';
import { Piscina } from 'piscina';
import type * as tasks from './tasks.js';

type Tasks = typeof tasks;
type Task = keyof Tasks;

/** What a piece of work may take; more is refused with 503. */
export interface WorkLimits {
  /** From when it is asked for, waiting for a thread included, milliseconds. */
  ms: number;
  /** Pieces of work that wait for a thread. */
  waiting: number;
  /** What a thread may hold, MB. */
  memoryMb: number;
}

const LIMITS: WorkLimits = { ms: 30_000, waiting: 64, memoryMb: 512 };

/** A thread without work ends after this, milliseconds: to begin one anew takes a second of work. */
const IDLE_FOR = 60_000;

const THREADS = Math.max(2, availableParallelism() - 1);

/** Threads that load the catalogue once and work while the server goes on answering. */
@Injectable()
export class WorkPool implements BeforeApplicationShutdown {
  private readonly pool: Piscina;
  private readonly limits: WorkLimits;
  /** Pieces of work that run or wait. The pool counts none that can be called off. */
  private asked = 0;
  private ending = false;

  /** @param file the built `tasks.js` */
  constructor(file: URL, limits: Partial<WorkLimits> = {}) {
    this.limits = { ...LIMITS, ...limits };
    this.pool = new Piscina({
      filename: file.href,
      minThreads: 1,
      maxThreads: THREADS,
      idleTimeout: IDLE_FOR,
      resourceLimits: { maxOldGenerationSizeMb: this.limits.memoryMb },
      // What a test run or a watcher gave the server's process is not for its threads. The pool tries to require the
      // tasks before it imports them: where that is done while they are being linked, Node ends the whole process.
      execArgv: ['--no-experimental-require-module'],
    });
    // A thread that ran out of memory says so to whoever asked; the pool starts another.
    this.pool.on('error', () => undefined);
  }

  /**
   * Runs a task in a thread.
   *
   * @param gone ends the work at once: whoever asked is no longer there
   * @throws ServiceUnavailableException where it takes too long or too much, or too much else is waiting
   */
  async run<K extends Task>(
    name: K,
    input: Parameters<Tasks[K]>[0],
    gone?: AbortSignal,
  ): Promise<Awaited<ReturnType<Tasks[K]>>> {
    if (this.asked >= THREADS + this.limits.waiting)
      throw new ServiceUnavailableException('Too much is being worked out just now. Try again in a moment.');
    const budget = AbortSignal.timeout(this.limits.ms);
    const signal = gone ? AbortSignal.any([budget, gone]) : budget;
    this.asked++;
    try {
      return (await this.pool.run(input, { name, signal })) as Awaited<ReturnType<Tasks[K]>>;
    } catch (error) {
      throw this.refusal(error, gone, budget);
    } finally {
      this.asked--;
    }
  }

  /** Before the server waits for who is still to be answered: work is not waited for. */
  async beforeApplicationShutdown(): Promise<void> {
    this.ending = true;
    await this.pool.destroy();
  }

  /** What is answered to work that was ended, in words; any other error is ours, and stays what it is. */
  private refusal(error: unknown, gone: AbortSignal | undefined, budget: AbortSignal): unknown {
    if (this.ending) return new ServiceUnavailableException('The server is being stopped.');
    if (gone?.aborted) return new HttpException('Nobody waits for this any more.', 499);
    if (budget.aborted)
      return new ServiceUnavailableException(
        `This took longer than ${Math.round(this.limits.ms / 1000)} seconds and was given up. ` +
          'Try with fewer people or steps, or in a moment.',
      );
    if ((error as { code?: string }).code === 'ERR_WORKER_OUT_OF_MEMORY')
      return new ServiceUnavailableException('This is more than can be worked out at once.');
    return error;
  }
}
