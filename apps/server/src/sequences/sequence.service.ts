import { Injectable } from '@nestjs/common';
import type { RequestContext } from '../common/context.js';
import type { SavedDto } from '../common/problem.dto.js';
import { OwnVariantService } from '../own-variants/ownVariant.service.js';
import { WorkPool } from '../threads/workPool.js';
import type {
  SequenceChangeDto,
  SequenceDraftDto,
  SequenceDto,
  SequenceVersionDto,
  SequenceVersionLineDto,
} from './sequence.dto.js';
import { lineOf, SequenceRepository } from './sequence.repository.js';

@Injectable()
export class SequenceService {
  constructor(
    private readonly sequences: SequenceRepository,
    private readonly ownVariants: OwnVariantService,
    private readonly work: WorkPool,
  ) {}

  async list(context: RequestContext): Promise<SequenceDto[]> {
    const rows = await this.sequences.all(context);
    const uses = await this.sequences.usesOf(
      context,
      rows.map(({ id }) => id),
    );
    return rows.map((row) => lineOf(row, uses.get(row.id)));
  }

  async one(context: RequestContext, id: string): Promise<SequenceDto> {
    const uses = await this.sequences.usesOf(context, [id]);
    return lineOf(await this.sequences.one(context, id), uses.get(id));
  }

  versions(context: RequestContext, id: string): Promise<SequenceVersionLineDto[]> {
    return this.sequences.versions(context, id);
  }

  version(context: RequestContext, id: string, version: number): Promise<SequenceVersionDto> {
    return this.sequences.version(context, id, version);
  }

  async create(context: RequestContext, { source, tags = [] }: SequenceDraftDto): Promise<SavedDto> {
    const title = await this.titleOf(context, source);
    return this.sequences.create(context, { title, source, tags });
  }

  async update(
    context: RequestContext,
    id: string,
    change: SequenceChangeDto,
    read: number,
  ): Promise<SavedDto> {
    const title = change.source === undefined ? undefined : await this.titleOf(context, change.source);
    return this.sequences.update(context, id, { ...change, ...(title ? { title } : {}) }, read);
  }

  /** What a text calls itself. What of it is asked about is kept as it was written: it is being worked on. */
  async titleOf(context: RequestContext, source: string): Promise<string> {
    const own = await this.ownVariants.all(context);
    return this.work.run('titleOfSequence', { source, own });
  }
}
