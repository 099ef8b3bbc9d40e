import { randomUUID } from 'node:crypto';
import { Injectable } from '@nestjs/common';
import { measuredAnew, readOwnVariant, type Catalogue, type ReadOwnVariant } from '@lotus-steady/core';
import { BUILT_IN } from '@lotus-steady/core/built-in';
import type { RequestContext } from '../common/context.js';
import { FieldsException } from '../common/problems.js';
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
  /** By hall; made anew when an own variant comes or goes: indexing is not done for every request. */
  private readonly catalogues = new Map<string, Catalogue>();

  constructor(private readonly rows: OwnVariantRepository) {}

  async list(context: RequestContext): Promise<OwnVariantDto[]> {
    return (await this.rows.all(context)).map((row) => {
      const { print: _print, ...own } = ownOf(row);
      return { key: row.id, ...own };
    });
  }

  /** Solves again what was solved when bodies were measured in another way. Done once, at the start. */
  async measureAnew(): Promise<void> {
    for (const row of await this.rows.everywhere()) {
      const own = ownOf(row);
      const now = measuredAnew(own, BUILT_IN);
      if (now !== own) await row.update({ solved: now.solved, print: now.print });
    }
    this.catalogues.clear();
  }

  /** The built-in catalogue with this hall's own variants. */
  async catalogue(context: RequestContext): Promise<Catalogue> {
    let catalogue = this.catalogues.get(context.hallId);
    if (!catalogue) {
      catalogue = BUILT_IN.withOwn((await this.rows.all(context)).map(ownOf));
      this.catalogues.set(context.hallId, catalogue);
    }
    return catalogue;
  }

  /** Keeps an own variant once it stands: solved for every height, or refused with what is wrong. */
  async create(context: RequestContext, draft: OwnVariantDraftDto): Promise<SavedOwnVariantDto> {
    const { own, errors } = readOwnVariant(draft, {
      builtIn: BUILT_IN,
      catalogue: await this.catalogue(context),
      mark: randomUUID().slice(0, 6),
    });
    if (!own) throw new FieldsException(errors);
    await this.rows.create(context, own);
    this.catalogues.delete(context.hallId);
    return { id: own.id };
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
    this.catalogues.delete(context.hallId);
  }

  async restore(context: RequestContext, key: string): Promise<void> {
    await this.rows.restore(context, key);
    this.catalogues.delete(context.hallId);
  }
}
