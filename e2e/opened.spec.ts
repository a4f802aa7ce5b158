import { expect, test } from '@playwright/test';
import type { Locator, Page } from '@playwright/test';
import { copyOf, find, openStep, reading } from './hands.js';
import { scan as scanBoth, scanLight } from './scan.js';

const SIZES = [
  ['a desk', 1280, 800],
  ['a tablet', 820, 1180],
  ['a phone', 390, 844],
] as const;

/** Nothing stands beside the page, and nothing in the bar over anything else. */
async function expectWhole(page: Page): Promise<void> {
  expect(
    await page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth),
  ).toBeLessThanOrEqual(0);
  const over = await page.evaluate(() => {
    const seen = [...document.querySelectorAll('header a, header button, header h1, header select')]
      .map((element) => ({
        name: element.textContent || element.ariaLabel,
        box: element.getBoundingClientRect(),
      }))
      .filter(({ box }) => box.width > 1 && box.height > 1);
    const HAIR = 1;
    return seen.flatMap((a, i) =>
      seen
        .slice(i + 1)
        .filter(
          (b) =>
            Math.min(a.box.right, b.box.right) - Math.max(a.box.left, b.box.left) > HAIR &&
            Math.min(a.box.bottom, b.box.bottom) - Math.max(a.box.top, b.box.top) > HAIR,
        )
        .map((b) => `${a.name} over ${b.name}`),
    );
  });
  expect(over).toEqual([]);
}

const READINGS = [
  'Front axle',
  'Rear axle',
  'Gross weight',
  'Side to side, front',
  'Side to side, rear',
  'Center of gravity',
];

for (const [where, width, height] of SIZES)
  test.describe(where, () => {
    test.use({ viewport: { width, height } });
    // A tablet has no color of its own: what is dark is seen on the widest and on the narrowest.
    const scan = where === 'a tablet' ? scanLight : scanBoth;

    test('menus, lists and dialogs that are open, and what they leave when they are closed', async ({
      page,
    }) => {
      const name = `Opened on ${where}`;
      const id = await copyOf(page, 'Grass truck', name);
      await page.goto('/');
      await find(page, name);
      await page.getByRole('button', { name: `More for ${name}` }).click();
      await expect(page.getByRole('menu')).toBeVisible();
      await scan(page, 'yard with a menu');
      await page.keyboard.press('Escape');
      await expectWhole(page);

      await page.goto(`/builds/${id}`);
      await page.getByRole('button', { name: 'Files' }).click();
      await expect(page.getByRole('menu')).toBeVisible();
      await scan(page, 'files');
      await page.keyboard.press('Escape');
      await expectWhole(page);

      await openStep(page, 'Hose loads');
      const aside = page.getByRole('complementary');
      const list = aside.getByRole('combobox').first();
      await list.click();
      await expect(page.getByRole('listbox')).toBeVisible();
      await scan(page, 'a list of hose');
      await page.keyboard.press('Escape');

      await openStep(page, 'Equipment');
      await aside.getByRole('checkbox').first().check();
      await aside.getByRole('combobox', { name: 'Pieces' }).click();
      await page.getByRole('listbox').getByRole('option').first().click();
      await scan(page, 'pieces to add');
      await page.keyboard.press('Escape');
      await scan(page, 'pieces picked', 'aside');

      await page.getByRole('button', { name: /^All \d+ checks/ }).click();
      await expect(page.getByRole('complementary', { name: 'Checks' })).toBeVisible();
      await scan(page, 'checks', 'aside');
      await page.getByRole('button', { name: 'Find anything' }).click();
      await page.getByPlaceholder(/^Find a part/).fill('irons');
      await page.getByRole('option', { name: /^Irons, set 19 lb$/ }).click();
      await expect(page.getByPlaceholder(/into which place/)).toBeVisible();
      await scan(page, 'the compartments to choose from');
      await page.keyboard.press('Escape');

      for (const section of ['sheet', 'states', 'limits'] as const) {
        await page.goto(`/builds/${id}/analysis/${section}`);
        await expect(page.getByRole('table').or(page.getByRole('grid')).first()).toBeVisible();
        await scan(page, section);
        await expectWhole(page);
      }
      await page.goto('/catalogue');
      await expect(page.getByRole('table')).toBeVisible();
      await scan(page, 'catalog');
      await expectWhole(page);
    });
  });

/** Whether a reading is whole in sight. */
const inSight = (what: Locator) => expect(what).toBeInViewport({ ratio: 0.99 });

for (const [where, width, height] of [
  ['on a phone', 390, 844],
  ['twice magnified', 640, 400],
] as const)
  test(`the scale stays in sight and whole ${where}, and a choice is made there`, async ({ page }) => {
    await page.setViewportSize({ width, height });
    const id = await copyOf(page, 'River pumper', `Scale ${where}`);
    await page.goto(`/builds/${id}`);
    await expectWhole(page);
    for (const name of READINGS) await inSight(reading(page, name));
    await openStep(page, 'Chassis');
    const last = page.getByRole('complementary').getByRole('radio').last();
    await last.scrollIntoViewIfNeeded();
    for (const name of READINGS) await inSight(reading(page, name));
    await page.getByRole('radio', { name: /^Front axle rated 20,000 lb/ }).check();
    await expect(reading(page, 'Front axle')).toContainText('lb under');
  });
