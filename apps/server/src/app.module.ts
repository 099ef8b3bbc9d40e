import { Global, Module, type DynamicModule } from '@nestjs/common';
import { APP_FILTER, APP_GUARD, APP_INTERCEPTOR } from '@nestjs/core';
import { SequelizeModule } from '@nestjs/sequelize';
import { CalendarModule } from './calendar/calendar.module.js';
import { ClassModule } from './classes/class.module.js';
import { AccessGuard } from './common/access.guard.js';
import { Clock } from './common/clock.js';
import { ProblemFilter } from './common/problem.filter.js';
import { WriteOnce } from './common/writeOnce.interceptor.js';
import { connectionTo } from './database/connection.js';
import { Transactions } from './database/transactions.js';
import { WriteRow } from './database/write.model.js';
import { AccountModule } from './accounts/account.module.js';
import { Vault, type KeyRing } from './common/vault.js';
import { CourseModule } from './courses/course.module.js';
import { DemoModule } from './demo/demo.module.js';
import { COPIES } from './erasure/copies.js';
import { ErasureModule } from './erasure/erasure.module.js';
import { DocumentModule } from './documents/document.module.js';
import { DueModule } from './due/due.module.js';
import { EyeModule } from './eye/eye.module.js';
import { SheetModule } from './sheets/sheet.module.js';
import { GroupModule } from './groups/group.module.js';
import { HallModule } from './halls/hall.module.js';
import { HALL_KEY } from './halls/hallTokens.js';
import { HealthController } from './health/health.controller.js';
import { BackupModule } from './backup/backup.module.js';
import { BACKUP_OF, type BackupOf } from './backup/backup.service.js';
import { HomeModule } from './home/home.module.js';
import { LetterModule } from './letters/letter.module.js';
import { MailModule } from './mail/mail.module.js';
import { MAIL, type MailSetting } from './mail/postman.js';
import { IncidentModule } from './incidents/incident.module.js';
import { MarkModule } from './marks/mark.module.js';
import { ProposalModule } from './proposals/proposal.module.js';
import { MineModule } from './mine/mine.module.js';
import { NetworkModule } from './network/network.module.js';
import { NETWORK, type NetworkSetting } from './network/network.service.js';
import { OwnVariantModule } from './own-variants/ownVariant.module.js';
import { PersonModule } from './people/person.module.js';
import { PlaceModule } from './places/place.module.js';
import { SequenceModule } from './sequences/sequence.module.js';
import { ReportModule } from './reports/report.module.js';
import { ScreenModule } from './screens/screen.module.js';
import { SpotModule } from './spots/spot.module.js';
import { StoreModule } from './store/store.module.js';
import { TrailModule } from './trail/trail.module.js';
import { OwnWordsModule } from './words/ownWords.module.js';
import { WorkPool } from './threads/workPool.js';

export const SUBJECTS = [
  AccountModule,
  HallModule,
  PersonModule,
  SequenceModule,
  CourseModule,
  OwnVariantModule,
  ClassModule,
  IncidentModule,
  MarkModule,
  ProposalModule,
  SpotModule,
  ScreenModule,
  OwnWordsModule,
  MineModule,
  NetworkModule,
  PlaceModule,
  GroupModule,
  DocumentModule,
  SheetModule,
  CalendarModule,
  ErasureModule,
  BackupModule,
  HomeModule,
  LetterModule,
  MailModule,
  ReportModule,
  DueModule,
  EyeModule,
];

/** What the server is made of beside its subjects. */
interface Parts {
  databaseUrl: string;
  /** The one clock. */
  clock: Clock;
  /** The threads that work. */
  work: WorkPool;
  /** What seals what is private. */
  vault: Vault;
  /** As in `AppOptions`. */
  hallKey?: string;
  network?: NetworkSetting;
  backups?: string;
  /** The keys themselves, for a copy of everything. */
  ring: KeyRing;
  mail?: MailSetting;
}

@Global()
@Module({})
export class AppModule {
  static on({
    databaseUrl,
    clock,
    work,
    vault,
    hallKey,
    network,
    backups,
    mail,
    ring,
  }: Parts): DynamicModule {
    return {
      module: AppModule,
      imports: [
        connectionTo(databaseUrl),
        SequelizeModule.forFeature([WriteRow]),
        StoreModule,
        TrailModule,
        ...SUBJECTS,
        DemoModule,
      ],
      controllers: [HealthController],
      providers: [
        { provide: Clock, useValue: clock },
        { provide: WorkPool, useValue: work },
        { provide: HALL_KEY, useValue: hallKey ?? null },
        { provide: NETWORK, useValue: network ?? null },
        { provide: Vault, useValue: vault },
        { provide: COPIES, useValue: backups ?? null },
        { provide: BACKUP_OF, useValue: { url: databaseUrl, ring } satisfies BackupOf },
        { provide: MAIL, useValue: mail ?? null },
        { provide: APP_GUARD, useClass: AccessGuard },
        { provide: APP_INTERCEPTOR, useClass: WriteOnce },
        Transactions,
        { provide: APP_FILTER, useClass: ProblemFilter },
      ],
      exports: [Clock, WorkPool, Transactions, Vault, BACKUP_OF, COPIES, HALL_KEY, MAIL, NETWORK],
    };
  }
}
