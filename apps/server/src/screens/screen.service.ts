import { readShown } from '@lotus-steady/core';
import { BadRequestException, Injectable, NotFoundException } from '@nestjs/common';
import { InjectModel } from '@nestjs/sequelize';
import type { NewLinkDto } from '../accounts/account.dto.js';
import { AccountRepository } from '../accounts/account.repository.js';
import { Links } from '../accounts/links.js';
import type { RequestContext } from '../common/context.js';
import type { OnScreenDto, ScreenDto } from './screen.dto.js';
import { ScreenRow } from './screen.model.js';

/** A second screen, for the class: figure, breath and count, at a link that opens for a day's work. */
@Injectable()
export class ScreenService {
  constructor(
    @InjectModel(ScreenRow) private readonly screens: typeof ScreenRow,
    private readonly links: Links,
    private readonly accounts: AccountRepository,
  ) {}

  async there(context: RequestContext): Promise<ScreenDto> {
    const [link] = await this.links.of(ofWhom(context));
    return link ? { since: link.createdAt.toISOString() } : {};
  }

  /** A new link; the one before opens nothing any more. */
  async make(context: RequestContext): Promise<NewLinkDto> {
    await this.end(context);
    return this.links.make(ofWhom(context));
  }

  async end(context: RequestContext): Promise<void> {
    await this.links.takeBack(ofWhom(context));
    const { hallId, userId: accountId } = context;
    await this.screens.destroy({ where: { hallId, accountId } });
  }

  /** @throws BadRequestException for what is nothing to be shown */
  async show({ hallId, userId: accountId }: RequestContext, told: unknown): Promise<void> {
    const shown = readShown(told);
    if (!shown) throw new BadRequestException('This is nothing that a screen shows.');
    await this.screens.upsert({ hallId, accountId, shown, at: Date.now() });
  }

  /** @throws NotFoundException for a link that opens nothing, or whose owner no longer belongs to the hall */
  async look(secret: string): Promise<OnScreenDto> {
    const { hallId, accountId } = await this.links.open(secret, ['screen']);
    if (!accountId || !(await this.accounts.roleOf(accountId, hallId)))
      throw new NotFoundException('This screen has been switched off.');
    const row = await this.screens.findOne({ where: { hallId, accountId } });
    return row ? { shown: row.shown, age: Math.max(0, Date.now() - Number(row.at)) } : {};
  }
}

const ofWhom = ({ hallId, userId }: RequestContext) => ({
  hallId,
  accountId: userId,
  kind: 'screen' as const,
});
