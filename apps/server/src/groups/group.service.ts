import { Injectable } from '@nestjs/common';
import { ClassDayService } from '../classes/classDay.service.js';
import type { RequestContext } from '../common/context.js';
import type { SavedDto } from '../common/problem.dto.js';
import { FieldsException } from '../common/problems.js';
import { currentWrite } from '../database/currentWrite.js';
import { HallService } from '../halls/hall.service.js';
import { PersonService } from '../people/person.service.js';
import type { GroupDraftDto, GroupDto, OtherDayDto } from './group.dto.js';
import { GroupRepository } from './group.repository.js';

@Injectable()
export class GroupService {
  constructor(
    private readonly groups: GroupRepository,
    private readonly people: PersonService,
    private readonly days: ClassDayService,
    private readonly halls: HallService,
  ) {}

  async list(context: RequestContext): Promise<GroupDto[]> {
    return this.groups.all(context, await this.halls.today(context));
  }

  async one(context: RequestContext, id: string): Promise<GroupDto> {
    return this.groups.one(context, id, await this.halls.today(context));
  }

  /** @throws FieldsException for someone who is no longer in the list */
  async create(context: RequestContext, draft: GroupDraftDto): Promise<SavedDto> {
    await this.known(context, draft);
    return this.groups.create(context, draft);
  }

  /** @throws FieldsException for someone who is no longer in the list */
  async update(context: RequestContext, id: string, draft: GroupDraftDto, read: number): Promise<SavedDto> {
    await this.known(context, draft);
    return this.groups.update(context, id, draft, read, await this.halls.today(context));
  }

  /**
   * Keeps that somebody of a group comes or stays away on a day. Where the class of that day is planned it is fitted
   * again first: what cannot be fitted is not kept.
   *
   * @throws FieldsException for somebody who is not on the roster, and for a day that is over
   */
  async onDay(context: RequestContext, id: string, day: OtherDayDto): Promise<void> {
    const today = await this.halls.today(context);
    const { people } = await this.groups.one(context, id, today);
    const member = people.find((one) => one.id === day.personId);
    if (!member)
      throw new FieldsException([
        { field: 'personId', message: 'This person does not belong to the group.' },
      ]);
    if (day.on < today)
      throw new FieldsException([
        { field: 'on', message: 'Who came on a day that is over is recorded after class.' },
      ]);
    const classId = await this.groups.classOn(context, id, day.on);
    const comes = day.comes ?? !member.waiting;
    // What is asked for once is the day itself: fitted again twice the class is the same.
    if (classId) await currentWrite.exit(() => this.days.comes(context, classId, day.personId, comes));
    await this.groups.onDay(context, id, day);
  }

  remove(context: RequestContext, id: string): Promise<void> {
    return this.groups.remove(context, id);
  }

  restore(context: RequestContext, id: string): Promise<void> {
    return this.groups.restore(context, id);
  }

  private async known(context: RequestContext, { people }: GroupDraftDto): Promise<void> {
    await this.people.byIds(
      context,
      people.map(({ id }) => id),
    );
  }
}
