import { expect, test } from '@playwright/test';
import type { Locator, Page } from '@playwright/test';
import { copyOf, find, newBuild, newDepartment, openStep, reading, saved, scale, step } from './hands.js';

async function openBuild(page: Page, name: string): Promise<void> {
  await page.goto('/');
  await find(page, name);
  await page.getByRole('link', { name, exact: true }).click();
  await expect(page.getByRole('img', { name: new RegExp(`^${name}`) })).toBeVisible();
}

const middle = async (locator: Locator) => {
  const box = (await locator.boundingBox())!;
  return box.x + box.width / 2;
};

test('the bars of the scale stand under the very axles, from either side', async ({ page }) => {
  await openBuild(page, 'Mill ladder');
  const driver = {
    front: await middle(reading(page, 'Front axle')),
    rear: await middle(reading(page, 'Rear tandem')),
  };
  expect(driver.front).toBeLessThan(driver.rear);
  const text = (await page
    .getByRole('img', { name: /^Mill ladder/ })
    .locator('text', { hasText: 'wheelbase 246 in' })
    .boundingBox())!;
  expect(Math.abs((driver.front + driver.rear) / 2 - (text.x + text.width / 2))).toBeLessThan(3);

  await page.getByText('Officer’s side', { exact: true }).click();
  await expect(page.getByRole('img', { name: /officer’s side/ })).toBeVisible();
  expect(await middle(reading(page, 'Front axle'))).toBeGreaterThan(
    await middle(reading(page, 'Rear tandem')),
  );
});

test('the drawing says in words what it shows', async ({ page }) => {
  await openBuild(page, 'River pumper');
  await expect(
    page.getByRole('img', {
      name: 'River pumper, top, driver’s side. 33 ft 0 in long, 9 ft 9 in high, 8 ft 6 in wide; highest is hose bed sides.',
    }),
  ).toBeVisible();
  for (const label of ['33 ft 0 in', '9 ft 9 in', '8 ft 6 in', 'L1', 'L2', 'L3'])
    await expect(
      page.getByRole('img', { name: /^River pumper/ }).locator('text', { hasText: label }),
    ).toBeVisible();
});

test('a change leaves its difference on the scale, and the drawing follows', async ({ page }) => {
  await newDepartment(page, 'Ghost district');
  await newBuild(page, 'Ghost district', 'Ghost engine', 'Pumper');
  await openStep(page, 'Body and compartments');
  const before = await page.getByRole('img', { name: /^Ghost engine/ }).getAttribute('aria-label');
  await page.getByRole('slider', { name: 'Body length, slider' }).focus();
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('ArrowRight');
  await expect(reading(page, 'Rear axle')).toContainText(/\+\d+ lb/);
  expect(await page.getByRole('img', { name: /^Ghost engine/ }).getAttribute('aria-label')).not.toBe(before);
});

test('the scale is whole however much it has to say', async ({ page }) => {
  const id = await copyOf(page, 'River pumper', 'Overloaded engine');
  await page.goto(`/builds/${id}`);
  await page.getByRole('radio', { name: /^Custom chassis, long four-door cab(?!, tandem)/ }).check();
  const all = page.getByRole('button', { name: /^All \d+ checks/ });
  const payload = page.getByText(/^Payload left: .*must come off/);
  await expect(payload).toBeInViewport({ ratio: 0.99 });
  await expect(all).toBeInViewport({ ratio: 0.99 });
});

test('what causes a finding is pointed out on the drawing', async ({ page }) => {
  await openBuild(page, 'River pumper');
  await reading(page, 'Front axle').click();
  const cause = page.getByRole('button', { name: /^Steel bumper, 24 in extension/ });
  const pointed = page.getByRole('img', { name: /^River pumper/ }).locator('[class*="pointed"]');
  await expect(pointed).toHaveCount(0);
  await cause.focus();
  await expect(pointed.first()).toBeVisible();
});

test('night colors are kept for the next time', async ({ page }) => {
  await page.goto('/');
  await page.getByRole('button', { name: 'Night colors' }).click();
  await page.reload();
  await expect(page.getByRole('button', { name: 'Day colors' })).toBeVisible();
});

test('a finished build by keyboard alone, from an empty department', async ({ page }) => {
  await page.goto('/');
  await page.getByRole('button', { name: 'New department' }).focus();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('dialog').getByLabel('Name')).toBeFocused();
  await page.keyboard.type('Keyboard district');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { name: 'Keyboard district' })).toBeVisible();
  await page.getByRole('button', { name: 'New build for Keyboard district' }).focus();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('dialog').getByLabel('Name')).toBeFocused();
  await page.keyboard.type('Keyboard brush');
  await page.keyboard.press('Tab');
  await page.keyboard.press('Tab');
  await page.keyboard.press('ArrowDown');
  await page.keyboard.press('ArrowDown');
  await expect(page.getByRole('radio', { name: /^Brush truck/ })).toBeChecked();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { level: 1, name: 'Keyboard brush' })).toBeVisible();

  const before = await scale(page);
  await step(page, 'Front bumper').focus();
  await page.keyboard.press('Enter');
  await page.getByRole('radio', { name: /^Chassis maker’s bumper/ }).focus();
  await page.keyboard.press('ArrowDown');
  await expect(page.getByRole('radio', { name: /^Steel push bumper/ })).toBeChecked();
  await step(page, 'Tank').focus();
  await page.keyboard.press('Enter');
  await page.getByRole('slider', { name: 'Water, slider' }).focus();
  for (let i = 0; i < 5; i++) await page.keyboard.press('ArrowLeft');
  await expect(step(page, 'Tank')).toContainText('210 gal');
  const after = await scale(page);
  expect(after.front).toBeGreaterThan(before.front);
  expect(after.gross).toBeLessThan(before.gross + 330 + 125 - 400);
  await saved(page);
});

test.describe('on a tablet', () => {
  test.use({ viewport: { width: 820, height: 1180 }, hasTouch: true });

  test('a step is tapped, an option taken, a finding opened and mended', async ({ page }) => {
    await newDepartment(page, 'Tablet district');
    await newBuild(page, 'Tablet district', 'Tablet engine', 'Pumper');
    await step(page, 'Ladders').tap();
    await page.getByRole('checkbox', { name: /^35 ft two-section/ }).tap();
    await expect(step(page, 'Ladders')).toContainText('over a limit');
    await page.getByRole('button', { name: /^All \d+ checks, \d+ more to look at/ }).tap();
    const findings = page.getByRole('complementary', { name: 'Checks' });
    await findings.getByRole('button', { expanded: false }).first().tap();
    await page.getByRole('button', { name: 'Apply: Leave off the 35 ft two-section ladder' }).tap();
    await expect(page.getByRole('button', { name: /^All \d+ checks/ })).toBeVisible();
    await saved(page);
  });
});
