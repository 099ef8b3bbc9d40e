import { Global, Module } from '@nestjs/common';
import { APP_INTERCEPTOR } from '@nestjs/core';
import { SequelizeModule } from '@nestjs/sequelize';
import { Noting } from './noting.interceptor.js';
import { TrailController } from './trail.controller.js';
import { TrailHeadRow, TrailRow } from './trail.model.js';
import { Trail } from './trail.js';

@Global()
@Module({
  imports: [SequelizeModule.forFeature([TrailRow, TrailHeadRow])],
  controllers: [TrailController],
  providers: [Trail, { provide: APP_INTERCEPTOR, useClass: Noting }],
  exports: [Trail],
})
export class TrailModule {}
