import { Injectable } from '@nestjs/common';
import { InjectModel } from '@nestjs/sequelize';
import { dateAfter, NO_HALL_RULES, USUAL_HOUSE_VIEW, type Details } from '@lotus-steady/core';
import { ClassesService } from '../classes/classes.service.js';
import { PersonConditionRow, PersonRow, SequenceRow, StudioRow } from '../database/models.js';
import { DEMO_SEQUENCES, demoClasses, demoPeople } from './world.js';

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

@Injectable()
export class DemoService {
  constructor(
    @InjectModel(StudioRow) private readonly studios: typeof StudioRow,
    @InjectModel(PersonRow) private readonly people: typeof PersonRow,
    @InjectModel(PersonConditionRow) private readonly conditions: typeof PersonConditionRow,
    @InjectModel(SequenceRow) private readonly sequences: typeof SequenceRow,
    private readonly classes: ClassesService,
  ) {}

  /** @param today the day dates are counted from */
  async load(mode: DemoMode, today: string): Promise<void> {
    if (mode === 'fresh') await this.studios.destroy({ where: {} });
    if (await this.studios.count()) return;
    const demo = mode !== 'none';
    const studio = await this.studios.create({
      name: demo ? 'Saltmarsh Hall' : 'My studio',
      teacher: demo ? 'Maren Tolliver' : '',
      houseView: USUAL_HOUSE_VIEW,
      stock: demo ? STOCK : {},
      rules: NO_HALL_RULES,
      pace: {},
    });
    if (!demo) return;
    const ids = new Map<string, string>();
    for (const { conditions = [], can, ranges, screening, limits = [], ...person } of demoPeople(today)) {
      const row = await this.people.create({
        studioId: studio.id,
        ...person,
        can: { stand: true, floor: true, kneel: true, ...can },
        ranges: ranges ?? {},
        screening: screening ?? {},
        limits,
        clearances: [],
      });
      ids.set(person.name, row.id);
      await this.conditions.bulkCreate(
        conditions.map(({ condition, ...details }, position) => ({
          personId: row.id,
          condition,
          details: details as Details,
          position,
        })),
      );
    }
    for (const source of DEMO_SEQUENCES)
      await this.sequences.create({ studioId: studio.id, title: /^# (.*)/.exec(source)![1]!, source });
    for (const { title, inDays, time, place, sequence, people } of demoClasses(today)) {
      await this.classes.save({
        title,
        on: dateAfter(today, inDays),
        time,
        place,
        sequenceText: sequence,
        people: people.map((name) => ({ id: ids.get(name)! })),
      });
    }
  }
}
