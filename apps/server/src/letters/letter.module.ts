import { Module } from '@nestjs/common';
import { ClassModule } from '../classes/class.module.js';
import { HallModule } from '../halls/hall.module.js';
import { PersonModule } from '../people/person.module.js';
import { LetterController } from './letter.controller.js';
import { LetterService } from './letter.service.js';

@Module({
  imports: [ClassModule, HallModule, PersonModule],
  controllers: [LetterController],
  providers: [LetterService],
  exports: [LetterService],
})
export class LetterModule {}
