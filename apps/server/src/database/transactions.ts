import { Injectable } from '@nestjs/common';
import { DatabaseError, UniqueConstraintError, type Transaction } from 'sequelize';
import { Sequelize } from 'sequelize-typescript';
import { currentWrite } from './currentWrite.js';
import { WriteRow } from './write.model.js';

/** What MariaDB says when it has called a transaction off for another: deadlock, lock wait, changed record. */
const CALLED_OFF = new Set(['ER_LOCK_DEADLOCK', 'ER_LOCK_WAIT_TIMEOUT', 'ER_CHECKREAD']);
const TRIES = 6;

/** Whether what failed would go through if it were done again: nothing of it is kept. */
function isCalledOff(error: unknown): boolean {
  if (error instanceof UniqueConstraintError || !(error instanceof DatabaseError)) return false;
  return CALLED_OFF.has((error.parent as Error & { code?: string }).code ?? '');
}

/** Transactions that are done again where another got in their way. */
@Injectable()
export class Transactions {
  constructor(private readonly sequelize: Sequelize) {}

  /**
   * Does it all or nothing, one a request; with it is kept under which key it was asked for, and what it came to.
   *
   * @param work may run several times: it changes nothing but the database
   * @returns what `work` does: the answer to the request
   */
  async run<T extends object | void>(work: (transaction: Transaction) => Promise<T>): Promise<T> {
    for (let tried = 1; ; tried++)
      try {
        return await this.sequelize.transaction(async (transaction) => {
          const answer = await work(transaction);
          const write = currentWrite.getStore();
          if (write) await WriteRow.create({ ...write, answer: answer ?? null }, { transaction });
          return answer;
        });
      } catch (error) {
        if (tried >= TRIES || !isCalledOff(error)) throw error;
        // Those who collided do not come back at the same moment.
        await new Promise((resolve) => setTimeout(resolve, Math.random() * 20 * 2 ** tried));
      }
  }

  /** Does it all or nothing as {@link run} does, but apart from what the request asks for: its answer is another. */
  async apart<T extends object | void>(work: (transaction: Transaction) => Promise<T>): Promise<T> {
    return currentWrite.exit(() => this.run(work));
  }
}
