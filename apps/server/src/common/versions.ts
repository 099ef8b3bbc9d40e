import {
  applyDecorators,
  BadRequestException,
  ConflictException,
  createParamDecorator,
  HttpException,
  type ExecutionContext,
} from '@nestjs/common';
import { ApiConflictResponse, ApiHeader } from '@nestjs/swagger';
import type { FastifyRequest } from 'fastify';
import { ProblemDto } from './problem.dto.js';

/** What was read is no longer what is there. */
export class StaleVersion extends Error {}

/** 409: someone else has saved in between. `current` is how it stands now, so that nothing is lost. */
export class VersionConflict extends ConflictException {
  constructor(current: unknown) {
    super({ statusCode: 409, message: 'Someone else has changed this in the meantime.', current });
  }
}

/** The version that whoever saves has read, out of `If-Match: "3"`. @throws 428 without one */
export function versionOf(header: string | undefined): number {
  if (header === undefined)
    throw new HttpException({ statusCode: 428, message: 'Say which version was read (If-Match).' }, 428);
  const version = /^"(\d{1,9})"$/.exec(header)?.[1];
  if (version === undefined) throw new BadRequestException('If-Match is a version in quotes, like "3".');
  return Number(version);
}

/** The version that whoever saves has read. */
export const ReadVersion = createParamDecorator((_: unknown, execution: ExecutionContext): number =>
  versionOf(execution.switchToHttp().getRequest<FastifyRequest>().headers['if-match']),
);

/** Documents a route that saves what was read before. */
export const ApiVersioned = () =>
  applyDecorators(
    ApiHeader({ name: 'If-Match', description: 'The version that was read, in quotes.', required: true }),
    ApiConflictResponse({ type: ProblemDto }),
  );
