import { expect } from '@playwright/test';
import pg from 'pg';
import { copiesIn } from '#core/build';
import type { BuildView } from '#core/exchange';
import { newBuild, newDepartment, reading, saved, scale } from './hands.js';
import { test } from './own-server.js';

test('a build of an older catalog weighs what it did, and takes newer figures when a person says so', async ({
  baros,
  there,
}) => {
  const page = await there.newPage();
  await newDepartment(page, 'Twenty years');
  await newBuild(page, 'Twenty years', 'Of today', 'Pumper');
  const today = await scale(page);
  const id = page.url().split('/').at(-1)!;
  const { build, departmentId } = (await (await page.request.get(`/api/builds/${id}`)).json()) as BuildView;
  // As an edition of 2020 had its pump, 260 lb heavier.
  const parts = copiesIn(build).map((copy) =>
    copy.kind === 'pump'
      ? {
          ...copy,
          edition: '2020-01',
          part: { ...copy.part, weightLb: Number(copy.part['weightLb']) + 260 },
        }
      : copy,
  );
  const old = (await (
    await page.request.post('/api/builds/import', {
      data: { departmentId, build: { ...build, name: 'Of 2020', catalogue: { parts } } },
    })
  ).json()) as BuildView;
  const client = new pg.Client({ connectionString: baros.database });
  await client.connect();
  // As if the Baros that saved it had placed something otherwise.
  await client.query(
    "UPDATE build_revisions SET figures = jsonb_set(figures, '{front}', '12345') WHERE build_id = $1",
    [old.id],
  );
  await client.end();

  await page.goto(`/builds/${old.id}`);
  await expect(reading(page, 'Gross weight')).toBeVisible();
  expect((await scale(page)).gross).toBe(today.gross + 260);
  const since = page.getByRole('region', { name: 'Figures that changed since it was saved' });
  await expect(since).toContainText(/Front axle: 12,345 lb → [\d,]+ lb/);
  await since.getByRole('button', { name: 'Seen' }).click();
  await expect(since).toBeHidden();

  await expect(
    page.getByText('1 part or limit of this build has other figures in the newest catalog'),
  ).toBeVisible();
  await page.getByRole('button', { name: 'See what would change' }).click();
  const dialog = page.getByRole('dialog', { name: 'Newer figures of the catalog' });
  await expect(dialog).toContainText('Carried from the catalog of 2020-01');
  await expect(dialog).toContainText(/Weight: [\d,]+ lb → [\d,]+ lb/);
  await expect(dialog).toContainText(/It would move .*gross −260 lb/);
  await dialog.getByRole('button', { name: 'Keep as it is' }).click();
  expect((await scale(page)).gross).toBe(today.gross + 260);
  await page.getByRole('button', { name: 'See what would change' }).click();
  await dialog.getByRole('button', { name: 'Take all' }).click();
  await saved(page);
  expect(await scale(page)).toEqual(today);
  await expect(page.getByText('other figures in the newest catalog')).toBeHidden();
  await page.keyboard.press('Control+z');
  expect((await scale(page)).gross).toBe(today.gross + 260);
});
