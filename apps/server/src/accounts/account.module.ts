import { Module } from '@nestjs/common';
import { SequelizeModule } from '@nestjs/sequelize';
import { ContextSource } from '../common/context.js';
import { SettingRow } from '../database/setting.model.js';
import { HallModule } from '../halls/hall.module.js';
import { HallRow } from '../halls/hall.model.js';
import { NetworkModule } from '../network/network.module.js';
import { AccountController } from './account.controller.js';
import { AccountRow, LinkRow, MembershipRow, SessionRow, SignInTryRow } from './account.model.js';
import { AccountRepository } from './account.repository.js';
import { AccountService } from './account.service.js';
import { Ended } from './ended.js';
import { Links } from './links.js';
import { LinkController, MemberController } from './member.controller.js';
import { MemberService } from './member.service.js';
import { SessionContext } from './sessionContext.js';
import { SessionController } from './session.controller.js';
import { SessionService } from './session.service.js';
import { Sessions } from './sessions.js';
import { Throttle } from './throttle.js';

@Module({
  imports: [
    SequelizeModule.forFeature([
      AccountRow,
      MembershipRow,
      SessionRow,
      LinkRow,
      SignInTryRow,
      HallRow,
      SettingRow,
    ]),
    HallModule,
    NetworkModule,
  ],
  controllers: [SessionController, AccountController, MemberController, LinkController],
  providers: [
    AccountRepository,
    AccountService,
    Ended,
    Links,
    MemberService,
    Sessions,
    SessionService,
    Throttle,
    { provide: ContextSource, useClass: SessionContext },
  ],
  exports: [AccountRepository, ContextSource, Links, Sessions],
})
export class AccountModule {}
