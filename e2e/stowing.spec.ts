import { readFileSync } from 'node:fs';
import { expect } from '@playwright/test';
import type { Locator, Page } from '@playwright/test';
import { newBuild, newDepartment, openStep, saved, section } from './hands.js';
import { test } from './own-server.js';
import { scan } from './scan.js';

const LIST = [
  'piece,count,rides in,weight,length,width,height,discipline,used,needs,set',
  '"Irons, set",1,,,,,,,,,Entry',
  'Sledge hammer,1,,,,,,,,,Entry',
  'Medical bag,1,,,,,,,,,',
  'Cribbing set,1,,,,,,,,,',
  'Barn hook,2,,9,50,6,4,forcible entry,monthly,,',
  'Milk pump,1,,31,,,,service,yearly,,',
  ...['Hose jacket', 'Hose mallet', 'Lock puller', 'Pry bar', 'Drain cover', 'Throw bag', 'Canvas tarp'].map(
    (name) => `${name},1,,6,14,8,4,service,monthly,,`,
  ),
].join('\n');

const pieces = (page: Page) => page.getByRole('region', { name: 'Pieces', exact: true });
const picked = (page: Page) => page.getByRole('region', { name: 'Picked piece' });
const yet = (page: Page) => pieces(page).getByRole('region', { name: 'No place yet' }).getByRole('button');
const analysis = (page: Page) => page.getByRole('link', { name: 'Analysis', exact: true }).click();

/** Into the hand, on with an arrow until it is over a surface, and let go. */
async function byKeyboard(page: Page, piece: Locator, arrow: string): Promise<void> {
  await piece.focus();
  await page.keyboard.press('Enter');
  await expect(async () => {
    await page.keyboard.press(arrow);
    await expect(page.getByRole('status').filter({ hasText: /\d in/ })).toBeVisible({ timeout: 1_000 });
  }).toPass();
  await page.keyboard.press('Enter');
}

test.use({ serviceWorkers: 'allow' });

test('a list is read, compartments are fitted, every piece gets its place, and the truck is checked without network', async ({
  baros,
  there,
}) => {
  const page = await there.newPage();
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
  await expect(yet(page)).toHaveCount(13);

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
  await byKeyboard(page, sledge, 'ArrowUp');
  await expect(picked(page)).toContainText('Sledge hammer');
  await expect(picked(page)).toContainText(/On L1/);
  await expect(yet(page)).toHaveCount(11);
  for (const name of ['Hose jacket', 'Hose mallet', 'Lock puller']) {
    await byKeyboard(page, pieces(page).getByRole('button', { name }), 'ArrowRight');
    await expect(picked(page)).toContainText(name);
    await expect(picked(page)).toContainText(/On L1/);
  }

  // By choice, where it has room; and at a figure.
  await pieces(page)
    .getByRole('button', { name: /^Cribbing set/ })
    .click();
  await picked(page).getByLabel('Put it on').selectOption({ label: 'R3, tray' });
  for (const name of ['Pry bar', 'Drain cover', 'Throw bag', 'Canvas tarp']) {
    await pieces(page).getByRole('button', { name }).click();
    await picked(page).getByLabel('Put it on').selectOption({ label: 'R1, tray' });
    await expect(picked(page)).toContainText(/On R1, tray/);
  }
  await pieces(page)
    .getByRole('button', { name: /^Cribbing set/ })
    .click();
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
  await expect(yet(page)).toHaveCount(3);

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

  // One is moved, found again by its name, and a photograph pinned beside it.
  await pieces(page)
    .getByRole('button', { name: /^Milk pump/ })
    .click();
  await picked(page).getByLabel('Put it on').selectOption({ label: 'R3, tray' });
  await saved(page);
  await page.keyboard.press('Control+k');
  await page.getByRole('dialog').getByRole('combobox').fill('milk');
  await page.getByRole('option', { name: /^Milk pump\s*R3, tray, No\. \d+$/ }).click();
  await expect(picked(page)).toContainText('Milk pump');
  await expect(page.getByRole('group', { name: 'R3 from its door' })).toBeVisible();
  const photos = page.getByRole('region', { name: 'Photographs of R3' });
  const shown = page.waitForEvent('filechooser');
  await photos.getByRole('button', { name: 'Pin a photograph' }).click();
  await (await shown).setFiles(`${import.meta.dirname}/../docs/screenshots/yard.png`);
  await expect(photos.getByRole('img', { name: 'yard.png' })).toBeVisible();
  await scan(page, 'a photograph beside a compartment');

  // From the yard it is found too, on whichever truck.
  await page.goto('/');
  await page.getByRole('searchbox').fill('milk pump');
  const everywhere = page.getByRole('region', { name: 'Where is it' });
  await expect(everywhere).toContainText(/R3, tray, No\. \d+\s*Stowed pumper/);
  await scan(page, 'where it is, from the yard');
  await everywhere.getByRole('link', { name: 'Milk pump' }).click();
  await expect(picked(page)).toContainText('Milk pump');

  // The map on paper.
  const printed = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Locker map as PDF' }).click();
  expect(
    readFileSync(await (await printed).path())
      .subarray(0, 5)
      .toString(),
  ).toBe('%PDF-');

  // The weekly check on a tablet whose network is away: begun, opened again, signed, and sent when it is back.
  await page.getByLabel('Section of the analysis').selectOption({ label: 'Weekly check' });
  await page.evaluate(() => navigator.serviceWorker.ready.then(() => true));
  await baros.kill();
  await page.reload();
  const places = page.getByRole('navigation', { name: 'Places' });
  await places.getByRole('button', { name: /^R3/ }).click();
  await page.getByRole('group', { name: 'Milk pump' }).getByRole('radio', { name: 'Missing' }).check();
  await page.getByLabel('What is wrong').fill('lent to the creamery');
  await page.reload();
  await places.getByRole('button', { name: /^R3/ }).click();
  await expect(page.getByLabel('What is wrong')).toHaveValue('lent to the creamery');
  await scan(page, 'weekly check');
  const rest = page.getByRole('button', { name: 'The rest is here' });
  const open = places.getByRole('button', { name: /to see$/ });
  while ((await open.count()) > 0) {
    await open.first().click();
    await rest.click();
  }
  await page.getByLabel('Signed by').fill('Firefighter Sedge');
  await page.getByRole('button', { name: 'Sign and keep' }).click();
  await expect(
    page.getByText('is kept on this device. It goes to the server when that answers.'),
  ).toBeVisible();
  const log = page.getByRole('table', { name: 'Checks so far' });
  await expect(log).toContainText(/Firefighter Sedge.*1 piece.*none.*on this device/);
  await baros.start();
  await expect(log).toContainText('by the server');
  await expect(page.getByRole('table', { name: 'For the next order' })).toContainText(
    /Milk pump.*R3, tray.*1.*missing.*lent to the creamery/,
  );
  await page.close();
});
