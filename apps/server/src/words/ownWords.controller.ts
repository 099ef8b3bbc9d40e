import { Body, Controller, Get, NotFoundException, Param, Put } from '@nestjs/common';
import { ApiOkResponse, ApiTags } from '@nestjs/swagger';
import { BUILT_IN } from '@lotus-steady/core/built-in';
import { Allow, Context, TEACHERS, type RequestContext } from '../common/context.js';
import { ApiVersioned, ReadVersion } from '../common/versions.js';
import { OwnWordsDraftDto, OwnWordsDto } from './ownWords.dto.js';
import { OwnWordsRepository } from './ownWords.repository.js';

const POSES: ReadonlySet<string> = new Set(BUILT_IN.poses.map(({ id }) => id));

/** What a hall says in poses, in its own words. */
@ApiTags('words')
@Allow(...TEACHERS)
@Controller('api/words')
export class OwnWordsController {
  constructor(private readonly words: OwnWordsRepository) {}

  @Get()
  @ApiOkResponse({ type: [OwnWordsDto] })
  list(@Context() context: RequestContext): Promise<OwnWordsDto[]> {
    return this.words.all(context);
  }

  @Put(':pose')
  @ApiVersioned()
  @ApiOkResponse({ type: OwnWordsDto })
  save(
    @Context() context: RequestContext,
    @Param('pose') pose: string,
    @Body() { words }: OwnWordsDraftDto,
    @ReadVersion() read: number,
  ): Promise<OwnWordsDto> {
    if (!POSES.has(pose)) throw new NotFoundException('There is no such pose.');
    return this.words.save(context, pose, words.trim(), read);
  }
}
