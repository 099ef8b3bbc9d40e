import { Injectable, NotFoundException } from '@nestjs/common';
import { dateAfter } from '@lotus-steady/core';
import { AccountRepository } from '../accounts/account.repository.js';
import type { NewLinkDto } from '../accounts/account.dto.js';
import { Links } from '../accounts/links.js';
import { ClassRepository } from '../classes/class.repository.js';
import { Clock } from '../common/clock.js';
import type { RequestContext } from '../common/context.js';
import { HallRepository } from '../halls/hall.repository.js';
import { WorkPool } from '../threads/workPool.js';
import type { FeedDto } from './calendar.dto.js';

/** Days that a calendar is told of, before and after today: a season. */
const BEFORE = 30;
const AHEAD = 180;

/** The classes of a hall for somebody's own calendar, at an address that only she has. */
@Injectable()
export class CalendarService {
  constructor(
    private readonly links: Links,
    private readonly accounts: AccountRepository,
    private readonly halls: HallRepository,
    private readonly classes: ClassRepository,
    private readonly clock: Clock,
    private readonly work: WorkPool,
  ) {}

  async feed(context: RequestContext): Promise<FeedDto> {
    const [link] = await this.links.of(ofWhom(context));
    return link ? { since: link.createdAt.toISOString() } : {};
  }

  /** A new address; the one before opens nothing any more. */
  async make(context: RequestContext): Promise<NewLinkDto> {
    await this.links.takeBack(ofWhom(context));
    return this.links.make(ofWhom(context));
  }

  async end(context: RequestContext): Promise<void> {
    await this.links.takeBack(ofWhom(context));
  }

  /**
   * The classes as iCalendar: title, time and place, and nothing of anybody.
   *
   * @throws NotFoundException for an address that opens nothing, or whose owner no longer belongs to the hall
   */
  async read(secret: string): Promise<string> {
    const { hallId, accountId } = await this.links.open(secret, ['calendar']);
    if (!accountId || !(await this.accounts.roleOf(accountId, hallId)))
      throw new NotFoundException('There is no calendar at this address any more.');
    const { name, timeZone } = await this.halls.of({ hallId });
    const today = this.clock.today(timeZone);
    const classes = await this.classes.between(
      { hallId },
      dateAfter(today, -BEFORE),
      dateAfter(today, AHEAD),
    );
    return this.work.run('writeCalendar', { name, timeZone, classes });
  }
}

const ofWhom = ({ hallId, userId }: RequestContext) => ({
  hallId,
  accountId: userId,
  kind: 'calendar' as const,
});
