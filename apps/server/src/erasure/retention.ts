import { Injectable } from '@nestjs/common';
import { InjectModel } from '@nestjs/sequelize';
import { dateAfter, monthsAfter } from '@lotus-steady/core';
import { QueryTypes } from 'sequelize';
import { Sequelize } from 'sequelize-typescript';
import { Clock } from '../common/clock.js';
import type { RequestContext } from '../common/context.js';
import { HallRow } from '../halls/hall.model.js';
import type { RetentionDto } from './erasure.dto.js';
import { Erasure } from './erasure.js';

/** Who goes within this is told, days. */
const TOLD_BEFORE = 60;

/**
 * When somebody last came or is to come, or something about her was changed; whoever belongs to a group that still
 * meets, or waits for a place in it, is left out.
 */
const LAST = `
  SELECT p.id, p.name,
    DATE_FORMAT(GREATEST(DATE(p.updatedAt), COALESCE(MAX(c.on), DATE(p.updatedAt))), '%Y-%m-%d') lastOn
  FROM people p
  LEFT JOIN class_people cp ON cp.personId = p.id
  LEFT JOIN classes c ON c.id = cp.classId AND c.removedAt IS NULL
  WHERE p.hallId = :hallId AND p.removedAt IS NULL AND p.id NOT IN (
    SELECT gp.personId FROM group_people gp JOIN class_groups g ON g.id = gp.groupId
    WHERE g.hallId = :hallId AND g.removedAt IS NULL AND (g.lastOn IS NULL OR g.lastOn >= :before))
  GROUP BY p.id, p.name, p.updatedAt
  HAVING lastOn <= :before ORDER BY lastOn, p.name`;
type Last = { id: string; name: string; lastOn: string };

/** Erases people who have not come for as long as the hall keeps them. */
@Injectable()
export class Retention {
  constructor(
    @InjectModel(HallRow) private readonly halls: typeof HallRow,
    private readonly sequelize: Sequelize,
    private readonly clock: Clock,
    private readonly erasure: Erasure,
  ) {}

  /** How long people are kept, and who goes within 60 days. */
  async of({ hallId }: RequestContext): Promise<RetentionDto> {
    const hall = (await this.halls.findByPk(hallId))!;
    const { keptMonths: months } = hall;
    if (months === null) return { months, leaving: [] };
    const today = this.clock.today(hall.timeZone);
    const people = await this.lastBefore(hallId, monthsAfter(dateAfter(today, TOLD_BEFORE), -months));
    return {
      months,
      leaving: people.map((one) => {
        const goesOn = monthsAfter(one.lastOn, months);
        return { ...one, goesOn: goesOn < today ? today : goesOn };
      }),
    };
  }

  async keepFor({ hallId }: RequestContext, months: number | null): Promise<void> {
    const hall = (await this.halls.findByPk(hallId))!;
    await hall.update({ keptMonths: months });
  }

  /** Erases who has been kept long enough, in every hall. @param onFailure of one; the others go on */
  async sweep(onFailure: (error: unknown) => void): Promise<void> {
    const halls = await this.halls.findAll();
    for (const { id: hallId, keptMonths, timeZone } of halls) {
      if (keptMonths === null) continue;
      const people = await this.lastBefore(hallId, monthsAfter(this.clock.today(timeZone), -keptMonths));
      for (const { id } of people)
        await this.erasure.erase({ hallId, by: 'kept long enough' }, id).catch(onFailure);
    }
  }

  private async lastBefore(hallId: string, before: string): Promise<Last[]> {
    return this.sequelize.query<Last>(LAST, {
      replacements: { hallId, before },
      type: QueryTypes.SELECT,
    });
  }
}
