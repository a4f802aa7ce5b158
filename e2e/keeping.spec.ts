import { expect } from '@playwright/test';
import type { Page } from '@playwright/test';
import {
  amount,
  find,
  newBuild,
  newBuildByHand,
  newDepartment,
  newDepartmentByHand,
  openStep,
  reading,
  saved,
  scale,
  step,
} from './hands.js';
import { test } from './own-server.js';

const savingMark = (page: Page) => page.locator('[data-kind]').first();

test.describe('a server that comes and goes', () => {
  test.use({ serviceWorkers: 'allow' });

  test('the server is killed and started again during edits; the tab is closed meanwhile: nothing is lost', async ({
    browser,
    baros,
    there,
  }) => {
    const page = await there.newPage();
    // By hand: what the yard knows without a server is what it was seen to have.
    await newDepartmentByHand(page, 'Offline district');
    await newBuildByHand(page, 'Offline district', 'Offline engine', 'Pumper');
    await page.evaluate(() => navigator.serviceWorker.ready.then(() => true));
    await openStep(page, 'Tank');
    await amount(page, 'Water', 600);
    await saved(page);

    await test.step('the work goes on while the server is gone', async () => {
      await baros.kill();
      await amount(page, 'Water', 640);
      await expect(savingMark(page)).toContainText('Kept here; the server does not answer');
      await openStep(page, 'Cab and crew');
      await page.getByRole('radio', { name: /^Roof raised 16 in/ }).check();
    });
    const before = await scale(page);
    const address = page.url();

    await test.step('a tab that is closed and opened again without a server has it all', async () => {
      await page.close();
      const again = await there.newPage();
      await again.goto(address);
      await expect(step(again, 'Tank')).toContainText('640 gal');
      expect(await scale(again)).toEqual(before);
      await expect(savingMark(again)).toContainText('Kept here');
      await again.getByRole('link', { name: 'Baros, all departments' }).click();
      await expect(again.getByRole('region', { name: 'Offline district' })).toContainText(
        'changes kept here, not yet saved',
      );
      await again.close();
    });

    await test.step('it is sent when the server returns, from whatever screen', async () => {
      await baros.start();
      const yard = await there.newPage();
      await yard.goto('/');
      const row = yard.getByRole('region', { name: 'Offline district' });
      await expect(row).toContainText(/Last change: .*Roof raised 16 in/);
      await expect(row).not.toContainText('not yet saved');
    });

    await test.step('another browser finds it', async () => {
      const other = await browser.newContext({ baseURL: baros.address });
      const page2 = await other.newPage();
      await page2.goto(address);
      await expect(reading(page2, 'Front axle')).toBeVisible();
      expect(await scale(page2)).toEqual(before);
      await other.close();
    });
  });
});

test.describe('two windows on one build', () => {
  /** Two windows that have both changed a build: the first has saved, the second is told. */
  async function collide(page: Page, name: string, second: (other: Page) => Promise<void>): Promise<Page> {
    await newDepartment(page, `${name} district`);
    await newBuild(page, `${name} district`, name, 'Pumper');
    const other = await page.context().newPage();
    await other.goto(page.url());
    await expect(other.getByRole('heading', { level: 1, name })).toBeVisible();
    await openStep(page, 'Tank');
    await amount(page, 'Water', 500);
    await saved(page);
    await second(other);
    await expect(other.getByRole('dialog', { name: 'This build was changed elsewhere' })).toBeVisible();
    return other;
  }

  test('what does not collide is merged', async ({ page }) => {
    const other = await collide(page, 'Merging engine', async (second) => {
      await openStep(second, 'Ladders');
      await second.getByRole('checkbox', { name: /^16 ft roof/ }).check();
    });
    const dialog = other.getByRole('dialog');
    await expect(dialog.getByRole('row', { name: /Water.*500 gal.*750 gal/ })).toBeVisible();
    await expect(dialog.getByRole('row', { name: /^Ladder carried/ })).toContainText('16 ft roof');
    await dialog.getByRole('button', { name: 'Merge both' }).click();
    await saved(other);
    await page.reload();
    await expect(step(page, 'Tank')).toContainText('500 gal');
    await openStep(page, 'Ladders');
    await expect(page.getByRole('checkbox', { name: /^16 ft roof/ })).toBeChecked();
  });

  test('where both changed the same, it says so, and mine can be kept over it', async ({ page }) => {
    const other = await collide(page, 'Colliding engine', async (second) => {
      await openStep(second, 'Tank');
      await amount(second, 'Water', 900);
    });
    const dialog = other.getByRole('dialog');
    await expect(dialog.getByRole('row', { name: /Water/ })).toContainText('changed by both');
    await dialog.getByRole('button', { name: 'Keep mine over it' }).click();
    await saved(other);
    await page.reload();
    await expect(step(page, 'Tank')).toContainText('900 gal');
    // What was there before is in the history, not gone.
    await page.getByRole('link', { name: 'History' }).click();
    await expect(page.getByRole('row', { name: /Kept over revision/ })).toBeVisible();
    await expect(page.getByRole('row', { name: /Water: 500 gal/ })).toBeVisible();
  });
});

test('a save of which the answer is lost, and a yard open beside the bench, make no conflict out of one person’s work', async ({
  page,
  context,
}) => {
  await newDepartment(page, 'One person district');
  await newBuild(page, 'One person district', 'One person engine', 'Pumper');
  const yard = await context.newPage();
  await yard.goto('/');
  await openStep(page, 'Tank');
  // The server saves, but its answer never arrives.
  await page.route(
    '**/api/builds/*',
    async (route) => {
      if (route.request().method() !== 'PUT') return route.continue();
      await route.fetch();
      return route.abort();
    },
    { times: 1 },
  );
  await amount(page, 'Water', 610);
  await expect(savingMark(page)).toContainText('Kept here; the server does not answer');
  await amount(page, 'Water', 620);
  await saved(page);
  for (const gallons of [630, 640, 650, 660]) await amount(page, 'Water', gallons);
  await saved(page);
  await expect(page.getByRole('dialog')).toBeHidden();
  await page.reload();
  await expect(step(page, 'Tank')).toContainText('660 gal');
});

test('undo across screens; a revision named, compared and restored; who did it', async ({ page }) => {
  await newDepartmentByHand(page, 'History district');
  await page.getByRole('button', { name: 'Say who you are' }).click();
  await page.getByRole('dialog').getByLabel('Name').fill('Chief Wren');
  await page.getByRole('button', { name: 'Keep' }).click();
  await newBuildByHand(page, 'History district', 'History engine', 'Pumper');
  const start = await scale(page);
  await openStep(page, 'Tank');
  await amount(page, 'Water', 500);
  await saved(page);
  await page.getByRole('link', { name: 'History' }).click();

  const rows = page.getByRole('row');
  await expect(rows.nth(1)).toContainText(/2 .*Water: 500 gal.*Chief Wren.*−[\d,]+/);
  await rows.nth(2).getByRole('button', { name: 'Name revision 1' }).click();
  await page.getByLabel('Name of revision 1').fill('as bid');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('button', { name: /Rename “as bid”/ })).toBeVisible();

  await page.getByRole('checkbox', { name: 'Compare revision 1' }).check();
  await page.getByRole('checkbox', { name: 'Compare revision 2' }).check();
  const comparison = page.getByRole('region', { name: 'Revision 1 against 2' });
  await expect(comparison).toContainText('Revision 1, as bid → Revision 2');
  await expect(comparison.getByRole('row', { name: /Water 750 gal 500 gal/ })).toBeVisible();

  await page.getByRole('button', { name: 'Close the comparison' }).click();
  await page.getByRole('button', { name: 'Undo' }).click();
  await saved(page);
  await expect(rows.nth(1)).toContainText('Undid: Water: 500 gal');
  await page.getByRole('button', { name: 'Redo' }).click();
  await saved(page);
  await page.getByRole('button', { name: 'Restore revision 1' }).click();
  await saved(page);
  await expect(rows.nth(1)).toContainText('Restored revision 1, as bid');
  await page.getByRole('link', { name: 'Bench' }).click();
  expect(await scale(page)).toEqual(start);
  // To the yard and back: undo goes on where it was.
  await page.getByRole('link', { name: 'Baros, all departments' }).click();
  await find(page, 'History engine');
  await page.getByRole('link', { name: 'History engine', exact: true }).click();
  await expect(step(page, 'Tank')).toContainText('750 gal');
  await page.keyboard.press('Control+z');
  await expect(step(page, 'Tank')).toContainText('500 gal');
});
