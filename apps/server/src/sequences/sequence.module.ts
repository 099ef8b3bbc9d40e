import { Module } from '@nestjs/common';
import { SequelizeModule } from '@nestjs/sequelize';
import { ClassRow } from '../classes/class.model.js';
import { HallModule } from '../halls/hall.module.js';
import { OwnVariantModule } from '../own-variants/ownVariant.module.js';
import { SequenceController } from './sequence.controller.js';
import { SequenceRow, SequenceVersionRow } from './sequence.model.js';
import { SequenceRepository } from './sequence.repository.js';
import { SequenceService } from './sequence.service.js';

@Module({
  imports: [
    SequelizeModule.forFeature([SequenceRow, SequenceVersionRow, ClassRow]),
    HallModule,
    OwnVariantModule,
  ],
  controllers: [SequenceController],
  providers: [SequenceRepository, SequenceService],
  exports: [SequenceRepository, SequenceService],
})
export class SequenceModule {}
