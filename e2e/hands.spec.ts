import { expect, test } from '@playwright/test';
import type { Page } from '@playwright/test';
import { expectSentence, newBuild, newDepartment, openStep, reading, saved, scale, step } from './hands.js';

async function pumper(page: Page, name: string): Promise<void> {
  await newDepartment(page, `${name} district`);
  await newBuild(page, `${name} district`, name, 'Pumper');
}

test('the tank is dragged on the drawing, and the weights follow the hand; by keyboard as well', async ({
  page,
}) => {
  await pumper(page, 'Dragged engine');
  const before = await scale(page);
  const tank = page.getByRole('slider', { name: 'Move: Tank' }).first();
  const box = (await tank.boundingBox())!;
  const [x, y] = [box.x + box.width * 0.22, box.y + box.height / 2];
  await page.mouse.move(x, y);
  await page.mouse.down();
  await page.mouse.move(x + 20, y, { steps: 4 });
  await expect(reading(page, 'Front axle')).toContainText(/−\d+ lb/);
  await page.mouse.move(x + 40, y, { steps: 4 });
  await page.mouse.up();
  const moved = await scale(page);
  expect(moved.front).toBeLessThan(before.front);
  expect(moved.gross).toBe(before.gross);
  await page.keyboard.press('Control+z');
  expect(await scale(page)).toEqual(before);

  await tank.focus();
  await page.keyboard.press('Shift+ArrowRight');
  await page.keyboard.press('ArrowLeft');
  await expectSentence(page, 'Tank', '9 in behind the front of the body');
  const bulkhead = page.getByRole('slider', { name: 'Move: Bulkhead ahead of the wheels' });
  await bulkhead.focus();
  for (let i = 0; i < 4; i++) await page.keyboard.press('ArrowLeft');
  await expect(bulkhead).toHaveAttribute('aria-valuetext', '4 in');
  await saved(page);
});

test('an extra item is added, typed and dragged', async ({ page }) => {
  await pumper(page, 'Item engine');
  const before = await scale(page);
  await openStep(page, 'Equipment');
  await page.getByRole('button', { name: 'Add an extra item' }).click();
  await page.getByRole('textbox', { name: 'Weight' }).fill('400');
  expect((await scale(page)).gross).toBe(before.gross + 400);
  const front = (await scale(page)).front;
  const item = page.getByRole('slider', { name: 'Move: New item' }).last();
  const box = (await item.boundingBox())!;
  await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2);
  await page.mouse.down();
  await page.mouse.move(box.x - 100, box.y, { steps: 5 });
  await page.mouse.up();
  expect((await scale(page)).front).toBeGreaterThan(front);
  await page.getByRole('button', { name: 'Take off New item' }).click();
  expect(await scale(page)).toEqual(before);
});

test('anything is found by name: a step, a part, a component, a finding, a screen, other units', async ({
  page,
}) => {
  await pumper(page, 'Found engine');
  const find = async (words: string, name: RegExp | string, answer?: string) => {
    await page.keyboard.press('Control+k');
    await page.keyboard.type(words);
    await page.getByRole('option', { name }).first().click();
    if (answer) await page.getByRole('option', { name: answer }).click();
    await expect(page.getByRole('dialog')).toBeHidden();
  };
  await find('ladders', /^Ladders/);
  await expect(page.getByRole('complementary', { name: 'Ladders' })).toBeVisible();
  await find('enclosed top', /^Midship 1,500 gpm, enclosed top panel/);
  await expect(page.getByRole('complementary', { name: 'Pump' })).toBeVisible();
  await find('side to side, rear', /Side to side, rear/);
  await expect(page.getByRole('complementary', { name: 'Checks' })).toBeVisible();
  const pointed = page.getByRole('img', { name: /^Found engine/ }).locator('[class*="pointed"]');
  await find('deck monitor', /^Deck monitor, 1,000 gpm 95 lb/);
  await expect(pointed.first()).toBeVisible();
  await find('cribbing', /^Cribbing set/, 'Compartment R1');
  await expect(page.getByRole('button', { name: /^Cribbing set/ })).toBeVisible();
  await find('metric', 'Metric');
  await expect(page.getByLabel('Units', { exact: true })).toHaveValue('metric');
  await find('history', /^History of this build/);
  await expect(page.getByRole('heading', { name: /^History of/ })).toBeVisible();
});

test('what is assumed is marked until it is chosen or confirmed', async ({ page }) => {
  await pumper(page, 'Assumed engine');
  const open = page.getByRole('button', { name: /choices still assumed/ });
  const count = async () => Number(/\d+/.exec(await open.innerText())![0]);
  const start = await count();
  await openStep(page, 'Pump');
  await page.getByRole('radio', { name: /^PTO 1,000 gpm/ }).check();
  await expect.poll(count).toBe(start - 1);
  await expect(step(page, 'Pump')).not.toContainText('assumed');
  await open.click();
  const panel = page.getByRole('complementary', { name: 'Still assumed' });
  await panel.getByRole('button', { name: 'Confirm Water', exact: true }).click();
  await expect.poll(count).toBe(start - 2);
  for (const name of [
    'Chassis',
    'Cab and crew',
    'Front bumper',
    'Plumbing',
    'Arrangement',
    'Tank',
    'Foam',
    'Hose loads',
    'Lines',
    'Ladders',
    'Body and compartments',
    'Equipment',
    'Lights and fittings',
  ])
    await panel.getByRole('button', { name: `Confirm all of ${name}` }).click();
  await expect(open).toBeHidden();
  await expect(panel).toContainText('Every choice of this build has been made or confirmed.');
  await saved(page);
});

test('what stands below a panel that is still on its way comes with it, so that nothing moves under a finger', async ({
  page,
}) => {
  let send = () => {};
  const sent = new Promise<void>((resolve) => (send = resolve));
  await page.route('**/CompartmentsPanel*.js', async (route) => {
    await sent;
    await route.continue();
  });
  await pumper(page, 'Slow engine');
  await openStep(page, 'Body and compartments');
  const panel = page.getByRole('complementary', { name: 'Body and compartments' });
  await expect(panel.getByRole('group', { name: 'Doors' })).toBeVisible();
  await expect(panel.getByText('Roll-up or hinged doors?')).toBeHidden();
  send();
  await expect(panel.getByRole('region', { name: 'Compartments one by one' })).toBeVisible();
  await expect(panel.getByText('Roll-up or hinged doors?')).toBeVisible();
  await saved(page);
});

test('two schools on one truck, with what each comes to; and the money against the budget', async ({
  page,
}) => {
  await pumper(page, 'School engine');
  const before = await scale(page);
  await openStep(page, 'Body and compartments');
  await page.getByText('Roll-up or hinged doors?').click();
  const card = page.getByRole('table').filter({ hasText: 'Hinged' });
  await expect(card.getByRole('row', { name: /^Gross/ })).toContainText('+98');
  await page.getByRole('button', { name: 'Take: Hinged' }).click();
  expect((await scale(page)).gross).toBe(before.gross + 98);

  await page.getByRole('button', { name: /^\$[\d,]+$/ }).click();
  const money = page.getByRole('complementary', { name: 'Money' });
  await expect(money.getByRole('row', { name: /^In all/ })).toContainText(/\$\d{3},\d{3}/);
  await money.getByLabel('Budget').fill('100000');
  await expect(money.getByRole('row', { name: /^Over the budget/ })).toBeVisible();
  await page.getByRole('button', { name: /^All \d+ checks, \d+ more to look at/ }).click();
  await expect(page.getByText(/Price against the budget/)).toBeVisible();
  await saved(page);
});
