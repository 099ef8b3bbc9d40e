import { Injectable, NotFoundException } from '@nestjs/common';
import { InjectModel } from '@nestjs/sequelize';
import { Op, type Transaction } from 'sequelize';
import { newSecret, printOf } from '../common/secret.js';
import { NetworkService } from '../network/network.service.js';
import type { NewLinkDto } from './account.dto.js';
import { LinkRow, type LinkKind } from './account.model.js';

const DAY = 24 * 60 * 60 * 1000;
/** How long a link opens, milliseconds. */
export const LINK_HOLDS: Readonly<Record<LinkKind, number>> = {
  invitation: 7 * DAY,
  reset: DAY,
  person: 90 * DAY,
  // A calendar asks for as long as one has it.
  calendar: 10 * 365 * DAY,
  // A day's work.
  screen: DAY / 2,
};

const GONE = 'This link has expired, was taken back, or was used. Ask for a new one.';

/** Links that let in whoever has them; what opens them is kept nowhere but in the link. */
@Injectable()
export class Links {
  constructor(
    @InjectModel(LinkRow) private readonly rows: typeof LinkRow,
    private readonly network: NetworkService,
  ) {}

  async make(
    about: Pick<LinkRow, 'hallId' | 'kind'> &
      Partial<Pick<LinkRow, 'name' | 'role' | 'accountId' | 'personId'>>,
    now = Date.now(),
  ): Promise<NewLinkDto> {
    const secret = newSecret();
    const endsAt = new Date(now + LINK_HOLDS[about.kind]);
    const { id } = await this.rows.create({ ...about, print: printOf(secret), endsAt });
    const [door] = this.network.addresses();
    return { id, secret, endsAt: endsAt.toISOString(), ...(door ? { door } : {}) };
  }

  /** @throws NotFoundException for one that opens nothing (any more) */
  async open(secret: string, kinds: readonly LinkKind[], now = Date.now()): Promise<LinkRow> {
    const where = { print: printOf(secret), kind: { [Op.in]: kinds }, endsAt: { [Op.gt]: new Date(now) } };
    const row = await this.rows.findOne({ where });
    if (!row) throw new NotFoundException(GONE);
    return row;
  }

  /** Uses a link up: of two who have it one gets in. @throws NotFoundException for the other */
  async use({ id }: LinkRow, transaction?: Transaction): Promise<void> {
    const used = await this.rows.destroy({ where: { id }, ...(transaction ? { transaction } : {}) });
    if (!used) throw new NotFoundException(GONE);
  }

  /** Those of a kind that still open, the newest first. */
  async of(
    where: Pick<LinkRow, 'hallId' | 'kind'> & Partial<Pick<LinkRow, 'personId' | 'accountId'>>,
    now = Date.now(),
  ): Promise<LinkRow[]> {
    return this.rows.findAll({
      where: { ...where, endsAt: { [Op.gt]: new Date(now) } },
      order: [['createdAt', 'DESC']],
    });
  }

  /** Takes links back. @returns how many there were */
  async takeBack(
    where: Pick<LinkRow, 'hallId' | 'kind'> & Partial<Pick<LinkRow, 'id' | 'accountId' | 'personId'>>,
  ): Promise<number> {
    return this.rows.destroy({ where });
  }
}
