import { Module } from '@nestjs/common';
import type { DynamicModule } from '@nestjs/common';
import { APP_GUARD, APP_PIPE } from '@nestjs/core';
import { ThrottlerGuard, ThrottlerModule } from '@nestjs/throttler';
import { TypeOrmModule } from '@nestjs/typeorm';
import { ArchiveModule } from './archive/index.js';
import { BuildsModule } from './builds/index.js';
import { CalcModule } from './calc/index.js';
import { databaseOptions } from './database/index.js';
import { DepartmentsModule } from './departments/index.js';
import { DrillsModule } from './drills/index.js';
import { PapersModule } from './papers/index.js';
import { HealthModule } from './health/index.js';
import { PartsModule } from './parts/index.js';
import { PhotosModule } from './photos/index.js';
import { JudgePipe } from './problems/index.js';
import { WhereaboutsModule } from './whereabouts/index.js';
import { WeeklyModule } from './weekly/index.js';
import { WorkModule } from './work/index.js';

/**
 * Of one address, so many requests in so long: a station has one address for all its people, and fifty of them
 * who save as fast as they can make a fifth of it.
 */
const MOST_REQUESTS = 4000;
const WITHIN_MS = 10_000;

@Module({})
export class AppModule {
  /** The whole server on one database. */
  static on(databaseUrl: string, mostRequests = MOST_REQUESTS): DynamicModule {
    return {
      module: AppModule,
      imports: [
        TypeOrmModule.forRoot(databaseOptions(databaseUrl)),
        ThrottlerModule.forRoot({
          throttlers: [{ ttl: WITHIN_MS, limit: mostRequests }],
          errorMessage: 'busy: this address asks too much at once; ask again in a few seconds',
        }),
        WorkModule,
        DepartmentsModule,
        BuildsModule,
        PartsModule,
        PapersModule,
        DrillsModule,
        WeeklyModule,
        PhotosModule,
        WhereaboutsModule,
        ArchiveModule,
        CalcModule,
        HealthModule,
      ],
      providers: [
        { provide: APP_GUARD, useClass: ThrottlerGuard },
        { provide: APP_PIPE, useClass: JudgePipe },
      ],
    };
  }
}
