import { Body, Controller, Get, HttpCode, Post } from '@nestjs/common';
import { ApiOkResponse, ApiTags } from '@nestjs/swagger';
import { Allow, Context, TEACHERS, type RequestContext } from '../common/context.js';
import { Noted } from '../trail/noted.js';
import {
  EyeAnswerDraftDto,
  EyeAnsweredDto,
  EyeCaseDto,
  EyeDto,
  OwnEyeAnswerDraftDto,
  OwnEyeAnsweredDto,
} from './eye.dto.js';
import { EyeService } from './eye.service.js';

/** Made-up cases for the teacher's eye. */
@ApiTags('eye')
@Allow(...TEACHERS)
@Controller('api/eye')
export class EyeController {
  constructor(private readonly eye: EyeService) {}

  @Get()
  @ApiOkResponse({ type: EyeDto })
  state(@Context() context: RequestContext): Promise<EyeDto> {
    return this.eye.state(context);
  }

  /** The case to look at now. */
  @Get('next')
  @ApiOkResponse({ type: EyeCaseDto })
  next(@Context() context: RequestContext): Promise<EyeCaseDto> {
    return this.eye.next(context);
  }

  @Post('answers')
  @HttpCode(200)
  @ApiOkResponse({ type: EyeAnsweredDto })
  answer(@Context() context: RequestContext, @Body() draft: EyeAnswerDraftDto): Promise<EyeAnsweredDto> {
    return this.eye.answer(context, draft);
  }

  /** Somebody of a class that has been, without a name. */
  @Get('own')
  @Noted('fitting')
  @ApiOkResponse({ type: EyeCaseDto })
  own(@Context() context: RequestContext): Promise<EyeCaseDto> {
    return this.eye.own(context);
  }

  @Post('own/answers')
  @Noted('fitting', undefined, 'read')
  @HttpCode(200)
  @ApiOkResponse({ type: OwnEyeAnsweredDto })
  answerOwn(
    @Context() context: RequestContext,
    @Body() draft: OwnEyeAnswerDraftDto,
  ): Promise<OwnEyeAnsweredDto> {
    return this.eye.answerOwn(context, draft);
  }
}
