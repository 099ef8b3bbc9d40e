import { Op } from 'sequelize';
import type { Model, ModelCtor } from 'sequelize-typescript';

/** What was removed can be brought back for this long, milliseconds; then it is gone. */
const KEPT_FOR = 60 * 60 * 1000;

/** Takes away for good what was removed long enough ago. */
export async function purge(table: ModelCtor<Model>): Promise<void> {
  await table.destroy({
    where: { removedAt: { [Op.lt]: new Date(Date.now() - KEPT_FOR) } },
    force: true,
  });
}
