import { Module } from '@nestjs/common';
import { ClassModule } from '../classes/class.module.js';
import { HallModule } from '../halls/hall.module.js';
import { PersonModule } from '../people/person.module.js';
import { DueController } from './due.controller.js';
import { DueService } from './due.service.js';

@Module({
  imports: [ClassModule, HallModule, PersonModule],
  controllers: [DueController],
  providers: [DueService],
})
export class DueModule {}
