import { expect, test } from '@playwright/test';
import type { Page } from '@playwright/test';
import { amount, newBuild, newDepartment, openStep, reading, saved, scale, step } from './hands.js';

let count = 0;
/** A pumper of this test's own. */
async function pumper(page: Page): Promise<string> {
  const name = `Bench ${test.info().workerIndex}-${++count}`;
  await newDepartment(page, `${name} district`);
  await newBuild(page, `${name} district`, name, 'Pumper');
  return name;
}

test('an option says beforehand what the scale shows afterwards', async ({ page }) => {
  await pumper(page);
  await openStep(page, 'Pump');
  const before = await scale(page);
  const option = page.getByRole('radio', { name: /^Midship 2,000 gpm/ });
  const SAYS = /front ([+−\d,]+) lb, rear ([+−\d,]+) lb, gross ([+−\d,]+) lb/;
  const label = page.locator('label', { has: option });
  await expect(label).toContainText(SAYS);
  const [, front, rear, gross] = SAYS.exec(await label.innerText())!.map((text) =>
    Number(text.replace('−', '-').replace(/[+,]/g, '')),
  );
  await option.check();
  const after = await scale(page);
  expect(Math.abs(after.front - before.front - front!)).toBeLessThanOrEqual(1);
  expect(Math.abs(after.rear - before.rear - rear!)).toBeLessThanOrEqual(1);
  expect(Math.abs(after.gross - before.gross - gross!)).toBeLessThanOrEqual(1);
  await expect(reading(page, 'Gross weight')).toContainText('+');
});

test('undo and redo, by button and by keyboard, and the slider is one to undo', async ({ page }) => {
  await pumper(page);
  const start = await scale(page);
  await openStep(page, 'Tank');
  const slider = page.getByRole('slider', { name: 'Water, slider' });
  await slider.focus();
  for (let i = 0; i < 4; i++) await page.keyboard.press('ArrowRight');
  await expect(page.getByRole('textbox', { name: 'Water', exact: true })).toHaveValue('790 gal');
  expect((await scale(page)).gross).toBeGreaterThan(start.gross + 300);
  await page.getByRole('radio', { name: /^Low and wide/ }).check();
  const end = await scale(page);

  await page.keyboard.press('Control+z');
  await expect(page.getByRole('radio', { name: /^Rectangular/ })).toBeChecked();
  for (let i = 0; i < 4 && (await page.getByRole('button', { name: 'Undo' }).isEnabled()); i++)
    await page.getByRole('button', { name: 'Undo' }).click();
  expect(await scale(page)).toEqual(start);
  await expect(page.getByRole('button', { name: 'Undo' })).toBeDisabled();
  while (await page.getByRole('button', { name: 'Redo' }).isEnabled())
    await page.keyboard.press('Control+Shift+z');
  expect(await scale(page)).toEqual(end);
});

test('a figure beyond its ends is not taken, and the truck stays as it was', async ({ page }) => {
  await pumper(page);
  await openStep(page, 'Chassis');
  const before = await scale(page);
  await amount(page, 'Wheelbase', 9000);
  await expect(page.getByText('Wheelbase must be from 160 to 210 in')).toBeVisible();
  expect(await scale(page)).toEqual(before);
  await amount(page, 'Wheelbase', 204);
  await expect(page.getByText('Wheelbase must be from')).toBeHidden();
  await expect(step(page, 'Chassis')).toContainText('204 in');
  await saved(page);
});

test('equipment is added with its weight in sight, moved, counted and taken off', async ({ page }) => {
  await pumper(page);
  await openStep(page, 'Equipment');
  await page.getByRole('combobox', { name: 'Pieces' }).fill('cribbing');
  await page.getByRole('option', { name: /^Cribbing set/ }).click();
  await page.getByLabel('Into').selectOption('R3');
  await page.getByRole('button', { name: 'Add', exact: true }).click();
  const line = page.getByRole('button', { name: /^Cribbing set/ });
  await expect(line).toContainText('140 lb');
  await line.click();
  await amount(page, 'How many: Cribbing set, R3', 3);
  await expect(line).toContainText('420 lb');
  const place = page.getByRole('radio', { name: /^Compartment L1/ });
  await expect(page.locator('label', { has: place })).toContainText(/front \+\d+ lb, rear −\d+ lb/);
  await place.check();
  await expect(line).toContainText('L1');
  await expect(step(page, 'Equipment')).toContainText(/\d+ pieces · [\d,]+ lb/);
  await page.getByRole('button', { name: 'Take off cribbing set' }).click();
  await expect(line).toBeHidden();
  await expect(page.getByText(/lighter than the profile’s allowance/)).toBeVisible();
});

test('every view, and the findings, by keyboard', async ({ page }) => {
  const name = await pumper(page);
  const drawing = (view: string) => page.getByRole('img', { name: new RegExp(`^${name}, .*${view}`) });
  await expect(drawing('driver’s side')).toBeVisible();
  await page.locator('body').click({ position: { x: 700, y: 200 } });
  for (const view of [
    'front, rear, officer’s side',
    'top',
    'front',
    'rear',
    'top, front, driver’s side, rear, officer’s side',
  ]) {
    await page.keyboard.press('v');
    await expect(drawing(view)).toBeVisible();
  }
  await page.keyboard.press('f');
  await expect(page.getByRole('complementary', { name: 'Checks' })).toBeVisible();
  await page.keyboard.press('Escape');
  await page.keyboard.press('Alt+ArrowDown');
  await expect(page.getByRole('complementary', { name: 'Cab and crew' })).toBeVisible();
  await page.keyboard.press('?');
  await expect(page.getByRole('dialog', { name: 'Keys' })).toBeVisible();
});

test('two windows: the second to save is told, and both are kept', async ({ page, context }) => {
  const name = await pumper(page);
  const other = await context.newPage();
  await other.goto(page.url());
  await expect(other.getByRole('heading', { level: 1, name })).toBeVisible();

  await openStep(page, 'Tank');
  await amount(page, 'Water', 500);
  await saved(page);
  await openStep(other, 'Tank');
  await amount(other, 'Water', 900);
  const dialog = other.getByRole('dialog', { name: 'This build was changed elsewhere' });
  await expect(dialog).toBeVisible();
  await dialog.getByRole('button', { name: 'Keep mine as a copy' }).click();
  await expect(other.getByRole('heading', { level: 1, name: `${name} (my copy)` })).toBeVisible();
  await expect(step(other, 'Tank')).toContainText('900 gal');
  await page.reload();
  await expect(step(page, 'Tank')).toContainText('500 gal');
});

test('two windows: the newer one can be taken instead', async ({ page, context }) => {
  await pumper(page);
  const other = await context.newPage();
  await other.goto(page.url());
  await openStep(other, 'Tank');
  await openStep(page, 'Tank');
  await amount(page, 'Water', 500);
  await saved(page);
  await amount(other, 'Water', 900);
  await other.getByRole('button', { name: 'Take the newer one' }).click();
  await expect(step(other, 'Tank')).toContainText('500 gal');
  await saved(other);
});

test('with the server out of reach the work goes on, and is saved when it answers', async ({ page }) => {
  await pumper(page);
  await saved(page);
  await page.route('**/api/builds/*', (route) =>
    route.request().method() === 'PUT' ? route.abort() : route.continue(),
  );
  await openStep(page, 'Tank');
  await amount(page, 'Water', 640);
  await expect(page.getByRole('status').filter({ hasText: 'the server does not answer' })).toBeVisible();
  await amount(page, 'Water', 660);
  await page.unroute('**/api/builds/*');
  await saved(page);
  await page.reload();
  await expect(step(page, 'Tank')).toContainText('660 gal');
});

test('an axle that goes over its rating is told by ear, and that it is back; a save is not', async ({
  page,
}) => {
  await pumper(page);
  const told = page.getByRole('region', { name: 'Scale' }).getByRole('status');
  await expect(told).toBeEmpty();
  await openStep(page, 'Equipment');
  await page.getByRole('button', { name: 'Add an extra item' }).click();
  await expect(told).toBeEmpty();
  const weight = page.getByRole('textbox', { name: 'Weight', exact: true });
  await weight.fill('9000');
  await expect(told).toHaveText(/^Rear axle is [\d,]+ lb over its limit\./);
  await weight.fill('100');
  await expect(told).toHaveText(/Rear axle is back within its limit, with [\d,]+ lb to spare\./);
  // A save that goes well changes no region that is spoken.
  await saved(page);
  await expect(page.locator('[data-kind="saved"]').getByRole('status')).toBeEmpty();
});
