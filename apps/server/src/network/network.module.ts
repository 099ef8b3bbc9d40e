import { Module } from '@nestjs/common';
import { SequelizeModule } from '@nestjs/sequelize';
import { NetworkController } from './network.controller.js';
import { NetworkService } from './network.service.js';
import { SettingRow } from '../database/setting.model.js';

@Module({
  imports: [SequelizeModule.forFeature([SettingRow])],
  controllers: [NetworkController],
  providers: [NetworkService],
  exports: [NetworkService],
})
export class NetworkModule {}
