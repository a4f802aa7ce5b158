import type { NestExpressApplication } from '@nestjs/platform-express';
import supertest from 'supertest';
import { inject } from 'vitest';
import { createApp } from '../app.js';
import type { Setting } from '../app.js';

/** The real server on the tests' PostgreSQL, and a client to it. */
export async function startApp(setting: Setting = {}): Promise<{
  app: NestExpressApplication;
  http: ReturnType<typeof supertest>;
}> {
  const app = await createApp(inject('databaseUrl'), setting);
  await app.init();
  return { app, http: supertest(app.getHttpServer()) };
}
