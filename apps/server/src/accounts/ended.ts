import { Injectable, type OnApplicationBootstrap, type OnApplicationShutdown } from '@nestjs/common';
import { Sessions } from './sessions.js';
import { Throttle } from './throttle.js';

/** So often what has ended is taken away, milliseconds. */
const EVERY = 30 * 60 * 1000;

/** Takes away sessions, links and counted tries that have ended: at the start, and from then on by the clock. */
@Injectable()
export class Ended implements OnApplicationBootstrap, OnApplicationShutdown {
  private timer: NodeJS.Timeout | undefined;

  constructor(
    private readonly sessions: Sessions,
    private readonly throttle: Throttle,
  ) {}

  onApplicationBootstrap(): void {
    this.timer = setInterval(() => {
      // One that fails, for another server does the same, is made up for by the next.
      void Promise.allSettled([this.sessions.purge(), this.throttle.purge()]);
    }, EVERY).unref();
  }

  onApplicationShutdown(): void {
    clearInterval(this.timer);
  }
}
