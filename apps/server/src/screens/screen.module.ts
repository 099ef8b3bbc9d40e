import { Module } from '@nestjs/common';
import { SequelizeModule } from '@nestjs/sequelize';
import { AccountModule } from '../accounts/account.module.js';
import { ScreenController } from './screen.controller.js';
import { ScreenRow } from './screen.model.js';
import { ScreenService } from './screen.service.js';

@Module({
  imports: [SequelizeModule.forFeature([ScreenRow]), AccountModule],
  controllers: [ScreenController],
  providers: [ScreenService],
})
export class ScreenModule {}
