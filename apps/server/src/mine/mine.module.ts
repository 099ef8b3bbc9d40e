import { Module } from '@nestjs/common';
import { SequelizeModule } from '@nestjs/sequelize';
import { AccountModule } from '../accounts/account.module.js';
import { ClassModule } from '../classes/class.module.js';
import { DocumentModule } from '../documents/document.module.js';
import { HomeModule } from '../home/home.module.js';
import { IncidentModule } from '../incidents/incident.module.js';
import { HallModule } from '../halls/hall.module.js';
import { OwnVariantModule } from '../own-variants/ownVariant.module.js';
import { PersonModule } from '../people/person.module.js';
import { DiaryRow } from './diary.model.js';
import { Diary } from './diary.js';
import { MineController, PersonLinkController } from './mine.controller.js';
import { OwnAnswers } from './ownAnswers.js';
import { OwnAnswersRow } from './ownAnswers.model.js';
import { MineService } from './mine.service.js';

@Module({
  imports: [
    SequelizeModule.forFeature([DiaryRow, OwnAnswersRow]),
    AccountModule,
    HallModule,
    PersonModule,
    ClassModule,
    OwnVariantModule,
    DocumentModule,
    IncidentModule,
    HomeModule,
  ],
  controllers: [MineController, PersonLinkController],
  providers: [MineService, Diary, OwnAnswers],
  exports: [Diary],
})
export class MineModule {}
