import { Module } from '@nestjs/common';
import { SequelizeModule } from '@nestjs/sequelize';
import { HallController } from './hall.controller.js';
import { HallRow } from './hall.model.js';
import { HallRepository } from './hall.repository.js';
import { HallService } from './hall.service.js';
import { HallTokens } from './hallTokens.js';

@Module({
  imports: [SequelizeModule.forFeature([HallRow])],
  controllers: [HallController],
  providers: [HallRepository, HallService, HallTokens],
  exports: [HallRepository, HallService, HallTokens],
})
export class HallModule {}
