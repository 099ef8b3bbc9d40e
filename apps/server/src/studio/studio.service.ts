import { Injectable, NotFoundException } from '@nestjs/common';
import { readHallRules, readHouseView, readPace, readStock } from '@lotus-steady/core';
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

  /** Keeps what the hall owns; classes are fitted within it from then on. */
  async keepStock(counts: unknown): Promise<void> {
    const { stock, errors } = readStock(counts);
    if (errors.length) throw new FieldsException(errors);
    await (await this.current()).update({ stock });
  }

  /** Keeps the teacher's own pace. */
  async keepPace(own: unknown): Promise<void> {
    const { pace, errors } = readPace(own);
    if (errors.length) throw new FieldsException(errors);
    await (await this.current()).update({ pace });
  }
}
