import { Module } from '@nestjs/common';
import { SequelizeModule } from '@nestjs/sequelize';
import { ClassModule } from '../classes/class.module.js';
import { HallRow } from '../halls/hall.model.js';
import { PersonModule } from '../people/person.module.js';
import { SequenceModule } from '../sequences/sequence.module.js';
import { DemoService } from './demo.service.js';

@Module({
  imports: [SequelizeModule.forFeature([HallRow]), PersonModule, SequenceModule, ClassModule],
  providers: [DemoService],
  exports: [DemoService],
})
export class DemoModule {}
