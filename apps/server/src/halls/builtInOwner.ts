import { Injectable, NotFoundException } from '@nestjs/common';
import { ContextSource, type RequestContext } from '../common/context.js';
import { HallRepository } from './hall.repository.js';

/** Whoever uses this computer is the owner of the one hall on it, until there are accounts. */
@Injectable()
export class BuiltInOwner extends ContextSource {
  /** Another hall takes its place only before the server listens. */
  private hallId: string | undefined;

  constructor(private readonly halls: HallRepository) {
    super();
  }

  async of(): Promise<RequestContext> {
    this.hallId ??= (await this.halls.only())?.id;
    if (!this.hallId) throw new NotFoundException('There is no hall yet.');
    return { hallId: this.hallId, userId: 'owner', role: 'owner' };
  }
}
