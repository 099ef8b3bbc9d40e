import { Injectable } from '@nestjs/common';
import type { Comparison, InputError, Today } from '@lotus-steady/core';
import type { RequestContext } from '../common/context.js';
import { FieldsException } from '../common/problems.js';
import { HallRepository } from '../halls/hall.repository.js';
import { OwnVariantService } from '../own-variants/ownVariant.service.js';
import { PersonService } from '../people/person.service.js';
import { writtenPerson } from '../people/writtenPerson.js';
import { PlaceRepository } from '../places/place.repository.js';
import { plain } from '../threads/plain.js';
import { WorkPool } from '../threads/workPool.js';
import type { ClassDraftDto, ClassInputsDto, FitDto } from './class.dto.js';
import type { BareKeptClass, ClassColumns, FittedKeptClass, FittingColumns } from './class.repository.js';
import type { FitTask } from './fitDraft.js';
import { keptOf } from './keptClass.js';
import { FITTING_FORMAT } from './packedFitting.js';

const stockOf = (stock: Record<string, number>): { stock?: Record<string, number> } =>
  Object.keys(stock).length ? { stock } : {};

/** Fits what is written to who comes, as they are known today, within what there is where the class is. */
@Injectable()
export class ClassFitter {
  constructor(
    private readonly people: PersonService,
    private readonly halls: HallRepository,
    private readonly ownVariants: OwnVariantService,
    private readonly work: WorkPool,
    private readonly places: PlaceRepository,
  ) {}

  /**
   * What a draft is fitted from.
   *
   * @param known those who come as they are known; as they are today unless given
   * @throws FieldsException for someone who is no longer in the list
   */
  async taskFor(context: RequestContext, draft: FitDto, known?: FitTask['coming']): Promise<FitTask> {
    const hall = await this.halls.of(context);
    const { houseView, rules, pace } = hall;
    const stock = await this.stockAt(context, draft.place, hall.stock);
    return plain({
      draft: {
        on: draft.on,
        sequenceText: draft.sequenceText,
        houseView: draft.houseView,
        choices: draft.choices,
      },
      coming: known ?? (await this.comingTo(context, draft)),
      hall: { houseView, rules, pace, stock },
      own: await this.ownVariants.all(context),
    });
  }

  /**
   * What the page needs to fit this class by itself while it is being edited: everyone as they are known
   * today.
   */
  async inputs(context: RequestContext, row: BareKeptClass): Promise<ClassInputsDto> {
    const hall = await this.halls.of(context);
    const people = await this.people.byIds(
      context,
      row.people.map((person) => person.id),
    );
    return {
      on: row.on,
      people: people.map((person, i) => ({ ...writtenPerson(person), today: row.people[i]!.today })),
      houseView: { ...hall.houseView, ...row.ownView },
      hall: hall.rules,
      pace: hall.pace,
      ...stockOf(await this.stockAt(context, row.place, hall.stock)),
    };
  }

  /** How a kept class would differ if it were fitted from a draft. */
  async compared(
    context: RequestContext,
    row: FittedKeptClass,
    draft: FitDto,
    gone?: AbortSignal,
  ): Promise<Comparison> {
    const task = await this.taskFor(context, draft);
    const kept = row.fitting ? keptOf(row) : undefined;
    const done = await this.work.run('compareWithToday', { ...task, kept }, gone);
    if ('errors' in done) throw new FieldsException(done.errors);
    return done.comparison;
  }

  /**
   * Fits a draft to be kept.
   *
   * @param known those who come as they are known; as they are today unless given
   * @throws FieldsException where a choice must not be done without a medical clearance
   */
  async columnsFor(
    context: RequestContext,
    draft: ClassDraftDto,
    known?: FitTask['coming'],
  ): Promise<{ columns: ClassColumns; fitting: FittingColumns }> {
    const task = await this.taskFor(context, draft, known);
    const done = await this.work.run('fitDraft', { ...task, keep: true });
    if ('errors' in done) throw new FieldsException(done.errors);
    if (!('keep' in done)) throw new Error('A fitting to be kept was answered.');
    const { houseView, choices, refused, rulebook, catalogue, steps, ownVariants, output, input } = done.keep;
    const problems = refused.map(({ personId, person, step, reason }): InputError => {
      const at = choices.overrides.findIndex((one) => one.personId === personId && one.step === step);
      const message = `${person}, step ${step}: ${reason} It needs a medical clearance on file.`;
      return { field: `choices.overrides[${at}]`, message };
    });
    if (problems.length) throw new FieldsException(problems);
    return {
      columns: {
        title: draft.title,
        on: draft.on,
        time: draft.time ?? null,
        place: draft.place ?? null,
        sequenceId: draft.sequenceId ?? null,
        groupId: draft.groupId ?? null,
        sequenceText: draft.sequenceText,
        people: task.coming.map(({ id, version, person: { name }, today }) => ({
          id,
          name,
          version,
          today: today as Today,
        })),
        houseView,
        ownView: draft.houseView ?? {},
        choices,
      },
      fitting: {
        rulebook,
        catalogue,
        format: FITTING_FORMAT,
        steps,
        ownVariants,
        fitting: Buffer.from(output),
        madeFrom: Buffer.from(input),
      },
    };
  }

  private async comingTo(context: RequestContext, { people }: FitDto): Promise<FitTask['coming']> {
    const rows = await this.people.byIds(
      context,
      people.map(({ id }) => id),
    );
    return rows.map((row, i) => ({
      id: row.id,
      version: row.version,
      person: writtenPerson(row),
      today: people[i]!.today ?? {},
    }));
  }

  /** What there is where a class is; what the hall has where nobody has said what is there. */
  private async stockAt(
    context: RequestContext,
    place: string | null | undefined,
    ofHall: Record<string, number>,
  ): Promise<Record<string, number>> {
    const { stock = {} } = (place && (await this.places.named(context, place))) || {};
    return Object.keys(stock).length ? stock : ofHall;
  }
}
