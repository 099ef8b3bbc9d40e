import { Injectable, NotFoundException } from '@nestjs/common';
import { InjectModel } from '@nestjs/sequelize';
import { StudioRow } from '../database/models.js';

/** The one hall this installation serves. */
@Injectable()
export class StudioService {
  constructor(@InjectModel(StudioRow) private readonly studios: typeof StudioRow) {}

  async current(): Promise<StudioRow> {
    const studio = await this.studios.findOne({ order: [['createdAt', 'ASC']] });
    if (!studio) throw new NotFoundException('There is no studio yet.');
    return studio;
  }
}
