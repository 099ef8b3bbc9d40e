import { Module } from '@nestjs/common';
import { SequelizeModule } from '@nestjs/sequelize';
import { ContextSource } from '../common/context.js';
import { BuiltInOwner } from './builtInOwner.js';
import { HallController } from './hall.controller.js';
import { HallRow } from './hall.model.js';
import { HallRepository } from './hall.repository.js';
import { HallService } from './hall.service.js';

@Module({
  imports: [SequelizeModule.forFeature([HallRow])],
  controllers: [HallController],
  providers: [HallRepository, HallService, { provide: ContextSource, useClass: BuiltInOwner }],
  exports: [HallRepository, HallService, ContextSource],
})
export class HallModule {}
