import { createHash } from 'node:crypto';
import {
  BadRequestException,
  Injectable,
  UnprocessableEntityException,
  type CallHandler,
  type ExecutionContext,
  type NestInterceptor,
} from '@nestjs/common';
import { InjectModel } from '@nestjs/sequelize';
import { isUUID } from 'class-validator';
import { from, lastValueFrom, of, type Observable } from 'rxjs';
import { currentWrite, type Write } from '../database/currentWrite.js';
import { WriteRow } from '../database/write.model.js';
import type { RequestWithContext } from './context.js';

const READS = new Set(['GET', 'HEAD']);

const printOf = ({ method, url, body }: RequestWithContext): string =>
  createHash('sha256')
    .update(JSON.stringify([method, url, Buffer.isBuffer(body) ? null : (body ?? null)]))
    .update(Buffer.isBuffer(body) ? body : '')
    .digest('hex');

/**
 * Makes a change once that is asked for several times under one `Idempotency-Key`, a UUID: whoever got no answer
 * asks again, of any server, and is answered what she would have been.
 */
@Injectable()
export class WriteOnce implements NestInterceptor {
  constructor(@InjectModel(WriteRow) private readonly writes: typeof WriteRow) {}

  /**
   * @throws BadRequestException for a key that is none
   * @throws UnprocessableEntityException for one that was used for something else
   */
  async intercept(execution: ExecutionContext, next: CallHandler): Promise<Observable<unknown>> {
    const request = execution.switchToHttp().getRequest<RequestWithContext>();
    const key = request.headers['idempotency-key'];
    if (key === undefined || READS.has(request.method) || !request.context) return next.handle();
    if (!isUUID(key)) throw new BadRequestException('Idempotency-Key is a UUID.');
    const write = { hallId: request.context.hallId, key: key as string, print: printOf(request) };
    const before = await this.madeBefore(write);
    if (before) return of(before.answer ?? undefined);
    const made = currentWrite.run(write, () =>
      lastValueFrom(next.handle(), { defaultValue: undefined }).catch(async (error: unknown) => {
        // The same may have been made while this was under way.
        const meanwhile = await this.madeBefore(write);
        if (!meanwhile) throw error;
        return meanwhile.answer ?? undefined;
      }),
    );
    return from(made);
  }

  private async madeBefore({ hallId, key, print }: Write): Promise<WriteRow | null> {
    const row = await this.writes.findOne({ where: { hallId, key } });
    if (row && row.print !== print)
      throw new UnprocessableEntityException('This Idempotency-Key was used for something else.');
    return row;
  }
}
