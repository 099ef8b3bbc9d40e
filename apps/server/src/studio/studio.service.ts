import { Injectable, NotFoundException } from '@nestjs/common';
import { readHallRules, readHouseView } from '@lotus-steady/core';
import { InjectModel } from '@nestjs/sequelize';
import { StudioRow } from '../database/models.js';
import { FieldsException } from '../http/problems.js';

/** The one hall this installation serves. */
@Injectable()
export class StudioService {
  constructor(@InjectModel(StudioRow) private readonly studios: typeof StudioRow) {}

  async current(): Promise<StudioRow> {
    const studio = await this.studios.findOne({ order: [['createdAt', 'ASC']] });
    if (!studio) throw new NotFoundException('There is no studio yet.');
    return studio;
  }

  /** Keeps the hall's position on each topic; classes already planned keep theirs. */
  async keepHouseView(chosen: unknown): Promise<void> {
    const { houseView, errors } = readHouseView(chosen);
    if (errors.length) throw new FieldsException(errors);
    await (await this.current()).update({ houseView });
  }

  /** Keeps what the hall changes about the rulebook, each with its reason. */
  async keepRules(changes: unknown): Promise<void> {
    const { hall, errors } = readHallRules(changes);
    if (errors.length) throw new FieldsException(errors);
    await (await this.current()).update({ rules: hall });
  }
}
