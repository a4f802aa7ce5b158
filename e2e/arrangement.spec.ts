import { expect, test } from '@playwright/test';
import type { Page } from '@playwright/test';
import { expectSentence, newBuild, newDepartment, openStep, saved, scale } from './hands.js';

async function pumper(page: Page, name: string): Promise<void> {
  await newDepartment(page, `${name} district`);
  await newBuild(page, `${name} district`, name, 'Pumper');
}

test('another arrangement is chosen, its blocks are moved by keyboard and by hand, and kept', async ({
  page,
}) => {
  await pumper(page, 'Arranged engine');
  const before = await scale(page);
  await openStep(page, 'Arrangement');
  await page.getByRole('radio', { name: /^Cab, preconnects, pump, body/ }).check();
  await expectSentence(page, 'Arrangement', 'the cab, the preconnects, the pump house and the body');
  const ahead = await scale(page);
  expect(ahead.front).toBeLessThan(before.front);

  const pump = page.getByRole('slider', { name: 'Move: Pump house' });
  await pump.focus();
  await page.keyboard.press('Shift+ArrowRight');
  await expect(pump).toHaveAttribute('aria-valuetext', '10 in more free ahead of it');
  expect((await scale(page)).front).toBeLessThan(ahead.front);

  const box = (await page.getByRole('slider', { name: 'Move: Preconnects' }).boundingBox())!;
  const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
  await page.mouse.move(x, y);
  await page.mouse.down();
  await page.mouse.move(x + 120, y, { steps: 6 });
  await page.mouse.up();
  await expectSentence(page, 'Arrangement', 'the cab, the pump house, the preconnects and the body');
  await saved(page);
  await page.reload();
  await expectSentence(page, 'Arrangement', 'the cab, the pump house, the preconnects and the body');
});

test('what runs into something is found, with inches and with what mends it', async ({ page }) => {
  await pumper(page, 'Clashing engine');
  await openStep(page, 'Equipment');
  await page.getByRole('button', { name: 'Add an extra item' }).click();
  await page.getByRole('textbox', { name: 'Name' }).fill('Locker');
  for (const [label, value] of [
    ['Aft of the front axle', '110'],
    ['Above the ground', '60'],
    ['Length', '30'],
    ['Width', '20'],
    ['Height', '25'],
  ] as const)
    await page.getByRole('textbox', { name: label, exact: true }).fill(value);
  await page.getByRole('button', { name: /\d+ checks/ }).click();
  const findings = page.getByRole('complementary', { name: 'Checks' });
  await expect(findings).toContainText(/Midship 1,250 gpm, side panel and locker by \d+ in/);
  await page.keyboard.press('Control+z');
  await expect(findings).not.toContainText(/and locker by/);
});
