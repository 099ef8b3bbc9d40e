import { Module } from '@nestjs/common';
import { SequelizeModule } from '@nestjs/sequelize';
import { ClassPersonRow } from '../classes/class.model.js';
import { ClassModule } from '../classes/class.module.js';
import { SpotController } from './spot.controller.js';
import { SpotRow } from './spot.model.js';
import { SpotRepository } from './spot.repository.js';

@Module({
  imports: [SequelizeModule.forFeature([SpotRow, ClassPersonRow]), ClassModule],
  controllers: [SpotController],
  providers: [SpotRepository],
})
export class SpotModule {}
