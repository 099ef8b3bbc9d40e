import { Module } from '@nestjs/common';
import { SequelizeModule } from '@nestjs/sequelize';
import { ClassRow } from '../classes/class.model.js';
import { HallModule } from '../halls/hall.module.js';
import { PersonModule } from '../people/person.module.js';
import { ReportController } from './report.controller.js';
import { ReportRepository } from './report.repository.js';
import { ReportService } from './report.service.js';

@Module({
  imports: [SequelizeModule.forFeature([ClassRow]), HallModule, PersonModule],
  controllers: [ReportController],
  providers: [ReportRepository, ReportService],
})
export class ReportModule {}
