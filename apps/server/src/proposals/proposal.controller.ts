import { Body, Controller, Get, Param, ParseUUIDPipe, Put } from '@nestjs/common';
import { ApiOkResponse, ApiTags } from '@nestjs/swagger';
import { Allow, Context, TEACHERS, type RequestContext } from '../common/context.js';
import { SavedDto } from '../common/problem.dto.js';
import { ApiVersioned, ReadVersion } from '../common/versions.js';
import { Noted } from '../trail/noted.js';
import { ProposalAnswerDto, ProposalsDto, ProposedForDto, RememberedDto } from './proposal.dto.js';
import { ProposalService } from './proposal.service.js';

/** What the record of somebody's classes proposes for the next. */
@ApiTags('people')
@Allow(...TEACHERS)
@Controller('api')
export class ProposalController {
  constructor(private readonly proposals: ProposalService) {}

  @Get('people/:id/proposals')
  @Noted('person', 'person')
  @ApiOkResponse({ type: ProposalsDto })
  list(@Context() context: RequestContext, @Param('id', ParseUUIDPipe) id: string): Promise<ProposalsDto> {
    return this.proposals.of(context, id);
  }

  /** For those who are down for a class. */
  @Get('classes/:id/proposals')
  @Noted('record of a class', 'class')
  @ApiOkResponse({ type: [ProposedForDto] })
  ofClass(
    @Context() context: RequestContext,
    @Param('id', ParseUUIDPipe) id: string,
  ): Promise<ProposedForDto[]> {
    return this.proposals.ofClass(context, id);
  }

  /** What was decided lately, and which props worked, for those who are down for a class. */
  @Get('classes/:id/remembered')
  @Noted('record of a class', 'class')
  @ApiOkResponse({ type: [RememberedDto] })
  remembered(
    @Context() context: RequestContext,
    @Param('id', ParseUUIDPipe) id: string,
  ): Promise<RememberedDto[]> {
    return this.proposals.remembered(context, id);
  }

  /** Takes a proposal over, as it is or with another number, or declines it; the version is that of the person. */
  @Put('people/:id/proposals')
  @Noted('person', 'person')
  @ApiVersioned()
  @ApiOkResponse({ type: SavedDto })
  answer(
    @Context() context: RequestContext,
    @Param('id', ParseUUIDPipe) id: string,
    @Body() answer: ProposalAnswerDto,
    @ReadVersion() read: number,
  ): Promise<SavedDto> {
    return this.proposals.answer(context, id, answer, read);
  }
}
