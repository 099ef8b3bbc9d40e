import { Module } from '@nestjs/common';
import { SequelizeModule } from '@nestjs/sequelize';
import { ClassModule } from '../classes/class.module.js';
import { HallModule } from '../halls/hall.module.js';
import { OwnVariantModule } from '../own-variants/ownVariant.module.js';
import { PersonModule } from '../people/person.module.js';
import { EyeController } from './eye.controller.js';
import { EyeCaseRow } from './eye.model.js';
import { EyeService } from './eye.service.js';

@Module({
  imports: [
    SequelizeModule.forFeature([EyeCaseRow]),
    ClassModule,
    HallModule,
    OwnVariantModule,
    PersonModule,
  ],
  controllers: [EyeController],
  providers: [EyeService],
})
export class EyeModule {}
