import { Module } from '@nestjs/common';
import { SequelizeModule } from '@nestjs/sequelize';
import { ClassModule } from '../classes/class.module.js';
import { ClassRow } from '../classes/class.model.js';
import { HallModule } from '../halls/hall.module.js';
import { PersonModule } from '../people/person.module.js';
import { GroupController } from './group.controller.js';
import { GroupDayRow, GroupPersonRow, GroupRow } from './group.model.js';
import { GroupRepository } from './group.repository.js';
import { GroupService } from './group.service.js';

@Module({
  imports: [
    SequelizeModule.forFeature([GroupRow, GroupPersonRow, GroupDayRow, ClassRow]),
    ClassModule,
    PersonModule,
    HallModule,
  ],
  controllers: [GroupController],
  providers: [GroupRepository, GroupService],
  exports: [GroupRepository],
})
export class GroupModule {}
