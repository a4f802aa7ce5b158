import { readFile } from 'node:fs/promises';
import { expect, test } from '@playwright/test';
import type { Page } from '@playwright/test';
import { pagesOf } from '../server/test/pages-of.js';
import { copyOf, files, section } from './hands.js';
import { scanLight } from './scan.js';

const printed = async (page: Page): Promise<string[]> => {
  const download = page.waitForEvent('download');
  await files(page, /^Operator’s card as PDF/);
  return pagesOf(await readFile(await (await download).path()));
};

test('the operator’s card is one page, and says what the screen says, in both units', async ({ page }) => {
  const id = await copyOf(page, 'River pumper', 'Carded pumper');
  await page.goto(`/builds/${id}/analysis/card`);
  const toPump = page.getByRole('region', { name: 'To pump' });
  await expect(toPump.getByRole('listitem')).toHaveCount(7);
  await scanLight(page, 'operator’s card');
  const [card, ...more] = await printed(page);
  expect(more).toEqual([]);
  for (const words of [
    'Carded pumper',
    'Bumper well, black',
    '108 psi',
    'A 0.3 %',
    'Transmission to neutral; wait until nothing turns',
    'By hand: lever kept at the panel',
    'Run each foam outlet 3 min',
    'What harms: shifting while rolling',
    'Planning figures, not a certification',
  ])
    expect(card).toContain(words);
  for (const step of await toPump.getByRole('listitem').allInnerTexts())
    expect(card!.replace(/\s+/g, '')).toContain(step.replace(/\s+/g, ''));

  await page.getByRole('combobox', { name: 'Units' }).selectOption('metric');
  const [metric, ...rest] = await printed(page);
  expect(rest).toEqual([]);
  // 108 psi are some 747 kPa.
  expect(metric).toMatch(/74\d kPa/);
  expect(metric).not.toMatch(/\d psi/);
});

test('a drill is worked on the truck’s own panel, a mistake is told and kept by person', async ({ page }) => {
  const id = await copyOf(page, 'River pumper', 'Drilled pumper');
  await page.goto(`/builds/${id}/analysis/drill`);
  const press = (name: string | RegExp) => page.getByRole('button', { name }).click();
  const answer = page.getByRole('status').filter({ hasText: /\S/ }).first();
  await expect(page.getByText(/Bring bumper well at 108 psi on its own gauge/)).toBeVisible();

  // Brake, and the pump before neutral: told at once.
  await press('Parking brake');
  await press('Pump engaged');
  const mistakes = page.getByRole('region', { name: 'Mistakes' });
  await expect(mistakes).toContainText(
    'At 2: The pump was shifted in gear: what turns grinds the gear case.',
  );
  await press('Begin again');
  await expect(mistakes).toContainText('No mistake yet');

  await press('Parking brake');
  await press('Gear: neutral');
  await press('Pump engaged');
  await press('Gear: pumping');
  await expect(answer).toContainText('no pressure rises');
  await press('Chocks');
  // By keyboard on the panel.
  const tank = page.getByRole('button', { name: /^Tank-to-pump/ });
  await tank.focus();
  await page.keyboard.press('Enter');
  await expect(tank).toHaveAttribute('aria-pressed', 'true');
  await press(/^Control of the primer/);
  await press(/^Bumper well: manual valve/);
  await expect(answer).toContainText(/35 psi at the pump: bumper well \d+ gpm at 35 psi/);
  await page.getByLabel('Governor or throttle').fill('108');
  await page.getByLabel('Governor or throttle').press('Enter');
  await expect(answer).toContainText('bumper well 150 gpm at 108 psi');
  await expect(answer).toContainText('Done as asked.');
  await expect(page.getByRole('button', { name: /^Bumper well: manual valve.*108 150/ })).toBeVisible();
  await scanLight(page, 'drill');

  // Away under pressure: the mistake stays with the person.
  await press('Pump engaged');
  await expect(mistakes).toContainText('The pump was left with a line charged.');
  await page.getByLabel('Who drills').fill('Firefighter Rush');
  await press('Keep in the log');
  const log = page.getByRole('region', { name: 'Log of drills' });
  await expect(log).toContainText('Firefighter Rush');
  await expect(log).toContainText('The pump was left with a line charged.');
  await page.reload();
  await expect(log).toContainText('Firefighter Rush');
});

test('foam, fires, rural water and pump and roll: each says what limits the truck, and mends it on a press', async ({
  page,
}) => {
  const id = await copyOf(page, 'River pumper', 'Foamed pumper');
  await page.goto(`/builds/${id}/analysis/foam`);
  const checks = page.getByRole('region', { name: 'Foam', exact: true });
  await expect(checks).toContainText('treat 10,000 gal, 10 tankfuls');
  await expect(checks).toContainText('103 lb, are carried for nothing');
  await scanLight(page, 'foam');
  await section(page, 'Fires of the brief');
  await expect(page.getByRole('row', { name: /^Diesel at the dairy/ })).toContainText(
    '18 gal of class B concentrate',
  );
  await scanLight(page, 'fires');
  await section(page, 'Rural water');
  await expect(page.getByText(/What limits it: the place where they dump/)).toBeVisible();
  await page.getByRole('combobox', { name: 'A tanker’s water is' }).click();
  await page.getByRole('option', { name: /an intake of its pump/ }).click();
  // One tanker at a time pumps in, slowly: less than half of what three dump.
  const sustained = async () =>
    Number(/Sustained: ([\d.]+) gpm/.exec(await page.getByText(/^Sustained/).innerText())![1]);
  await expect.poll(sustained).toBeLessThan(250);
  expect(await sustained()).toBeGreaterThan(100);
  await scanLight(page, 'rural water');
  await section(page, 'Compressed air');
  await expect(page.getByText(/There is no compressor/)).toBeVisible();
  await section(page, 'Pump and roll');
  await expect(page.getByText('It meets type 1.')).toBeVisible();
  await scanLight(page, 'pump and roll');

  // A second class, kept apart, on a discharge of its own.
  await page.getByRole('link', { name: 'Bench' }).click();
  await page.getByRole('navigation', { name: 'Order of work' }).getByRole('button', { name: /Foam/ }).click();
  await page.getByRole('button', { name: 'Class B with a system of its own' }).click();
  const cells = page.getByRole('region', { name: 'Further foam cells' });
  await expect(cells.getByRole('button', { name: /^Class B, its own system/ })).toBeVisible();
  await expect(page.getByRole('complementary', { name: 'Foam' })).toContainText(
    'class B, fluorine-free, 3 percent with',
  );
});
