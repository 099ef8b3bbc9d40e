import { Module } from '@nestjs/common';
import { SequelizeModule } from '@nestjs/sequelize';
import { ClassModule } from '../classes/class.module.js';
import { HallModule } from '../halls/hall.module.js';
import { OwnVariantModule } from '../own-variants/ownVariant.module.js';
import { PersonModule } from '../people/person.module.js';
import { HomeController } from './home.controller.js';
import { HomeRow } from './home.model.js';
import { HomeService } from './home.service.js';

@Module({
  imports: [SequelizeModule.forFeature([HomeRow]), ClassModule, HallModule, OwnVariantModule, PersonModule],
  controllers: [HomeController],
  providers: [HomeService],
  exports: [HomeService],
})
export class HomeModule {}
