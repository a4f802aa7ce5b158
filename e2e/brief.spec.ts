import { expect, test } from '@playwright/test';
import type { Page } from '@playwright/test';
import type { BriefView } from '#core/exchange';
import { copyOf, newBuild, newDepartment, newDepartmentByHand, saved, section } from './hands.js';

const briefOf = (page: Page, department: string) =>
  page.getByRole('link', { name: `Brief of ${department}` }).click();
/** A line of the brief by its name. */
const line = (page: Page, name: string) => page.getByRole('listitem', { name, exact: true });
const write = (page: Page, name: string, field: string, value: string) =>
  line(page, name).getByLabel(field, { exact: true }).fill(value);
const kept = (page: Page) => expect(page.getByRole('status').filter({ hasText: /^Saved$/ })).toBeVisible();
/** The check of a picture that does not hold. */
const failing = (page: Page, title: string) =>
  page
    .getByRole('list', { name: 'Checks that do not hold' })
    .getByRole('listitem')
    .filter({ hasText: title });

/** Takes the first change that is said to fix a check of the picture that is open. */
async function fix(page: Page, title: string): Promise<void> {
  await failing(page, title)
    .getByRole('button', { name: `What would fix it: ${title}` })
    .click();
  await page
    .getByRole('button', { name: /^Apply: / })
    .first()
    .click();
  await expect(failing(page, title).getByText('over a limit')).toHaveCount(0);
}

test('a brief is entered from nothing; a build fails the door, the corner and the bridge, and is mended', async ({
  page,
}) => {
  await newDepartmentByHand(page, 'Quarry Ridge');
  await briefOf(page, 'Quarry Ridge');
  await expect(page.getByText(/lines assumed so far/)).toBeVisible();
  await write(page, 'Station', 'Door height', '120');
  await line(page, 'Station').getByLabel('Why: Station').fill('The lintel stays');
  await write(page, 'Tightest corner', 'Width it turns into', '17');
  await page.getByRole('button', { name: 'Add: bridge' }).click();
  await write(page, 'Bridge 1', 'Posted gross weight', '32000');
  // What somebody writes over is assumed no longer.
  await expect(line(page, 'Station').getByLabel('How it is known: Station')).toHaveValue('told');
  await kept(page);
  await newBuild(page, 'Quarry Ridge', 'Ridge pumper', 'Pumper');
  await page.getByRole('link', { name: 'Analysis' }).click();
  await section(page, 'In the station');
  await expect(failing(page, 'Height of the station door')).toContainText('too high');
  await expect(failing(page, 'Height of the station door')).toContainText('The lintel stays.');
  await fix(page, 'Height of the station door');
  await section(page, 'Around corners');
  await expect(failing(page, 'Corners and gateways')).toContainText('short at the inside');
  await fix(page, 'Corners and gateways');
  await section(page, 'On bridges');
  await expect(failing(page, 'Posted bridges')).toContainText('posted 32,000 lb');
  await fix(page, 'Posted bridges');
  await section(page, 'What limits it most');
  const margins = page.getByRole('list', { name: 'All margins, tightest first' });
  for (const title of ['Height of the station door', 'Corners and gateways', 'Posted bridges'])
    await expect(margins.getByRole('listitem').filter({ hasText: title })).not.toContainText('over a limit');
  await saved(page);
});

test('a wall, a lintel and a water level are dragged by mouse and by keyboard, and the margin follows', async ({
  page,
}) => {
  const id = await copyOf(page, 'River pumper', 'Pumper on site');
  await page.goto(`/builds/${id}/analysis/station`);
  const margins = page.getByRole('status', { name: 'Margins here' });
  await expect(margins).toContainText('2.2 in to spare');
  const lintel = page.getByRole('slider', { name: 'Height of the door' });
  await lintel.focus();
  for (let i = 0; i < 3; i++) await page.keyboard.press('ArrowDown');
  await expect(lintel).toHaveAttribute('aria-valuenow', '119');
  await expect(margins).toContainText('0.8 in too high');
  await expect(page.getByText('What if: dragged, and not the brief’s.')).toBeVisible();
  await page.getByRole('button', { name: 'Back to the brief' }).click();
  await expect(margins).toContainText('2.2 in to spare');
  const box = (await lintel.boundingBox())!;
  const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
  await page.mouse.move(x, y);
  await page.mouse.down();
  await page.mouse.move(x, y + 30, { steps: 5 });
  await page.mouse.up();
  await expect(margins).toContainText('in too high');

  await section(page, 'Around corners');
  await expect(page.getByLabel('Corner or gateway')).toHaveValue('corners-2');
  await expect(margins).toContainText('6.3 in short');
  await page.getByLabel('Corner or gateway').selectOption({ label: 'Church corner' });
  await expect(margins).toContainText('to spare at the inside');
  const truck = page.getByRole('slider', { name: 'Where the truck is on its way' });
  await truck.focus();
  await page.keyboard.press('Home');
  await expect(truck).toHaveAttribute('aria-valuenow', '0');
  await expect(page.getByRole('table', { name: /The longest trucks/ })).toContainText('Withy Farm gateway');

  await section(page, 'In the flood');
  const water = page.getByRole('slider', { name: 'Depth of the water' });
  await water.focus();
  for (let i = 0; i < 3; i++) await page.keyboard.press('Shift+ArrowUp');
  await expect(margins).toContainText('6 in too deep');
  await expect(page.getByRole('table')).toContainText('under water');
});

test('a truck differs from its department’s brief with a reason, and takes what the brief says later', async ({
  page,
  request,
}) => {
  await newDepartment(page, 'Fen End');
  await newBuild(page, 'Fen End', 'Fen pumper', 'Pumper');
  await page.getByRole('link', { name: 'Analysis' }).click();
  await section(page, 'Brief');
  await page.getByRole('button', { name: 'Differ for this truck: Station' }).click();
  const change = page.getByRole('button', { name: 'Change it for this truck' });
  await expect(change).toBeDisabled();
  await page.getByLabel('Why this truck differs: Station').fill('It lives in the new house');
  await change.click();
  await page.getByLabel('Door height').fill('168');
  await expect(page.getByText('This truck’s own: It lives in the new house')).toBeVisible();
  await saved(page);
  const departments = (await (await request.get('/api/departments')).json()) as {
    id: string;
    name: string;
  }[];
  const at = `/api/departments/${departments.find(({ name }) => name === 'Fen End')!.id}/brief`;
  const before = (await (await request.get(at)).json()) as BriefView;
  const crew = before.brief.crew!.map((one) => ({ ...one, seats: 6, known: 'told' as const }));
  await request.put(at, { data: { revision: before.revision, brief: { ...before.brief, crew } } });
  await page.reload();
  await page.getByRole('button', { name: 'Take the department’s brief' }).click();
  await expect(page.getByText('seats at least 6')).toBeVisible();
  await expect(page.getByLabel('Door height')).toHaveValue('168 in');
  await page.getByRole('button', { name: 'Back to the department’s: Station' }).click();
  await expect(page.getByText('It lives in the new house')).toHaveCount(0);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByText('It lives in the new house')).toBeVisible();
  await saved(page);
});

test('two people change a brief at once: nobody’s words are lost without a question', async ({
  page,
  request,
}) => {
  await newDepartmentByHand(page, 'Twin Weirs');
  await briefOf(page, 'Twin Weirs');
  await expect(line(page, 'Station')).toBeVisible();
  const at = `/api${new URL(page.url()).pathname}`;
  const before = (await (await request.get(at)).json()) as BriefView;
  await request.put(at, {
    data: { revision: before.revision, brief: { ...before.brief, winter: undefined } },
  });
  await write(page, 'Station', 'Door height', '131');
  const trouble = page.getByRole('alert').filter({ hasText: 'Somebody else changed this brief' });
  await expect(trouble).toBeVisible();
  await page.reload();
  // What was typed is still there, and is kept over theirs only when that is asked for.
  await expect(line(page, 'Station').getByLabel('Door height')).toHaveValue('131 in');
  await expect(trouble).toBeVisible();
  await trouble.getByRole('button', { name: 'Keep mine' }).click();
  await kept(page);
  const after = (await (await request.get(at)).json()) as BriefView;
  expect(after.brief.stations![0]!.doorHighIn).toBe(131);
  await page.getByRole('button', { name: 'Remove: Station' }).click();
  await expect(line(page, 'Station')).toHaveCount(0);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(line(page, 'Station')).toBeVisible();
  await kept(page);
});
