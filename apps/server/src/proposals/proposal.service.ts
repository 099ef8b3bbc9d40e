import { ConflictException, Injectable } from '@nestjs/common';
import { InjectModel } from '@nestjs/sequelize';
import { proposals, sayProposal, type OwnLimit, type Proposal } from '@lotus-steady/core';
import { BUILT_IN } from '@lotus-steady/core/built-in';
import { RULEBOOK } from '@lotus-steady/core/rulebook';
import { ClassRepository } from '../classes/class.repository.js';
import { RecordRepository } from '../classes/record.repository.js';
import type { RequestContext } from '../common/context.js';
import type { SavedDto } from '../common/problem.dto.js';
import { FieldsException } from '../common/problems.js';
import { Vault } from '../common/vault.js';
import { HallService } from '../halls/hall.service.js';
import type { PersonDraftDto, PersonLineDto } from '../people/person.dto.js';
import { PersonRepository } from '../people/person.repository.js';
import { PersonService } from '../people/person.service.js';
import { SEALED } from '../store/sealedColumns.js';
import { openJson, sealJson } from '../store/sealedJson.js';
import type { ProposalAnswerDto, ProposalsDto, ProposedForDto } from './proposal.dto.js';
import { ProposalAnswerRow, type SealedAnswer } from './proposal.model.js';

/** So many of the last classes: about a year of one a week. */
const CLASSES = 52;
/** So many of the last decisions are told. */
const TOLD = 20;

@Injectable()
export class ProposalService {
  constructor(
    @InjectModel(ProposalAnswerRow) private readonly answers: typeof ProposalAnswerRow,
    private readonly records: RecordRepository,
    private readonly classes: ClassRepository,
    private readonly people: PersonRepository,
    private readonly service: PersonService,
    private readonly halls: HallService,
    private readonly vault: Vault,
  ) {}

  /** @throws NotFoundException @throws Unreadable */
  async of(context: RequestContext, id: string): Promise<ProposalsDto> {
    const person = await this.people.one(context, id);
    const answers = (await this.answersOf([id])).get(id)!;
    return {
      proposals: (await this.proposed(context, [person])).get(id)!,
      decided: answers.slice(0, TOLD).map(({ on, answer, limit, reason }) => ({ on, answer, limit, reason })),
    };
  }

  /**
   * Keeps what was decided; what is taken over is a limit of hers from then on.
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
    const proposed = await this.proposed(context, [person]);
    const one = proposed.get(id)!.find((proposal) => proposal.key === key);
    if (!one) throw new ConflictException('This is not proposed any more.');
    if (answer === 'declined' && !reason.trim())
      throw new FieldsException([{ field: 'reason', message: 'Say why, in a few words.' }]);
    const limit = asDecided(one, most, reason);
    const saved =
      answer === 'taken'
        ? await this.take(context, person, one, limit, read)
        : { id, version: person.version };
    const row = this.answers.build({ personId: id, on: await this.halls.today(context) });
    row.sealed = sealJson(this.vault, SEALED.proposalAnswer, [row.id], {
      ...{ key, answer, limit, reason },
    } satisfies SealedAnswer);
    await row.save();
    return saved;
  }

  private async take(
    context: RequestContext,
    { version: _version, id, ...person }: PersonLineDto,
    { instead }: Proposal,
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
      { ...person, limits: [...others, limit] } as PersonDraftDto,
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

  /** What is proposed for some people, and not decided yet, by id. */
  private async proposed(
    context: RequestContext,
    people: readonly PersonLineDto[],
  ): Promise<ReadonlyMap<string, Proposal[]>> {
    const ids = people.map(({ id }) => id);
    const [today, records, answers] = await Promise.all([
      this.halls.today(context),
      this.records.ofPeople(context, ids, CLASSES),
      this.answersOf(ids),
    ]);
    return new Map(
      people.map(({ id, limits, conditions }) => {
        const known = { limits, conditions: conditions.map(({ condition }) => condition) };
        const decided = new Set(answers.get(id)!.map(({ key }) => key));
        const all = proposals(records.get(id)!, known, RULEBOOK.limitKinds, today);
        return [id, all.filter(({ key }) => !decided.has(key))];
      }),
    );
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

/** A limit with the number that the teacher wants, and why it is there. */
function asDecided(one: Proposal, most: number | undefined, reason: string): OwnLimit {
  const why = [sayProposal(one, (pose) => BUILT_IN.poseName(pose) ?? pose), reason.trim()].filter(Boolean);
  return { ...one.limit, ...(most === undefined ? {} : { most }), why: why.join('; ') };
}
