import { expect, test } from '@playwright/test';
import type { Page } from '@playwright/test';
import { newBuild, newDepartment, openStep, saved, section } from './hands.js';
import { scan } from './scan.js';

const LIST = [
  'piece,count,rides in,weight,length,width,height,discipline,used,needs,set',
  '"Irons, set",1,,,,,,,,,Entry',
  'Sledge hammer,1,,,,,,,,,Entry',
  'Medical bag,1,,,,,,,,,',
  'Cribbing set,1,,,,,,,,,',
  'Barn hook,2,,9,50,6,4,forcible entry,monthly,,',
  'Milk pump,1,,31,,,,service,yearly,,',
].join('\n');

const pieces = (page: Page) => page.getByRole('region', { name: 'Pieces', exact: true });
const picked = (page: Page) => page.getByRole('region', { name: 'Picked piece' });
const analysis = (page: Page) => page.getByRole('link', { name: 'Analysis', exact: true }).click();

test('a list is read and written in, compartments are fitted, and pieces put in their places by hand and keyboard', async ({
  page,
}) => {
  await newDepartment(page, 'Stowing district');
  await newBuild(page, 'Stowing district', 'Stowed pumper', 'Pumper');
  await analysis(page);
  await section(page, 'Equipment list');
  const chooser = page.waitForEvent('filechooser');
  await page.getByRole('button', { name: 'Read a CSV' }).click();
  await (
    await chooser
  ).setFiles({ name: 'list.csv', mimeType: 'text/csv', buffer: Buffer.from('piece,weight\nGate,heavy') });
  await expect(page.getByRole('alert')).toContainText('Line 2: weight must be a number from 0.1 to 2000 lb');
  const again = page.waitForEvent('filechooser');
  await page.getByRole('button', { name: 'Read a CSV' }).click();
  await (await again).setFiles({ name: 'list.csv', mimeType: 'text/csv', buffer: Buffer.from(LIST) });
  const sheet = page.getByRole('grid', { name: 'Equipment list' });
  await expect(sheet).toContainText('Barn hook');
  await expect(page.getByText('of 1 line size or weight is assumed')).toBeVisible();

  // Written in like the weight sheet: what is emptied is the catalog's again.
  const weight = sheet
    .getByRole('row', { name: /^Sledge hammer/ })
    .getByRole('gridcell')
    .nth(3);
  await weight.focus();
  await page.keyboard.type('14.5');
  await page.keyboard.press('Enter');
  await expect(weight).toHaveText('14.5');
  await weight.focus();
  await page.keyboard.type('heavy');
  await page.keyboard.press('Enter');
  await expect(page.getByText(/^Weight must be a number/)).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(weight).toHaveText('14.5');
  await scan(page, 'equipment list');

  await page.getByRole('link', { name: 'Bench', exact: true }).click();
  await openStep(page, 'Body and compartments');
  await page.getByRole('button', { name: 'Fit the empty compartments as usual' }).click();
  await expect(page.getByRole('region', { name: 'In L1' })).toContainText('Tray, 600 lb');

  await analysis(page);
  await section(page, 'Every tool in its place');
  await expect(pieces(page).getByRole('region', { name: 'No place yet' }).getByRole('button')).toHaveCount(6);

  // By mouse, from its line to the shelf that the hand is over.
  const irons = pieces(page).getByRole('button', { name: /^Irons, set/ });
  const door = page.getByRole('group', { name: 'L1 from its door' });
  await door.scrollIntoViewIfNeeded();
  const [from, to] = [(await irons.boundingBox())!, (await door.boundingBox())!];
  await page.mouse.move(from.x + 40, from.y + from.height / 2);
  await page.mouse.down();
  await page.mouse.move(to.x + to.width / 2, to.y + to.height / 2, { steps: 6 });
  await expect(page.getByText(/^Free: /)).toBeVisible();
  await page.mouse.up();
  await expect(picked(page)).toContainText(/On L1, shelf/);
  await expect(door.getByRole('button', { name: /^Irons, set, number 1, stays/ })).toBeVisible();

  // By keyboard: into the hand, along the first surface, up to the next, and let go.
  const sledge = pieces(page).getByRole('button', { name: /^Sledge hammer/ });
  await sledge.focus();
  await page.keyboard.press('Enter');
  await page.keyboard.press('ArrowUp');
  await expect(page.getByText(/^Free: |does not|into/).first()).toBeVisible();
  await page.keyboard.press('Enter');
  await expect(picked(page)).toContainText('Sledge hammer');
  await expect(picked(page)).toContainText(/On L1/);
  await expect(pieces(page).getByRole('region', { name: 'No place yet' }).getByRole('button')).toHaveCount(4);

  // By choice, where it has room; and at a figure.
  await pieces(page)
    .getByRole('button', { name: /^Cribbing set/ })
    .click();
  await picked(page).getByLabel('Put it on').selectOption({ label: 'R3, tray' });
  await expect(picked(page)).toContainText(/On R3, tray/);
  await expect(page.getByRole('group', { name: 'R3 from its door' })).toBeVisible();
  await picked(page).getByLabel('It lies').selectOption('Flat, end first');
  await picked(page).getByRole('textbox', { name: 'Along it' }).fill('4');
  await picked(page).getByRole('textbox', { name: 'Along it' }).blur();
  await expect(picked(page)).toContainText('Free: 4 in');
  await page.getByText('Drawn out', { exact: true }).click();
  await expect(page.getByRole('group', { name: /^R3 from above, with what comes out/ })).toBeVisible();
  await scan(page, 'places');
  await page.setViewportSize({ width: 820, height: 1180 });
  await scan(page, 'places on a tablet');
  await saved(page);

  await page.reload();
  await expect(pieces(page).getByRole('region', { name: 'No place yet' }).getByRole('button')).toHaveCount(3);

  // The solver does the rest: what a hand has put down stays, and the rest has its place.
  await page.getByText('Let Baros place what no hand has put down').click();
  await page.getByLabel('Search for').selectOption('15 seconds');
  await page.getByRole('button', { name: 'Place them' }).click();
  await page.getByRole('button', { name: 'Stop' }).click();
  await expect(page.getByText('Stopped; nothing was moved.')).toBeVisible();
  await page.getByRole('button', { name: 'Place them' }).click();
  await expect(page.getByRole('table', { name: 'Answers' })).toContainText('As you weigh it');
  await scan(page, 'answers');
  await page.getByRole('button', { name: 'Take the answer “As you weigh it”' }).click();
  await expect(pieces(page).getByRole('region', { name: 'No place yet' })).toHaveCount(0);
  await expect(pieces(page).getByRole('button', { name: /^Irons, set/ })).toBeVisible();
  await saved(page);
});
