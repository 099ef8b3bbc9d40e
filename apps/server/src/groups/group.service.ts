import { Injectable } from '@nestjs/common';
import { ClassService } from '../classes/class.service.js';
import type { RequestContext } from '../common/context.js';
import type { SavedDto } from '../common/problem.dto.js';
import { HallService } from '../halls/hall.service.js';
import { PersonService } from '../people/person.service.js';
import type { GroupDraftDto, GroupDto, OtherDayDto } from './group.dto.js';
import { GroupRepository } from './group.repository.js';

@Injectable()
export class GroupService {
  constructor(
    private readonly groups: GroupRepository,
    private readonly people: PersonService,
    private readonly classes: ClassService,
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
   * Keeps that somebody comes or stays away on a day; the class of that day is fitted again where it is planned.
   *
   * @throws FieldsException for someone who is no longer in the list
   */
  async onDay(context: RequestContext, id: string, day: OtherDayDto): Promise<void> {
    await this.people.byIds(context, [day.personId]);
    await this.groups.onDay(context, id, day);
    const classId = await this.groups.classOn(context, id, day.on);
    if (!classId) return;
    const { people } = await this.one(context, id);
    const asAlways = people.some((one) => one.id === day.personId && !one.waiting);
    await this.classes.comes(context, classId, day.personId, day.comes ?? asAlways);
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
