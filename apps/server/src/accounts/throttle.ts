import { HttpException, Injectable } from '@nestjs/common';
import { InjectModel } from '@nestjs/sequelize';
import { Op } from 'sequelize';
import { Sequelize } from 'sequelize-typescript';
import { printOf } from '../common/secret.js';
import { SignInTryRow } from './account.model.js';

/** So many tries are free: for one name, and from one place, where several people may sit. */
const FREE = { name: 5, place: 30 };
/** Then each try is waited for twice as long as the one before, seconds. */
const WAIT_FIRST = 15;
const WAIT_MOST = 15 * 60;
/** After so long without a try it begins anew, milliseconds. */
const FORGOTTEN_AFTER = 60 * 60 * 1000;

/** 429: too many tries. */
export class TooManyTries extends HttpException {
  constructor(readonly seconds: number) {
    const wait = seconds < 90 ? `${seconds} seconds` : `${Math.ceil(seconds / 60)} minutes`;
    super({ statusCode: 429, message: `Too many tries. Try again in ${wait}.` }, 429);
  }
}

/** Seconds to wait before one more try after so many. @example waitAfter(5, 5) // 15 */
export const waitAfter = (tries: number, free: number): number =>
  tries < free ? 0 : Math.min(WAIT_MOST, WAIT_FIRST * 2 ** Math.min(20, tries - free));

/** Slows down whoever guesses; counted in the database, so that all servers count together. */
@Injectable()
export class Throttle {
  constructor(
    @InjectModel(SignInTryRow) private readonly tries: typeof SignInTryRow,
    private readonly sequelize: Sequelize,
  ) {}

  /**
   * Counts a try before it is looked at, so that many at once are counted too.
   *
   * @param name what is signed in with, whether anybody has it or not
   * @param place the address it comes from
   * @throws TooManyTries
   */
  async take(name: string, place: string, now = Date.now()): Promise<void> {
    for (const [kind, subject] of [
      ['name', name],
      ['place', place],
    ] as const) {
      const seconds = await this.count(printOf(`${kind}:${subject}`), FREE[kind], now);
      if (seconds > 0) throw new TooManyTries(seconds);
    }
  }

  /** She is in: her name begins anew. */
  async forgive(name: string): Promise<void> {
    await this.tries.destroy({ where: { subject: printOf(`name:${name}`) } });
  }

  /** Takes away what nobody is slowed down by any more. */
  async purge(now = Date.now()): Promise<void> {
    await this.tries.destroy({ where: { lastAt: { [Op.lt]: new Date(now - FORGOTTEN_AFTER) } } });
  }

  /** @returns seconds to wait; while she waits a try is not counted */
  private async count(subject: string, free: number, now: number): Promise<number> {
    await this.sequelize.query(
      'INSERT IGNORE INTO sign_in_tries (subject, tries, lastAt) VALUES (:subject, 0, :now)',
      { replacements: { subject, now: new Date(now) } },
    );
    return this.sequelize.transaction(async (transaction) => {
      const row = await this.tries.findByPk(subject, { transaction, lock: transaction.LOCK.UPDATE });
      if (!row) return 0;
      const since = now - row.lastAt.getTime();
      const tries = since > FORGOTTEN_AFTER ? 0 : row.tries;
      const left = Math.ceil(waitAfter(tries, free) - since / 1000);
      if (left > 0) return left;
      await row.update({ tries: tries + 1, lastAt: new Date(now) }, { transaction });
      return 0;
    });
  }
}
