import { Controller, Get } from '@nestjs/common';
import { ApiOkResponse, ApiTags } from '@nestjs/swagger';
import { Allow, Context, TEACHERS, type RequestContext } from '../common/context.js';
import { Gone } from '../threads/gone.js';
import { Noted } from '../trail/noted.js';
import { DueDto } from './due.dto.js';
import { DueService } from './due.service.js';

/** What runs out or changes within a week, for everybody who comes. */
@ApiTags('due')
@Allow(...TEACHERS)
@Controller('api/due')
export class DueController {
  constructor(private readonly due: DueService) {}

  @Get()
  @Noted('list of people')
  @ApiOkResponse({ type: [DueDto] })
  week(@Context() context: RequestContext, @Gone() gone: AbortSignal): Promise<DueDto[]> {
    return this.due.week(context, gone);
  }
}
