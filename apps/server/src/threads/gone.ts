import { createParamDecorator, type ExecutionContext } from '@nestjs/common';
import type { FastifyReply } from 'fastify';

/**
 * Tells when whoever asks has gone before the answer. For what is only shown: what is to be kept is kept
 * though the page has closed.
 */
export const Gone = createParamDecorator((_: unknown, execution: ExecutionContext): AbortSignal => {
  const { raw } = execution.switchToHttp().getResponse<FastifyReply>();
  const controller = new AbortController();
  raw.once('close', () => {
    if (!raw.writableFinished) controller.abort();
  });
  return controller.signal;
});
