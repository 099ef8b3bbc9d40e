import { Module } from '@nestjs/common';
import { SequelizeModule } from '@nestjs/sequelize';
import { AccountModule } from '../accounts/account.module.js';
import { ClassModule } from '../classes/class.module.js';
import { SettingRow } from '../database/setting.model.js';
import { GroupModule } from '../groups/group.module.js';
import { PlaceModule } from '../places/place.module.js';
import { HallRow } from '../halls/hall.model.js';
import { PersonModule } from '../people/person.module.js';
import { SequenceModule } from '../sequences/sequence.module.js';
import { DemoPast } from './demoPast.service.js';
import { DemoService } from './demo.service.js';

@Module({
  imports: [
    SequelizeModule.forFeature([HallRow, SettingRow]),
    AccountModule,
    PersonModule,
    SequenceModule,
    ClassModule,
    GroupModule,
    PlaceModule,
  ],
  providers: [DemoService, DemoPast],
  exports: [DemoService, DemoPast],
})
export class DemoModule {}
