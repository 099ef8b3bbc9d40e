import { Module } from '@nestjs/common';
import { SequelizeModule } from '@nestjs/sequelize';
import { HallModule } from '../halls/hall.module.js';
import { RecordRow } from '../classes/class.model.js';
import { MarkRow } from '../marks/mark.model.js';
import { PersonController } from './person.controller.js';
import { PersonRow, PropNoteRow } from './person.model.js';
import { PersonHistory } from './personHistory.js';
import { PersonLog } from './personLog.js';
import { PersonVersionRow } from './personVersion.model.js';
import { PersonRepository } from './person.repository.js';
import { PersonService } from './person.service.js';
import { WhoHas } from './whoHas.js';

@Module({
  imports: [
    SequelizeModule.forFeature([PersonRow, PropNoteRow, PersonVersionRow, RecordRow, MarkRow]),
    HallModule,
  ],
  controllers: [PersonController],
  providers: [PersonRepository, PersonService, PersonLog, PersonHistory, WhoHas],
  exports: [PersonService, PersonRepository],
})
export class PersonModule {}
