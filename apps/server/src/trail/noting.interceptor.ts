import { Injectable, type CallHandler, type ExecutionContext, type NestInterceptor } from '@nestjs/common';
import { Reflector } from '@nestjs/core';
import { from, lastValueFrom, type Observable } from 'rxjs';
import type { RequestWithContext } from '../common/context.js';
import type { Did, Entry } from './entry.js';
import { NOTED, type Note } from './noted.js';
import { Trail } from './trail.js';

const DID: Readonly<Record<string, Did>> = {
  GET: 'read',
  POST: 'changed',
  PUT: 'changed',
  DELETE: 'removed',
};

/** Notes what was done before whoever did it is answered: what could not be noted is not shown. */
@Injectable()
export class Noting implements NestInterceptor {
  constructor(
    private readonly reflector: Reflector,
    private readonly trail: Trail,
  ) {}

  intercept(execution: ExecutionContext, next: CallHandler): Observable<unknown> {
    const note = this.reflector.get<Note | undefined>(NOTED, execution.getHandler());
    const request = execution.switchToHttp().getRequest<RequestWithContext>();
    const { context } = request;
    // Nothing of anybody's health is in what an assistant is shown.
    if (!note || !context || context.role === 'assistant') return next.handle();
    // Who looks again is answered as if nothing were noted; of whom a reading is is said by what was asked alone.
    if (this.trail.hasLooked(context, entryOf(note, request, undefined))) return next.handle();
    const answered = lastValueFrom(next.handle(), { defaultValue: undefined }).then(
      async (answer: unknown) => {
        await this.trail.note(context, entryOf(note, request, answer));
        return answer;
      },
    );
    return from(answered);
  }
}

function entryOf({ what, of, did }: Note, request: RequestWithContext, answer: unknown): Entry {
  const id =
    (request.params as { id?: string }).id ?? (answer as { id?: string } | undefined)?.id ?? undefined;
  const asked = request.body as { personId?: unknown } | undefined;
  const said = asked?.personId ?? (request.query as { person?: unknown }).person;
  const named = typeof said === 'string' ? said : undefined;
  const whose = { person: id, own: request.context!.userId, class: named, named };
  const personId = of ? whose[of] : undefined;
  return {
    did: did ?? DID[request.method] ?? 'read',
    what,
    ...(personId ? { personId } : {}),
    ...(of === 'class' && id ? { classId: id } : {}),
  };
}
