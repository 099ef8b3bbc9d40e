import { Inject, Injectable, NotFoundException } from '@nestjs/common';
import { InjectModel } from '@nestjs/sequelize';
import { QueryTypes, type Transaction } from 'sequelize';
import { Sequelize } from 'sequelize-typescript';
import { ClassRepository } from '../classes/class.repository.js';
import { Unreadable } from '../common/vault.js';
import { CourseRow } from '../courses/course.model.js';
import { Transactions } from '../database/transactions.js';
import { PersonRow } from '../people/person.model.js';
import { WorkPool } from '../threads/workPool.js';
import { Trail, type Noter } from '../trail/trail.js';
import { COPIES, copiesIn } from './copies.js';
import type { ErasedDto } from './erasure.dto.js';

/** Tables that hold rows of somebody, by the name under which a proof counts them. */
const TABLES = {
  versions: 'person_versions',
  records: 'records',
  marks: 'marks',
  'decided proposals': 'proposal_answers',
  incidents: 'incidents',
  'practice at home': 'home_practices',
  mails: 'mails',
  'places in a room': 'spots',
  'prop heights': 'prop_notes',
  'diary entries': 'diary_entries',
  'own answers': 'own_answers',
  documents: 'documents',
  links: 'links',
  sessions: 'sessions',
  groups: 'group_people',
} as const;

/** Who somebody was is not in the trail, but that something was done with what was known of her is. */
const SAYS_THAT = "'trail_entries'";

/** Takes everything of somebody away for good, wherever it is, and looks afterwards that nothing is left. */
@Injectable()
export class Erasure {
  constructor(
    @InjectModel(PersonRow) private readonly people: typeof PersonRow,
    @InjectModel(CourseRow) private readonly courses: typeof CourseRow,
    private readonly classes: ClassRepository,
    private readonly transactions: Transactions,
    private readonly sequelize: Sequelize,
    private readonly work: WorkPool,
    private readonly trail: Trail,
    @Inject(COPIES) private readonly copies: string | null,
  ) {}

  /**
   * @param noter who it is for the trail: who asked for it, or what did it by itself
   * @returns the proof: how much of what there was, and what still holds it
   * @throws NotFoundException where nobody of that id is or was in the hall
   */
  async erase(noter: Noter, personId: string): Promise<ErasedDto> {
    const { hallId } = noter;
    const row = await this.people.findOne({ where: { hallId, id: personId }, paranoid: false });
    if (!row) throw new NotFoundException('This person is not in the list.');
    // From here on nobody puts her down for anything more.
    if (!row.isSoftDeleted())
      await this.transactions.apart(async (transaction) => row.destroy({ transaction }));
    const classes = await this.classes.idsWith(hallId, personId);
    for (const classId of classes)
      await this.classes
        .withoutPerson(hallId, classId, personId, (kept) => this.work.run('fittingWithoutPerson', kept))
        .catch(async (error: unknown) => {
          // What nobody can open says nothing of her; that she was down for it does.
          if (!(error instanceof Unreadable)) throw error;
          await this.classes.notDown(classId, personId);
        });
    const rows = await this.transactions.apart((transaction) => this.takeAway(row, transaction));
    const left = await this.left(personId);
    if (left.length) throw new Error(`Something of a person that was erased is left in ${left.join()}.`);
    const counts = { classes: classes.length, ...rows };
    const at = new Date();
    await this.trail.note(noter, { did: 'erased', what: 'everything', personId, counts }, at);
    return {
      at: at.toISOString(),
      counts,
      copies: copiesIn(this.copies).map(({ name, madeAt }) => ({ name, madeAt: madeAt.toISOString() })),
    };
  }

  private async takeAway(row: PersonRow, transaction: Transaction): Promise<Record<string, number>> {
    const { hallId, id: personId } = row;
    const counts: Record<string, number> = {};
    for (const [name, table] of Object.entries(TABLES)) {
      const [found] = await this.sequelize.query<{ n: number | bigint }>(
        `SELECT COUNT(*) n FROM ${table} WHERE personId = :personId`,
        { replacements: { personId }, type: QueryTypes.SELECT, transaction },
      );
      counts[name] = Number(found!.n);
    }
    counts.courses = 0;
    for (const course of await this.courses.findAll({ where: { hallId }, transaction }))
      if (course.people.includes(personId)) {
        const people = course.people.filter((id) => id !== personId);
        await course.update({ people, version: course.version + 1 }, { transaction });
        counts.courses++;
      }
    // What belongs to her goes with her.
    await row.destroy({ force: true, transaction });
    return counts;
  }

  /** The tables in which something of somebody is still to be found, whatever tables there are. */
  private async left(personId: string): Promise<string[]> {
    const tables = await this.sequelize.query<{ name: string }>(
      `SELECT TABLE_NAME name FROM information_schema.COLUMNS
       WHERE TABLE_SCHEMA = DATABASE() AND COLUMN_NAME = 'personId' AND TABLE_NAME <> ${SAYS_THAT}`,
      { type: QueryTypes.SELECT },
    );
    const left: string[] = [];
    for (const { name } of tables) {
      const rows = await this.sequelize.query(
        `SELECT 1 FROM \`${name}\` WHERE personId = :personId LIMIT 1`,
        {
          replacements: { personId },
          type: QueryTypes.SELECT,
        },
      );
      if (rows.length) left.push(name);
    }
    return left;
  }
}
