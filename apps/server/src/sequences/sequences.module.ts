import {
  Body,
  Controller,
  Get,
  Injectable,
  Module,
  NotFoundException,
  Param,
  ParseUUIDPipe,
  Post,
  Put,
} from '@nestjs/common';
import { InjectModel, SequelizeModule } from '@nestjs/sequelize';
import { parseSequence } from '@lotus-steady/core';
import { IsString, Length } from 'class-validator';
import { SequenceRow } from '../database/models.js';
import { FieldsException } from '../http/problems.js';
import { OwnVariantsModule, OwnVariantsService } from '../own/own.module.js';
import { StudioModule } from '../studio/studio.module.js';
import { StudioService } from '../studio/studio.service.js';

class SequenceDto {
  @IsString() @Length(1, 20_000, { message: 'a sequence has at least one line' }) source!: string;
}

@Injectable()
class SequencesService {
  constructor(
    @InjectModel(SequenceRow) private readonly sequences: typeof SequenceRow,
    private readonly studio: StudioService,
    private readonly own: OwnVariantsService,
  ) {}

  async list() {
    const { id: studioId } = await this.studio.current();
    const rows = await this.sequences.findAll({ where: { studioId }, order: [['title', 'ASC']] });
    return rows.map(({ id, title, source }) => ({ id, title, source }));
  }

  async save({ source }: SequenceDto, id?: string) {
    const { sequence, errors } = parseSequence(source, (await this.own.catalogue()).poses);
    if (errors.length)
      throw new FieldsException(errors.map(({ message, line }) => ({ field: `source:${line}`, message })));
    if (!id)
      return {
        id: (
          await this.sequences.create({
            studioId: (await this.studio.current()).id,
            title: sequence.title,
            source,
          })
        ).id,
      };
    const row = await this.sequences.findByPk(id);
    if (!row) throw new NotFoundException('This sequence is not in the list.');
    await row.update({ title: sequence.title, source });
    return { id };
  }
}

@Controller('api/sequences')
class SequencesController {
  constructor(private readonly sequences: SequencesService) {}

  @Get() list() {
    return this.sequences.list();
  }
  @Post() create(@Body() sequence: SequenceDto) {
    return this.sequences.save(sequence);
  }
  @Put(':id') update(@Param('id', ParseUUIDPipe) id: string, @Body() sequence: SequenceDto) {
    return this.sequences.save(sequence, id);
  }
}

@Module({
  imports: [SequelizeModule.forFeature([SequenceRow]), StudioModule, OwnVariantsModule],
  controllers: [SequencesController],
  providers: [SequencesService],
})
export class SequencesModule {}
