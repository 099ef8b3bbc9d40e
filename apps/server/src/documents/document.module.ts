import { Module } from '@nestjs/common';
import { SequelizeModule } from '@nestjs/sequelize';
import { PersonModule } from '../people/person.module.js';
import { DocumentController } from './document.controller.js';
import { DocumentRow } from './document.model.js';
import { Documents } from './documents.js';

@Module({
  imports: [SequelizeModule.forFeature([DocumentRow]), PersonModule],
  controllers: [DocumentController],
  providers: [Documents],
  exports: [Documents],
})
export class DocumentModule {}
