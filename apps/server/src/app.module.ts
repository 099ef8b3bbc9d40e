import { Global, Module, type DynamicModule } from '@nestjs/common';
import { APP_FILTER, APP_GUARD, APP_INTERCEPTOR } from '@nestjs/core';
import { SequelizeModule } from '@nestjs/sequelize';
import { ClassRow } from './classes/class.model.js';
import { OwnVariantRow } from './own-variants/ownVariant.model.js';
import { PersonRow } from './people/person.model.js';
import { ClassModule } from './classes/class.module.js';
import { AccessGuard } from './common/access.guard.js';
import { Clock } from './common/clock.js';
import { ProblemFilter } from './common/problem.filter.js';
import { WriteOnce } from './common/writeOnce.interceptor.js';
import { connectionTo } from './database/connection.js';
import { RemovedRows } from './database/removed.js';
import { Transactions } from './database/transactions.js';
import { WriteRow } from './database/write.model.js';
import { CourseModule } from './courses/course.module.js';
import { DemoModule } from './demo/demo.module.js';
import { HallModule } from './halls/hall.module.js';
import { HALL_KEY } from './halls/hallTokens.js';
import { HealthController } from './health/health.controller.js';
import { OwnVariantModule } from './own-variants/ownVariant.module.js';
import { PersonModule } from './people/person.module.js';
import { SequenceModule } from './sequences/sequence.module.js';
import { WorkPool } from './threads/workPool.js';

export const SUBJECTS = [
  HallModule,
  PersonModule,
  SequenceModule,
  CourseModule,
  OwnVariantModule,
  ClassModule,
];

@Global()
@Module({})
export class AppModule {
  /** @param clock the one clock @param work the threads that work @param hallKey as in `AppOptions` */
  static on(databaseUrl: string, clock: Clock, work: WorkPool, hallKey?: string): DynamicModule {
    return {
      module: AppModule,
      imports: [
        connectionTo(databaseUrl),
        SequelizeModule.forFeature([PersonRow, ClassRow, OwnVariantRow, WriteRow]),
        ...SUBJECTS,
        DemoModule,
      ],
      controllers: [HealthController],
      providers: [
        { provide: Clock, useValue: clock },
        { provide: WorkPool, useValue: work },
        { provide: HALL_KEY, useValue: hallKey ?? null },
        { provide: APP_GUARD, useClass: AccessGuard },
        { provide: APP_INTERCEPTOR, useClass: WriteOnce },
        Transactions,
        RemovedRows,
        { provide: APP_FILTER, useClass: ProblemFilter },
      ],
      exports: [Clock, WorkPool, Transactions, HALL_KEY],
    };
  }
}
