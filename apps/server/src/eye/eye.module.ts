import { Module } from '@nestjs/common';
import { SequelizeModule } from '@nestjs/sequelize';
import { HallModule } from '../halls/hall.module.js';
import { EyeController } from './eye.controller.js';
import { EyeCaseRow } from './eye.model.js';
import { EyeService } from './eye.service.js';

@Module({
  imports: [SequelizeModule.forFeature([EyeCaseRow]), HallModule],
  controllers: [EyeController],
  providers: [EyeService],
})
export class EyeModule {}
