import {
  Catch,
  ConflictException,
  HttpException,
  Logger,
  ServiceUnavailableException,
  UnprocessableEntityException,
  type ArgumentsHost,
  type ExceptionFilter,
} from '@nestjs/common';
import type { FastifyReply, FastifyRequest } from 'fastify';
import {
  ConnectionAcquireTimeoutError,
  ConnectionError,
  DatabaseError,
  UniqueConstraintError,
} from 'sequelize';
import { JSON_TYPE } from './jsonType.js';
import { Unreadable } from './vault.js';
import { placeOf } from './placeOf.js';

/** What MariaDB says when nothing can be written: no room left, or it only reads. */
const FULL = new Set([
  'ER_DISK_FULL',
  'ER_RECORD_FILE_FULL',
  'ER_ERROR_ON_WRITE',
  'ER_OPTION_PREVENTS_STATEMENT',
]);
/** And when it is one of several, and not in step with the others. */
const OUT_OF_STEP = new Set(['ER_UNKNOWN_COM_ERROR', 'ER_ERROR_DURING_COMMIT', 'ER_LOCK_WAIT_TIMEOUT']);
/** And when it is going away, or has gone. */
const GONE = /^(ER_(SOCKET|CONNECTION|SERVER_SHUTDOWN|CMD_CONNECTION|POOL|GET_CONNECTION)|ECONN|EPIPE)/;

/** The answer to something that failed, as far as it is known why. */
function known(error: unknown): HttpException | undefined {
  if (error instanceof HttpException) return error;
  if (error instanceof UniqueConstraintError)
    return new ConflictException('Someone else has saved the same at the same time. Read it again.');
  if (error instanceof Unreadable)
    return new UnprocessableEntityException(
      'What is kept of this cannot be read: the key it was encrypted with is not here, or it was changed outside of ' +
        'this program. Nothing of it was touched. Put the file with the keys back, or a copy of the database.',
    );
  const code = error instanceof DatabaseError ? ((error.parent as { code?: string }).code ?? '') : '';
  if (FULL.has(code))
    return new ServiceUnavailableException(
      'The disk is full: nothing can be saved until there is room on it. What was saved before is safe.',
    );
  const isGone = error instanceof ConnectionError || error instanceof ConnectionAcquireTimeoutError;
  if (isGone || GONE.test(code) || OUT_OF_STEP.has(code))
    return new ServiceUnavailableException('The database does not answer just now. Try again in a moment.');
  return undefined;
}

/**
 * Answers what went wrong in words. What nobody expected is written down by where it happened alone; neither
 * the answer nor the log says what was in it.
 */
@Catch()
export class ProblemFilter implements ExceptionFilter {
  private readonly log = new Logger('Server');

  catch(error: unknown, host: ArgumentsHost): void {
    const http = host.switchToHttp();
    const reply = http.getResponse<FastifyReply>();
    const problem = known(error);
    const status = problem?.getStatus() ?? statusOf(error);
    if (!problem && status >= 500) {
      const { method, routeOptions } = http.getRequest<FastifyRequest>();
      this.log.error(`${method} ${routeOptions.url ?? '?'} failed: ${placeOf(error)}`);
    }
    const body = problem?.getResponse() ?? {
      message: status < 500 ? 'This cannot be read.' : 'Something went wrong here. It was not your doing.',
    };
    if (status === 503) reply.header('Retry-After', '2');
    // With 499 there is nobody to answer.
    if (reply.raw.destroyed) return;
    void reply
      .code(status)
      .type(JSON_TYPE)
      .send({ statusCode: status, ...(typeof body === 'string' ? { message: body } : body) });
  }
}

/** What the reading of a request itself found wrong with it (too large, not JSON), and 500 for all else. */
function statusOf(error: unknown): number {
  const { statusCode } = error as { statusCode?: unknown };
  return typeof statusCode === 'number' && statusCode >= 400 && statusCode < 500 ? statusCode : 500;
}
