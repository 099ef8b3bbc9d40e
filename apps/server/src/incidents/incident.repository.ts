import { randomUUID } from 'node:crypto';
import { Injectable, NotFoundException } from '@nestjs/common';
import { InjectModel } from '@nestjs/sequelize';
import type { Transaction } from 'sequelize';
import type { RequestContext } from '../common/context.js';
import type { SavedDto } from '../common/problem.dto.js';
import { Vault } from '../common/vault.js';
import { VersionConflict } from '../common/versions.js';
import { Transactions } from '../database/transactions.js';
import { PersonRow } from '../people/person.model.js';
import { SEALED } from '../store/sealedColumns.js';
import { openJson, sealJson } from '../store/sealedJson.js';
import type { IncidentDraftDto, IncidentDto } from './incident.dto.js';
import { IncidentRow, type SealedIncident } from './incident.model.js';

@Injectable()
export class IncidentRepository {
  constructor(
    @InjectModel(IncidentRow) private readonly incidents: typeof IncidentRow,
    @InjectModel(PersonRow) private readonly people: typeof PersonRow,
    private readonly transactions: Transactions,
    private readonly vault: Vault,
  ) {}

  /**
   * Those that are open first, then the latest first.
   *
   * @param personId whose; everybody’s in the hall where it is left out
   * @throws Unreadable
   */
  async all({ hallId }: RequestContext, personId?: string): Promise<IncidentDto[]> {
    const rows = await this.incidents.findAll({
      ...(personId ? { where: { personId } } : {}),
      include: [{ model: PersonRow, where: { hallId }, attributes: ['name'], required: true }],
      order: [
        ['isClosed', 'ASC'],
        ['on', 'DESC'],
        ['createdAt', 'DESC'],
      ],
    });
    return rows.map((row) => this.opened(row));
  }

  /** @throws NotFoundException for somebody who is not in the list */
  async create({ hallId }: RequestContext, personId: string, draft: IncidentDraftDto): Promise<SavedDto> {
    return this.transactions.run(async (transaction) => {
      if (!(await this.people.count({ where: { hallId, id: personId }, transaction })))
        throw new NotFoundException('This person is not in the list.');
      const id = randomUUID();
      await this.incidents.create({ id, personId, version: 1, ...this.columns(id, draft) }, { transaction });
      return { id, version: 1 };
    });
  }

  /** @throws NotFoundException @throws VersionConflict where it is no longer the version that was read */
  async update(
    context: RequestContext,
    personId: string,
    id: string,
    draft: IncidentDraftDto,
    read: number,
  ): Promise<SavedDto> {
    return this.transactions.run(async (transaction) => {
      const row = await this.row(context, personId, id, transaction);
      if (row.version !== read) throw new VersionConflict(this.opened(row));
      await row.update({ ...this.columns(id, draft), version: read + 1 }, { transaction });
      return { id, version: read + 1 };
    });
  }

  private async row(
    { hallId }: RequestContext,
    personId: string,
    id: string,
    transaction: Transaction,
  ): Promise<IncidentRow> {
    const row = await this.incidents.findOne({
      where: { id, personId },
      include: [{ model: PersonRow, where: { hallId }, attributes: ['name'], required: true }],
      transaction,
      lock: transaction.LOCK.UPDATE,
    });
    if (!row) throw new NotFoundException('This incident is not in the list.');
    return row;
  }

  private columns(id: string, { classId, on, followUpOn, isClosed, ...sealed }: IncidentDraftDto) {
    return {
      classId: classId ?? null,
      on,
      followUpOn: followUpOn ?? null,
      isClosed,
      sealed: sealJson(this.vault, SEALED.incident, [id], sealed satisfies SealedIncident),
    };
  }

  private opened({
    id,
    personId,
    person,
    classId,
    on,
    followUpOn,
    isClosed,
    version,
    sealed,
  }: IncidentRow): IncidentDto {
    return {
      ...{ id, personId, person: person!.name, classId, on, followUpOn, isClosed, version },
      ...openJson<SealedIncident>(this.vault, SEALED.incident, [id], sealed),
    };
  }
}
