import { Global, Module } from '@nestjs/common';
import { SequelizeModule } from '@nestjs/sequelize';
import { SettingRow } from '../database/setting.model.js';
import { KeyCheck } from './keyCheck.js';
import { StoreController } from './store.controller.js';
import { SealedRows } from './sealedRows.js';

@Global()
@Module({
  imports: [SequelizeModule.forFeature([SettingRow])],
  controllers: [StoreController],
  providers: [KeyCheck, SealedRows],
  exports: [KeyCheck, SealedRows],
})
export class StoreModule {}
