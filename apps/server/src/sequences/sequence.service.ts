import { Injectable } from '@nestjs/common';
import type { RequestContext } from '../common/context.js';
import { FieldsException } from '../common/problems.js';
import { OwnVariantService } from '../own-variants/ownVariant.service.js';
import { WorkPool } from '../threads/workPool.js';
import type { SavedSequenceDto, SequenceDraftDto, SequenceDto } from './sequence.dto.js';
import { SequenceRepository } from './sequence.repository.js';

@Injectable()
export class SequenceService {
  constructor(
    private readonly sequences: SequenceRepository,
    private readonly ownVariants: OwnVariantService,
    private readonly work: WorkPool,
  ) {}

  async list(context: RequestContext): Promise<SequenceDto[]> {
    return (await this.sequences.all(context)).map(({ id, title, source }) => ({ id, title, source }));
  }

  async create(context: RequestContext, { source }: SequenceDraftDto): Promise<SavedSequenceDto> {
    const { id } = await this.sequences.create(context, await this.titleOf(context, source), source);
    return { id };
  }

  async update(context: RequestContext, id: string, { source }: SequenceDraftDto): Promise<SavedSequenceDto> {
    await this.sequences.update(context, id, await this.titleOf(context, source), source);
    return { id };
  }

  /** @throws FieldsException for lines that cannot be read */
  private async titleOf(context: RequestContext, source: string): Promise<string> {
    const own = await this.ownVariants.all(context);
    const { title, errors } = await this.work.run('checkSequence', { source, own });
    if (errors.length) throw new FieldsException(errors);
    return title;
  }
}
