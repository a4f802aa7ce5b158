import { existsSync } from 'node:fs';
import { Module } from '@nestjs/common';
import type { DynamicModule } from '@nestjs/common';
import { ServeStaticModule } from '@nestjs/serve-static';
import { TypeOrmModule } from '@nestjs/typeorm';
import { ArchiveModule } from './archive/index.js';
import { BuildsModule } from './builds/index.js';
import { CalcModule } from './calc/index.js';
import { databaseOptions } from './database/index.js';
import { DepartmentsModule } from './departments/index.js';
import { PapersModule } from './papers/index.js';
import { PartsModule } from './parts/index.js';

const ASSET_AGE_MS = 365 * 24 * 3600 * 1000;

@Module({})
export class AppModule {
  /** The whole server on one database; `webFolder` holds the built screens, where they are served. */
  static on(databaseUrl: string, webFolder?: string): DynamicModule {
    const screens =
      webFolder && existsSync(webFolder)
        ? [
            ServeStaticModule.forRoot({
              rootPath: webFolder,
              exclude: ['/api/{*rest}'],
              serveStaticOptions: {
                setHeaders: (response, path) =>
                  response.setHeader(
                    'Cache-Control',
                    path.includes('/assets/')
                      ? `public, max-age=${ASSET_AGE_MS / 1000}, immutable`
                      : 'no-cache',
                  ),
              },
            }),
          ]
        : [];
    return {
      module: AppModule,
      imports: [
        TypeOrmModule.forRoot(databaseOptions(databaseUrl)),
        DepartmentsModule,
        BuildsModule,
        PartsModule,
        PapersModule,
        ArchiveModule,
        CalcModule,
        ...screens,
      ],
    };
  }
}
