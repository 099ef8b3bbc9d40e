import { Injectable, NotFoundException } from '@nestjs/common';
import { InjectModel } from '@nestjs/sequelize';
import type { RequestContext } from '../common/context.js';
import { SequenceRow } from './sequence.model.js';

@Injectable()
export class SequenceRepository {
  constructor(@InjectModel(SequenceRow) private readonly sequences: typeof SequenceRow) {}

  async all({ hallId }: RequestContext): Promise<SequenceRow[]> {
    return this.sequences.findAll({ where: { hallId }, order: [['title', 'ASC']] });
  }

  async create({ hallId }: RequestContext, title: string, source: string): Promise<SequenceRow> {
    return this.sequences.create({ hallId, title, source });
  }

  /** @throws NotFoundException */
  async update({ hallId }: RequestContext, id: string, title: string, source: string): Promise<void> {
    const row = await this.sequences.findOne({ where: { hallId, id } });
    if (!row) throw new NotFoundException('This sequence is not in the list.');
    await row.update({ title, source });
  }
}
