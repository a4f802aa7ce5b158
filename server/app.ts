import 'reflect-metadata';
import { NestFactory } from '@nestjs/core';
import type { NestExpressApplication } from '@nestjs/platform-express';
import { SwaggerModule } from '@nestjs/swagger';
import compression from 'compression';
import { json } from 'express';
import helmet from 'helmet';
import { AppModule } from './app.module.js';
import { describe } from './documents/index.js';
import { JudgePipe, ProblemFilter } from './problems/index.js';

const BODY_LIMIT = '1mb';
/** A department with the whole history of its builds. */
const ARCHIVE_LIMIT = '64mb';

/** Builds the server with its guards, ready to listen. */
export async function createApp(databaseUrl: string, webFolder?: string): Promise<NestExpressApplication> {
  const app = await NestFactory.create<NestExpressApplication>(AppModule.on(databaseUrl, webFolder), {
    logger: ['error', 'warn', 'fatal'],
    bodyParser: false,
    abortOnError: false,
  });
  app.use(
    helmet({
      contentSecurityPolicy: {
        directives: {
          'script-src': ["'self'"],
          'style-src': ["'self'", "'unsafe-inline'"],
          'worker-src': ["'self'"],
          'upgrade-insecure-requests': null,
        },
      },
      // Baros is served over plain HTTP on the department's own network.
      strictTransportSecurity: false,
    }),
  );
  app.use(compression());
  app.use('/api/departments/archive', json({ limit: ARCHIVE_LIMIT }));
  app.useBodyParser('json', { limit: BODY_LIMIT });
  app.setGlobalPrefix('api');
  app.useGlobalPipes(new JudgePipe());
  app.useGlobalFilters(new ProblemFilter());
  app.enableShutdownHooks();
  SwaggerModule.setup('api/docs', app, () => describe(app));
  return app;
}
