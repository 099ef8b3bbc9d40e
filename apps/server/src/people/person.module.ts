import { Module } from '@nestjs/common';
import { SequelizeModule } from '@nestjs/sequelize';
import { HallModule } from '../halls/hall.module.js';
import { PersonController } from './person.controller.js';
import { PersonRow, PropNoteRow } from './person.model.js';
import { PersonLog } from './personLog.js';
import { PersonVersionRow } from './personVersion.model.js';
import { PersonRepository } from './person.repository.js';
import { PersonService } from './person.service.js';
import { WhoHas } from './whoHas.js';

@Module({
  imports: [SequelizeModule.forFeature([PersonRow, PropNoteRow, PersonVersionRow]), HallModule],
  controllers: [PersonController],
  providers: [PersonRepository, PersonService, PersonLog, WhoHas],
  exports: [PersonService, PersonRepository],
})
export class PersonModule {}
