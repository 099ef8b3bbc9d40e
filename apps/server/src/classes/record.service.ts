import { Injectable } from '@nestjs/common';
import { learnPace, paceOf, type Done, type InputError } from '@lotus-steady/core';
import { Clock } from '../common/clock.js';
import type { RequestContext } from '../common/context.js';
import type { SavedDto } from '../common/problem.dto.js';
import { FieldsException } from '../common/problems.js';
import { HallRepository } from '../halls/hall.repository.js';
import { OwnVariantService } from '../own-variants/ownVariant.service.js';
import { WorkPool } from '../threads/workPool.js';
import { ClassRepository, type KeptClass } from './class.repository.js';
import { ClassService } from './class.service.js';
import { keptOf } from './keptClass.js';
import type { AfterClassDto, LearnedPaceDto, RecordDto } from './record.dto.js';
import type { ChangeThenDto, LastTimeDto } from './lastTime.dto.js';
import { RecordRepository } from './record.repository.js';

/** How long things take is learned from so many of the last classes. */
const LEARNED_FROM = 12;

/** How classes were, and what that says of how long things take. */
@Injectable()
export class RecordService {
  constructor(
    private readonly records: RecordRepository,
    private readonly classes: ClassRepository,
    private readonly service: ClassService,
    private readonly halls: HallRepository,
    private readonly ownVariants: OwnVariantService,
    private readonly clock: Clock,
    private readonly work: WorkPool,
  ) {}

  /**
   * Keeps how the class was; a second save replaces the first, and marks that are in it now are no longer kept.
   *
   * @throws FieldsException for a class that is still to come, and for what is not of this class
   */
  async save(
    context: RequestContext,
    id: string,
    { records, marks = [], times }: AfterClassDto,
    read: number,
  ): Promise<SavedDto> {
    const row = await this.classes.whole(context, id);
    const { timeZone } = await this.halls.of(context);
    if (row.on > this.clock.today(timeZone))
      throw new FieldsException([
        { field: 'records', message: 'This class is still to come: it is recorded when it has been.' },
      ]);
    const errors = wrongIn(records, row);
    if (errors.length) throw new FieldsException(errors);
    const done = row.fitting
      ? await this.work.run('doneInClass', {
          kept: keptOf(row),
          own: await this.ownVariants.all(context),
        })
      : {};
    const kept = records.map((record) => ({
      ...record,
      painBefore: record.painBefore ?? null,
      painAfter: record.painAfter ?? null,
      effort: record.effort ?? null,
      pressureAfter: record.pressureAfter ?? null,
      ...(record.came ? didOf(done, record.personId) : {}),
    }));
    return this.records
      .save(context, id, { records: kept, marks, ...(times ? { times } : {}) }, read)
      .catch(this.service.toldHowItStands(context, id));
  }

  /** How the last class before this one was for each who is down for it, pose by pose. */
  async lastTimes(context: RequestContext, id: string): Promise<LastTimeDto[]> {
    const { people, on } = await this.classes.bare(context, id);
    const last = await this.records.lastBefore(
      context,
      people.map((person) => person.id),
      on,
    );
    return last.map(
      ({ personId, classId, on: then, painBefore, painAfter, effort, changes, word, did = [] }) => ({
        ...{ personId, classId, on: then, painBefore, painAfter, effort, word },
        changes: changes.flatMap(({ step, ...change }): ChangeThenDto[] => {
          // Of what was written down before it was kept what was given, it is not known in which pose it was.
          const pose = did.find((done) => done.step === step)?.pose;
          return pose ? [{ pose, ...change }] : [];
        }),
      }),
    );
  }

  /** What the last classes say of how long things take, beside what is planned with. */
  async learnedPace(context: RequestContext): Promise<LearnedPaceDto> {
    const { pace } = await this.halls.of(context);
    const learned = learnPace(await this.records.taughtTimes(context, LEARNED_FROM), paceOf(pace));
    return learned ? { learned } : {};
  }
}

const didOf = (done: Readonly<Record<string, Done[]>>, personId: string): { did?: Done[] } =>
  done[personId] ? { did: done[personId] } : {};

/** What is wrong in what was written down of a class. */
function wrongIn(records: readonly RecordDto[], { people, fitting }: KeptClass): InputError[] {
  const known = new Set(people.map((person) => person.id));
  const steps = fitting?.steps ?? 0;
  return records.flatMap((record, i): InputError[] => [
    ...(records.findIndex(({ personId }) => personId === record.personId) === i
      ? []
      : [{ field: `records[${i}].personId`, message: 'This person is there twice.' }]),
    ...(known.has(record.personId)
      ? []
      : [{ field: `records[${i}].personId`, message: 'This person was not down for the class.' }]),
    ...(record.changes.every(({ step }) => step <= steps)
      ? []
      : [{ field: `records[${i}].changes`, message: 'There is no such step in this class.' }]),
  ]);
}
