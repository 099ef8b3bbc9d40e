import {
  Body,
  Controller,
  Delete,
  Get,
  HttpCode,
  Module,
  Param,
  ParseUUIDPipe,
  Post,
  Put,
} from '@nestjs/common';
import { SequelizeModule } from '@nestjs/sequelize';
import { PersonConditionRow, PersonRow, PropNoteRow } from '../database/models.js';
import { StudioModule } from '../studio/studio.module.js';
import { PeopleService } from './people.service.js';
import { PersonDto, PropNoteDto } from './person.dto.js';

@Controller('api/people')
class PeopleController {
  constructor(private readonly people: PeopleService) {}

  @Get() list() {
    return this.people.list();
  }
  @Get(':id') one(@Param('id', ParseUUIDPipe) id: string) {
    return this.people.one(id);
  }
  @Post() create(@Body() person: PersonDto) {
    return this.people.create(person);
  }
  @Put(':id') update(@Param('id', ParseUUIDPipe) id: string, @Body() person: PersonDto) {
    return this.people.update(id, person);
  }
  /** Keeps what worked for someone: one height a task. */
  @Put(':id/props') @HttpCode(204) keepProp(
    @Param('id', ParseUUIDPipe) id: string,
    @Body() note: PropNoteDto,
  ) {
    return this.people.keepProp(id, note);
  }
  @Delete(':id') @HttpCode(204) remove(@Param('id', ParseUUIDPipe) id: string) {
    return this.people.remove(id);
  }
}

@Module({
  imports: [SequelizeModule.forFeature([PersonRow, PersonConditionRow, PropNoteRow]), StudioModule],
  controllers: [PeopleController],
  providers: [PeopleService],
  exports: [PeopleService],
})
export class PeopleModule {}
