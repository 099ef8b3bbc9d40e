import { Injectable, NotFoundException } from '@nestjs/common';
import { InjectModel } from '@nestjs/sequelize';
import type { ReadOwnVariant } from '@lotus-steady/core';
import { Op } from 'sequelize';
import { ClassRow, FittingRow } from '../classes/class.model.js';
import type { RequestContext } from '../common/context.js';
import { OwnVariantRow } from './ownVariant.model.js';

@Injectable()
export class OwnVariantRepository {
  constructor(
    @InjectModel(OwnVariantRow) private readonly rows: typeof OwnVariantRow,
    @InjectModel(FittingRow) private readonly fittings: typeof FittingRow,
  ) {}

  async all({ hallId }: Pick<RequestContext, 'hallId'>): Promise<OwnVariantRow[]> {
    return this.rows.findAll({ where: { hallId }, order: [['createdAt', 'ASC']] });
  }

  async create(
    { hallId }: RequestContext,
    { id: variantId, poseName, ...own }: ReadOwnVariant,
  ): Promise<void> {
    await this.rows.create({ hallId, variantId, poseName: poseName ?? null, ...own });
  }

  /** @throws NotFoundException */
  async one({ hallId }: RequestContext, key: string): Promise<OwnVariantRow> {
    const row = await this.rows.findOne({ where: { hallId, id: key } });
    if (!row) throw new NotFoundException('This version is not in the list.');
    return row;
  }

  async remove(row: OwnVariantRow): Promise<void> {
    await row.destroy();
  }

  /** @throws NotFoundException where none of that key was removed, or too long ago */
  async restore({ hallId }: RequestContext, key: string): Promise<void> {
    const row = await this.rows.findOne({ where: { hallId, id: key }, paranoid: false });
    if (!row) throw new NotFoundException('This version can no longer be brought back.');
    await row.restore();
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
