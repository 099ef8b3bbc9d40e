import { Injectable, NotFoundException } from '@nestjs/common';
import { InjectModel } from '@nestjs/sequelize';
import { Op, type Transaction } from 'sequelize';
import type { RequestContext } from '../common/context.js';
import type { SavedDto } from '../common/problem.dto.js';
import { VersionConflict } from '../common/versions.js';
import { Transactions } from '../database/transactions.js';
import type { SequenceDto, SequenceVersionDto, SequenceVersionLineDto, UseDto } from './sequence.dto.js';
import { ClassRow } from '../classes/class.model.js';
import { SequenceRow, SequenceVersionRow } from './sequence.model.js';

/** While somebody writes, how it was is put aside no more often than this, ms; and so many are kept. */
const PUT_ASIDE_AFTER = 10 * 60_000;
const VERSIONS_MOST = 50;

/** What of a sequence is changed. */
interface Change {
  title?: string;
  source?: string;
  tags?: string[];
  archived?: boolean;
}

@Injectable()
export class SequenceRepository {
  constructor(
    @InjectModel(SequenceRow) private readonly sequences: typeof SequenceRow,
    @InjectModel(ClassRow) private readonly classes: typeof ClassRow,
    @InjectModel(SequenceVersionRow) private readonly kept: typeof SequenceVersionRow,
    private readonly transactions: Transactions,
  ) {}

  async all({ hallId }: RequestContext): Promise<SequenceRow[]> {
    return this.sequences.findAll({ where: { hallId }, order: [['title', 'ASC']] });
  }

  /** Classes that some sequences were begun from, by the sequence's id, the last first. */
  async usesOf({ hallId }: RequestContext, ids: readonly string[]): Promise<Map<string, UseDto[]>> {
    const rows = await this.classes.findAll({
      attributes: ['id', 'title', 'on', 'sequenceId'],
      where: { hallId, sequenceId: ids },
      order: [['on', 'DESC']],
    });
    const uses = new Map<string, UseDto[]>(ids.map((id) => [id, []]));
    for (const { id, title, on, sequenceId } of rows) uses.get(sequenceId!)!.push({ id, title, on });
    return uses;
  }

  /** @throws NotFoundException */
  async one({ hallId }: RequestContext, id: string, transaction?: Transaction): Promise<SequenceRow> {
    const row = await this.sequences.findOne({
      where: { hallId, id },
      ...(transaction ? { transaction, lock: transaction.LOCK.UPDATE } : {}),
    });
    if (!row) throw new NotFoundException('This sequence is not in the list.');
    return row;
  }

  async create(
    { hallId }: RequestContext,
    { title, source, tags }: { title: string; source: string; tags: string[] },
  ): Promise<SavedDto> {
    return this.transactions.run(async (transaction) => {
      const { id, version } = await this.sequences.create(
        { hallId, title, source, tags, version: 1 },
        { transaction },
      );
      return { id, version };
    });
  }

  /** @throws NotFoundException @throws VersionConflict where it is no longer the version that was read */
  async update(context: RequestContext, id: string, change: Change, read: number): Promise<SavedDto> {
    return this.transactions.run(async (transaction) => {
      const row = await this.one(context, id, transaction);
      if (row.version !== read)
        throw new VersionConflict(lineOf(row, (await this.usesOf(context, [id])).get(id)));
      if (change.source !== undefined && change.source !== row.source) await this.putAside(row, transaction);
      await row.update({ ...change, version: read + 1 }, { transaction });
      return { id, version: read + 1 };
    });
  }

  /** How it was, the last first. @throws NotFoundException */
  async versions(context: RequestContext, id: string): Promise<SequenceVersionLineDto[]> {
    await this.one(context, id);
    const rows = await this.kept.findAll({
      where: { sequenceId: id },
      attributes: ['version', 'title', 'savedAt'],
      order: [['version', 'DESC']],
    });
    return rows.map(lineOfVersion);
  }

  /** @throws NotFoundException */
  async version(context: RequestContext, id: string, version: number): Promise<SequenceVersionDto> {
    await this.one(context, id);
    const row = await this.kept.findOne({ where: { sequenceId: id, version } });
    if (!row) throw new NotFoundException('This version is not kept any more.');
    return { ...lineOfVersion(row), source: row.source };
  }

  /** Keeps how a sequence is before it is changed, unless that was done a moment ago. */
  private async putAside(
    { id, version, title, source, updatedAt }: SequenceRow,
    transaction: Transaction,
  ): Promise<void> {
    const where = { sequenceId: id };
    const last = await this.kept.findOne({ where, order: [['version', 'DESC']], transaction });
    if (last && Date.now() - last.createdAt.getTime() < PUT_ASIDE_AFTER) return;
    await this.kept.create({ ...where, version, title, source, savedAt: updatedAt }, { transaction });
    const oldest = await this.kept.findOne({
      where,
      order: [['version', 'DESC']],
      offset: VERSIONS_MOST,
      transaction,
    });
    if (oldest)
      await this.kept.destroy({ where: { ...where, version: { [Op.lte]: oldest.version } }, transaction });
  }
}

/** A sequence as it is told. */
export const lineOf = (
  { id, title, source, tags, archived, courseId, week, updatedAt, version }: SequenceRow,
  uses: UseDto[] = [],
): SequenceDto => ({
  id,
  title,
  source,
  tags,
  archived,
  courseId,
  week,
  uses,
  changed: updatedAt.toISOString(),
  version,
});

const lineOfVersion = ({ version, title, savedAt }: SequenceVersionRow): SequenceVersionLineDto => ({
  version,
  title,
  saved: savedAt.toISOString(),
});
