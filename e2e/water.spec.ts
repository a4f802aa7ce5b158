import { expect, test } from '@playwright/test';
import { withNewConnections } from '#core/subjects/plumbing';
import { house } from '#core/subjects';
import { copyOf, newBuild, newDepartment, openStep, saved, section } from './hands.js';
import { scanLight } from './scan.js';

test('a pumper is plumbed from nothing, runs three lines from its tank, meets the limit and mends it', async ({
  page,
}) => {
  await newDepartment(page, 'Wet district');
  await newBuild(page, 'Wet district', 'Wet engine', 'Pumper');
  await openStep(page, 'Plumbing');
  const list = page.getByRole('region', { name: 'Intakes and discharges' });
  await list.getByRole('button', { name: 'Begin from nothing' }).click();
  await expect(list).toContainText('None yet.');
  const panel = page.getByRole('complementary', { name: 'Plumbing' });
  await expect(panel).toContainText('There shall be no intakes or discharges');

  // Nothing holds: a way from the tank, suctions, and a discharge to each line bring it back.
  const add = list.getByLabel('Add an intake or a discharge');
  await add.selectOption('Tank-to-pump');
  await list.getByRole('combobox', { name: 'Size', exact: true }).click();
  await page.getByRole('option', { name: /^2 in/ }).click();
  await expect(list.getByRole('button', { name: /Tank-to-pump ?2 in tank-to-pump/ })).toBeVisible();
  await page.getByRole('button', { name: /\d+ checks/ }).click();
  const checks = page.getByRole('complementary', { name: 'Checks' });
  const mend = async (title: string, fix: RegExp) => {
    const finding = checks.getByRole('button', { name: new RegExp(`over a limit ?${title}`) });
    await finding.click();
    await checks.getByRole('button', { name: fix }).first().click();
    await expect(finding).toHaveCount(0);
  };
  await mend('A discharge for every preconnect and monitor', /A discharge to each preconnect and monitor/);
  await mend('Intakes for the rating', /A suction of 6 in/);
  await mend('Discharges for the rating', /(more|One more) discharges? of/);

  // Three lines from the tank: more than 2 in from the tank to the pump carry.
  await openStep(page, 'Lines');
  const running = page.getByRole('group', { name: 'Run together' });
  for (const line of await running.getByRole('checkbox').all()) await line.check();
  await expect(page.getByRole('complementary', { name: 'Lines' })).toContainText(/150 gpm/);
  await page.getByRole('button', { name: /\d+ checks/ }).click();
  await mend('Lines that run together', /Tank-to-pump of \d in instead of 2 in/);
  await saved(page);
});

test('the lines are seen on the pump’s curve, and the tank minute by minute', async ({ page }) => {
  const id = await copyOf(page, 'River pumper', 'Curved pumper');
  await page.goto(`/builds/${id}/analysis/together`);
  await expect(
    page.getByRole('img', { name: /The pump’s curve with what each line asks for/ }),
  ).toBeVisible();
  await expect(page.getByText(/From Mill pond: 300 gpm of 300 gpm at 141 psi/)).toBeVisible();
  await page.getByRole('checkbox', { name: /^Deck monitor, 502.2 gpm/ }).check();
  await expect(page.getByText(/From Mill pond: 802.2 gpm of 802.2 gpm/)).toBeVisible();
  await scanLight(page, 'lines on the pump’s curve');

  await section(page, 'Tank minutes');
  const slider = page.getByRole('slider', { name: 'Minutes from the first line' });
  await slider.focus();
  await page.keyboard.press('Home');
  await expect(page.getByText(/After 0 s: 1,000 gal left/)).toBeVisible();
  await page.keyboard.press('End');
  await expect(page.getByText(/: 0 gal left, 0 gpm flowing/)).toBeVisible();
  await scanLight(page, 'the tank minute by minute');
  await section(page, 'Plumbing diagram');
  await expect(
    page.getByRole('listitem', {
      name: /^Deck monitor: discharge of 3 in, on top of the pump, manual valve, slow/,
    }),
  ).toBeVisible();
  await scanLight(page, 'plumbing diagram');
});

test('a panel with forty things on it is worked by keyboard, none over another', async ({ page }) => {
  const id = await copyOf(page, 'River pumper', 'Crowded pumper', (build) =>
    withNewConnections(
      house.evaluate(build),
      ...Array.from({ length: 9 }, (_, i) => ({
        id: `more-${i}`,
        kind: 'discharge' as const,
        label: `More ${i + 1}`,
        at: 'left' as const,
        sizeIn: 1.5,
      })),
    ),
  );
  await page.goto(`/builds/${id}/analysis/panels`);
  const panel = page.getByRole('group', { name: /^Driver’s side of the pump/ });
  const things = panel.locator('[data-object]');
  await expect.poll(() => things.count()).toBeGreaterThanOrEqual(40);
  const boxes = await things
    .locator('rect')
    .evaluateAll((all) =>
      all
        .filter((rect) => rect === rect.parentElement!.firstElementChild)
        .map((rect) => ['x', 'y', 'width', 'height'].map((key) => Number(rect.getAttribute(key)))),
    );
  for (const [i, [x, y, w, h]] of boxes.entries())
    for (const [a, b, c, d] of boxes.slice(i + 1))
      expect(x! < a! + c! && a! < x! + w! && y! < b! + d! && b! < y! + h!).toBe(false);
  await scanLight(page, 'the panel');

  const first = panel.getByRole('button', { name: /^Driver’s 1: discharge/ });
  await first.focus();
  await page.keyboard.press('ArrowRight');
  await expect(first).not.toBeFocused();
  await page.keyboard.press('ArrowLeft');
  await expect(first).toBeFocused();
  await page.keyboard.press('Enter');
  const chosen = page.getByRole('region', { name: 'Driver’s 1' });
  await expect(chosen).toBeVisible();
  await page.keyboard.press('Shift+ArrowUp');
  await expect(chosen.getByRole('button', { name: /Back to where the panel has room/ })).toBeVisible();
  await chosen.getByRole('button', { name: /Back to where the panel has room/ }).click();
  await expect(chosen.getByRole('button', { name: /Back to where/ })).toHaveCount(0);

  // The same opening on the drawing of the truck.
  await page.getByRole('link', { name: 'Bench' }).click();
  await openStep(page, 'Plumbing');
  const opening = page.getByRole('slider', { name: 'Move: Driver’s 1' });
  const before = Number(await opening.getAttribute('aria-valuenow'));
  await opening.focus();
  await page.keyboard.press('ArrowLeft');
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('ArrowRight');
  await expect.poll(async () => Number(await opening.getAttribute('aria-valuenow'))).toBeGreaterThan(before);
  await saved(page);
});
