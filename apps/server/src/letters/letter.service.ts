import { Injectable } from '@nestjs/common';
import { dateAfter, spokenDate, type LetterTo } from '@lotus-steady/core';
import { ClassFitter } from '../classes/classFitter.js';
import { ClassRepository } from '../classes/class.repository.js';
import { keptOf } from '../classes/keptClass.js';
import { RecordRepository } from '../classes/record.repository.js';
import type { RequestContext } from '../common/context.js';
import { HallService } from '../halls/hall.service.js';
import { HallRepository } from '../halls/hall.repository.js';
import { PersonRepository } from '../people/person.repository.js';
import { writtenPerson } from '../people/writtenPerson.js';
import { plain } from '../threads/plain.js';
import { WorkPool } from '../threads/workPool.js';

/** A letter looks back so many days, and over no more classes. */
const BACK_DAYS = 183;
const CLASSES = 52;

/** Letters to whoever treats somebody. */
@Injectable()
export class LetterService {
  constructor(
    private readonly people: PersonRepository,
    private readonly records: RecordRepository,
    private readonly classes: ClassRepository,
    private readonly fitter: ClassFitter,
    private readonly hall: HallService,
    private readonly halls: HallRepository,
    private readonly work: WorkPool,
  ) {}

  /** The beginning of a letter. @throws NotFoundException */
  async draft(context: RequestContext, personId: string, to: LetterTo): Promise<string> {
    const [person, hall, on, all] = await Promise.all([
      this.people.one(context, personId),
      this.halls.of(context),
      this.hall.today(context),
      this.records.ofPeople(context, [personId], CLASSES),
    ]);
    const records = all.get(personId)!.filter((record) => record.on >= dateAfter(on, -BACK_DAYS));
    const last = records.find((record) => record.came && record.classId);
    const row = last ? await this.classes.whole(context, last.classId!) : undefined;
    const task = await this.fitter.taskFor(context, { on, sequenceText: '', people: [] }, []);
    const known = plain({
      ...{ to, on, personId, records, hall: task.hall, own: task.own },
      person: writtenPerson(person),
      hallName: hall.name,
      teacher: hall.teacher,
    });
    return this.work.run('draftLetter', { ...known, kept: row?.fitting ? keptOf(row) : undefined });
  }

  /** A letter as it was edited, as a PDF. */
  async pdf(context: RequestContext, text: string): Promise<Buffer> {
    const on = await this.hall.today(context);
    const said = `${spokenDate(on)} ${on.slice(0, 4)}`;
    return Buffer.from(await this.work.run('writeLetter', { text, on, said }));
  }
}
