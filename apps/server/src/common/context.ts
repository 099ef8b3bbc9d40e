import { createParamDecorator, SetMetadata, type ExecutionContext } from '@nestjs/common';
import type { FastifyRequest } from 'fastify';

/** What someone may do in a hall. */
export type Role = 'owner';

/** Who asks, and in which hall: the first argument of every service. */
export interface RequestContext {
  hallId: string;
  userId: string;
  role: Role;
}

/** Finds out who asks. */
export abstract class ContextSource {
  /** @throws where nobody known is asking, or there is no hall */
  abstract of(request: FastifyRequest): Promise<RequestContext>;
}

export type RequestWithContext = FastifyRequest & { context?: RequestContext };

export const ALLOWED = 'lotus:allowed';

/** Who may use a route, or all routes of a controller. A route without it is refused to everybody. */
export const Allow = (...who: readonly (Role | 'anyone')[]) => SetMetadata(ALLOWED, who);

/** The context of the request, as the guard has found it. */
export const Context = createParamDecorator(
  (_: unknown, execution: ExecutionContext): RequestContext =>
    execution.switchToHttp().getRequest<RequestWithContext>().context!,
);
