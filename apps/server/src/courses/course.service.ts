import { Injectable } from '@nestjs/common';
import type { RequestContext } from '../common/context.js';
import type { SavedDto } from '../common/problem.dto.js';
import { PersonService } from '../people/person.service.js';
import { SequenceService } from '../sequences/sequence.service.js';
import type { CourseChangeDto, CourseDraftDto, CourseDto } from './course.dto.js';
import { CourseRepository } from './course.repository.js';

@Injectable()
export class CourseService {
  constructor(
    private readonly courses: CourseRepository,
    private readonly sequences: SequenceService,
    private readonly people: PersonService,
  ) {}

  list(context: RequestContext): Promise<CourseDto[]> {
    return this.courses.all(context);
  }

  one(context: RequestContext, id: string): Promise<CourseDto> {
    return this.courses.one(context, id);
  }

  /** @throws FieldsException for someone who is no longer in the list */
  async create(
    context: RequestContext,
    { title, startsOn, time, place, people, weeks }: CourseDraftDto,
  ): Promise<SavedDto> {
    await this.people.byIds(context, people);
    const titled: { title: string; source: string }[] = [];
    for (const source of weeks) titled.push({ source, title: await this.sequences.titleOf(context, source) });
    return this.courses.create(
      context,
      { title, startsOn, time: time ?? null, place: place ?? null, people },
      titled,
    );
  }

  /** @throws FieldsException for someone who is no longer in the list */
  async update(
    context: RequestContext,
    id: string,
    change: CourseChangeDto,
    read: number,
  ): Promise<SavedDto> {
    if (change.people) await this.people.byIds(context, change.people);
    return this.courses.update(context, id, { ...change }, read);
  }

  remove(context: RequestContext, id: string): Promise<void> {
    return this.courses.remove(context, id);
  }
}
