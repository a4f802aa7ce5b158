import { expect, test } from '@playwright/test';
import type { Page } from '@playwright/test';
import { copyOf, newBuild, newDepartment, saved, scale, section } from './hands.js';

async function weigh(page: Page, name: string): Promise<void> {
  await newDepartment(page, `${name} district`);
  await newBuild(page, `${name} district`, name, 'Pumper');
}

const sheet = (page: Page) => page.getByRole('grid', { name: 'Weight sheet' });
const total = async (page: Page) =>
  Number(
    (
      await sheet(page)
        .getByRole('row', { name: /^In service/ })
        .getByRole('gridcell')
        .first()
        .innerText()
    ).replace(/,/g, ''),
  );

test('the demonstration aerial is weighed through the sheet by keyboard alone', async ({ page }) => {
  await page.goto(`/builds/${await copyOf(page, 'Mill ladder', 'Weighed ladder')}`);
  const before = await scale(page);
  await page.keyboard.press('w');
  await expect(sheet(page)).toBeVisible();
  expect(await total(page)).toBe(before.gross);
  // From the first cell to the weight of the chassis, written over, with its basis.
  await sheet(page).getByRole('gridcell').first().focus();
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('Enter');
  const weight = Number(await page.getByLabel('Cell').inputValue());
  await page.keyboard.press('Control+a');
  await page.keyboard.type(String(Math.round(weight) + 300));
  await page.keyboard.press('Enter');
  // It is asked how that is known, and is no less sure meanwhile.
  const first = sheet(page).getByRole('row').nth(1);
  await expect(first).toContainText(/cataloged\s*3/);
  const known = page.getByRole('group', { name: 'How the weight is known' });
  await known.getByRole('button', { name: /^a guess/ }).click();
  await expect(first).toContainText(/estimated\s*15/);
  await expect(known).toBeHidden();
  await page.keyboard.press('ArrowUp');
  for (let i = 0; i < 4; i++) await page.keyboard.press('ArrowRight');
  await page.keyboard.type('weighed');
  await page.keyboard.press('Enter');
  await expect(sheet(page).getByRole('row').nth(1)).toContainText(/weighed\s*1\s*Chassis/);
  expect(await total(page)).toBe(Math.round(before.gross - weight + Math.round(weight) + 300));
  // What can't be written says why, and changes nothing.
  await page.keyboard.press('Control+Home');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('alert')).toContainText('follow from what was chosen');
  // A new item at the foot of the sheet.
  await page.keyboard.press('Control+End');
  await page.keyboard.press('Home');
  await page.keyboard.type('Trunk');
  await page.keyboard.press('Tab');
  await expect(sheet(page).getByRole('row', { name: /^Trunk/ })).toHaveCount(1);
  for (let i = 0; i < 4; i++) await page.keyboard.press('Control+z');
  await expect.poll(() => total(page)).toBe(before.gross);
  await saved(page);
});

test('twenty rows pasted from a spreadsheet become items; the bad ones are told', async ({
  page,
  context,
}) => {
  await context.grantPermissions(['clipboard-read', 'clipboard-write']);
  await weigh(page, 'Pasted engine');
  await page.getByRole('link', { name: 'Analysis' }).click();
  const before = await total(page);
  const rows = Array.from(
    { length: 20 },
    (_, i) => `Locker ${i + 1}\t${10 + i}\t${120 + i}\t0\t45\testimated`,
  );
  await page.evaluate(
    (text) => navigator.clipboard.writeText(text),
    [...rows, 'Heavy\tvery\t0\t0\t0'].join('\n'),
  );
  await sheet(page).getByText('New item…').click();
  await page.keyboard.press('Control+v');
  await expect(sheet(page).getByRole('row', { name: /^Locker 20/ })).toBeVisible();
  await expect(page.getByRole('region', { name: 'Refused rows' })).toContainText(
    'Line 21: very: weight must be a number',
  );
  expect(await total(page)).toBe(before + 20 * 10 + 190);
  await page.getByLabel('Filter the sheet').fill('locker 7');
  await expect(page.getByText('1 of')).toBeVisible();
  await saved(page);
});

test('load states of one’s own, growth reserve, filling, certainty, payload, frame', async ({ page }) => {
  await weigh(page, 'Bridge engine');
  const before = await scale(page);
  await page.keyboard.press('w');
  await section(page, 'Load states');
  const states = page.getByRole('table', { name: 'Load states' });
  await expect(states.getByRole('row')).toHaveCount(8);
  await page.getByRole('button', { name: 'Add a load state' }).click();
  const own = page.getByRole('group', { name: 'Own state 1' });
  await own.getByLabel('Water').fill('0');
  await own.getByLabel('without equipment').check();
  await own.getByLabel('without allowance').check();
  const row = states.getByRole('row', { name: /^Own state 1/ });
  await expect(row).toContainText('0.0 %');
  const weights = (text: string) =>
    [...text.matchAll(/([\d,]{5,})/g)].map((m) => Number(m[1]!.replace(/,/g, '')));
  expect(weights(await row.innerText())[2]).toBeLessThan(
    weights(await states.getByRole('row', { name: /^Returning empty/ }).innerText())[2]!,
  );
  await page.getByLabel('Growth reserve', { exact: true }).fill('2');
  await expect
    .poll(async () => weights(await states.getByRole('row', { name: /^In service/ }).innerText())[2])
    .toBe(Math.round(before.gross * 1.02));

  await section(page, 'Filling');
  await expect(page.getByText(/The worst filling for rolling over is/)).toBeVisible();
  await page.getByRole('slider', { name: 'Filling' }).focus();
  await page.keyboard.press('Home');
  await expect(page.getByRole('img', { name: /^The tank with 0 gal/ })).toBeVisible();

  await section(page, 'How sure');
  const doubts = page.getByRole('table', { name: 'What makes most of the uncertainty' });
  await expect(doubts.getByRole('row')).toHaveCount(11);
  await expect(doubts.getByRole('row').nth(1)).toContainText(/± [\d,]+ → ± [\d,]+ lb/);

  await section(page, 'Sides');
  await expect(page.getByRole('list', { name: 'Wheel-end loads' }).getByRole('listitem')).toHaveCount(4);
  const level = page.getByRole('region', { name: 'To level it' }).getByRole('listitem').first();
  await expect(level).toContainText(/Front [\d.]+ % → [\d.]+ %, rear [\d.]+ % → [\d.]+ %/);
  const leans = /→ ([\d.]+ %), rear [\d.]+ % → ([\d.]+ %)/.exec(await level.innerText())!;
  await level.getByRole('button', { name: /^Apply/ }).click();
  const both = page.getByRole('table', { name: 'Sides by both models of the frame' });
  await expect(both.getByRole('row', { name: /^Front.*the worse/ })).toContainText(leans[1]!);
  await expect(both.getByRole('row', { name: /^Rear.*the worse/ })).toContainText(leans[2]!);

  await section(page, 'Payload left');
  const here = page.getByRole('list', { name: 'Payload left' }).getByRole('listitem').first();
  const middle = await here.innerText();
  await page.getByRole('slider', { name: 'Place along the truck' }).focus();
  await page.keyboard.press('Home');
  await expect(here).not.toHaveText(middle);
  await expect(here).toContainText('until the front axle is at its limit');

  await section(page, 'Along the frame');
  await expect(
    page.getByText(/Most bending between the axles: [\d,]+ thousand lb·in at \d+ in/),
  ).toBeVisible();
  await saved(page);
});

test('what is typed in a cell is no key of the screen, also in the row of a new item', async ({ page }) => {
  const id = await copyOf(page, 'Grass truck', 'Typed sheet');
  await page.goto(`/builds/${id}/analysis/sheet`);
  await page.getByText('New item…').focus();
  await page.keyboard.type('Hand lantern');
  await page.keyboard.press('Enter');
  await expect(sheet(page).getByRole('row', { name: /^Hand lantern/ })).toBeVisible();
  await saved(page);
});

test('of a long sheet the cells are made that are seen, and the keyboard reaches the last', async ({
  page,
}) => {
  const MANY = 180;
  const id = await copyOf(page, 'Grass truck', 'Long sheet', (build) => ({
    ...build,
    items: {
      ...build.items,
      lines: Array.from({ length: MANY }, (_, i) => ({
        id: `long${i}`,
        name: `Long item ${i + 1}`,
        weightLb: 1,
        xIn: 150,
        yIn: 0,
        zIn: 50,
        basis: 'estimated' as const,
        priceCents: 0,
      })),
    },
  }));
  await page.goto(`/builds/${id}/analysis/sheet`);
  const grid = page.getByRole('grid', { name: 'Weight sheet' });
  await expect(grid.getByRole('row', { name: /^Long item 180/ })).toBeAttached();
  const COLUMNS = 10;
  expect(await grid.locator('[data-cell]').count()).toBeLessThan((MANY / 2) * COLUMNS);
  await grid.locator('[data-cell="0-0"]').focus();
  await page.keyboard.press('Control+End');
  await page.keyboard.press('Control+ArrowLeft');
  const focused = page.locator(':focus');
  const last = Number((await focused.getAttribute('data-cell'))!.split('-')[0]);
  expect(last).toBeGreaterThan(MANY);
  await page.keyboard.press('ArrowUp');
  await expect(focused).toHaveAttribute('data-cell', `${last - 1}-0`);
  await expect(focused).toBeInViewport();
  await expect(focused).not.toBeEmpty();
});
