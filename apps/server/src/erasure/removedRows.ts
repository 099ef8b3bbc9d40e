import {
  Inject,
  Injectable,
  Logger,
  type OnApplicationBootstrap,
  type OnApplicationShutdown,
} from '@nestjs/common';
import { InjectModel } from '@nestjs/sequelize';
import { Op } from 'sequelize';
import { ClassRow } from '../classes/class.model.js';
import { DocumentRow } from '../documents/document.model.js';
import { GroupRow } from '../groups/group.model.js';
import { OwnVariantRow } from '../own-variants/ownVariant.model.js';
import { PersonRow } from '../people/person.model.js';
import { placeOf } from '../common/placeOf.js';
import { COPIES, dropOldCopies } from './copies.js';
import { Erasure } from './erasure.js';
import { Retention } from './retention.js';
import { WriteRow } from '../database/write.model.js';

/** What was removed can be brought back for this long, milliseconds; then it is gone. */
const KEPT_FOR = 60 * 60 * 1000;
/** Nobody asks again for a change later than this, milliseconds. */
const WRITES_KEPT_FOR = 24 * KEPT_FOR;
/** So often it is looked whether something is to go, milliseconds. */
const LOOKED_EVERY = KEPT_FOR / 6;

/** Says where something has failed, and nothing of whom: the next time it is tried again, and the rest goes on. */
const sayWhere =
  (what: string) =>
  (error: unknown): void =>
    new Logger('Erasure').error(`${what} failed: ${placeOf(error)}`);

/** Takes away for good what was removed or kept long enough ago: at the start, and from then on by the clock. */
@Injectable()
export class RemovedRows implements OnApplicationBootstrap, OnApplicationShutdown {
  private timer: NodeJS.Timeout | undefined;

  constructor(
    @InjectModel(PersonRow) private readonly people: typeof PersonRow,
    @InjectModel(ClassRow) private readonly classes: typeof ClassRow,
    @InjectModel(OwnVariantRow) private readonly ownVariants: typeof OwnVariantRow,
    @InjectModel(GroupRow) private readonly groups: typeof GroupRow,
    @InjectModel(DocumentRow) private readonly documents: typeof DocumentRow,
    @InjectModel(WriteRow) private readonly writes: typeof WriteRow,
    private readonly erasure: Erasure,
    private readonly retention: Retention,
    @Inject(COPIES) private readonly copies: string | null,
  ) {}

  async onApplicationBootstrap(): Promise<void> {
    // A purge that fails, for another server does the same, is made up for by the next.
    const purge = (): Promise<void> => this.purge().catch(() => undefined);
    await purge();
    this.timer = setInterval(() => void purge(), LOOKED_EVERY).unref();
  }

  onApplicationShutdown(): void {
    clearInterval(this.timer);
  }

  /** @param now milliseconds since 1970 */
  async purge(now = Date.now()): Promise<void> {
    const where = { removedAt: { [Op.lt]: new Date(now - KEPT_FOR) } };
    const people = await this.people.findAll({ attributes: ['id', 'hallId'], where, paranoid: false });
    for (const { id, hallId } of people)
      await this.erasure.erase({ hallId, by: 'removed' }, id).catch(sayWhere('Erasing who was removed'));
    await this.classes.destroy({ where, force: true });
    await this.ownVariants.destroy({ where, force: true });
    await this.groups.destroy({ where, force: true });
    await this.documents.destroy({ where, force: true });
    await this.writes.destroy({ where: { createdAt: { [Op.lt]: new Date(now - WRITES_KEPT_FOR) } } });
    await this.retention.sweep(sayWhere('Erasing who was kept long enough'));
    dropOldCopies(this.copies, now);
  }
}
