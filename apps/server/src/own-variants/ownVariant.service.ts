import { randomUUID } from 'node:crypto';
import { Injectable } from '@nestjs/common';
import type { ReadOwnVariant } from '@lotus-steady/core';
import type { RequestContext } from '../common/context.js';
import { FieldsException } from '../common/problems.js';
import { WorkPool } from '../threads/workPool.js';
import type { OwnVariants } from './ownCatalogue.js';
import type { OwnVariantDraftDto, OwnVariantDto, SavedOwnVariantDto } from './ownVariant.dto.js';
import type { OwnVariantRow } from './ownVariant.model.js';
import { OwnVariantRepository } from './ownVariant.repository.js';

const ownOf = ({
  variantId,
  poseName,
  pose,
  base,
  after,
  name,
  angles,
  frames,
  solved,
  print,
}: OwnVariantRow) =>
  ({
    id: variantId,
    pose,
    ...(poseName ? { poseName } : {}),
    base,
    after,
    name,
    angles,
    frames,
    solved,
    print,
  }) satisfies ReadOwnVariant;

@Injectable()
export class OwnVariantService {
  constructor(
    private readonly rows: OwnVariantRepository,
    private readonly work: WorkPool,
  ) {}

  async list(context: RequestContext): Promise<OwnVariantDto[]> {
    return (await this.rows.all(context)).map((row) => {
      const { print: _print, ...own } = ownOf(row);
      return { key: row.id, ...own };
    });
  }

  /** Solves again what was solved when bodies were measured in another way. Done once, at the start. */
  async measureAnew(): Promise<void> {
    for (const row of await this.rows.everywhere()) {
      const now = await this.work.run('measureAnew', ownOf(row));
      if (now) await row.update({ solved: now.solved, print: now.print });
    }
  }

  /** This hall's own variants, as work on a class needs them. */
  async all(context: RequestContext): Promise<OwnVariants> {
    const rows = await this.rows.all(context);
    const print = JSON.stringify(rows.map(({ id, updatedAt }) => [id, updatedAt as Date]));
    return { print, list: rows.map(ownOf) };
  }

  /** Keeps an own variant once it stands: solved for every height, or refused with what is wrong. */
  async create(context: RequestContext, draft: OwnVariantDraftDto): Promise<SavedOwnVariantDto> {
    const { own, errors } = await this.work.run('checkOwnVariant', {
      draft: { ...draft },
      own: await this.all(context),
      mark: randomUUID().slice(0, 6),
    });
    if (!own) throw new FieldsException(errors);
    return this.rows.create(context, own);
  }

  async remove(context: RequestContext, key: string): Promise<void> {
    const row = await this.rows.one(context, key);
    // A kept class opens unchanged later: what it uses stays.
    const used = await this.rows.usedBy(context, row.variantId);
    if (used)
      throw new FieldsException([
        {
          field: 'key',
          message:
            `The class “${used.title}” of ${used.on} uses it. ` +
            'Remove that class, or plan it again without it, first.',
        },
      ]);
    await this.rows.remove(row);
  }

  async restore(context: RequestContext, key: string): Promise<void> {
    await this.rows.restore(context, key);
  }
}
