import { ConflictException, Injectable } from '@nestjs/common';
import { InjectModel } from '@nestjs/sequelize';
import {
  dateAfter,
  fitsOf,
  proposals,
  sayProposal,
  type LimitProposal,
  type OwnLimit,
  type Proposal,
  type PropProposal,
} from '@lotus-steady/core';
import { BUILT_IN } from '@lotus-steady/core/built-in';
import { RULEBOOK } from '@lotus-steady/core/rulebook';
import { ClassRepository } from '../classes/class.repository.js';
import { RecordRepository } from '../classes/record.repository.js';
import type { RequestContext } from '../common/context.js';
import type { SavedDto } from '../common/problem.dto.js';
import { FieldsException } from '../common/problems.js';
import { Vault } from '../common/vault.js';
import { HallService } from '../halls/hall.service.js';
import { Diary } from '../mine/diary.js';
import type { PersonDraftDto, PersonLineDto } from '../people/person.dto.js';
import { PersonRepository } from '../people/person.repository.js';
import { PersonService } from '../people/person.service.js';
import { SEALED } from '../store/sealedColumns.js';
import { openJson, sealJson } from '../store/sealedJson.js';
import { plain } from '../threads/plain.js';
import { WorkPool } from '../threads/workPool.js';
import type {
  DecidedDto,
  ProposalAnswerDto,
  ProposalsDto,
  ProposedForDto,
  RememberedDto,
} from './proposal.dto.js';
import { ProposalAnswerRow, type SealedAnswer } from './proposal.model.js';

/** So many of the last classes: about a year of one a week. */
const CLASSES = 52;
/** So many of the last decisions are told. */
const TOLD = 20;
/** What was decided within so many days is told with the next class. */
const LATELY_DAYS = 28;
/** The words of a prop are no longer, characters. */
const WORDS_MOST = 300;

@Injectable()
export class ProposalService {
  constructor(
    @InjectModel(ProposalAnswerRow) private readonly answers: typeof ProposalAnswerRow,
    private readonly records: RecordRepository,
    private readonly classes: ClassRepository,
    private readonly people: PersonRepository,
    private readonly service: PersonService,
    private readonly halls: HallService,
    private readonly diary: Diary,
    private readonly vault: Vault,
    private readonly work: WorkPool,
  ) {}

  /** @throws NotFoundException @throws Unreadable */
  async of(context: RequestContext, id: string): Promise<ProposalsDto> {
    const person = await this.people.one(context, id);
    const answers = (await this.answersOf([id])).get(id)!;
    return {
      proposals: (await this.proposed(context, [person])).get(id)!,
      decided: answers.slice(0, TOLD).map(told),
    };
  }

  /**
   * Keeps what was decided; what is taken over is hers from then on.
   *
   * @throws ConflictException for what is not proposed any more
   * @throws VersionConflict where somebody has changed her in the meantime
   */
  async answer(
    context: RequestContext,
    id: string,
    { key, answer, most, reason = '' }: ProposalAnswerDto,
    read: number,
  ): Promise<SavedDto> {
    const person = await this.people.one(context, id);
    const one = (await this.proposed(context, [person])).get(id)!.find((proposal) => proposal.key === key);
    if (!one) throw new ConflictException('This is not proposed any more.');
    if ((one.what === 'ask') !== (answer === 'asked'))
      throw new FieldsException([{ field: 'answer', message: 'This is no answer to it.' }]);
    if (answer !== 'taken' && !reason.trim())
      throw new FieldsException([{ field: 'reason', message: NEEDED[answer] }]);
    const today = await this.halls.today(context);
    const decided = asDecided(one, most, reason);
    const taken = { answer, ...decided, reason, key } satisfies SealedAnswer;
    let saved: SavedDto = { id, version: person.version };
    if (answer === 'taken' && one.what === 'lower-prop')
      await this.people.saveProp(context, id, { ...propOf(one, decided.heightCm!, reason), on: today });
    else if (answer === 'taken' && 'limit' in one)
      saved = await this.take(context, person, one, decided.limit!, read);
    const row = this.answers.build({ personId: id, on: today });
    row.sealed = sealJson(this.vault, SEALED.proposalAnswer, [row.id], taken);
    await row.save();
    return saved;
  }

  private async take(
    context: RequestContext,
    { version: _version, id, ...person }: PersonLineDto,
    { instead, what }: LimitProposal,
    limit: OwnLimit,
    read: number,
  ): Promise<SavedDto> {
    const others = person.limits.filter(
      (known) =>
        !(instead && known.kind === instead.kind && known.side === instead.side && known.by === instead.by),
    );
    return this.service.update(
      context,
      id,
      { ...person, limits: what === 'again' ? others : [...others, limit] } as PersonDraftDto,
      read,
    );
  }

  /** What the records of those who are down for a class propose; whoever has none is left out. */
  async ofClass(context: RequestContext, classId: string): Promise<ProposedForDto[]> {
    const { people } = await this.classes.bare(context, classId);
    const lines = await this.people.withIds(
      context,
      people.map(({ id }) => id),
    );
    const proposed = await this.proposed(context, lines);
    return lines.flatMap(({ id, name }) => {
      const own = proposed.get(id)!;
      return own.length ? [{ personId: id, name, proposals: own }] : [];
    });
  }

  /** What was decided lately for each who is down for a class, and the props that worked. */
  async remembered(context: RequestContext, classId: string): Promise<RememberedDto[]> {
    const { people } = await this.classes.bare(context, classId);
    const ids = people.map(({ id }) => id);
    const [today, answers, notes] = await Promise.all([
      this.halls.today(context),
      this.answersOf(ids),
      this.people.propNotesOf(context, ids),
    ]);
    const since = dateAfter(today, -LATELY_DAYS);
    return ids.flatMap((personId) => {
      const decided = answers
        .get(personId)!
        .filter(({ on }) => on >= since)
        .map(told);
      const worked = notes.get(personId)!;
      return decided.length || worked.length ? [{ personId, decided, worked }] : [];
    });
  }

  /** What is proposed for some people, and not decided yet, by id. */
  private async proposed(
    context: RequestContext,
    people: readonly PersonLineDto[],
  ): Promise<ReadonlyMap<string, Proposal[]>> {
    const ids = people.map(({ id }) => id);
    const today = await this.halls.today(context);
    const [records, answers, notes, worse] = await Promise.all([
      this.records.ofPeople(context, ids, CLASSES),
      this.answersOf(ids),
      this.people.propNotesOf(context, ids),
      this.diary.worseAtHome(ids, dateAfter(today, -LATELY_DAYS)),
    ]);
    const each = people.map(async (person): Promise<[string, Proposal[]]> => {
      const { id, limits } = person;
      const conditions = person.conditions.map(({ condition }) => condition);
      const decided = new Set(answers.get(id)!.map(({ key }) => key));
      const known = { limits, conditions, worked: notes.get(id)!, worseAtHome: worse.get(id)! };
      const all = proposals(records.get(id)!, known, RULEBOOK.limitKinds, today);
      return [
        id,
        await this.within(
          person,
          all.filter(({ key }) => !decided.has(key)),
          today,
        ),
      ];
    });
    return new Map(await Promise.all(each));
  }

  /** Without props that would be lower than a measured range of hers allows. */
  private async within(
    { heightCm, born, ranges }: PersonLineDto,
    all: Proposal[],
    today: string,
  ): Promise<Proposal[]> {
    const tasks = all.flatMap((one) => (one.what === 'lower-prop' ? one.task : []));
    if (!tasks.length) return all;
    const fits = fitsOf({ ranges, ...(heightCm ? { heightCm } : {}), ...(born ? { born } : {}) }, today);
    const least = await this.work.run('measuredHeights', { tasks, fits: plain(fits) });
    return all.filter((one) => one.what !== 'lower-prop' || one.to >= (least[one.task] ?? 0));
  }

  /** The latest first, by whose they are. @throws Unreadable */
  private async answersOf(
    personIds: readonly string[],
  ): Promise<ReadonlyMap<string, (SealedAnswer & { on: string })[]>> {
    const rows = await this.answers.findAll({
      where: { personId: [...personIds] },
      order: [['on', 'DESC']],
    });
    const answers = new Map<string, (SealedAnswer & { on: string })[]>(personIds.map((id) => [id, []]));
    for (const { id, personId, on, sealed } of rows)
      answers
        .get(personId)!
        .push({ on, ...openJson<SealedAnswer>(this.vault, SEALED.proposalAnswer, [id], sealed) });
    return answers;
  }
}

const NEEDED = { declined: 'Say why, in a few words.', asked: 'Say what the answer was.' } as const;

const told = ({ key: _key, ...decided }: SealedAnswer & { on: string }): DecidedDto => decided;

/** What is kept of a decision: with the number that the teacher wants, and why it is there. */
function asDecided(
  one: Proposal,
  most: number | undefined,
  reason: string,
): Pick<SealedAnswer, 'limit' | 'isLetGo' | 'task' | 'heightCm' | 'place'> {
  if (one.what === 'ask') return one.place ? { place: one.place } : {};
  if (one.what === 'lower-prop') return { task: one.task, heightCm: most ?? one.to };
  if (one.what === 'again') return { limit: one.limit, isLetGo: true };
  return { limit: { ...one.limit, ...(most === undefined ? {} : { most }), why: whyOf(one, reason) } };
}

/** A prop at its new height, as it is kept with her. */
const propOf = (one: PropProposal, heightCm: number, reason: string) => ({
  ...{ task: one.task, heightCm },
  words: `${heightCm} cm, was ${one.from}: ${whyOf(one, reason)}`.slice(0, WORDS_MOST),
});

const whyOf = (one: LimitProposal | PropProposal, reason: string): string =>
  [sayProposal(one, (pose) => BUILT_IN.poseName(pose) ?? pose), reason.trim()].filter(Boolean).join('; ');
