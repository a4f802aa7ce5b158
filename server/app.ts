import 'reflect-metadata';
import { existsSync } from 'node:fs';
import { constants } from 'node:zlib';
import { NestFactory } from '@nestjs/core';
import type { NestExpressApplication } from '@nestjs/platform-express';
import { SwaggerModule } from '@nestjs/swagger';
import compression from 'compression';
import { AppModule } from './app.module.js';
import { describe } from './documents/index.js';
import { guard } from './gate/index.js';
import type { Doors } from './gate/index.js';
import { ProblemFilter } from './problems/index.js';
import { screens } from './screens.js';

/** Of compression: much of the gain for little of the time. */
const LIGHT = 1;

export interface Setting extends Partial<Doors> {
  /** The built screens, where they are served. */
  webFolder?: string;
  /** How many requests of one address are answered in ten seconds; many, where left out. */
  mostRequests?: number;
}

/** Builds the server with its guards, ready to listen. */
export async function createApp(
  databaseUrl: string,
  { webFolder, mostRequests, host = '127.0.0.1', ...doors }: Setting = {},
): Promise<NestExpressApplication> {
  const app = await NestFactory.create<NestExpressApplication>(AppModule.on(databaseUrl, mostRequests), {
    logger: ['error', 'warn', 'fatal'],
    bodyParser: false,
    abortOnError: false,
  });
  guard(app, { host, ...doors });
  if (webFolder && existsSync(webFolder)) app.use(screens(webFolder));
  // On the station's own network a light hand is faster.
  app.use(compression({ level: LIGHT, brotli: { params: { [constants.BROTLI_PARAM_QUALITY]: LIGHT } } }));
  app.setGlobalPrefix('api');
  app.useGlobalFilters(new ProblemFilter());
  app.enableShutdownHooks();
  SwaggerModule.setup('api/docs', app, () => describe(app));
  return app;
}
