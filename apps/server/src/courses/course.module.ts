import { Module } from '@nestjs/common';
import { SequelizeModule } from '@nestjs/sequelize';
import { ClassRow } from '../classes/class.model.js';
import { PersonModule } from '../people/person.module.js';
import { SequenceRow } from '../sequences/sequence.model.js';
import { SequenceModule } from '../sequences/sequence.module.js';
import { CourseController } from './course.controller.js';
import { CourseRow } from './course.model.js';
import { CourseRepository } from './course.repository.js';
import { CourseService } from './course.service.js';

@Module({
  imports: [SequelizeModule.forFeature([CourseRow, SequenceRow, ClassRow]), SequenceModule, PersonModule],
  controllers: [CourseController],
  providers: [CourseRepository, CourseService],
})
export class CourseModule {}
