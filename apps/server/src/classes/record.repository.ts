import { randomUUID } from 'node:crypto';
import { Injectable } from '@nestjs/common';
import { InjectModel } from '@nestjs/sequelize';
import type { RecordOf, TaughtTime } from '@lotus-steady/core';
import { literal, Op } from 'sequelize';
import type { RequestContext } from '../common/context.js';
import type { SavedDto } from '../common/problem.dto.js';
import { Vault } from '../common/vault.js';
import { Transactions } from '../database/transactions.js';
import { MarkRow } from '../marks/mark.model.js';
import { SEALED } from '../store/sealedColumns.js';
import { sealJson } from '../store/sealedJson.js';
import { ClassRow, RecordRow, TaughtTimesRow, type SealedRecord } from './class.model.js';
import { ClassRepository } from './class.repository.js';
import { openSealed } from './openRecord.js';

/** What is kept after a class. */
export interface KeptAfter {
  records: readonly (Pick<RecordRow, 'personId' | 'came'> & SealedRecord)[];
  /** Marks of the class that are in the records now. */
  marks: readonly string[];
  /** What its moments took, where the device that taught it says so. */
  times?: readonly TaughtTime[];
}

/** How classes were. */
@Injectable()
export class RecordRepository {
  constructor(
    @InjectModel(RecordRow) private readonly records: typeof RecordRow,
    @InjectModel(TaughtTimesRow) private readonly times: typeof TaughtTimesRow,
    @InjectModel(MarkRow) private readonly marks: typeof MarkRow,
    private readonly classes: ClassRepository,
    private readonly vault: Vault,
    private readonly transactions: Transactions,
  ) {}

  /**
   * Keeps how a class was; what was kept before is replaced.
   *
   * @throws StaleVersion where the class is no longer the one that was read
   */
  async save(
    context: RequestContext,
    id: string,
    { records, marks, times }: KeptAfter,
    read: number,
  ): Promise<SavedDto> {
    return this.transactions.run(async (transaction) => {
      const saved = await this.classes.raise(context, id, read, transaction);
      await this.marks.destroy({ where: { classId: id, id: [...marks] }, transaction });
      if (times) await this.times.upsert({ classId: id, times: [...times] }, { transaction });
      await this.records.destroy({ where: { classId: id }, transaction });
      await this.records.bulkCreate(
        records.map(({ personId, came, ...record }) => {
          const recordId = randomUUID();
          const sealed = sealJson(this.vault, SEALED.record, [recordId], record);
          return { id: recordId, classId: id, personId, came, sealed };
        }),
        { transaction },
      );
      return saved;
    });
  }

  /** What the moments of the last classes took that were taught on a device, the last one first. */
  async taughtTimes({ hallId }: RequestContext, most: number): Promise<TaughtTime[][]> {
    const rows = await this.times.findAll({
      include: [{ model: ClassRow, where: { hallId }, attributes: ['on', 'time'], required: true }],
      order: [
        [{ model: ClassRow, as: 'class' }, 'on', 'DESC'],
        [{ model: ClassRow, as: 'class' }, 'time', 'DESC'],
      ],
      limit: most,
    });
    return rows.map(({ times }) => times);
  }

  /**
   * The last class that each of some people came to before a day.
   *
   * @param on `YYYY-MM-DD` @throws Unreadable
   */
  async lastBefore(
    { hallId }: RequestContext,
    personIds: readonly string[],
    on: string,
  ): Promise<(RecordOf & { personId: string; classId: string; word: string })[]> {
    if (!personIds.length) return [];
    const last = literal(`RecordRow.id = (
      SELECT r.id FROM records r JOIN classes c ON c.id = r.classId
      WHERE r.personId = RecordRow.personId AND r.came AND c.on < :on AND c.hallId = :hallId AND c.removedAt IS NULL
      ORDER BY c.on DESC, c.time DESC LIMIT 1)`);
    const rows = await this.records.findAll({
      where: { [Op.and]: [{ personId: { [Op.in]: [...personIds] } }, last] },
      replacements: { on, hallId },
      include: [{ model: ClassRow, where: { hallId }, attributes: ['on'], required: true }],
    });
    return rows.map(({ id, personId, classId, came, sealed, class: { on: then } }) => ({
      ...{ personId, classId, on: then, came },
      ...openSealed(this.vault, id, sealed),
    }));
  }

  /**
   * How the last classes were for some people, for each the last one first.
   *
   * @param most of each @throws Unreadable
   */
  async ofPeople(
    { hallId }: RequestContext,
    personIds: readonly string[],
    most: number,
  ): Promise<ReadonlyMap<string, RecordOf[]>> {
    const records = new Map<string, RecordOf[]>(personIds.map((id) => [id, []]));
    if (!personIds.length) return records;
    const last = literal(`RecordRow.id IN (
      SELECT id FROM (
        SELECT r.id, ROW_NUMBER() OVER (PARTITION BY r.personId ORDER BY c.on DESC) AS nth
        FROM records r JOIN classes c ON c.id = r.classId
        WHERE r.personId IN (:personIds) AND c.hallId = :hallId AND c.removedAt IS NULL
      ) AS numbered WHERE nth <= :most)`);
    const rows = await this.records.findAll({
      where: last,
      replacements: { personIds: [...personIds], hallId, most },
      include: [{ model: ClassRow, attributes: ['on'], required: true }],
      order: [[{ model: ClassRow, as: 'class' }, 'on', 'DESC']],
    });
    for (const {
      id,
      personId,
      classId,
      came,
      sealed,
      class: { on },
    } of rows)
      records.get(personId)!.push({ on, classId, came, ...openSealed(this.vault, id, sealed) });
    return records;
  }
}
