import { Injectable } from '@nestjs/common';
import { dateAfter } from '@lotus-steady/core';
import { QueryTypes } from 'sequelize';
import { Sequelize } from 'sequelize-typescript';
import { ClassFitter } from '../classes/classFitter.js';
import type { RequestContext } from '../common/context.js';
import { HallService } from '../halls/hall.service.js';
import { PersonRepository } from '../people/person.repository.js';
import { writtenPerson } from '../people/writtenPerson.js';
import { plain } from '../threads/plain.js';
import { WorkPool } from '../threads/workPool.js';
import type { DueDto } from './due.dto.js';

/** It is told so many days ahead, of those who are down for a class within so many. */
const AHEAD_DAYS = 7;
const DOWN_WITHIN = 14;

const WHO_COMES = `
  SELECT p.personId FROM class_people p JOIN classes c ON c.id = p.classId
  WHERE c.hallId = :hallId AND c.removedAt IS NULL AND c.on BETWEEN :on AND :until
  UNION
  SELECT p.personId FROM group_people p JOIN class_groups g ON g.id = p.groupId
  WHERE g.hallId = :hallId AND g.removedAt IS NULL AND NOT p.waiting AND (g.lastOn IS NULL OR g.lastOn >= :on)`;

/** What runs out or changes within a week. */
@Injectable()
export class DueService {
  constructor(
    private readonly sequelize: Sequelize,
    private readonly people: PersonRepository,
    private readonly fitter: ClassFitter,
    private readonly hall: HallService,
    private readonly work: WorkPool,
  ) {}

  /**
   * For everybody who is down for a class of the next two weeks or belongs to a group, by name.
   *
   * @param gone ends the work: whoever asked is no longer there
   */
  async week(context: RequestContext, gone: AbortSignal): Promise<DueDto[]> {
    const on = await this.hall.today(context);
    const rows = await this.sequelize.query<{ personId: string }>(WHO_COMES, {
      type: QueryTypes.SELECT,
      replacements: { hallId: context.hallId, on, until: dateAfter(on, DOWN_WITHIN) },
    });
    const lines = await this.people.withIds(
      context,
      rows.map(({ personId }) => personId),
    );
    const { hall, own } = await this.fitter.taskFor(context, { on, sequenceText: '', people: [] }, []);
    const people = plain(lines.map(writtenPerson));
    const task = { people, on, until: dateAfter(on, AHEAD_DAYS), hall, own };
    return (await this.work.run('dueOfPeople', task, gone)).sort((a, b) => a.name.localeCompare(b.name));
  }
}
