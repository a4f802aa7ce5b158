import { expect, test } from '@playwright/test';
import type { Page } from '@playwright/test';
import { newBuild, newDepartment, openStep, saved, section } from './hands.js';
import { scanLight } from './scan.js';

const panel = (page: Page) => page.getByRole('complementary', { name: 'Hose loads' });

/** Takes an option of a list that opens. */
async function take(page: Page, list: string, option: RegExp): Promise<void> {
  await panel(page).getByRole('combobox', { name: list, exact: true }).click();
  await page.getByRole('option', { name: option }).click();
}

test('a bed is divided in three and takes five lines; a buried one is freed, and the bed set lower', async ({
  page,
}) => {
  await newDepartment(page, 'Hose district');
  await newBuild(page, 'Hose district', 'Hose engine', 'Pumper');
  await openStep(page, 'Hose loads');
  await page.getByRole('textbox', { name: 'Dividers in the hose bed' }).fill('2');
  await page.keyboard.press('Tab');
  const first = page.getByRole('slider', { name: 'Divider 1, to the officer’s side, slider' });
  await first.focus();
  await page.keyboard.press('ArrowRight');
  await expect(page.getByRole('textbox', { name: 'Divider 1, to the officer’s side' })).toHaveValue('-6 in');

  // Two crosslays, and three lines in the middle of the bed: those below can’t be pulled.
  await take(page, 'Hose bed, middle', /^1¾ in attack/);
  await take(page, 'Hose bed, middle, load 2', /^1¾ in attack/);
  await take(page, 'Hose bed, middle, load 3', /^2 in attack/);
  await page.getByRole('button', { name: /\d+ checks/ }).click();
  const checks = page.getByRole('complementary', { name: 'Checks' });
  const buried = checks.getByRole('button', { name: /close ?Lines that lie under others/ });
  await buried.click();
  await expect(checks).toContainText(/comes off after 200 ft of/);
  // One after the other is laid beside the first.
  const mend = checks.getByRole('button', { name: /beside what it lies on/ }).first();
  await mend.click();
  await expect(buried).toContainText('1');
  await mend.click();
  await expect(buried).toHaveCount(0);

  // The tank’s top comes down, and the bed with it.
  await openStep(page, 'Tank');
  await page.getByRole('textbox', { name: 'Top of the tank lower' }).fill('4');
  await page.keyboard.press('Tab');
  await saved(page);
  await page.getByRole('link', { name: 'Analysis' }).click();
  await section(page, 'Pulling hose');
  const costs = page.getByRole('table', { name: 'What a lower bed costs' });
  await expect(costs.getByRole('row', { name: /^Floor of the bed 89 in \(−1 in\)/ })).toBeVisible();
  await section(page, 'Hose beds');
  await expect(page.getByRole('group', { name: /^Hose bed, middle: 200 ft of/ })).toBeVisible();
  await scanLight(page, 'a bed divided');

  // Sections are listed as planned; one that failed its test leaves its load.
  await section(page, 'Hose inventory');
  await page.getByRole('button', { name: 'List what the loads are planned with' }).click();
  const loads = page.getByRole('table', { name: 'Loads and their sections' });
  await expect(
    loads.getByRole('row', { name: /^Crosslay 1: .* 200 ft 200 ft none 200 ft nothing$/ }),
  ).toBeVisible();
  await page
    .getByRole('combobox', { name: 'Result of the test of section 1', exact: true })
    .selectOption('Failed');
  await expect(
    loads.getByRole('row', { name: /^Crosslay 1: .* 200 ft 200 ft 50 ft 150 ft 1 section$/ }),
  ).toBeVisible();
  await scanLight(page, 'sections');
  await saved(page);

  // The ladders’ ways stand beside it.
  await section(page, 'Ladders');
  await expect(
    page
      .getByRole('table', { name: 'Ways of ladders and long pieces' })
      .getByRole('row', { name: /^Flat on the officer’s side/ }),
  ).toContainText('2 moves: undo its straps, lift it off');
  await scanLight(page, 'ladders');

  // A long pole rides in tubes of its own, and the bed gets a cover: both are told with their weight.
  await page.getByRole('link', { name: 'Bench', exact: true }).click();
  await openStep(page, 'Equipment');
  await page.getByRole('combobox', { name: 'Pieces' }).fill('Pike pole, 12');
  await page.getByRole('option', { name: /^Pike pole, 12 ft/ }).click();
  await page.getByLabel('Into').selectOption({ label: 'Into tubes' });
  await page.getByRole('button', { name: 'Add', exact: true }).click();
  await openStep(page, 'Hose loads');
  await take(page, 'Cover of the hose bed', /^Vinyl tarp/);
  await saved(page);
  await page.getByRole('link', { name: 'Analysis', exact: true }).click();
  await section(page, 'Ladders');
  await expect(
    page
      .getByRole('table', { name: 'Ways of ladders and long pieces' })
      .getByRole('row', { name: /^Tubes for poles/ }),
  ).toContainText('Pike pole, 12 ft');
  await expect(page.getByRole('group', { name: /^Tubes for poles on top, officer’s side: / })).toBeVisible();
  await scanLight(page, 'tubes and cover');
});
