import { Controller, Get, Query } from '@nestjs/common';
import { ApiOkResponse, ApiTags } from '@nestjs/swagger';
import { Allow, Context, type RequestContext } from '../common/context.js';
import { Noted } from './noted.js';
import { Trail } from './trail.js';
import { CheckedTrailDto, TrailEntryDto, TrailQueryDto } from './trail.dto.js';

/** Who has read and changed what is known of people. */
@ApiTags('trail')
@Allow('owner')
@Controller('api/trail')
export class TrailController {
  constructor(private readonly trail: Trail) {}

  @Get()
  @Noted('trail')
  @ApiOkResponse({ type: [TrailEntryDto] })
  list(@Context() context: RequestContext, @Query() { person, ...page }: TrailQueryDto) {
    return this.trail.list(context, page, person);
  }

  /** Looks whether nothing is missing in it, and nothing was changed. */
  @Get('check')
  @ApiOkResponse({ type: CheckedTrailDto })
  check(@Context() context: RequestContext) {
    return this.trail.check(context);
  }
}
