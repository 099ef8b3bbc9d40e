import { Module } from '@nestjs/common';
import { SequelizeModule } from '@nestjs/sequelize';
import { HallModule } from '../halls/hall.module.js';
import { OwnVariantModule } from '../own-variants/ownVariant.module.js';
import { PlaceModule } from '../places/place.module.js';
import { PersonModule } from '../people/person.module.js';
import { ClassController } from './class.controller.js';
import { ClassPersonRow, ClassRow, FittingRow, RecordRow } from './class.model.js';
import { ClassRepository } from './class.repository.js';
import { ClassDayService } from './classDay.service.js';
import { ClassFitter } from './classFitter.js';
import { ClassService } from './class.service.js';

@Module({
  imports: [
    SequelizeModule.forFeature([ClassPersonRow, ClassRow, FittingRow, RecordRow]),
    HallModule,
    PersonModule,
    OwnVariantModule,
    PlaceModule,
  ],
  controllers: [ClassController],
  providers: [ClassRepository, ClassFitter, ClassService, ClassDayService],
  exports: [ClassService, ClassDayService, ClassRepository, ClassFitter],
})
export class ClassModule {}
