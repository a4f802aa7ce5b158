import { expect, test } from '@playwright/test';
import { find, newBuild, newDepartment, openStep, reading, section } from './hands.js';
import { scan } from './scan.js';

// A screen that does what its own policy forbids says so on the console.
let forbidden: string[];
test.beforeEach(({ page }) => {
  forbidden = [];
  page.on('console', (message) => {
    if (message.text().includes('Content Security Policy')) forbidden.push(message.text());
  });
});
test.afterEach(() => expect(forbidden).toEqual([]));

test('the yard and its dialogs', async ({ page }) => {
  await page.goto('/');
  await expect(page.getByRole('link', { name: 'River pumper', exact: true })).toBeVisible();
  await scan(page, 'yard');
  await page.getByRole('button', { name: 'New department' }).click();
  await expect(page.getByRole('dialog')).toBeVisible();
  await scan(page, 'new department');
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: /^New build for Osier/ }).click();
  await expect(page.getByRole('dialog')).toBeVisible();
  await scan(page, 'new build');
});

test('the bench: every step, the findings and the keys', async ({ page }) => {
  await page.goto('/');
  await find(page, 'Mill ladder');
  await page.getByRole('link', { name: 'Mill ladder', exact: true }).click();
  for (const name of [
    'Chassis',
    'Cab and crew',
    'Front bumper',
    'Aerial device',
    'Pump',
    'Tank',
    'Foam',
    'Hose loads',
    'Ladders',
    'Body and compartments',
    'Equipment',
    'Lights and fittings',
  ]) {
    await openStep(page, name);
    // The rest of the bench stays as it is from step to step.
    await scan(page, name, name === 'Chassis' ? undefined : 'aside');
  }
  await reading(page, 'Front axle').click();
  await expect(page.getByRole('heading', { name: /What would/ })).toBeVisible();
  await scan(page, 'findings');
  await page.keyboard.press('?');
  await expect(page.getByRole('dialog', { name: 'Keys' })).toBeVisible();
  await scan(page, 'keys');
  await page.keyboard.press('Escape');
  await page.keyboard.press('m');
  await scan(page, 'money', 'aside');
  await page.keyboard.press('Control+k');
  await expect(page.getByPlaceholder(/^Find a part/)).toBeVisible();
  await scan(page, 'palette');
});

test('the brief, and every picture of the site', async ({ page }) => {
  await page.goto('/');
  await page.getByRole('link', { name: /^Brief of Osier/ }).click();
  await expect(page.getByRole('listitem', { name: 'Covered bridge' })).toBeVisible();
  await scan(page, 'brief');
  await page.goto('/');
  await find(page, 'Grass truck');
  await page.getByRole('link', { name: 'Grass truck', exact: true }).click();
  await page.getByRole('link', { name: 'Analysis' }).click();
  for (const name of [
    'What limits it most',
    'Brief',
    'In the station',
    'Around corners',
    'On bridges',
    'Over crests and ramps',
    'In the flood',
    'Off the road',
    'Against the present',
  ]) {
    await section(page, name);
    await scan(page, name, 'main');
  }
});

test('history, catalogue, own parts, files and what is assumed', async ({ page }) => {
  await page.goto('/');
  await page.getByRole('link', { name: 'River pumper', exact: true }).click();
  await page.getByRole('button', { name: 'Files' }).click();
  await page.getByRole('menuitem', { name: /^Drawings/ }).click();
  await expect(page.getByRole('img', { name: /^Drawing sheet/ })).toBeVisible();
  await scan(page, 'drawing sheet');
  await page.keyboard.press('Escape');
  await page.getByRole('link', { name: 'History' }).click();
  await page.getByRole('checkbox', { name: 'Compare revision 1' }).check();
  await page.getByRole('checkbox', { name: 'Compare revision 3' }).check();
  await expect(page.getByRole('region', { name: 'Revision 1 against 3' })).toBeVisible();
  await scan(page, 'history');
  await page.getByRole('link', { name: 'Analysis' }).click();
  for (const name of [
    'Weight sheet',
    'Load states',
    'Filling',
    'Sides',
    'How sure',
    'Payload left',
    'Along the frame',
    'Limits',
    'Advice',
  ]) {
    await section(page, name);
    await scan(page, name);
  }
  await page.getByRole('button', { name: 'Search changes and pairs' }).click();
  await expect(page.getByRole('list', { name: 'Advice' })).toBeVisible();
  await scan(page, 'advice found');
  await page.goto('/catalogue');
  await page.getByRole('checkbox').first().check();
  await scan(page, 'catalogue');
  await page.goto('/');
  await page.getByRole('button', { name: 'More for Osier Reach Fire District' }).click();
  await page.getByRole('menuitem', { name: 'Own parts' }).click();
  await page.getByRole('button', { name: 'New part' }).click();
  await expect(page.getByRole('dialog')).toBeVisible();
  await scan(page, 'own part');
  await newDepartment(page, 'Assumed');
  await newBuild(page, 'Assumed', 'Engine assumed', 'Brush truck');
  await scan(page, 'a new build');
  await page.keyboard.press('w');
  await section(page, 'Limits');
  await page.getByRole('button', { name: 'Copy and change' }).click();
  await expect(page.getByLabel('Name of these limits')).toBeVisible();
  await scan(page, 'limits of one’s own');
  await page.getByRole('link', { name: 'Bench' }).click();
  await page.keyboard.press('a');
  await scan(page, 'assumed', 'aside');
});

test('the bench on a tablet', async ({ page }) => {
  await page.setViewportSize({ width: 820, height: 1180 });
  await page.goto('/');
  await find(page, 'Grass truck');
  await page.getByRole('link', { name: 'Grass truck', exact: true }).click();
  await expect(page.getByRole('img', { name: /^Grass truck/ })).toBeVisible();
  await scan(page, 'tablet');
});

test('an address with nothing behind it', async ({ page }) => {
  await page.goto('/nowhere');
  await expect(page.getByRole('heading', { name: 'There is nothing at this address' })).toBeVisible();
  await scan(page, 'nowhere');
  await page.goto('/builds/7e57ab1e-0000-4000-8000-000000000000');
  await expect(page.getByText('This build could not be opened')).toBeVisible();
  await scan(page, 'no such build');
  await page.route('**/api/builds?*', (route) => route.abort());
  await page.goto('/');
  await expect(page.getByRole('alert')).toContainText(
    'The yard could not be read: The server does not answer.',
  );
  await scan(page, 'a yard out of reach');
});

test('the bench fits 1280 by 800 without scrolling the page', async ({ page }) => {
  await page.goto('/');
  await page.getByRole('link', { name: 'River pumper', exact: true }).click();
  await expect(reading(page, 'Gross weight')).toBeInViewport({ ratio: 1 });
  expect(
    await page.evaluate(() => [document.documentElement.scrollHeight, document.documentElement.scrollWidth]),
  ).toEqual([800, 1280]);
});
