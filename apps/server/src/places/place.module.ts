import { Module } from '@nestjs/common';
import { SequelizeModule } from '@nestjs/sequelize';
import { PlaceController } from './place.controller.js';
import { PlaceRow } from './place.model.js';
import { PlaceRepository } from './place.repository.js';

@Module({
  imports: [SequelizeModule.forFeature([PlaceRow])],
  controllers: [PlaceController],
  providers: [PlaceRepository],
  exports: [PlaceRepository],
})
export class PlaceModule {}
