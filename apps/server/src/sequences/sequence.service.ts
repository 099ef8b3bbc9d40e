import { Injectable } from '@nestjs/common';
import type { RequestContext } from '../common/context.js';
import type { SavedDto } from '../common/problem.dto.js';
import { FieldsException } from '../common/problems.js';
import { OwnVariantService } from '../own-variants/ownVariant.service.js';
import { WorkPool } from '../threads/workPool.js';
import type { SequenceDraftDto, SequenceDto } from './sequence.dto.js';
import { lineOf, SequenceRepository } from './sequence.repository.js';

@Injectable()
export class SequenceService {
  constructor(
    private readonly sequences: SequenceRepository,
    private readonly ownVariants: OwnVariantService,
    private readonly work: WorkPool,
  ) {}

  async list(context: RequestContext): Promise<SequenceDto[]> {
    return (await this.sequences.all(context)).map(lineOf);
  }

  async create(context: RequestContext, { source }: SequenceDraftDto): Promise<SavedDto> {
    const title = await this.titleOf(context, source);
    return this.sequences.create(context, title, source);
  }

  async update(
    context: RequestContext,
    id: string,
    { source }: SequenceDraftDto,
    read: number,
  ): Promise<SavedDto> {
    const title = await this.titleOf(context, source);
    return this.sequences.update(context, id, { title, source }, read);
  }

  /** @throws FieldsException for lines that cannot be read */
  private async titleOf(context: RequestContext, source: string): Promise<string> {
    const own = await this.ownVariants.all(context);
    const { title, errors } = await this.work.run('checkSequence', { source, own });
    if (errors.length) throw new FieldsException(errors);
    return title;
  }
}
