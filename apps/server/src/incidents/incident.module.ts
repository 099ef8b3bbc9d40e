import { Module } from '@nestjs/common';
import { SequelizeModule } from '@nestjs/sequelize';
import { PersonRow } from '../people/person.model.js';
import { IncidentController } from './incident.controller.js';
import { IncidentRow } from './incident.model.js';
import { IncidentRepository } from './incident.repository.js';

@Module({
  imports: [SequelizeModule.forFeature([IncidentRow, PersonRow])],
  controllers: [IncidentController],
  providers: [IncidentRepository],
  exports: [IncidentRepository],
})
export class IncidentModule {}
