import { Body, Controller, Delete, Get, HttpCode, Param, ParseUUIDPipe, Post, Put } from '@nestjs/common';
import { ApiCreatedResponse, ApiNoContentResponse, ApiOkResponse, ApiTags } from '@nestjs/swagger';
import { Allow, Context, TEACHERS, type RequestContext } from '../common/context.js';
import { SavedDto } from '../common/problem.dto.js';
import { ApiVersioned, ReadVersion } from '../common/versions.js';
import { GroupDraftDto, GroupDto, OtherDayDto } from './group.dto.js';
import { GroupService } from './group.service.js';

/** Groups by the week, and who belongs to them. */
@ApiTags('groups')
@Allow(...TEACHERS)
@Controller('api/groups')
export class GroupController {
  constructor(private readonly groups: GroupService) {}

  @Get()
  @ApiOkResponse({ type: [GroupDto] })
  list(@Context() context: RequestContext): Promise<GroupDto[]> {
    return this.groups.list(context);
  }

  @Get(':id')
  @ApiOkResponse({ type: GroupDto })
  one(@Context() context: RequestContext, @Param('id', ParseUUIDPipe) id: string): Promise<GroupDto> {
    return this.groups.one(context, id);
  }

  @Post()
  @ApiCreatedResponse({ type: SavedDto })
  create(@Context() context: RequestContext, @Body() draft: GroupDraftDto): Promise<SavedDto> {
    return this.groups.create(context, draft);
  }

  @Put(':id')
  @ApiVersioned()
  @ApiOkResponse({ type: SavedDto })
  update(
    @Context() context: RequestContext,
    @Param('id', ParseUUIDPipe) id: string,
    @Body() draft: GroupDraftDto,
    @ReadVersion() read: number,
  ): Promise<SavedDto> {
    return this.groups.update(context, id, draft, read);
  }

  /** Keeps that somebody comes or stays away on one day; its class is fitted again where it is planned. */
  @Put(':id/day')
  @HttpCode(204)
  @ApiNoContentResponse()
  onDay(
    @Context() context: RequestContext,
    @Param('id', ParseUUIDPipe) id: string,
    @Body() day: OtherDayDto,
  ): Promise<void> {
    return this.groups.onDay(context, id, day);
  }

  /** Brings a group back that was removed a moment ago. */
  @Post(':id/restore')
  @HttpCode(204)
  @ApiNoContentResponse()
  restore(@Context() context: RequestContext, @Param('id', ParseUUIDPipe) id: string): Promise<void> {
    return this.groups.restore(context, id);
  }

  /** Removes a group; its classes stay. */
  @Delete(':id')
  @HttpCode(204)
  @ApiNoContentResponse()
  remove(@Context() context: RequestContext, @Param('id', ParseUUIDPipe) id: string): Promise<void> {
    return this.groups.remove(context, id);
  }
}
