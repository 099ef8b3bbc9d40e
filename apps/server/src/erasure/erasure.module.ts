import { Module } from '@nestjs/common';
import { SequelizeModule } from '@nestjs/sequelize';
import { ClassModule } from '../classes/class.module.js';
import { ClassRow } from '../classes/class.model.js';
import { CourseRow } from '../courses/course.model.js';
import { WriteRow } from '../database/write.model.js';
import { DocumentRow } from '../documents/document.model.js';
import { GroupRow } from '../groups/group.model.js';
import { HallRow } from '../halls/hall.model.js';
import { OwnVariantRow } from '../own-variants/ownVariant.model.js';
import { PersonModule } from '../people/person.module.js';
import { PersonRow } from '../people/person.model.js';
import { ErasureController } from './erasure.controller.js';
import { Erasure } from './erasure.js';
import { RemovedRows } from './removedRows.js';
import { Retention } from './retention.js';

@Module({
  imports: [
    SequelizeModule.forFeature([
      PersonRow,
      ClassRow,
      CourseRow,
      OwnVariantRow,
      GroupRow,
      DocumentRow,
      WriteRow,
      HallRow,
    ]),
    PersonModule,
    ClassModule,
  ],
  controllers: [ErasureController],
  providers: [Erasure, Retention, RemovedRows],
})
export class ErasureModule {}
