import { Controller, Get, Query } from '@nestjs/common';
import { ApiOkResponse, ApiTags } from '@nestjs/swagger';
import { Allow, Context, TEACHERS, type RequestContext } from '../common/context.js';
import { Gone } from '../threads/gone.js';
import { Noted } from '../trail/noted.js';
import { ReportDto, ReportQueryDto } from './report.dto.js';
import { ReportService } from './report.service.js';

/** What was done in a period, for whom. */
@ApiTags('reports')
@Allow(...TEACHERS)
@Controller('api/reports')
export class ReportController {
  constructor(private readonly reports: ReportService) {}

  @Get()
  @Noted('report')
  @ApiOkResponse({ type: ReportDto })
  one(
    @Context() context: RequestContext,
    @Query() query: ReportQueryDto,
    @Gone() gone: AbortSignal,
  ): Promise<ReportDto> {
    return this.reports.one(context, query, gone);
  }
}
