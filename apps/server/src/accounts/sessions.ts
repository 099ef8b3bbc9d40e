import { Injectable } from '@nestjs/common';
import { InjectModel } from '@nestjs/sequelize';
import { Op, QueryTypes } from 'sequelize';
import { Sequelize } from 'sequelize-typescript';
import type { Role } from '../common/context.js';
import { newSecret, printOf } from '../common/secret.js';
import { LinkRow, SessionRow } from './account.model.js';

const HOUR = 60 * 60 * 1000;
/** Nobody used it for so long: whoever sits there now may be somebody else, milliseconds. A long day of classes. */
export const IDLE_MOST = 12 * HOUR;
/** However much it is used, milliseconds. */
export const SESSION_MOST = 14 * 24 * HOUR;
/** It is written down that it was used no more often than this, milliseconds. */
const SEEN_EVERY = 5 * 60 * 1000;

/** Who is signed in, as a request finds it. */
export interface FoundSession {
  id: string;
  accountId: string | null;
  personId: string | null;
  hallId: string;
  role: Role;
}

const FIND = `
  SELECT s.accountId, s.personId, s.hallId, s.seenAt, m.role
  FROM sessions s
  LEFT JOIN memberships m ON m.accountId = s.accountId AND m.hallId = s.hallId
  LEFT JOIN people p ON p.id = s.personId AND p.removedAt IS NULL
  WHERE s.id = :id AND s.endsAt > :now AND s.seenAt > :since AND (m.role IS NOT NULL OR p.id IS NOT NULL)`;

/** Who is signed in where: kept in the database, so that any server knows it and it can be ended from anywhere. */
@Injectable()
export class Sessions {
  constructor(
    @InjectModel(SessionRow) private readonly rows: typeof SessionRow,
    @InjectModel(LinkRow) private readonly links: typeof LinkRow,
    private readonly sequelize: Sequelize,
  ) {}

  /**
   * Begins a session.
   *
   * @param endsAt where it ends before it would of itself
   * @returns its secret, which only the browser keeps
   */
  async begin(
    who: Pick<SessionRow, 'hallId' | 'device'> & ({ accountId: string } | { personId: string }),
    endsAt?: Date,
  ): Promise<string> {
    const secret = newSecret();
    const now = Date.now();
    const latest = new Date(now + SESSION_MOST);
    await this.rows.create({
      id: printOf(secret),
      seenAt: new Date(now),
      endsAt: endsAt && endsAt < latest ? endsAt : latest,
      ...who,
    });
    return secret;
  }

  /** The session of a secret; undefined where it has ended, or its account is no longer in the hall. */
  async find(secret: string, now = Date.now()): Promise<FoundSession | undefined> {
    const id = printOf(secret);
    const [row] = await this.sequelize.query<{
      accountId: string | null;
      personId: string | null;
      hallId: string;
      seenAt: Date;
      role: Role | null;
    }>(FIND, {
      replacements: { id, now: new Date(now), since: new Date(now - IDLE_MOST) },
      type: QueryTypes.SELECT,
    });
    if (!row) return undefined;
    if (now - new Date(row.seenAt).getTime() > SEEN_EVERY)
      await this.rows.update({ seenAt: new Date(now) }, { where: { id } });
    const { accountId, personId, hallId, role } = row;
    return { id, accountId, personId, hallId, role: role ?? 'person' };
  }

  /** She goes on in another of her halls. */
  async moveTo(id: string, hallId: string): Promise<void> {
    await this.rows.update({ hallId }, { where: { id } });
  }

  async end(secret: string): Promise<void> {
    await this.rows.destroy({ where: { id: printOf(secret) } });
  }

  /** Ends every session of an account. @param except but for one @param hallId in one hall alone */
  async endAll(
    accountId: string,
    { except, hallId }: { except?: string; hallId?: string } = {},
  ): Promise<void> {
    await this.rows.destroy({
      where: {
        accountId,
        ...(except ? { id: { [Op.ne]: except } } : {}),
        ...(hallId ? { hallId } : {}),
      },
    });
  }

  /** Ends what a person's links began. */
  async endAllOf(personId: string): Promise<void> {
    await this.rows.destroy({ where: { personId } });
  }

  /** Where an account is signed in, the last used first. */
  async of(accountId: string, now = Date.now()): Promise<SessionRow[]> {
    return this.rows.findAll({
      where: {
        accountId,
        endsAt: { [Op.gt]: new Date(now) },
        seenAt: { [Op.gt]: new Date(now - IDLE_MOST) },
      },
      order: [['seenAt', 'DESC']],
    });
  }

  /** Takes away what has ended. */
  async purge(now = Date.now()): Promise<void> {
    const ended = [
      { endsAt: { [Op.lt]: new Date(now) } },
      { seenAt: { [Op.lt]: new Date(now - IDLE_MOST) } },
    ];
    await this.rows.destroy({ where: { [Op.or]: ended } });
    await this.links.destroy({ where: { endsAt: { [Op.lt]: new Date(now) } } });
  }
}
