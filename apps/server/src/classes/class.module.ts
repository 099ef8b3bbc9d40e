import { Module } from '@nestjs/common';
import { SequelizeModule } from '@nestjs/sequelize';
import { HallModule } from '../halls/hall.module.js';
import { OwnVariantModule } from '../own-variants/ownVariant.module.js';
import { PlaceModule } from '../places/place.module.js';
import { PersonModule } from '../people/person.module.js';
import { ClassController } from './class.controller.js';
import { MarkRow } from '../marks/mark.model.js';
import { ClassPersonRow, ClassRow, FittingRow, RecordRow, TaughtTimesRow } from './class.model.js';
import { ClassRepository } from './class.repository.js';
import { ClassDayService } from './classDay.service.js';
import { ClassFitter } from './classFitter.js';
import { ClassService } from './class.service.js';
import { RecordRepository } from './record.repository.js';
import { RecordService } from './record.service.js';

@Module({
  imports: [
    SequelizeModule.forFeature([ClassPersonRow, ClassRow, FittingRow, RecordRow, TaughtTimesRow, MarkRow]),
    HallModule,
    PersonModule,
    OwnVariantModule,
    PlaceModule,
  ],
  controllers: [ClassController],
  providers: [ClassRepository, ClassFitter, ClassService, ClassDayService, RecordRepository, RecordService],
  exports: [ClassService, ClassDayService, ClassRepository, ClassFitter, RecordRepository, RecordService],
})
export class ClassModule {}
