import { expect, test } from '@playwright/test';
import {
  amount,
  find,
  newBuildByHand,
  newDepartmentByHand,
  openStep,
  reading,
  saved,
  scale,
} from './hands.js';

test('from an empty department to three weighed trucks, one mended', async ({ page }) => {
  const department = 'Long Valley Fire District';
  await newDepartmentByHand(page, department);
  await expect(page.getByRole('region', { name: department }).getByText('No builds yet')).toBeVisible();

  await test.step('a brush truck', async () => {
    await newBuildByHand(page, department, 'Valley brush', 'Brush truck');
    await openStep(page, 'Front bumper');
    await page.getByRole('radio', { name: /^Aluminum push bumper/ }).check();
    await page.getByRole('checkbox', { name: /^Built-in winch, 10,000 lb/ }).check();
    await page.getByRole('checkbox', { name: /^Bumper monitor/ }).check();
    await openStep(page, 'Pump');
    await page.getByRole('radio', { name: /^PTO pump 500 gpm/ }).check();
    await openStep(page, 'Tank');
    await amount(page, 'Water', 320);
    await expect(page.getByRole('img', { name: /^Valley brush, .* long/ })).toBeVisible();
    await saved(page);
  });

  await test.step('an aerial', async () => {
    await newBuildByHand(page, department, 'Valley ladder', 'Aerial');
    await openStep(page, 'Aerial device');
    await page.getByRole('radio', { name: /^100 ft platform, mid mount/ }).check();
    await openStep(page, 'Pump');
    await page.getByRole('radio', { name: /^Midship 2,000 gpm/ }).check();
    await openStep(page, 'Tank');
    await amount(page, 'Water', 300);
    await saved(page);
  });

  await test.step('a pumper with an overloaded front axle', async () => {
    await newBuildByHand(page, department, 'Valley pumper', 'Pumper');
    await openStep(page, 'Chassis');
    await page.getByRole('radio', { name: /^Front axle rated 18,000 lb/ }).check();
    await amount(page, 'Wheelbase', 208);
    await openStep(page, 'Front bumper');
    await page.getByRole('radio', { name: /^Steel bumper, 24 in extension/ }).check();
    for (const item of ['Hose well with cover', 'Receiver with 9,000 lb', 'Bumper monitor', 'Front suction'])
      await page.getByRole('checkbox', { name: new RegExp(`^${item}`) }).check();
    await openStep(page, 'Tank');
    await page.getByRole('radio', { name: /^T-shaped/ }).check();
    await amount(page, 'Water', 1000);
    await expect(reading(page, 'Front axle')).toContainText(/lb over/);
  });

  await test.step('mended from the findings', async () => {
    await reading(page, 'Front axle').click();
    const findings = page.getByRole('complementary', { name: 'Checks' });
    await expect(findings.getByText(/lb over: .* on 18,000 lb/)).toBeVisible();
    await expect(findings.getByText('What causes most of it')).toBeVisible();
    await expect(findings.getByRole('heading', { name: 'What would fix it' })).toBeVisible();
    expect(await findings.getByRole('button', { name: /^Apply: / }).count()).toBeGreaterThanOrEqual(2);
    await findings.getByRole('button', { name: /^Apply: Front axle rated/ }).click();
    await expect(reading(page, 'Front axle')).toContainText(/lb under/);
    await saved(page);
  });

  await test.step('found again to the pound', async () => {
    const before = await scale(page);
    await page.reload();
    await expect(reading(page, 'Front axle')).toContainText(/lb under/);
    expect(await scale(page)).toEqual(before);
    await page.goto('/');
    await find(page, department);
    const yard = page.getByRole('region', { name: department });
    await expect(yard.getByRole('listitem')).toHaveCount(3);
    await expect(yard.getByRole('listitem').filter({ hasText: 'Valley pumper' })).toContainText(
      'Fixed front axle: Front axle rated',
    );
  });
});

test('the demonstration pumper opens over its front axle and is mended in one press', async ({ page }) => {
  await page.goto('/');
  await page.getByRole('button', { name: 'More for River pumper' }).first().click();
  await page.getByRole('menuitem', { name: 'Duplicate' }).click();
  await find(page, 'River pumper, copy');
  await page.getByRole('link', { name: 'River pumper, copy' }).click();
  await expect(reading(page, 'Front axle')).toContainText('over');
  await reading(page, 'Front axle').click();
  await page.getByRole('button', { name: /^Apply: Move the tank/ }).click();
  await expect(reading(page, 'Front axle')).toContainText('under');
});
