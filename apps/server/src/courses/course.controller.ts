import { Body, Controller, Delete, Get, HttpCode, Param, ParseUUIDPipe, Post, Put } from '@nestjs/common';
import { ApiCreatedResponse, ApiNoContentResponse, ApiOkResponse, ApiTags } from '@nestjs/swagger';
import { Allow, Context, TEACHERS, type RequestContext } from '../common/context.js';
import { SavedDto } from '../common/problem.dto.js';
import { ApiVersioned, ReadVersion } from '../common/versions.js';
import { CourseChangeDto, CourseDraftDto, CourseDto } from './course.dto.js';
import { CourseService } from './course.service.js';

@ApiTags('courses')
@Allow(...TEACHERS)
@Controller('api/courses')
export class CourseController {
  constructor(private readonly courses: CourseService) {}

  @Get()
  @ApiOkResponse({ type: [CourseDto] })
  list(@Context() context: RequestContext) {
    return this.courses.list(context);
  }

  @Get(':id')
  @ApiOkResponse({ type: CourseDto })
  one(@Context() context: RequestContext, @Param('id', ParseUUIDPipe) id: string) {
    return this.courses.one(context, id);
  }

  @Post()
  @ApiCreatedResponse({ type: SavedDto })
  create(@Context() context: RequestContext, @Body() course: CourseDraftDto) {
    return this.courses.create(context, course);
  }

  @Put(':id')
  @ApiVersioned()
  @ApiOkResponse({ type: SavedDto })
  update(
    @Context() context: RequestContext,
    @Param('id', ParseUUIDPipe) id: string,
    @Body() change: CourseChangeDto,
    @ReadVersion() read: number,
  ) {
    return this.courses.update(context, id, change, read);
  }

  /** Takes a course apart; its sequences and classes stay. */
  @Delete(':id')
  @HttpCode(204)
  @ApiNoContentResponse()
  remove(@Context() context: RequestContext, @Param('id', ParseUUIDPipe) id: string) {
    return this.courses.remove(context, id);
  }
}
