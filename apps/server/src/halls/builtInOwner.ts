import { Injectable, NotFoundException } from '@nestjs/common';
import { ContextSource, type RequestContext } from '../common/context.js';
import { HallRepository } from './hall.repository.js';

/** Whoever uses this computer is the owner of the one hall on it, until there are accounts. */
@Injectable()
export class BuiltInOwner extends ContextSource {
  constructor(private readonly halls: HallRepository) {
    super();
  }

  async of(): Promise<RequestContext> {
    const hall = await this.halls.only();
    if (!hall) throw new NotFoundException('There is no hall yet.');
    return { hallId: hall.id, userId: 'owner', role: 'owner' };
  }
}
