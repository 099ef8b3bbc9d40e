import { createParamDecorator, SetMetadata, type ExecutionContext } from '@nestjs/common';
import type { FastifyRequest } from 'fastify';

/**
 * What someone is in a hall. An owner may do everything; a teacher everything but say who else may; an assistant sees
 * lanes and props, and nothing of anybody's health; a person sees what is hers.
 */
export const ROLES = ['owner', 'teacher', 'assistant', 'person'] as const;
export type Role = (typeof ROLES)[number];

/** Who plans and teaches: most routes are for them. */
export const TEACHERS = ['owner', 'teacher'] as const satisfies readonly Role[];
/** Everybody with an account. */
export const STAFF = [...TEACHERS, 'assistant'] as const satisfies readonly Role[];

/** Who asks, and in which hall: the first argument of every service. */
export interface RequestContext {
  hallId: string;
  /** An account, or a person of the hall. */
  userId: string;
  role: Role;
  /** The session it came with; none where a machine asks with a hall's token. */
  sessionId?: string;
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
