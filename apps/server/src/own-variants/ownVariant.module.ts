import { Module } from '@nestjs/common';
import { SequelizeModule } from '@nestjs/sequelize';
import { ClassRow, FittingRow } from '../classes/class.model.js';
import { HallModule } from '../halls/hall.module.js';
import { OwnVariantController } from './ownVariant.controller.js';
import { OwnVariantRow } from './ownVariant.model.js';
import { OwnVariantRepository } from './ownVariant.repository.js';
import { OwnVariantService } from './ownVariant.service.js';

@Module({
  imports: [SequelizeModule.forFeature([OwnVariantRow, FittingRow, ClassRow]), HallModule],
  controllers: [OwnVariantController],
  providers: [OwnVariantRepository, OwnVariantService],
  exports: [OwnVariantService],
})
export class OwnVariantModule {}
