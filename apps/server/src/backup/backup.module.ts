import { Module } from '@nestjs/common';
import { SequelizeModule } from '@nestjs/sequelize';
import { SettingRow } from '../database/setting.model.js';
import { BackupController } from './backup.controller.js';
import { BackupService } from './backup.service.js';

@Module({
  imports: [SequelizeModule.forFeature([SettingRow])],
  controllers: [BackupController],
  providers: [BackupService],
})
export class BackupModule {}
