import { Module } from '@nestjs/common';
import { AccountModule } from '../accounts/account.module.js';
import { ClassModule } from '../classes/class.module.js';
import { HallModule } from '../halls/hall.module.js';
import { CalendarController, CalendarFeedController } from './calendar.controller.js';
import { CalendarService } from './calendar.service.js';

@Module({
  imports: [AccountModule, ClassModule, HallModule],
  controllers: [CalendarController, CalendarFeedController],
  providers: [CalendarService],
})
export class CalendarModule {}
