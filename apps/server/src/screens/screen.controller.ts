import { Body, Controller, Delete, Get, HttpCode, Post, Put } from '@nestjs/common';
import { ApiCreatedResponse, ApiNoContentResponse, ApiOkResponse, ApiTags } from '@nestjs/swagger';
import { NewLinkDto } from '../accounts/account.dto.js';
import { Allow, Context, TEACHERS, type RequestContext } from '../common/context.js';
import { LookAtScreenDto, OnScreenDto, ScreenDto, ShowDto } from './screen.dto.js';
import { ScreenService } from './screen.service.js';

/** A second screen for the class. */
@ApiTags('screen')
@Allow(...TEACHERS)
@Controller('api/screen')
export class ScreenController {
  constructor(private readonly screens: ScreenService) {}

  @Get()
  @ApiOkResponse({ type: ScreenDto })
  there(@Context() context: RequestContext): Promise<ScreenDto> {
    return this.screens.there(context);
  }

  @Post()
  @ApiCreatedResponse({ type: NewLinkDto })
  make(@Context() context: RequestContext): Promise<NewLinkDto> {
    return this.screens.make(context);
  }

  @Put()
  @HttpCode(204)
  @ApiNoContentResponse()
  show(@Context() context: RequestContext, @Body() { shown }: ShowDto): Promise<void> {
    return this.screens.show(context, shown);
  }

  @Delete()
  @HttpCode(204)
  @ApiNoContentResponse()
  end(@Context() context: RequestContext): Promise<void> {
    return this.screens.end(context);
  }

  /** What stands on the screen, for whoever has its link; the secret is sent in a body: no address has it. */
  @Post('look')
  @Allow('anyone')
  @HttpCode(200)
  @ApiOkResponse({ type: OnScreenDto })
  look(@Body() { secret }: LookAtScreenDto): Promise<OnScreenDto> {
    return this.screens.look(secret);
  }
}
