import { Module } from '@nestjs/common';
import { SequelizeModule } from '@nestjs/sequelize';
import { ContextSource } from '../common/context.js';
import { BuiltInOwner } from './builtInOwner.js';
import { HallController } from './hall.controller.js';
import { HallRow } from './hall.model.js';
import { HallRepository } from './hall.repository.js';
import { HallService } from './hall.service.js';
import { HALL_KEY, HallTokens } from './hallTokens.js';

/** One hall for whoever uses this computer, or many, each with its token. */
const CONTEXT_SOURCE = {
  provide: ContextSource,
  inject: [HallRepository, HALL_KEY],
  useFactory: (halls: HallRepository, key: string | null): ContextSource =>
    key ? new HallTokens(key) : new BuiltInOwner(halls),
};

@Module({
  imports: [SequelizeModule.forFeature([HallRow])],
  controllers: [HallController],
  providers: [HallRepository, HallService, CONTEXT_SOURCE],
  exports: [HallRepository, HallService, ContextSource],
})
export class HallModule {}
