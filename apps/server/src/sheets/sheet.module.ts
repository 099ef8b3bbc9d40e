import { Module } from '@nestjs/common';
import { ClassModule } from '../classes/class.module.js';
import { OwnVariantModule } from '../own-variants/ownVariant.module.js';
import { PersonModule } from '../people/person.module.js';
import { SheetController } from './sheet.controller.js';
import { SheetService } from './sheet.service.js';

@Module({
  imports: [ClassModule, PersonModule, OwnVariantModule],
  controllers: [SheetController],
  providers: [SheetService],
})
export class SheetModule {}
