import { Injectable, NotFoundException } from '@nestjs/common';
import { InjectModel } from '@nestjs/sequelize';
import { Op, type Transaction } from 'sequelize';
import { ClassRow } from '../classes/class.model.js';
import type { RequestContext } from '../common/context.js';
import type { SavedDto } from '../common/problem.dto.js';
import { VersionConflict } from '../common/versions.js';
import { Transactions } from '../database/transactions.js';
import type { GroupDraftDto, GroupDto, OtherDayDto } from './group.dto.js';
import { GroupDayRow, GroupPersonRow, GroupRow } from './group.model.js';

const columnsOf = ({ title, weekday, firstOn, ...more }: GroupDraftDto) => ({
  title,
  weekday,
  firstOn,
  lastOn: more.lastOn ?? null,
  time: more.time ?? null,
  place: more.place ?? null,
  most: more.most ?? null,
  sequenceId: more.sequenceId ?? null,
});

@Injectable()
export class GroupRepository {
  constructor(
    @InjectModel(GroupRow) private readonly groups: typeof GroupRow,
    @InjectModel(GroupPersonRow) private readonly people: typeof GroupPersonRow,
    @InjectModel(GroupDayRow) private readonly days: typeof GroupDayRow,
    @InjectModel(ClassRow) private readonly classes: typeof ClassRow,
    private readonly transactions: Transactions,
  ) {}

  /** All of the hall, in the order of the week. @param today `YYYY-MM-DD` */
  async all(context: RequestContext, today: string): Promise<GroupDto[]> {
    const rows = await this.groups.findAll({
      where: { hallId: context.hallId },
      order: [
        ['weekday', 'ASC'],
        ['time', 'ASC'],
        ['title', 'ASC'],
      ],
    });
    return this.told(context, rows, today);
  }

  /** @throws NotFoundException */
  async one(context: RequestContext, id: string, today: string): Promise<GroupDto> {
    return (await this.told(context, [await this.row(context, id)], today))[0]!;
  }

  async create({ hallId }: RequestContext, draft: GroupDraftDto): Promise<SavedDto> {
    return this.transactions.run(async (transaction) => {
      const { id, version } = await this.groups.create(
        { hallId, ...columnsOf(draft), version: 1 },
        { transaction },
      );
      await this.writePeople(id, draft, transaction);
      return { id, version };
    });
  }

  /** @throws NotFoundException @throws VersionConflict where it is no longer the version that was read */
  async update(
    context: RequestContext,
    id: string,
    draft: GroupDraftDto,
    read: number,
    today: string,
  ): Promise<SavedDto> {
    return this.transactions.run(async (transaction) => {
      const row = await this.row(context, id, transaction);
      if (row.version !== read) throw new VersionConflict((await this.told(context, [row], today))[0]!);
      await row.update({ ...columnsOf(draft), version: read + 1 }, { transaction });
      await this.writePeople(id, draft, transaction);
      return { id, version: read + 1 };
    });
  }

  /** Keeps what somebody does otherwise on a day, or forgets it. @throws NotFoundException */
  async onDay(context: RequestContext, id: string, { personId, on, comes }: OtherDayDto): Promise<void> {
    await this.transactions.run(async (transaction) => {
      await this.row(context, id, transaction);
      await this.days.destroy({ where: { groupId: id, personId, on }, transaction });
      if (comes !== undefined && comes !== null)
        await this.days.create({ groupId: id, personId, on, comes }, { transaction });
    });
  }

  /** Removes a group; its classes stay. @throws NotFoundException */
  async remove(context: RequestContext, id: string): Promise<void> {
    await this.transactions.run(async (transaction) => {
      await (await this.row(context, id, transaction)).destroy({ transaction });
    });
  }

  /** @throws NotFoundException where none of that id was removed, or too long ago */
  async restore({ hallId }: RequestContext, id: string): Promise<void> {
    await this.transactions.run(async (transaction) => {
      const row = await this.groups.findOne({ where: { hallId, id }, paranoid: false, transaction });
      if (!row) throw new NotFoundException('This group can no longer be brought back.');
      await row.restore({ transaction });
    });
  }

  /** The class of a group on a day, by id; none where it is not planned yet. */
  async classOn({ hallId }: RequestContext, groupId: string, on: string): Promise<string | undefined> {
    const row = await this.classes.findOne({ attributes: ['id'], where: { hallId, groupId, on } });
    return row?.id;
  }

  private async row({ hallId }: RequestContext, id: string, transaction?: Transaction): Promise<GroupRow> {
    const row = await this.groups.findOne({
      where: { hallId, id },
      ...(transaction ? { transaction, lock: transaction.LOCK.UPDATE } : {}),
    });
    if (!row) throw new NotFoundException('This group is not in the list.');
    return row;
  }

  private async writePeople(
    groupId: string,
    { people }: GroupDraftDto,
    transaction: Transaction,
  ): Promise<void> {
    await this.people.destroy({ where: { groupId }, transaction });
    await this.people.bulkCreate(
      people.map(({ id: personId, waiting }, position) => ({ groupId, personId, waiting, position })),
      { transaction },
    );
  }

  private async told(
    { hallId }: RequestContext,
    rows: readonly GroupRow[],
    today: string,
  ): Promise<GroupDto[]> {
    const groupId = rows.map(({ id }) => id);
    const ahead = { [Op.gte]: today };
    const [people, days, classes] = await Promise.all([
      this.people.findAll({ where: { groupId }, order: [['position', 'ASC']] }),
      this.days.findAll({ where: { groupId, on: ahead }, order: [['on', 'ASC']] }),
      this.classes.findAll({
        attributes: ['id', 'on', 'groupId'],
        where: { hallId, groupId, on: ahead },
        order: [['on', 'ASC']],
      }),
    ]);
    const of = <T extends { groupId: string | null }>(list: readonly T[], id: string): T[] =>
      list.filter((one) => one.groupId === id);
    return rows.map(({ id, title, weekday, time, place, most, sequenceId, firstOn, lastOn, version }) => ({
      ...{ id, title, weekday, time, place, most, sequenceId, firstOn, lastOn, version },
      people: of(people, id).map(({ personId, waiting }) => ({ id: personId, waiting })),
      days: of(days, id).map(({ personId, on, comes }) => ({ personId, on, comes })),
      classes: of(classes, id).map((one) => ({ id: one.id, on: one.on })),
    }));
  }
}
