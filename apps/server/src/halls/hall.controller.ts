import { Body, Controller, Get, Put } from '@nestjs/common';
import { ApiOkResponse, ApiTags } from '@nestjs/swagger';
import { Allow, Context, STAFF, TEACHERS, type RequestContext } from '../common/context.js';
import { ApiVersioned, ReadVersion } from '../common/versions.js';
import { HallDto, HallRulesDto, HouseViewDto, PaceDto, StockDto, VersionDto } from './hall.dto.js';
import { HallService } from './hall.service.js';

@ApiTags('hall')
@Allow(...TEACHERS)
@Controller('api/hall')
export class HallController {
  constructor(private readonly halls: HallService) {}

  @Get()
  @Allow(...STAFF)
  @ApiOkResponse({ type: HallDto })
  current(@Context() context: RequestContext) {
    return this.halls.current(context);
  }

  @Put('house-view')
  @ApiVersioned()
  @ApiOkResponse({ type: VersionDto })
  saveHouseView(
    @Context() context: RequestContext,
    @Body() { houseView }: HouseViewDto,
    @ReadVersion() read: number,
  ) {
    return this.halls.saveHouseView(context, houseView, read);
  }

  @Put('stock')
  @Allow(...STAFF)
  @ApiVersioned()
  @ApiOkResponse({ type: VersionDto })
  saveStock(@Context() context: RequestContext, @Body() { stock }: StockDto, @ReadVersion() read: number) {
    return this.halls.saveStock(context, stock, read);
  }

  @Put('pace')
  @ApiVersioned()
  @ApiOkResponse({ type: VersionDto })
  savePace(@Context() context: RequestContext, @Body() { pace }: PaceDto, @ReadVersion() read: number) {
    return this.halls.savePace(context, pace, read);
  }

  @Put('rules')
  @ApiVersioned()
  @ApiOkResponse({ type: VersionDto })
  saveRules(@Context() context: RequestContext, @Body() rules: HallRulesDto, @ReadVersion() read: number) {
    return this.halls.saveRules(context, rules, read);
  }
}
