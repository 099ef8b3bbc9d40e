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
import { ClassRow, FittingRow, RecordRow } from '../database/models.js';
import { OwnVariantsModule } from '../own/own.module.js';
import { PeopleModule } from '../people/people.module.js';
import { StudioModule } from '../studio/studio.module.js';
import { AfterClassDto, ClassDto, FitDto, PlanDto } from './class.dto.js';
import { ClassesService } from './classes.service.js';

@Controller('api/classes')
class ClassesController {
  constructor(private readonly classes: ClassesService) {}

  @Get() list() {
    return this.classes.list();
  }
  @Get(':id') one(@Param('id', ParseUUIDPipe) id: string) {
    return this.classes.one(id);
  }
  /** A fitting for what is on the form, without keeping it. */
  @Post('fit') @HttpCode(200) async fit(@Body() draft: FitDto) {
    return (await this.classes.fit(draft)).fitting;
  }
  @Post() create(@Body() draft: ClassDto) {
    return this.classes.save(draft);
  }
  @Put(':id') update(@Param('id', ParseUUIDPipe) id: string, @Body() draft: ClassDto) {
    return this.classes.save(draft, id);
  }
  /** What a fitting of this class is made from today. */
  @Get(':id/inputs') inputs(@Param('id', ParseUUIDPipe) id: string) {
    return this.classes.inputs(id);
  }
  /** What would differ if it were fitted today. */
  @Get(':id/recheck') recheck(@Param('id', ParseUUIDPipe) id: string) {
    return this.classes.recheck(id);
  }
  /** Keeps an edit, fitted with what is known today. */
  @Put(':id/plan') @HttpCode(204) plan(@Param('id', ParseUUIDPipe) id: string, @Body() plan: PlanDto) {
    return this.classes.plan(id, plan);
  }
  @Delete(':id') @HttpCode(204) remove(@Param('id', ParseUUIDPipe) id: string) {
    return this.classes.remove(id);
  }
  @Put(':id/record') @HttpCode(204) record(
    @Param('id', ParseUUIDPipe) id: string,
    @Body() after: AfterClassDto,
  ) {
    return this.classes.record(id, after);
  }
}

@Module({
  imports: [
    SequelizeModule.forFeature([ClassRow, FittingRow, RecordRow]),
    PeopleModule,
    StudioModule,
    OwnVariantsModule,
  ],
  controllers: [ClassesController],
  providers: [ClassesService],
  exports: [ClassesService],
})
export class ClassesModule {}
