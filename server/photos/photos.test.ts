import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { MOST_PHOTO_BYTES } from '#core/exchange';
import type { BuildView, PhotoView } from '#core/exchange';
import { startApp } from '../test/app.js';
import { newBuild, newDepartment } from '../test/people.js';

let server: Awaited<ReturnType<typeof startApp>>;
let build: BuildView;
beforeAll(async () => {
  server = await startApp();
  build = await newBuild(server, (await newDepartment(server, 'Long Valley')).id);
});
afterAll(() => server.app.close());

const PNG = Buffer.concat([Buffer.from('\x89PNG\r\n\x1a\n', 'latin1'), Buffer.alloc(60, 7)]);
const list = async (): Promise<PhotoView[]> => (await server.http.get(`/api/builds/${build.id}/photos`)).body;
const pin = (image: Buffer, asked = 'compartmentId=L1&name=L1%20of%20Engine%202') =>
  server.http.post(`/api/builds/${build.id}/photos?${asked}`).set('content-type', 'image/png').send(image);

describe('photographs over HTTP', () => {
  it('are pinned beside a compartment, shown as they were sent, and taken off', async () => {
    const { body } = await pin(PNG).expect(201);
    expect(body).toMatchObject({ compartmentId: 'L1', name: 'L1 of Engine 2', type: 'image/png' });
    expect(await list()).toEqual([body]);
    const path = `/api/builds/${build.id}/photos/${body.id}`;
    const { body: image, headers } = await server.http.get(path).buffer(true).expect(200);
    expect(headers['content-type']).toBe('image/png');
    expect(Buffer.compare(image as Buffer, PNG)).toBe(0);
    await server.http.delete(path).expect(204);
    await server.http.get(path).expect(404);
    await server.http.delete(path).expect(404);
    expect(await list()).toEqual([]);
  });

  it.each([
    ['what is no picture', Buffer.from('<svg onload="x">'), undefined, 415],
    ['nothing', Buffer.alloc(0), undefined, 415],
    ['one too large', Buffer.concat([PNG, Buffer.alloc(MOST_PHOTO_BYTES)]), undefined, 413],
    ['one of no compartment', PNG, 'name=x', 400],
    ['one without a name', PNG, 'compartmentId=L1&name=', 400],
  ])('refuses %s and keeps nothing of it', async (_, image, asked, status) => {
    await pin(image, asked).expect(status);
    expect(await list()).toEqual([]);
  });

  it('of no truck is not found', async () => {
    await server.http.get('/api/builds/00000000-0000-4000-8000-000000000000/photos').expect(404);
  });
});
