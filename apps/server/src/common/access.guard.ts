import { ForbiddenException, Injectable, type CanActivate, type ExecutionContext } from '@nestjs/common';
import { Reflector } from '@nestjs/core';
import { ALLOWED, ContextSource, type RequestWithContext, type Role } from './context.js';

/** Lets those in whom a route allows; a route that allows nobody by name lets nobody in. */
@Injectable()
export class AccessGuard implements CanActivate {
  constructor(
    private readonly reflector: Reflector,
    private readonly contexts: ContextSource,
  ) {}

  async canActivate(execution: ExecutionContext): Promise<boolean> {
    const allowed = this.reflector.getAllAndOverride<readonly (Role | 'anyone')[] | undefined>(ALLOWED, [
      execution.getHandler(),
      execution.getClass(),
    ]);
    if (!allowed?.length) throw new ForbiddenException('Nobody may ask for this.');
    if (allowed.includes('anyone')) return true;
    const request = execution.switchToHttp().getRequest<RequestWithContext>();
    request.context = await this.contexts.of(request);
    if (!allowed.includes(request.context.role)) throw new ForbiddenException('This is not for you.');
    return true;
  }
}
