import { expect, test } from '@playwright/test';
import type { Page } from '@playwright/test';
import { newBuild, newDepartment, openStep, saved } from './hands.js';
import { scanLight } from './scan.js';

async function pumper(page: Page, name: string): Promise<void> {
  await newDepartment(page, `${name} district`);
  await newBuild(page, `${name} district`, name, 'Pumper');
}

test('a compartment is renamed, made shorter, added and removed, and all of it is kept', async ({ page }) => {
  await pumper(page, 'Boxed engine');
  await openStep(page, 'Body and compartments');
  const list = page.getByRole('region', { name: 'Compartments one by one' });
  await list.getByRole('button', { name: /^L1, driver’s side/ }).click();
  await list.getByRole('textbox', { name: 'Name' }).fill('Tools');
  await expect(list.getByRole('button', { name: /^Tools, driver’s side/ })).toBeVisible();
  const room = async () =>
    Number(/([\d.]+) ft³/.exec(await list.getByRole('button', { name: /^Tools/ }).innerText())![1]);
  const before = await room();
  await list.getByRole('textbox', { name: 'Length', exact: true }).fill('30');
  await expect.poll(room).toBeLessThan(before);

  await list.getByLabel('Add a compartment').selectOption('Through the body');
  await expect(list.getByRole('button', { name: /^C8, through the body/ })).toBeVisible();
  await list.getByRole('button', { name: 'Remove C8' }).click();
  await expect(list.getByRole('button', { name: /^C8/ })).toHaveCount(0);
  await scanLight(page, 'compartments');

  await saved(page);
  await page.reload();
  await openStep(page, 'Body and compartments');
  await expect(list.getByRole('button', { name: /^Tools, driver’s side/ })).toBeVisible();
  await list.getByRole('button', { name: 'As usually made' }).click();
  await expect(list.getByRole('button', { name: /^L1, driver’s side/ })).toBeVisible();
});

test('the floor of a compartment is moved on the drawing by keyboard', async ({ page }) => {
  await pumper(page, 'Floored engine');
  await openStep(page, 'Body and compartments');
  const list = page.getByRole('region', { name: 'Compartments one by one' });
  await list.getByRole('button', { name: /^L3, driver’s side/ }).click();
  await list.getByRole('textbox', { name: 'Name' }).fill('Rescue');
  const floor = page.getByRole('slider', { name: 'Move: Floor of Rescue' });
  const at = await floor.getAttribute('aria-valuetext');
  await floor.focus();
  await page.keyboard.press('Shift+ArrowUp');
  await expect(floor).not.toHaveAttribute('aria-valuetext', at!);
});

test('a piece that does not go in is named, with the places where it would', async ({ page }) => {
  await pumper(page, 'Long engine');
  await openStep(page, 'Equipment');
  await page.getByRole('combobox', { name: 'Pieces' }).fill('Pike pole, 8');
  await page.getByRole('option', { name: /^Pike pole, 8 ft/ }).click();
  await page.getByLabel('Into').selectOption('L2');
  await page.getByRole('button', { name: 'Add', exact: true }).click();
  await page.getByRole('button', { name: /\d+ checks/ }).click();
  const findings = page.getByRole('complementary', { name: 'Checks' });
  await expect(findings).toContainText(/Pike pole, 8 ft, 96 in by 4 in by 3 in, does not go in L2/);
  await expect(findings).toContainText('in flat on the officer’s side');
});

test('what such trucks seldom have is a press away', async ({ page }) => {
  await pumper(page, 'Odd engine');
  await openStep(page, 'Chassis');
  await expect(page.getByRole('radio', { name: /^Light 4x4 two-door/ })).toHaveCount(0);
  await page
    .getByRole('button', { name: /^Show \d+ more that such trucks seldom have/ })
    .first()
    .click();
  await page.getByRole('radio', { name: /^Light 4x4 two-door/ }).check();
  await saved(page);
  await page.reload();
  await openStep(page, 'Chassis');
  await expect(page.getByRole('radio', { name: /^Light 4x4 two-door/ })).toBeChecked();
});
