import { Body, Controller, Delete, Get, HttpCode, Param, ParseUUIDPipe, Post } from '@nestjs/common';
import { ApiCreatedResponse, ApiNoContentResponse, ApiOkResponse, ApiTags } from '@nestjs/swagger';
import { Allow, Context, STAFF, TEACHERS, type RequestContext } from '../common/context.js';
import { OwnVariantDraftDto, OwnVariantDto, SavedOwnVariantDto } from './ownVariant.dto.js';
import { OwnVariantService } from './ownVariant.service.js';

@ApiTags('own variants')
@Allow(...TEACHERS)
@Controller('api/own-variants')
export class OwnVariantController {
  constructor(private readonly ownVariants: OwnVariantService) {}

  @Get()
  @Allow(...STAFF)
  @ApiOkResponse({ type: [OwnVariantDto] })
  list(@Context() context: RequestContext) {
    return this.ownVariants.list(context);
  }

  @Post()
  @ApiCreatedResponse({ type: SavedOwnVariantDto })
  create(@Context() context: RequestContext, @Body() draft: OwnVariantDraftDto) {
    return this.ownVariants.create(context, draft);
  }

  /** Brings one back that was removed a moment ago. */
  @Post(':key/restore')
  @HttpCode(204)
  @ApiNoContentResponse()
  restore(@Context() context: RequestContext, @Param('key', ParseUUIDPipe) key: string) {
    return this.ownVariants.restore(context, key);
  }

  @Delete(':key')
  @HttpCode(204)
  @ApiNoContentResponse()
  remove(@Context() context: RequestContext, @Param('key', ParseUUIDPipe) key: string) {
    return this.ownVariants.remove(context, key);
  }
}
