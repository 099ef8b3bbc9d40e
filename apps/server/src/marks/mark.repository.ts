import { Injectable, NotFoundException } from '@nestjs/common';
import { InjectModel } from '@nestjs/sequelize';
import { ClassRepository } from '../classes/class.repository.js';
import type { RequestContext } from '../common/context.js';
import { Vault } from '../common/vault.js';
import { Transactions } from '../database/transactions.js';
import { PersonRow } from '../people/person.model.js';
import { openJson, sealJson } from '../store/sealedJson.js';
import { SEALED } from '../store/sealedColumns.js';
import type { MarkDraftDto, MarkDto } from './mark.dto.js';
import { MarkRow, type SealedMark } from './mark.model.js';

/** What was noted while a class was taught, until it is in the record. */
@Injectable()
export class MarkRepository {
  constructor(
    @InjectModel(MarkRow) private readonly marks: typeof MarkRow,
    private readonly classes: ClassRepository,
    @InjectModel(PersonRow) private readonly people: typeof PersonRow,
    private readonly transactions: Transactions,
    private readonly vault: Vault,
  ) {}

  /** In the order in which they were noted. @throws NotFoundException @throws Unreadable */
  async of(context: RequestContext, classId: string): Promise<MarkDto[]> {
    await this.classes.there(context, classId);
    const rows = await this.marks.findAll({ where: { classId }, order: [['at', 'ASC']] });
    return rows.map(({ id, personId, at, sealed }) => ({
      id,
      personId,
      at: Number(at),
      ...openJson<SealedMark>(this.vault, SEALED.mark, [id], sealed),
    }));
  }

  /**
   * Keeps a mark; one that is there already stays as it is.
   *
   * @throws NotFoundException for a class or somebody that the hall does not have
   */
  async keep(
    context: RequestContext,
    classId: string,
    id: string,
    { personId, at, step, given, where }: MarkDraftDto,
  ): Promise<void> {
    await this.transactions.run(async (transaction) => {
      await this.classes.there(context, classId, transaction);
      const { hallId } = context;
      // She may have been taken off the list since: what was noted is not lost with that.
      if (!(await this.people.count({ where: { hallId, id: personId }, paranoid: false, transaction })))
        throw new NotFoundException('This person is not in the list.');
      const sealed = sealJson(this.vault, SEALED.mark, [id], {
        ...{ step, given },
        ...(where ? { where } : {}),
      } satisfies SealedMark);
      await this.marks.bulkCreate([{ id, classId, personId, at, sealed }], {
        ignoreDuplicates: true,
        transaction,
      });
    });
  }

  /** Takes a mark back; one that is not there is taken back already. @throws NotFoundException */
  async takeBack(context: RequestContext, classId: string, id: string): Promise<void> {
    await this.transactions.run(async (transaction) => {
      await this.classes.there(context, classId, transaction);
      await this.marks.destroy({ where: { classId, id }, transaction });
    });
  }
}
