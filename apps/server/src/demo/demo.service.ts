import { Injectable } from '@nestjs/common';
import { InjectModel } from '@nestjs/sequelize';
import { dateAfter, weekdayOf, NO_HALL_RULES, readPerson } from '@lotus-steady/core';
import { RULEBOOK } from '@lotus-steady/core/rulebook';
import { AccountRepository } from '../accounts/account.repository.js';
import { ClassService } from '../classes/class.service.js';
import { Clock } from '../common/clock.js';
import type { RequestContext } from '../common/context.js';
import type { SavedDto } from '../common/problem.dto.js';
import { NO_DEMO, SettingRow } from '../database/setting.model.js';
import { GroupRepository } from '../groups/group.repository.js';
import { PlaceRepository } from '../places/place.repository.js';
import { HallRow } from '../halls/hall.model.js';
import { PersonRepository } from '../people/person.repository.js';
import { SequenceRepository } from '../sequences/sequence.repository.js';
import { DemoPast } from './demoPast.service.js';
import { demoVersions, type PersonSince } from './stories.js';
import { DEMO_PLACES, DEMO_SEQUENCES, demoClasses } from './world.js';

/**
 * What a first start puts in an empty database: `once` the demo hall, `fresh` the demo hall anew, `none` an
 * empty hall.
 */
export type DemoMode = 'once' | 'fresh' | 'none';

const STOCK = {
  blanket: 24,
  block: 20,
  bolster: 8,
  chair: 14,
  strap: 12,
  cushion: 6,
  mat: 16,
  table: 2,
  roll: 4,
};

/** The version of a hall that is not filled yet: what a start that was broken off left is begun again. */
const UNFINISHED = 0;

@Injectable()
export class DemoService {
  constructor(
    @InjectModel(HallRow) private readonly halls: typeof HallRow,
    @InjectModel(SettingRow) private readonly settings: typeof SettingRow,
    private readonly accounts: AccountRepository,
    private readonly people: PersonRepository,
    private readonly sequences: SequenceRepository,
    private readonly classes: ClassService,
    private readonly groups: GroupRepository,
    private readonly places: PlaceRepository,
    private readonly clock: Clock,
    private readonly past: DemoPast,
  ) {}

  /**
   * Dates are counted from today where the hall is, so that the demo is alive whenever it is loaded.
   *
   * @param weeks of a past that it gets: see {@link DemoPast}
   */
  async load(mode: DemoMode, weeks = 0): Promise<void> {
    if (mode === 'fresh') {
      await this.halls.destroy({ where: {} });
      await this.settings.destroy({ where: { name: NO_DEMO } });
    }
    await this.halls.destroy({ where: { version: UNFINISHED } });
    await this.accounts.forgetIdle();
    if (await this.halls.count()) return this.ownDemo();
    if (await this.settings.findByPk(NO_DEMO)) return;
    const { timeZone } = new Intl.DateTimeFormat().resolvedOptions();
    const named =
      mode === 'none'
        ? { name: 'My hall', teacher: '', stock: {} }
        : { name: 'Saltmarsh Hall', teacher: 'Maren Tolliver', stock: STOCK };
    const hall = await this.halls.create({
      ...named,
      timeZone,
      houseView: RULEBOOK.usualHouseView,
      rules: NO_HALL_RULES,
      pace: {},
      isDemo: mode !== 'none',
      version: UNFINISHED,
      stockVersion: 1,
    });
    if (mode !== 'none')
      await this.fill({ hallId: hall.id, userId: 'demo', role: 'owner' }, this.clock.today(timeZone), weeks);
    await hall.update({ version: 1 });
    await this.ownDemo();
  }

  /** The demo is its teacher's, who has no password: whoever sits at this computer opens it. */
  private async ownDemo(): Promise<void> {
    const hall = await this.halls.findOne({ where: { isDemo: true } });
    if (!hall || (await this.accounts.demo())) return;
    const teacher = { name: hall.teacher, signIn: null, passwordHash: null };
    const { id } = await this.accounts.createAccount(teacher);
    await this.accounts.addMember(id, hall.id, 'owner');
  }

  private async fill(context: RequestContext, today: string, weeks: number): Promise<void> {
    const ids = new Map<string, string>();
    for (const [name, versions] of demoVersions(today))
      ids.set(name, await this.known(context, weeks ? versions : versions.slice(-1)));
    const sequences = new Map<string, string>();
    for (const source of DEMO_SEQUENCES) {
      const title = /^# (.*)/.exec(source)![1]!;
      const { id } = await this.sequences.create(context, { title, source, tags: [] });
      sequences.set(source, id);
    }
    for (const place of DEMO_PLACES) await this.places.create(context, place);
    for (const { title, inDays, time, place, sequence, people, most, waiting, away } of demoClasses(today)) {
      const on = dateAfter(today, inDays);
      const sequenceId = sequences.get(sequence)!;
      const coming = people.map((name) => ids.get(name)!);
      const absent = away.map((name) => ids.get(name)!);
      const group = await this.groups.create(context, {
        title,
        weekday: weekdayOf(on),
        firstOn: dateAfter(on, -7 * weeks),
        time,
        place,
        most,
        sequenceId,
        people: [
          ...[...coming, ...absent].map((id) => ({ id, waiting: false })),
          ...waiting.map((name) => ({ id: ids.get(name)!, waiting: true })),
        ],
      });
      for (const personId of absent)
        await this.groups.onDay(context, group.id, { personId, on, comes: false });
      await this.classes.create(context, {
        ...{ title, on, time, place, sequenceId },
        groupId: group.id,
        sequenceText: sequence,
        people: coming.map((id) => ({ id })),
      });
    }
    if (weeks) await this.past.plan({ hallId: context.hallId, today, weeks });
  }

  /** Keeps somebody in each version in which she was known, as of the day it was. @returns her id */
  private async known(context: RequestContext, versions: readonly PersonSince[]): Promise<string> {
    let kept: SavedDto | undefined;
    for (const { on, person } of versions) {
      const read = readPerson(person, '', [], RULEBOOK, on);
      const at = new Date(`${on}T12:00:00Z`);
      kept = kept
        ? await this.people.update(context, kept.id, read, kept.version, at)
        : await this.people.create(context, read, at);
    }
    return kept!.id;
  }
}
