import { readFileSync } from 'node:fs';
import { expect } from '@playwright/test';
import type { Page } from '@playwright/test';
import {
  expectSentence,
  files,
  newBuild,
  newDepartment,
  newDepartmentByHand,
  openStep,
  saved,
  scale,
} from './hands.js';
import { test } from './own-server.js';

/** What the browser saves when something is pressed. */
async function downloaded(page: Page, press: () => Promise<void>): Promise<{ name: string; text: string }> {
  const [file] = await Promise.all([page.waitForEvent('download'), press()]);
  return { name: file.suggestedFilename(), text: readFileSync((await file.path())!, 'utf8') };
}

/** Chooses a file for the one field of a dialog that takes one. */
const give = (page: Page, name: string, text: string) =>
  page
    .locator('input[type=file]')
    .last()
    .setInputFiles({ name, mimeType: 'text/plain', buffer: Buffer.from(text) });

test('a build file goes out and comes in again as the same truck; a bad one is refused and changes nothing', async ({
  page,
}) => {
  await newDepartment(page, 'File district');
  await newBuild(page, 'File district', 'File engine', 'Pumper');
  const before = await scale(page);
  const { name, text } = await downloaded(page, () => files(page, /^Build file/));
  expect(name).toBe('file-engine.baros.json');

  await page.goto('/');
  await page.getByRole('button', { name: 'More for File district' }).click();
  await page.getByRole('menuitem', { name: 'Read a build file…' }).click();
  const dialog = page.getByRole('dialog');
  await give(page, 'cut.baros.json', text.slice(0, 200));
  await expect(dialog.getByRole('alert')).toContainText('cut.baros.json is not JSON');
  await give(page, 'later.baros.json', text.replace('"version": 3', '"version": 9'));
  await expect(dialog.getByRole('alert')).toContainText(
    'version must be at most 3: this file was written by a later Baros (was 9)',
  );
  await give(page, 'gone.baros.json', text.replace('"midship-1250-side"', '"pump-of-old"'));
  await expect(dialog.getByRole('alert')).toContainText(
    'pump.partId must be a pump of the catalog (was "pump-of-old"',
  );
  await expect(dialog.getByRole('button', { name: 'Read it in' })).toBeDisabled();
  await give(page, name, text);
  await dialog.getByRole('button', { name: 'Read it in' }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'File engine' })).toBeVisible();
  expect(await scale(page)).toEqual(before);
});

test('a weight sheet goes out, is corrected, and comes in with a preview and its refused rows', async ({
  page,
}) => {
  await newDepartment(page, 'Sheet district');
  await newBuild(page, 'Sheet district', 'Sheet engine', 'Pumper');
  const before = await scale(page);
  const { text } = await downloaded(page, () => files(page, /^Weight sheet as CSV/));
  const rows = text.trim().split('\n');
  expect(rows[0]).toBe(
    'id,name,count,group,weight (lb),x (in),y (in),z (in),basis,tolerance (%),on front axle (lb),on rear axle (lb)',
  );
  const pump = rows.find((row) => row.startsWith('pump,'))!;
  const changed = [
    rows[0],
    pump.replace('3050', '3250').replace('catalogued,3', 'weighed,1'),
    'sidecar,Sidecar,,,10,,,,,,,',
    ',Tool chest,,,140,210,20,40,estimated,,,',
    ',Balloon,,,9,0,0,900,,,,',
  ].join('\n');

  await files(page, /^Read a weight sheet/);
  const dialog = page.getByRole('dialog');
  await give(page, 'weighed.csv', changed);
  await expect(dialog.getByRole('status')).toContainText('weighed.csv: 2 changes, 0 as they are, 2 refused.');
  await expect(dialog.getByRole('row', { name: /Midship 1,250 gpm/ })).toContainText(/3,050 lb\s*3,250 lb/);
  const refused = dialog.getByRole('region', { name: 'Refused rows' });
  await expect(refused).toContainText('Line 3: this truck has no component "sidecar"');
  await expect(refused).toContainText(/Line 5: z must be from 0 to 170/);
  expect(await scale(page)).toEqual(before);
  await dialog.getByRole('button', { name: 'Take these changes' }).click();
  expect((await scale(page)).gross).toBe(before.gross + 340);
  await openStep(page, 'Equipment');
  await expect(page.getByRole('button', { name: /^Tool chest/ })).toContainText('140 lb');
  await saved(page);
  await page.keyboard.press('Control+z');
  expect(await scale(page)).toEqual(before);
});

test('the five views and the sheet with its title block as SVG that stands alone', async ({
  page,
  context,
}) => {
  await page.goto('/');
  await page.getByRole('link', { name: 'River pumper', exact: true }).click();
  await files(page, /^Drawings as SVG/);
  const dialog = page.getByRole('dialog', { name: 'Drawing sheet' });
  for (const view of ['Driver’s side', 'Officer’s side', 'Top', 'Front', 'Rear']) {
    const { name, text } = await downloaded(page, () =>
      dialog.getByRole('button', { name: view, exact: true }).click(),
    );
    expect(name).toMatch(/^river-pumper-(driver|officer|top|front|rear)\.svg$/);
    expect(text).not.toMatch(/var\(--|class=/);
  }
  const sheet = await downloaded(page, () =>
    dialog.getByRole('button', { name: 'Sheet with title block' }).click(),
  );
  for (const word of [
    'River pumper',
    'Osier Reach Fire District',
    'wheelbase 200 in',
    '33 ft 0 in × 8 ft 6 in × 9 ft 9 in',
    'not for certification',
  ])
    expect(sheet.text).toContain(word);
  // A viewer that knows nothing of Baros draws it.
  const viewer = await context.newPage();
  await viewer.setContent(sheet.text.replace(/^<\?xml.*\n/, ''));
  expect((await viewer.locator('svg').first().boundingBox())!.width).toBeGreaterThan(500);
});

test('a department’s archive into an empty Baros gives the same weights to the pound', async ({
  page,
  there: empty,
}) => {
  await newDepartment(page, 'Moving district');
  const weights: Record<string, unknown> = {};
  for (const [name, type] of [
    ['Moving engine', 'Pumper'],
    ['Moving ladder', 'Aerial'],
    ['Moving brush', 'Brush truck'],
  ] as const) {
    await newBuild(page, 'Moving district', name, type);
    weights[name] = await scale(page);
  }
  await page.goto('/');
  await page.getByRole('button', { name: 'More for Moving district' }).click();
  const { name, text } = await downloaded(page, () =>
    page.getByRole('menuitem', { name: 'Everything in one file' }).click(),
  );
  expect(name).toBe('moving-district.baros-department.jsonl');

  const there = await empty.newPage();
  await there.goto('/');
  await there.getByRole('button', { name: 'Open a department file' }).click();
  await give(there, 'later.jsonl', text.replace('"version":3', '"version":9'));
  await expect(there.getByRole('alert')).toContainText('written by a later Baros (was 9)');
  await give(there, 'bad.jsonl', text.replace('"partId":"custom-medium"', '"partId":"cart"'));
  await there.getByRole('button', { name: 'Read it in' }).click();
  await expect(there.getByRole('alert')).toContainText(
    /line \d+: file\.chassis\.partId must be a chassis of the catalog/,
  );
  await give(there, name, text);
  await expect(there.getByRole('dialog').getByRole('status')).toContainText(
    /Moving district, 3 builds with \d+ revisions, 0 own parts/,
  );
  await there.getByRole('button', { name: 'Read it in' }).click();
  await expect(there.getByRole('heading', { name: 'Moving district' })).toBeVisible();
  for (const [build, expected] of Object.entries(weights)) {
    await there.goto('/');
    await there.getByRole('link', { name: build, exact: true }).click();
    expect(await scale(there)).toEqual(expected);
  }
});

test('own parts: by form and by CSV with refused rows, chosen like any other, and removed without harm', async ({
  page,
}) => {
  await newDepartmentByHand(page, 'Parts district');
  await page.getByRole('button', { name: 'More for Parts district' }).click();
  await page.getByRole('menuitem', { name: 'Own parts' }).click();
  await page.getByRole('button', { name: 'New part' }).click();
  let dialog = page.getByRole('dialog');
  await dialog.getByRole('button', { name: 'Keep' }).click();
  await expect(dialog.getByRole('alert')).toContainText('name must have 1 to 80 characters');
  await dialog.getByLabel('Name').fill('Our midship');
  await dialog.getByLabel('Weight', { exact: true }).fill('99000');
  await dialog.getByRole('button', { name: 'Keep' }).click();
  await expect(dialog.getByRole('alert')).toContainText('must be from 0 to 9000 for weightLb');
  await dialog.getByLabel('Weight', { exact: true }).fill('3450');
  await dialog.getByLabel('Source of weight').selectOption('scale');
  await dialog.getByRole('button', { name: 'Keep' }).click();
  await expect(page.getByRole('heading', { name: 'Our midship' })).toBeVisible();

  await page.locator('input[type=file]').setInputFiles({
    name: 'parts.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from(
      'kind,id,like,name,figure,value,unit,source\nladder,our-roof,roof-14,Our roof ladder,weightLb,15,kg,scale\npump,bad,pto-1000,Bad pump,weightLb,heavy,lb,plate\n',
    ),
  });
  dialog = page.getByRole('dialog');
  await expect(dialog.getByRole('status')).toContainText('1 part to keep, 1 line refused.');
  await expect(dialog.getByRole('region', { name: 'Refused rows' })).toContainText(
    'Line 3: value must be a number (was "heavy")',
  );
  await dialog.getByRole('button', { name: 'Keep these parts' }).click();
  await expect(page.getByRole('heading', { name: 'Our roof ladder' })).toBeVisible();

  await newBuild(page, 'Parts district', 'Parts engine', 'Pumper');
  const before = await scale(page);
  await openStep(page, 'Pump');
  await page.getByRole('radio', { name: /^Our midship/ }).check();
  await expect(page.locator('label', { hasText: 'Our midship' })).toContainText('your own part');
  expect((await scale(page)).gross).toBe(before.gross + 400);
  await saved(page);
  const address = page.url();

  await page.goto('/');
  await page.getByRole('button', { name: 'More for Parts district' }).click();
  await page.getByRole('menuitem', { name: 'Own parts' }).click();
  await page.getByRole('button', { name: 'Remove Our midship' }).click();
  await expect(page.getByRole('dialog')).toContainText(
    'It is used in Parts engine. That build carries its own copy',
  );
  await page.getByRole('button', { name: 'Remove from the list' }).click();
  await expect(page.getByRole('heading', { name: 'Our midship', exact: true })).toBeHidden();
  await page.goto(address);
  await expectSentence(page, 'Pump', 'our midship');
  expect((await scale(page)).gross).toBe(before.gross + 400);
});
