import { Injectable, NotFoundException } from '@nestjs/common';
import { InjectModel } from '@nestjs/sequelize';
import type { ReadOwnVariant } from '@lotus-steady/core';
import { Op } from 'sequelize';
import { ClassRow, FittingRow } from '../classes/class.model.js';
import type { RequestContext } from '../common/context.js';
import { Transactions } from '../database/transactions.js';
import type { SavedOwnVariantDto } from './ownVariant.dto.js';
import { OwnVariantRow } from './ownVariant.model.js';

@Injectable()
export class OwnVariantRepository {
  constructor(
    @InjectModel(OwnVariantRow) private readonly rows: typeof OwnVariantRow,
    @InjectModel(FittingRow) private readonly fittings: typeof FittingRow,
    private readonly transactions: Transactions,
  ) {}

  async all({ hallId }: Pick<RequestContext, 'hallId'>): Promise<OwnVariantRow[]> {
    return this.rows.findAll({ where: { hallId }, order: [['createdAt', 'ASC']] });
  }

  async create(
    { hallId }: RequestContext,
    { id: variantId, poseName, ...own }: ReadOwnVariant,
  ): Promise<SavedOwnVariantDto> {
    return this.transactions.run(async (transaction) => {
      await this.rows.create({ hallId, variantId, poseName: poseName ?? null, ...own }, { transaction });
      return { id: variantId };
    });
  }

  /** @throws NotFoundException */
  async one({ hallId }: RequestContext, key: string): Promise<OwnVariantRow> {
    const row = await this.rows.findOne({ where: { hallId, id: key } });
    if (!row) throw new NotFoundException('This version is not in the list.');
    return row;
  }

  async remove(row: OwnVariantRow): Promise<void> {
    await this.transactions.run((transaction) => row.destroy({ transaction }));
  }

  /** @throws NotFoundException where none of that key was removed, or too long ago */
  async restore({ hallId }: RequestContext, key: string): Promise<void> {
    await this.transactions.run(async (transaction) => {
      const row = await this.rows.findOne({ where: { hallId, id: key }, paranoid: false, transaction });
      if (!row) throw new NotFoundException('This version can no longer be brought back.');
      await row.restore({ transaction });
    });
  }

  /** A class of the hall whose fitting uses a variant. */
  async usedBy({ hallId }: RequestContext, variantId: string): Promise<ClassRow | undefined> {
    const used = await this.fittings.findOne({
      attributes: ['id'],
      where: { ownVariants: { [Op.like]: `%"${variantId}"%` } },
      include: [{ model: ClassRow, attributes: ['title', 'on'], where: { hallId } }],
    });
    return used?.class;
  }

  /** Every own variant of every hall: what is measured anew at a start. */
  async everywhere(): Promise<OwnVariantRow[]> {
    return this.rows.findAll();
  }
}
