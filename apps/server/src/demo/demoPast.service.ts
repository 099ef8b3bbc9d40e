import { Injectable, type BeforeApplicationShutdown } from '@nestjs/common';
import { InjectModel } from '@nestjs/sequelize';
import { dateAfter, NO_CHOICES } from '@lotus-steady/core';
import type { ClassDraftDto } from '../classes/class.dto.js';
import { ClassFitter } from '../classes/classFitter.js';
import { ClassRepository } from '../classes/class.repository.js';
import type { RecordDto } from '../classes/record.dto.js';
import { RecordService } from '../classes/record.service.js';
import type { FitTask } from '../classes/fitDraft.js';
import type { RequestContext } from '../common/context.js';
import { placeOf } from '../common/placeOf.js';
import { SettingRow } from '../database/setting.model.js';
import { GroupRepository } from '../groups/group.repository.js';
import type { GroupDto } from '../groups/group.dto.js';
import { HallRow } from '../halls/hall.model.js';
import { PersonRepository } from '../people/person.repository.js';
import { demoVisits, type Visit } from './stories.js';
import { demoClasses, type DemoClass } from './world.js';

/** A setting that is there while the past of the demo is not all written. */
const PAST = 'demo-past';

/** What is still to be written: the weeks before a day, of the demo's hall. */
interface Past {
  hallId: string;
  today: string;
  weeks: number;
}

/** Where a plan asks for a pose, by how it is called there: 1 is the first step, 0 none. */
const stepOf = (sequence: string, pose: string): number =>
  1 +
  sequence
    .split('\n')
    .filter((line) => line.startsWith('- '))
    .findIndex((line) => line.startsWith(`- ${pose}`));

/**
 * Writes the demo's past, the latest class first: each is fitted to those who were down for it as they were known that
 * day, and says how it was. That takes a minute of work, which the hall does not wait for; a server that is ended goes
 * on with it when it starts again.
 */
@Injectable()
export class DemoPast implements BeforeApplicationShutdown {
  private ending = false;
  private writing: Promise<void> | undefined;

  constructor(
    @InjectModel(SettingRow) private readonly settings: typeof SettingRow,
    @InjectModel(HallRow) private readonly halls: typeof HallRow,
    private readonly fitter: ClassFitter,
    private readonly classes: ClassRepository,
    private readonly records: RecordService,
    private readonly groups: GroupRepository,
    private readonly people: PersonRepository,
  ) {}

  /** Remembers that the weeks before a day are to be written. */
  async plan(past: Past): Promise<void> {
    await this.settings.upsert({ name: PAST, value: past });
  }

  /** Goes on with what is to be written, if anything is. */
  begin(): void {
    this.writing = this.writeAll().catch((error: unknown) => {
      // The hall was emptied or the server ends: nothing is waited for.
      if (!this.ending) console.error(`The past of the demo was not all written: ${placeOf(error)}`);
    });
  }

  /** Until nothing is being written any more. */
  async done(): Promise<void> {
    await this.writing;
  }

  async beforeApplicationShutdown(): Promise<void> {
    this.ending = true;
    await this.writing;
  }

  private async writeAll(): Promise<void> {
    const row = await this.settings.findByPk(PAST);
    if (!row) return;
    const past = row.value as Past;
    const context: RequestContext = { hallId: past.hallId, userId: 'demo', role: 'owner' };
    const groups = await this.groups.all(context, past.today);
    const classes = demoClasses(past.today);
    for (let week = 1; week <= past.weeks; week++)
      for (const one of classes) {
        if (this.ending) return;
        if (!(await this.halls.count({ where: { id: past.hallId, isDemo: true } }))) return row.destroy();
        const group = groups.find(({ title }) => title === one.title);
        if (group) await this.write(context, one, group, dateAfter(past.today, one.inDays - 7 * week), past);
      }
    await row.destroy();
  }

  private async write(
    context: RequestContext,
    { title, time, place, sequence }: DemoClass,
    { id: groupId, sequenceId }: GroupDto,
    on: string,
    { today }: Past,
  ): Promise<void> {
    if (await this.groups.classOn(context, groupId, on)) return;
    const there = new Map((await this.people.everybody(context)).map(({ id, name }) => [name, id]));
    const visits = [...demoVisits(title, on, today)].flatMap(([name, visit]) => {
      const id = there.get(name);
      return id ? [{ ...visit, id }] : [];
    });
    if (!visits.length) return;
    const draft: ClassDraftDto = {
      ...{ title, on, time, place, groupId, sequenceText: sequence, choices: { ...NO_CHOICES } },
      ...(sequenceId ? { sequenceId } : {}),
      people: visits.map(({ id }) => ({ id })),
    };
    const { columns, fitting } = await this.fitter.columnsFor(context, draft, visits.map(knownOf));
    const { id, version } = await this.classes.create(context, columns, fitting);
    await this.records.save(
      context,
      id,
      { records: visits.map((visit) => recordOf(visit, sequence)) },
      version,
    );
  }
}

const knownOf = ({ id, version, person, today }: Visit & { id: string }): FitTask['coming'][number] => {
  const { intake: _intake, ...written } = person;
  return {
    id,
    version,
    person: { ...written, id } as FitTask['coming'][number]['person'],
    today: { ...today },
  };
};

const recordOf = (
  { id: personId, came, painBefore, painAfter, effort, pressureAfter, eases, word }: Visit & { id: string },
  sequence: string,
): RecordDto => ({
  ...{ personId, came, painBefore, painAfter, effort, pressureAfter, word },
  changes: eases
    .map(({ pose, where }) => ({ step: stepOf(sequence, pose), where }))
    .filter(({ step }) => step > 0)
    .map(({ step, where }) => ({ step, what: 'eased' as const, ...(where ? { where } : {}) })),
});
