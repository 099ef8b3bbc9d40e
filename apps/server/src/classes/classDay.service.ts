import { Injectable, NotFoundException } from '@nestjs/common';
import type { RequestContext } from '../common/context.js';
import { FieldsException } from '../common/problems.js';
import { StaleVersion } from '../common/versions.js';
import type { DoorAnswerDto, DoorDto } from './class.dto.js';
import { ClassFitter } from './classFitter.js';
import { ClassRepository } from './class.repository.js';
import { draftOf } from './keptClass.js';

/** So often the class is fitted anew where somebody else has saved it meanwhile. */
const DOOR_TRIES = 12;

/** What is wrong with somebody's today, named as the form at the door names it: `today.bp`. */
const atTheField =
  (at: number) =>
  (error: unknown): never => {
    if (!(error instanceof FieldsException)) throw error;
    throw new FieldsException(
      error.fields.map(({ field, message }) => ({ field: field.replace(`people[${at}].`, ''), message })),
    );
  };

/** Changes of one person's day in a class: two who do so at the same moment both keep what they were told. */
@Injectable()
export class ClassDayService {
  constructor(
    private readonly classes: ClassRepository,
    private readonly fitter: ClassFitter,
  ) {}

  /**
   * Keeps how somebody is today, and fits the class again.
   *
   * @throws NotFoundException for somebody who is not down for the class
   */
  async atTheDoor(context: RequestContext, id: string, asked: DoorDto): Promise<DoorAnswerDto> {
    return this.again(async () => {
      const row = await this.classes.whole(context, id);
      const at = row.people.findIndex((person) => person.id === asked.personId);
      if (at < 0) throw new NotFoundException('This person is not down for the class.');
      const draft = draftOf(row);
      draft.people[at] = { id: asked.personId, today: asked.today };
      const [{ columns, fitting }, comparison] = await Promise.all([
        this.fitter.columnsFor(context, draft),
        this.fitter.compared(context, row, draft),
      ]).catch(atTheField(at));
      return { ...(await this.classes.update(context, id, columns, fitting, row.version)), comparison };
    });
  }

  /**
   * Puts somebody down for a class, or takes them off it, and fits it again; what was chosen for who does not come is
   * forgotten.
   */
  async comes(context: RequestContext, id: string, personId: string, comes: boolean): Promise<void> {
    await this.again(async () => {
      const row = await this.classes.bare(context, id);
      if (row.people.some((person) => person.id === personId) === comes) return;
      const draft = draftOf(row);
      draft.people = comes
        ? [...draft.people, { id: personId, today: {} }]
        : draft.people.filter((person) => person.id !== personId);
      draft.choices.overrides = draft.choices.overrides.filter((one) =>
        draft.people.some((person) => person.id === one.personId),
      );
      const { columns, fitting } = await this.fitter.columnsFor(context, draft);
      await this.classes.update(context, id, columns, fitting, row.version);
    });
  }

  /** Does it again where somebody else has saved meanwhile. */
  private async again<T>(change: () => Promise<T>, tries = DOOR_TRIES): Promise<T> {
    try {
      return await change();
    } catch (error) {
      if (!(error instanceof StaleVersion) || tries <= 1) throw error;
      return this.again(change, tries - 1);
    }
  }
}
