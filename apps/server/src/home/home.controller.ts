import { Body, Controller, Delete, Get, Header, HttpCode, Param, ParseUUIDPipe, Post } from '@nestjs/common';
import {
  ApiCreatedResponse,
  ApiNoContentResponse,
  ApiOkResponse,
  ApiProduces,
  ApiTags,
} from '@nestjs/swagger';
import { Allow, Context, TEACHERS, type RequestContext } from '../common/context.js';
import { Gone } from '../threads/gone.js';
import { Noted } from '../trail/noted.js';
import { AskedForHomeDto, HomeDraftDto, HomePracticeDraftDto, HomePracticeDto } from './home.dto.js';
import { HomeService } from './home.service.js';

const PDF = 'application/pdf';

/** What people practise at home. */
@ApiTags('home')
@Allow(...TEACHERS)
@Controller('api')
export class HomeController {
  constructor(private readonly home: HomeService) {}

  /** What of a class somebody may practise alone, with what is in her house. */
  @Post('people/:id/home/draft')
  @Noted('practice at home', 'person', 'read')
  @HttpCode(200)
  @ApiOkResponse({ type: HomeDraftDto })
  async draft(
    @Context() context: RequestContext,
    @Param('id', ParseUUIDPipe) id: string,
    @Body() { classId, has }: AskedForHomeDto,
  ): Promise<HomeDraftDto> {
    const { draft, chosen, until } = await this.home.draft(context, classId, id, has);
    return { draft, chosen, until };
  }

  @Get('people/:id/home')
  @Noted('practice at home', 'person')
  @ApiOkResponse({ type: [HomePracticeDto] })
  list(
    @Context() context: RequestContext,
    @Param('id', ParseUUIDPipe) id: string,
  ): Promise<HomePracticeDto[]> {
    return this.home.of(context, id);
  }

  @Post('people/:id/home')
  @Noted('practice at home', 'person', 'added')
  @ApiCreatedResponse({ type: HomePracticeDto })
  keep(
    @Context() context: RequestContext,
    @Param('id', ParseUUIDPipe) id: string,
    @Body() draft: HomePracticeDraftDto,
  ): Promise<HomePracticeDto> {
    return this.home.keep(context, id, draft);
  }

  /** Ends it. */
  @Delete('people/:id/home/:home')
  @Noted('practice at home', 'person')
  @HttpCode(204)
  @ApiNoContentResponse()
  end(
    @Context() context: RequestContext,
    @Param('id', ParseUUIDPipe) id: string,
    @Param('home', ParseUUIDPipe) home: string,
  ): Promise<void> {
    return this.home.end(context, id, home);
  }

  /** As a sheet, to be printed or sent. */
  @Get('people/:id/home/:home/sheet')
  @Noted('practice at home', 'person', 'handed out')
  @ApiProduces(PDF)
  @ApiOkResponse({ schema: { type: 'string', format: 'binary' } })
  @Header('Content-Type', PDF)
  @Header('Content-Disposition', 'inline')
  sheet(
    @Context() context: RequestContext,
    @Param('id', ParseUUIDPipe) id: string,
    @Param('home', ParseUUIDPipe) home: string,
    @Gone() gone: AbortSignal,
  ): Promise<Buffer> {
    return this.home.pdf(context, id, home, gone);
  }
}
