import { Injectable, NotFoundException } from '@nestjs/common';
import { ClassRepository } from '../classes/class.repository.js';
import { keptOf } from '../classes/keptClass.js';
import type { RequestContext } from '../common/context.js';
import { OwnVariantService } from '../own-variants/ownVariant.service.js';
import { PersonRepository } from '../people/person.repository.js';
import { plain } from '../threads/plain.js';
import { WorkPool } from '../threads/workPool.js';
import type { SheetKind } from './sheet.js';

/** "Thursday 3 December 2026". */
const DAY = new Intl.DateTimeFormat('en-GB', {
  weekday: 'long',
  day: 'numeric',
  month: 'long',
  year: 'numeric',
  timeZone: 'UTC',
});

/** "Thursday 3 December 2026, 18:00 · Saltmarsh Hall". */
function sayWhen({ on, time, place }: { on: string; time: string | null; place: string | null }): string {
  // Some writings of this language put a comma after the weekday.
  const day = DAY.format(new Date(`${on}T12:00:00Z`)).replace(',', '');
  return `${day}${time ? `, ${time}` : ''}${place ? ` · ${place}` : ''}`;
}

/** Sheets of classes, to be printed and taken along. */
@Injectable()
export class SheetService {
  constructor(
    private readonly classes: ClassRepository,
    private readonly people: PersonRepository,
    private readonly ownVariants: OwnVariantService,
    private readonly work: WorkPool,
  ) {}

  /**
   * A sheet as a PDF.
   *
   * @param gone ends the work: whoever asked is no longer there
   * @throws NotFoundException for a class that is not in the list, or was not fitted
   */
  async pdf(
    context: RequestContext,
    id: string,
    { kind, isInk, isWordless }: { kind: SheetKind; isInk: boolean; isWordless: boolean },
    gone: AbortSignal,
  ): Promise<Buffer> {
    const row = await this.classes.whole(context, id);
    if (!row.fitting) throw new NotFoundException('This class is not fitted: there is nothing to print yet.');
    const isPlain = context.role === 'assistant';
    const ids = row.people.map((person) => person.id);
    const people = isPlain ? [] : await this.people.withIds(context, ids);
    const task = plain({
      kind,
      isWordless,
      colours: isInk ? ('ink' as const) : ('colour' as const),
      title: row.title,
      on: row.on,
      when: sayWhen(row),
      people,
      isPlain,
      own: await this.ownVariants.all(context),
    });
    return Buffer.from(await this.work.run('writeSheet', { ...task, kept: keptOf(row) }, gone));
  }
}
