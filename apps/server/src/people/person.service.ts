import { Injectable } from '@nestjs/common';
import type { InputError, Person } from '@lotus-steady/core';
import { UniqueConstraintError } from 'sequelize';
import { AskedTogether } from '../common/askedTogether.js';
import type { RequestContext } from '../common/context.js';
import type { PageDto } from '../common/page.dto.js';
import type { SavedDto } from '../common/problem.dto.js';
import { FieldsException } from '../common/problems.js';
import { Unreadable } from '../common/vault.js';
import { recentTexts, versionKey } from '../common/recentTexts.js';
import { HallService } from '../halls/hall.service.js';
import { plain } from '../threads/plain.js';
import { WorkPool } from '../threads/workPool.js';
import type {
  HistoryDto,
  PeopleQueryDto,
  PersonDraftDto,
  PersonDto,
  PersonLineDto,
  PersonVersionDto,
  PersonWholeDto,
  PropNoteDto,
} from './person.dto.js';
import { PersonHistory } from './personHistory.js';
import { PersonLog } from './personLog.js';
import { PersonRepository } from './person.repository.js';
import { WhoHas } from './whoHas.js';

/** Lines of about eight thousand people, characters. */
const LINES_KEPT = 4_000_000;

const nameIsTaken = ({ name }: Person): InputError => ({
  field: 'name',
  message: `There is already someone named "${name}". Add a letter to tell them apart.`,
});

/** Of two who take a name at the same moment the later is told as if she had come later. */
const sameName =
  (person: Person) =>
  (error: unknown): never => {
    if (error instanceof UniqueConstraintError) throw new FieldsException([nameIsTaken(person)]);
    throw error;
  };

@Injectable()
export class PersonService {
  private readonly lines = recentTexts(LINES_KEPT);
  private readonly lists = new AskedTogether<string>();

  constructor(
    private readonly people: PersonRepository,
    private readonly log: PersonLog,
    private readonly past: PersonHistory,
    private readonly whoHas: WhoHas,
    private readonly halls: HallService,
    private readonly work: WorkPool,
  ) {}

  /** Those who were asked for by id, or a part of all whom some words mean: lines as JSON. */
  async list(context: RequestContext, { ids, ...page }: PeopleQueryDto, words = ''): Promise<string> {
    if (ids) return JSON.stringify(await this.people.withIds(context, ids));
    const meant = words.trim();
    const asked = JSON.stringify([context.hallId, meant, page]);
    return this.lists.answer(asked, () => this.part(context, meant, page));
  }

  private async part(context: RequestContext, words: string, page: PeopleQueryDto): Promise<string> {
    const others = words
      ? await Promise.all([
          this.work.run('conditionsCalled', { words }).then((ids) => this.whoHas.oneOf(context, ids)),
          this.people.downFor(context, words, await this.halls.today(context)),
        ])
      : [];
    const found = await this.people.found(context, words, page, others.flat());
    const texts = found.map((one) => this.lines.get(versionKey(one)));
    const unknown = found.filter((_, i) => texts[i] === undefined).map(({ id }) => id);
    const made = new Map<string, string>();
    for (const row of unknown.length ? await this.people.withIds(context, unknown) : []) {
      const text = JSON.stringify(row);
      made.set(row.id, text);
      this.lines.set(versionKey(row), text);
    }
    // Who was removed in this moment has no line any more.
    const lines = found.map(({ id }, i) => texts[i] ?? made.get(id)).filter(Boolean);
    return `[${lines.join()}]`;
  }

  /**
   * The people with these ids, in the order asked for.
   *
   * @throws FieldsException for one that is not there @throws Unreadable for one of whom nothing can be read
   */
  async byIds(context: RequestContext, ids: readonly string[]): Promise<PersonLineDto[]> {
    const rows = new Map((await this.people.withIds(context, ids)).map((row) => [row.id, row]));
    const missing = ids.findIndex((id) => !rows.has(id));
    if (missing >= 0) {
      if (await this.people.isThere(context, ids[missing]!))
        throw new Unreadable('Nothing of her can be read.');
      throw new FieldsException([
        { field: `people[${missing}].id`, message: 'This person is no longer in the list.' },
      ]);
    }
    return ids.map((id) => rows.get(id)!);
  }

  /** @throws NotFoundException @throws Unreadable */
  async one(context: RequestContext, id: string): Promise<PersonDto> {
    return this.people.withProps(context, id);
  }

  /** With how classes were. @param withDone how much was done in each, and how far, too @throws NotFoundException */
  async whole(context: RequestContext, id: string, withDone = false): Promise<PersonWholeDto> {
    const [person, records] = await Promise.all([
      this.people.withProps(context, id),
      this.past.of(context, id, { withDone }),
    ]);
    return { ...person, records };
  }

  /** How classes were, a part of them, and how many there are. @throws NotFoundException */
  async history(context: RequestContext, id: string, page: PageDto): Promise<HistoryDto> {
    await this.people.there(context, id);
    const [records, counted] = await Promise.all([
      this.past.of(context, id, page),
      this.past.counted(context, id),
    ]);
    return { ...counted, records };
  }

  /** Looks at what somebody has filled in about herself as if it were saved. @throws FieldsException */
  async checkAnswers(context: RequestContext, id: string, answers: Partial<PersonDraftDto>): Promise<void> {
    const { version: _version, id: _id, ...known } = await this.people.one(context, id);
    const today = await this.halls.today(context);
    const draft = plain({ ...known, ...answers }) as PersonDraftDto;
    const { errors } = await this.work.run('checkPerson', { draft, today });
    if (errors.length) throw new FieldsException(errors);
  }

  async create(context: RequestContext, draft: PersonDraftDto): Promise<SavedDto> {
    const person = await this.check(context, draft);
    return this.people.create(context, person).catch(sameName(person));
  }

  async update(context: RequestContext, id: string, draft: PersonDraftDto, read: number): Promise<SavedDto> {
    const before = await this.people.one(context, id);
    const person = await this.check(context, draft, before);
    return this.people.update(context, id, person, read).catch(sameName(person));
  }

  async names(context: RequestContext): Promise<string[]> {
    return (await this.people.everybody(context)).map(({ name }) => name);
  }

  /** Everybody who can be read, by name. */
  async everybody(context: RequestContext): Promise<PersonLineDto[]> {
    return (await this.whoHas.everybody(context)).sort((a, b) => a.name.localeCompare(b.name));
  }

  /** The names of those of whom nothing can be read. */
  async unreadable(context: RequestContext): Promise<string[]> {
    return this.whoHas.unreadable(context);
  }

  /** How somebody was known from each change on, the latest first. @throws NotFoundException */
  async changes(context: RequestContext, id: string): Promise<PersonVersionDto[]> {
    await this.people.there(context, id);
    return this.log.of(id);
  }

  /** Keeps what worked for someone: one height a task. */
  async saveProp(context: RequestContext, id: string, note: PropNoteDto): Promise<void> {
    await this.people.saveProp(context, id, note);
  }

  async remove(context: RequestContext, id: string): Promise<void> {
    await this.people.remove(context, id);
  }

  async restore(context: RequestContext, id: string): Promise<void> {
    await this.people.restore(context, id);
  }

  private async check(
    context: RequestContext,
    draft: PersonDraftDto,
    known?: PersonLineDto,
  ): Promise<Person> {
    const today = await this.halls.today(context);
    const { version: _version, ...before } = known ?? { version: 0 };
    const { person, errors } = await this.work.run('checkPerson', {
      draft: plain(draft),
      today,
      ...('id' in before ? { before } : {}),
    });
    if (person.name && (await this.people.named(context, person.name, known?.id)))
      errors.push(nameIsTaken(person));
    if (errors.length) throw new FieldsException(errors);
    return person;
  }
}
