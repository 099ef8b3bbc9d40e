import { Controller, Delete, Get, Header, HttpCode, Param, Post } from '@nestjs/common';
import {
  ApiCreatedResponse,
  ApiNoContentResponse,
  ApiOkResponse,
  ApiProduces,
  ApiTags,
} from '@nestjs/swagger';
import { NewLinkDto } from '../accounts/account.dto.js';
import { Allow, Context, STAFF, type RequestContext } from '../common/context.js';
import { FeedDto } from './calendar.dto.js';
import { CalendarService } from './calendar.service.js';

const CALENDAR = 'text/calendar; charset=utf-8';

/** The address at which one's own calendar reads the classes. */
@ApiTags('calendar')
@Allow(...STAFF)
@Controller('api/calendar')
export class CalendarController {
  constructor(private readonly calendar: CalendarService) {}

  @Get()
  @ApiOkResponse({ type: FeedDto })
  feed(@Context() context: RequestContext): Promise<FeedDto> {
    return this.calendar.feed(context);
  }

  @Post()
  @ApiCreatedResponse({ type: NewLinkDto })
  make(@Context() context: RequestContext): Promise<NewLinkDto> {
    return this.calendar.make(context);
  }

  @Delete()
  @HttpCode(204)
  @ApiNoContentResponse()
  end(@Context() context: RequestContext): Promise<void> {
    return this.calendar.end(context);
  }
}

/** The calendar itself, for whoever has its address: calendars do not sign in. */
@ApiTags('calendar')
@Controller('api/calendar')
export class CalendarFeedController {
  constructor(private readonly calendar: CalendarService) {}

  @Get(':secret.ics')
  @Allow('anyone')
  @ApiProduces(CALENDAR)
  @ApiOkResponse({ schema: { type: 'string' } })
  @Header('Content-Type', CALENDAR)
  read(@Param('secret') secret: string): Promise<string> {
    return this.calendar.read(secret);
  }
}
