import { expect, test } from '@playwright/test';
import { newBuild, newDepartment } from './hands.js';

test('a department and its builds are renamed, duplicated, archived and brought back', async ({ page }) => {
  await newDepartment(page, 'Quarry Road Fire Company');
  await newBuild(page, 'Quarry Road Fire Company', 'Old engine', 'Pumper');
  await page.getByRole('link', { name: 'Baros, all departments' }).click();
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
    const row = page
      .getByRole('region', { name: department })
      .getByRole('listitem')
      .filter({ has: page.getByRole('link', { name: build, exact: true }) });
    await expect(row).toContainText(/Front axle.*lb (left|over)/s);
    await expect(row).toContainText(/Last change: /);
    await expect(row.locator('svg').first()).toBeVisible();
  }
});

test('an address with nothing behind it says so', async ({ page }) => {
  await page.goto('/nowhere');
  await expect(page.getByRole('heading', { name: 'There is nothing at this address' })).toBeVisible();
  await page.goto('/builds/7e57ab1e-0000-4000-8000-000000000000');
  await expect(page.getByText('This build could not be opened')).toBeVisible();
});
