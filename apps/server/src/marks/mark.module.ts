import { Module } from '@nestjs/common';
import { SequelizeModule } from '@nestjs/sequelize';
import { ClassModule } from '../classes/class.module.js';
import { PersonRow } from '../people/person.model.js';
import { MarkController } from './mark.controller.js';
import { MarkRow } from './mark.model.js';
import { MarkRepository } from './mark.repository.js';

@Module({
  imports: [SequelizeModule.forFeature([MarkRow, PersonRow]), ClassModule],
  controllers: [MarkController],
  providers: [MarkRepository],
})
export class MarkModule {}
