import { BadRequestException, Injectable, NotFoundException } from '@nestjs/common';
import { ageOn, buildOf, dateAfter } from '@lotus-steady/core';
import type { NewLinkDto } from '../accounts/account.dto.js';
import { Links } from '../accounts/links.js';
import { Sessions } from '../accounts/sessions.js';
import type { Caller } from '../accounts/session.service.js';
import { ClassService } from '../classes/class.service.js';
import { Clock } from '../common/clock.js';
import type { RequestContext } from '../common/context.js';
import { HallRepository } from '../halls/hall.repository.js';
import { OwnVariantService } from '../own-variants/ownVariant.service.js';
import { HomeService } from '../home/home.service.js';
import { IncidentRepository } from '../incidents/incident.repository.js';
import { Documents } from '../documents/documents.js';
import { PersonRepository } from '../people/person.repository.js';
import { PersonService } from '../people/person.service.js';
import { Diary } from './diary.js';
import type {
  DiaryDraftDto,
  DiaryEntryDto,
  EverythingDto,
  MineDto,
  OwnAnswersDto,
  OwnFormDto,
  PersonLinkDto,
  SentAnswersDto,
} from './mine.dto.js';
import { OwnAnswers } from './ownAnswers.js';

/** What was written without a network may arrive so many days later. */
const LATE_DAYS = 30;

/** What a person sees and writes herself, and how her teacher lets her in. */
@Injectable()
export class MineService {
  constructor(
    private readonly people: PersonRepository,
    private readonly halls: HallRepository,
    private readonly classes: ClassService,
    private readonly ownVariants: OwnVariantService,
    private readonly diary: Diary,
    private readonly answers: OwnAnswers,
    private readonly documents: Documents,
    private readonly incidents: IncidentRepository,
    private readonly home: HomeService,
    private readonly personService: PersonService,
    private readonly links: Links,
    private readonly sessions: Sessions,
    private readonly clock: Clock,
  ) {}

  /** Opens her page with her link; it ends with the link. @returns the session's secret */
  async open(secret: string, { device }: Pick<Caller, 'device'>): Promise<string> {
    const { hallId, personId, endsAt } = await this.links.open(secret, ['person']);
    return this.sessions.begin({ hallId, personId: personId!, device }, endsAt);
  }

  async mine(context: RequestContext): Promise<MineDto> {
    const { userId } = context;
    const [person, hall, classes, diary, variants] = await Promise.all([
      this.people.one(context, userId),
      this.halls.of(context),
      this.classes.sheetsOf(context, userId),
      this.diary.of(userId),
      this.ownVariants.list(context),
    ]);
    const today = this.clock.today(hall.timeZone);
    const home = await this.home.now(context, userId, today);
    const all = [...classes.flatMap(({ steps }) => steps), ...(home?.steps ?? [])];
    const done = new Set(all.map(({ variant }) => variant.split('~')[0]));
    return {
      id: userId,
      name: person.name,
      hall: hall.name,
      teacher: hall.teacher,
      today,
      heightCm: person.heightCm,
      build: buildOf(person.born ? ageOn(person.born, today) : undefined),
      classes,
      ...(home ? { home } : {}),
      own: variants.filter(({ id }) => done.has(id)),
      diary,
    };
  }

  /** Keeps what she wrote of today. */
  async write(context: RequestContext, draft: DiaryDraftDto): Promise<void> {
    if (draft.pain === undefined && !draft.words?.trim() && !draft.done)
      throw new BadRequestException('Say how it is: a number, or a few words.');
    const { timeZone } = await this.halls.of(context);
    const today = this.clock.today(timeZone);
    const { on = today } = draft;
    if (on > today || on < dateAfter(today, -LATE_DAYS))
      throw new BadRequestException('This is of no day of the last weeks.');
    await this.diary.write(context.userId, on, draft);
  }

  async takeBack({ userId }: RequestContext, id: string): Promise<void> {
    if (!(await this.diary.remove(userId, id))) throw new NotFoundException('This is no longer there.');
  }

  /** @throws NotFoundException where she is not in this hall */
  async diaryOf(context: RequestContext, personId: string): Promise<DiaryEntryDto[]> {
    await this.people.there(context, personId);
    return this.diary.of(personId);
  }

  /** What is known of her, to look at and put right. */
  async form(context: RequestContext): Promise<OwnFormDto> {
    const [person, sent] = await Promise.all([
      this.people.one(context, context.userId),
      this.answers.of(context.userId),
    ]);
    return { person, ...(sent ? { sent } : {}) };
  }

  /** Keeps what she has filled in until her teacher has looked. @throws FieldsException for what cannot be right */
  async sendForm(context: RequestContext, answers: OwnAnswersDto): Promise<void> {
    await this.personService.checkAnswers(context, context.userId, answers);
    await this.answers.send(context.userId, answers);
  }

  /** What somebody has sent and nobody has looked at. @throws NotFoundException where she is not in this hall */
  async answersOf(context: RequestContext, personId: string): Promise<SentAnswersDto[]> {
    await this.people.there(context, personId);
    const sent = await this.answers.of(personId);
    return sent ? [sent] : [];
  }

  /** Everything that is kept about somebody, to be handed to her. @throws NotFoundException */
  async everything(context: RequestContext, personId: string): Promise<EverythingDto> {
    const [person, changes, hall, diary, answers, coming, links, documents, incidents, home] =
      await Promise.all([
        this.personService.whole(context, personId),
        this.personService.changes(context, personId),
        this.halls.of(context),
        this.diary.of(personId),
        this.answersOf(context, personId),
        this.classes.sheetsOf(context, personId),
        this.linkOf(context, personId),
        this.documents.of(context, personId),
        this.incidents.all(context, personId),
        this.home.of(context, personId),
      ]);
    const on = this.clock.today(hall.timeZone);
    return {
      on,
      hall: hall.name,
      person,
      changes,
      diary,
      answers,
      coming,
      links,
      documents,
      incidents,
      home,
    };
  }

  /** Her answers were looked at. */
  async answersDone(context: RequestContext, personId: string): Promise<void> {
    await this.people.there(context, personId);
    if (!(await this.answers.done(personId))) throw new NotFoundException('This is no longer there.');
  }

  /** A private link for somebody; the one before opens nothing any more. */
  async makeLink(context: RequestContext, personId: string): Promise<NewLinkDto> {
    await this.endLinks(context, personId);
    return this.links.make({ hallId: context.hallId, kind: 'person', personId });
  }

  async linkOf(context: RequestContext, personId: string): Promise<PersonLinkDto[]> {
    await this.people.there(context, personId);
    const links = await this.links.of({ hallId: context.hallId, kind: 'person', personId });
    return links.map(({ createdAt, endsAt }) => ({
      createdAt: createdAt.toISOString(),
      endsAt: endsAt.toISOString(),
    }));
  }

  /** Her link, and every page that it opened, ends at once. */
  async endLinks(context: RequestContext, personId: string): Promise<void> {
    await this.people.there(context, personId);
    await this.links.takeBack({ hallId: context.hallId, kind: 'person', personId });
    await this.sessions.endAllOf(personId);
  }
}
