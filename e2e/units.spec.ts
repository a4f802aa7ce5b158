import { expect, test } from '@playwright/test';
import type { Page } from '@playwright/test';
import { amount, find, newBuild, newDepartment, openStep, saved, scale, section, step } from './hands.js';

const units = (page: Page, to: 'us' | 'metric' | 'canada') =>
  page.getByLabel('Units', { exact: true }).selectOption(to);
const water = (page: Page) => page.getByRole('textbox', { name: 'Water', exact: true });

test('units switched in the middle of typing: what was typed stays, the truck stays, the switch is remembered', async ({
  page,
}) => {
  await newDepartment(page, 'Units district');
  await newBuild(page, 'Units district', 'Units engine', 'Pumper');
  const before = await scale(page);
  await openStep(page, 'Tank');
  await amount(page, 'Water', 500);
  const at500 = await scale(page);

  // Typed beyond the end: not taken, and said in the other units as it was typed.
  await water(page).fill('9000');
  await units(page, 'metric');
  await expect(water(page)).toHaveValue('34,068.7 L');
  await expect(page.getByText('Water must be from 0 to 18,927 L')).toBeVisible();
  await water(page).fill('1892.705892');
  await expect(step(page, 'Tank')).toContainText('1,893 L');
  await units(page, 'canada');
  await expect(water(page)).toHaveValue('416.3 imp gal');
  await units(page, 'us');
  await expect(water(page)).toHaveValue('500 gal');
  expect(await scale(page)).toEqual(at500);

  await water(page).blur();
  await saved(page);
  await units(page, 'metric');
  await page.reload();
  await expect(page.getByLabel('Units', { exact: true })).toHaveValue('metric');
  await expect(page.getByRole('region', { name: 'Scale' })).toContainText(/of [\d,]+ kg/);
  await units(page, 'us');
  await page.getByRole('button', { name: 'Undo' }).isDisabled();
  await openStep(page, 'Tank');
  await amount(page, 'Water', 750);
  expect(await scale(page)).toEqual(before);
});

test('in every step, panel and screen there are the person’s units and no others', async ({ page }) => {
  await page.goto('/');
  await units(page, 'metric');
  const foreign = /[\d¼½¾] (lb|gal|gpm|ft|in|psi)\b|\{[#±]*-?\d/;
  const clean = async (what: string) =>
    expect((await page.locator('body').innerText()).match(foreign)?.[0] ?? '', what).toBe('');
  await expect(page.getByRole('link', { name: 'River pumper', exact: true })).toBeVisible();
  await clean('yard');
  for (const build of ['Mill ladder', 'River pumper', 'Grass truck']) {
    await page.goto('/');
    // The yard has more builds than one page of them shows.
    await find(page, build);
    await page.getByRole('link', { name: build, exact: true }).click();
    for (const button of await page
      .getByRole('navigation', { name: 'Order of work' })
      .getByRole('listitem')
      .getByRole('button')
      .all()) {
      await button.click();
      await clean(`${build}: ${await button.innerText()}`);
    }
    await page.keyboard.press('f');
    await clean(`${build}: findings`);
    await page.keyboard.press('m');
    await clean(`${build}: money`);
    await page.getByRole('link', { name: 'Analysis' }).click();
    const sections = page.getByRole('navigation', { name: 'Sections of the analysis' }).getByRole('link');
    for (const name of await sections.allInnerTexts()) {
      await section(page, name);
      await clean(`${build}: ${name}`);
    }
    await page.getByRole('link', { name: 'History' }).click();
    await expect(page.getByRole('table').first()).toBeVisible();
    await clean(`${build}: history`);
  }
  await page.goto('/catalogue');
  for (const kind of await page
    .getByRole('navigation', { name: 'Kinds of part' })
    .getByRole('button')
    .all()) {
    await kind.click();
    await clean(`catalogue: ${await kind.innerText()}`);
  }
});
