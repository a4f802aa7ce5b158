import { expect } from '@playwright/test';
import pg from 'pg';
import type { BuildView } from '#core/exchange';
import { find, newBuild, newBuildByHand, newDepartment, newDepartmentByHand, reading } from './hands.js';
import { test } from './own-server.js';

test('a department and its builds are renamed, duplicated, archived and brought back', async ({ page }) => {
  await newDepartmentByHand(page, 'Quarry Road Fire Company');
  await newBuildByHand(page, 'Quarry Road Fire Company', 'Old engine', 'Pumper');
  await page.getByRole('link', { name: 'Baros, all departments' }).click();
  await find(page, 'Quarry Road Fire Company');
  const section = page.getByRole('region', { name: 'Quarry Road Fire Company' });

  await section.getByRole('button', { name: 'More for Old engine' }).click();
  await page.getByRole('menuitem', { name: 'Rename' }).click();
  await page.getByRole('dialog').getByLabel('Name').fill('Engine 2');
  await page.getByRole('button', { name: 'Rename' }).click();
  await expect(section.getByRole('link', { name: 'Engine 2' })).toBeVisible();
  await expect(section).toContainText('Renamed from Old engine');

  await section.getByRole('button', { name: 'More for Engine 2' }).click();
  await page.getByRole('menuitem', { name: 'Duplicate' }).click();
  await expect(section.getByRole('link', { name: 'Engine 2, copy' })).toBeVisible();

  await section.getByRole('button', { name: 'More for Engine 2, copy' }).click();
  await page.getByRole('menuitem', { name: 'Archive', exact: true }).click();
  await expect(section.getByRole('link', { name: 'Engine 2, copy' })).toBeHidden();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(section.getByRole('link', { name: 'Engine 2, copy' })).toBeVisible();

  await section.getByRole('button', { name: 'More for Quarry Road Fire Company' }).click();
  await page.getByRole('menuitem', { name: 'Archive', exact: true }).click();
  await expect(section).toBeHidden();
  await page.getByRole('switch', { name: 'Show archived' }).click();
  await section.getByRole('button', { name: 'More for Quarry Road Fire Company' }).click();
  await page.getByRole('menuitem', { name: 'Bring back' }).click();
  await page.getByRole('switch', { name: 'Show archived' }).click();
  await expect(section).toBeVisible();
});

test('a form refuses what the server would, in words, and keeps what was typed', async ({ page }) => {
  await page.goto('/');
  await page.getByRole('button', { name: 'New department' }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByLabel('District', { exact: true }).fill('Somewhere');
  await dialog.getByRole('button', { name: 'Create' }).click();
  await expect(dialog.getByText('Name must have 1 to 80 characters')).toBeVisible();
  await expect(dialog.getByLabel('District', { exact: true })).toHaveValue('Somewhere');
  await page.keyboard.press('Escape');
  await expect(dialog).toBeHidden();
});

test('the demonstration shows three departments, each with its drawing, margins and last change', async ({
  page,
}) => {
  await page.goto('/');
  for (const [department, build] of [
    ['Osier Reach Fire District', 'River pumper'],
    ['Carder Mills Fire Department', 'Mill ladder'],
    ['Saltgrass Flats Rural Fire District', 'Grass truck'],
  ] as const) {
    await find(page, build);
    const row = page
      .getByRole('region', { name: department })
      .getByRole('listitem')
      .filter({ has: page.getByRole('link', { name: build, exact: true }) });
    await expect(row).toContainText(/Front axle.*lb (under|over)/s);
    await expect(row).toContainText(/Last change: /);
    await row.scrollIntoViewIfNeeded();
    await expect(row.locator('img')).toBeVisible();
  }
});

test('builds are found by name, department and type, and put in another order', async ({ there }) => {
  const page = await there.newPage();
  const post = async (path: string, data: object) =>
    (await (await page.request.post(`/api/${path}`, { data })).json()) as { id: string };
  for (const [department, type] of [
    ['Alder', 'pumper'],
    ['Birch', 'brush'],
  ]) {
    const { id: departmentId } = await post('departments', {
      name: department!,
      district: '',
      kind: 'rural',
    });
    for (let i = 1; i <= 30; i++)
      await post('builds', { departmentId, name: `${department} ${i}`, type: type! });
  }
  await page.goto('/');
  await expect(page.getByRole('status')).toHaveText('24 of 60 builds');
  await expect(page.getByText('6 more, not shown yet.')).toBeVisible();
  await expect(page.getByText('30 builds, not shown yet.')).toBeVisible();
  // Pictures come as they are scrolled to: what is about to be pressed must not move away.
  const more = page.getByRole('button', { name: 'Show more builds' });
  const fromTop = () => more.evaluate((button) => button.getBoundingClientRect().top + window.scrollY);
  const before = await fromTop();
  await more.scrollIntoViewIfNeeded();
  await expect(page.getByRole('listitem').last().locator('img')).toBeVisible();
  expect(await fromTop()).toBe(before);
  await page.getByRole('button', { name: 'Show more builds' }).click();
  await expect(page.getByRole('link', { name: /^Birch / })).toHaveCount(18);
  await page.getByRole('button', { name: 'Show more builds' }).click();
  await expect(page.getByRole('status')).toHaveText('60 builds');
  await expect(page.getByRole('link', { name: /^Birch / })).toHaveCount(30);

  await page.getByRole('searchbox').fill('birch 2');
  await expect(page.getByRole('status')).toHaveText('11 builds');
  await page.getByRole('combobox', { name: 'Type' }).selectOption('Pumpers');
  await expect(page.getByText('No build has that in its name')).toBeVisible();
  await page.getByRole('searchbox').fill('');
  await page.getByRole('combobox', { name: 'Type' }).selectOption('All types');
  await page.getByRole('combobox', { name: 'Order' }).selectOption('Last changed first');
  await expect(page.getByRole('listitem').first()).toContainText('Birch 30');
  await expect(page.getByRole('listitem').first()).toContainText('Birch');
});

test('a build that can’t be shown takes nothing from the others: what is wrong, its file, the way back', async ({
  baros,
  there,
}) => {
  const page = await there.newPage();
  await newDepartment(page, 'Trouble district');
  await newBuild(page, 'Trouble district', 'Whole engine', 'Pumper');
  await newBuild(page, 'Trouble district', 'Broken engine', 'Pumper');
  const id = page.url().split('/').at(-1)!;
  const { build } = (await (await page.request.get(`/api/builds/${id}`)).json()) as BuildView;
  await page.request.put(`/api/builds/${id}`, { data: { revision: 1, words: 'Again', build } });
  const client = new pg.Client({ connectionString: baros.database });
  await client.connect();
  await client.query(
    "UPDATE builds SET file = jsonb_set(file, '{chassis,partId}', '\"gone\"') WHERE id = $1",
    [id],
  );
  await client.end();

  await page.goto('/');
  const row = page.getByRole('listitem').filter({ hasText: 'Broken engine' });
  await expect(row).toContainText(/It can’t be shown: .*"gone"/);
  const [file] = await Promise.all([
    page.waitForEvent('download'),
    row.getByRole('link', { name: 'Download its file' }).click(),
  ]);
  expect(file.suggestedFilename()).toBe('broken-engine.baros.json');
  await page.getByRole('link', { name: 'Whole engine', exact: true }).click();
  await expect(reading(page, 'Gross weight')).toBeVisible();

  for (const screen of ['', '/analysis']) {
    await page.goto(`/builds/${id}${screen}`);
    await expect(page.getByRole('heading', { name: 'This build can’t be shown' })).toBeVisible();
    await expect(page.getByRole('link', { name: 'Download its file' })).toBeVisible();
  }
  // Its history can be looked at all the same.
  await page.goto(`/builds/${id}/history`);
  await expect(page.getByRole('row')).toHaveCount(3);
  await page.goto(`/builds/${id}`);
  await page.getByRole('button', { name: /^Restore revision 1/ }).click();
  await expect(reading(page, 'Gross weight')).toBeVisible();
});

test('an address with nothing behind it says so', async ({ page }) => {
  await page.goto('/nowhere');
  await expect(page.getByRole('heading', { name: 'There is nothing at this address' })).toBeVisible();
  await page.goto('/builds/7e57ab1e-0000-4000-8000-000000000000');
  await expect(page.getByText('This build could not be opened')).toBeVisible();
});
