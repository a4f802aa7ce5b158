import { expect, test } from '@playwright/test';
import type { Page } from '@playwright/test';
import { amount, copyOf, files, openStep, saved, scale } from './hands.js';

/** What a hand may not lose: a copy of the demonstration pumper, opened. */
async function open(page: Page, name: string): Promise<string> {
  const id = await copyOf(page, 'River pumper', name);
  await page.goto(`/builds/${id}`);
  await expect(page.getByRole('heading', { level: 1, name })).toBeVisible();
  return id;
}

const said = (page: Page, words: RegExp | string) => page.getByRole('alert').filter({ hasText: words });

test('what another chassis has no room for is said, undone on a press, and back when it fits', async ({
  page,
}) => {
  await open(page, 'Kept engine');
  const before = await scale(page);
  await openStep(page, 'Chassis');
  const chassis = page.getByRole('group', { name: 'Chassis' });
  const own = chassis.getByRole('radio', { checked: true });
  const name = await own.evaluate((radio) => radio.parentElement!.textContent!);
  const back = chassis.getByRole('radio', { name: name.slice(0, 20) });
  const small = chassis.getByRole('radio', { name: /^Commercial.*two-door/i });

  await small.click();
  const away = said(page, 'No longer fits, and is kept aside until it does');
  await expect(away).toContainText(/Cab roof/);
  await expect(away).toContainText(/Seats: 6 →/);
  await away.getByRole('button', { name: 'Undo' }).click();
  await expect(away).toBeHidden();
  expect(await scale(page)).toEqual(before);

  await small.click();
  await expect(away).toBeVisible();
  // Other edits in between lose none of it.
  await openStep(page, 'Tank');
  await amount(page, 'Water', 900);
  await amount(page, 'Water', 1000);
  await openStep(page, 'Chassis');
  await back.click();
  await expect(said(page, 'Fits again, and is back')).toContainText(/Seats: .* → 6/);
  expect(await scale(page)).toEqual(before);
  await saved(page);
});

test('a crosslay’s hose returns with the pump that carries it', async ({ page }) => {
  await open(page, 'Crosslay engine');
  const before = await scale(page);
  await openStep(page, 'Pump');
  const pumps = page.getByRole('group', { name: 'Pump', exact: true });
  const own = await pumps
    .getByRole('radio', { checked: true })
    .evaluate((radio) => radio.parentElement!.textContent!);
  await pumps.getByRole('radio', { name: /^Midship 1,250 gpm, side panel/ }).click();
  await expect(said(page, 'kept aside')).toContainText(/Crosslay 3: 200 ft of 2½ in attack → none/);
  await pumps.getByRole('radio', { name: own.slice(0, 24) }).click();
  await expect(said(page, 'Fits again')).toContainText('Crosslay 3');
  expect(await scale(page)).toEqual(before);
});

test('“Take off” pressed twice takes off one, and can be put back', async ({ page }) => {
  await open(page, 'Twice engine');
  await openStep(page, 'Equipment');
  const before = await scale(page);
  const rescue = page.getByRole('region', { name: 'Rescue' });
  const pieces = rescue.getByRole('button', { expanded: false });
  await expect(pieces.first()).toBeVisible();
  const names = await pieces.allInnerTexts();
  await pieces.first().click();
  const off = rescue.getByRole('button', { name: /^Take off/ });
  await off.scrollIntoViewIfNeeded();
  await off.dblclick();
  const room = rescue.getByRole('status');
  await expect(room).toContainText('is taken off');
  expect(await pieces.allInnerTexts()).toEqual(names.slice(1));
  await rescue.getByRole('button', { name: /^Put back/ }).click();
  expect(await scale(page)).toEqual(before);
});

test('a figure that became another says so, in the history too; one that is refused says what would be right', async ({
  page,
}) => {
  const id = await open(page, 'Rounded engine');
  await openStep(page, 'Chassis');
  await amount(page, 'Wheelbase', 187.3);
  const field = page.getByRole('textbox', { name: 'Wheelbase', exact: true });
  await expect(page.getByRole('status').filter({ hasText: 'nearest to 187.3 in' })).toBeVisible();
  await expect(field).not.toHaveValue('187.3 in');
  await saved(page);

  await openStep(page, 'Equipment');
  await page.getByRole('button', { name: 'Add an extra item' }).click();
  const before = await scale(page);
  const weight = page.getByRole('textbox', { name: 'Weight', exact: true });
  await weight.fill('99999');
  await weight.blur();
  await expect(weight).toHaveAccessibleDescription('Weight must be from 0 to 20,000 lb');
  expect(await scale(page)).toEqual(before);
  await weight.fill('120');
  await expect(page.getByText('Weight must be from')).toBeHidden();
  expect((await scale(page)).gross).toBe(before.gross + 20);
  await saved(page);

  await page.goto(`/builds/${id}/history`);
  await expect(page.getByText(/Wheelbase: [\d.]+ in, the nearest to 187\.3 in/).first()).toBeVisible();
});

test('a paper that was ordered comes though the bench is left', async ({ page }) => {
  await open(page, 'Ordered engine');
  let send = () => {};
  const sent = new Promise<void>((resolve) => (send = resolve));
  await page.route('**/papers/weights*', async (route) => {
    await sent;
    await route.continue();
  });
  await files(page, /^Weight sheet as PDF$/);
  await page.getByRole('link', { name: 'Baros, all departments' }).click();
  await expect(page.getByRole('searchbox')).toBeVisible();
  const download = page.waitForEvent('download');
  send();
  expect((await download).suggestedFilename()).toBe('ordered-engine-weights.pdf');
});
