import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { DataSource } from 'typeorm';
import { startApp } from '../test/app.js';

let server: Awaited<ReturnType<typeof startApp>>;
beforeAll(async () => {
  server = await startApp();
});
afterAll(() => server.app.close());

describe('the OpenAPI document', () => {
  it('describes every route, and bodies by the rules that refuse them', async () => {
    const { body } = await server.http.get('/api/docs-json').expect(200);
    expect(Object.keys(body.paths).sort()).toEqual([
      '/api/builds',
      '/api/builds/import',
      '/api/builds/{id}',
      '/api/builds/{id}/copies',
      '/api/builds/{id}/drills',
      '/api/builds/{id}/file',
      '/api/builds/{id}/papers/{paper}',
      '/api/builds/{id}/photos',
      '/api/builds/{id}/photos/{photo}',
      '/api/builds/{id}/revisions',
      '/api/builds/{id}/revisions/{revision}',
      '/api/builds/{id}/weekly-checks',
      '/api/calc/angles',
      '/api/calc/bridge',
      '/api/calc/evaluate',
      '/api/calc/foam',
      '/api/calc/hosebed',
      '/api/calc/line',
      '/api/calc/payload',
      '/api/calc/pump',
      '/api/calc/shuttle',
      '/api/calc/tank',
      '/api/calc/turning',
      '/api/calc/weights',
      '/api/departments',
      '/api/departments/archive',
      '/api/departments/{id}',
      '/api/departments/{id}/archive',
      '/api/departments/{id}/brief',
      '/api/departments/{id}/limits',
      '/api/departments/{id}/parts',
      '/api/departments/{id}/parts/{kind}/{partId}',
      '/api/health',
      '/api/whereabouts',
    ]);
    const { schemas } = body.components;
    expect(schemas.NewDepartment).toMatchObject({
      additionalProperties: false,
      required: expect.arrayContaining(['name']),
      properties: { name: { minLength: 1, maxLength: 80 } },
    });
    expect(schemas.Chassis.properties.wheelbaseIn).toMatchObject({
      type: 'number',
      minimum: 60,
      maximum: 400,
    });
    expect(schemas.Build.required).toContain('pump');
    expect(schemas.Build.properties.chassis).toEqual({ $ref: '#/components/schemas/Chassis' });
    expect(
      body.paths['/api/calc/weights'].post.responses['200'].content['application/json'].schema.properties
        .front.properties,
    ).toHaveProperty('loadLb');
  });

  it('refuses what it describes as refused, field by field', async () => {
    const { body } = await server.http.get('/api/docs-json');
    const schema = body.components.schemas.TankInput;
    const whole: Record<string, unknown> = {
      boxes: [
        { frontIn: 0, centerIn: 0, bottomIn: 40, lengthIn: 50, widthIn: 40, heightIn: 30, lateralCells: 1 },
      ],
      usableFraction: 0.97,
      liquidLbPerGal: 8.34,
      gallons: 10,
    };
    await server.http.post('/api/calc/tank').send(whole).expect(200);
    for (const field of schema.required as string[]) {
      const { [field]: _left, ...without } = whole;
      const answer = await server.http.post('/api/calc/tank').send(without).expect(400);
      expect(answer.body.problems.map((p: { field: string }) => p.field)).toContain(field);
    }
  });

  it('shows its page, with guards on every answer', async () => {
    const page = await server.http.get('/api/docs').expect(200);
    expect(page.text).toContain('swagger-ui');
    expect(page.headers).toMatchObject({
      'x-content-type-options': 'nosniff',
      'content-security-policy': expect.stringContaining("script-src 'self'"),
    });
    expect(page.headers).not.toHaveProperty('x-powered-by');
  });
});

describe('the database', () => {
  it('is what the entities say: migrations leave nothing to change', async () => {
    const drift = await server.app.get(DataSource).driver.createSchemaBuilder().log();
    expect(drift.upQueries.map((q) => q.query)).toEqual([]);
  });
});
