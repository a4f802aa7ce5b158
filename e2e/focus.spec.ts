import { expect, test } from '@playwright/test';
import type { Locator, Page } from '@playwright/test';
import { copyOf, find, newBuild, newDepartment } from './hands.js';

/** Presses what has the focus, as a keyboard does. */
async function press(at: Locator): Promise<void> {
  await at.focus();
  await at.page().keyboard.press('Enter');
}

const escape = async (page: Page) => {
  await expect(page.getByRole('dialog').first()).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(page.getByRole('dialog')).toHaveCount(0);
};

/** Whatever was pressed is gone: the focus is near it, and not back at the top of the page. */
const expectFocusWithin = (place: Locator) =>
  expect
    .poll(() => place.evaluate((node) => node !== document.body && node.contains(document.activeElement)))
    .toBe(true);

test('the focus returns to where it came from after each dialog, menu and panel of the bench', async ({
  page,
}) => {
  await page.goto(`/builds/${await copyOf(page, 'River pumper', 'Focused engine')}`);
  const button = (name: string | RegExp) => page.getByRole('button', { name }).first();
  await expect(button(/Gross weight/)).toBeVisible();

  for (const name of ['Keys', 'Find anything']) {
    await press(button(name));
    await escape(page);
    await expect(button(name)).toBeFocused();
  }
  await press(button('Files'));
  // A hand is slower than the way of the focus into the menu.
  await expectFocusWithin(page.getByRole('menu'));
  await page.keyboard.press('Escape');
  await expect(button('Files')).toBeFocused();
  for (const item of [/^Read a weight sheet/, /^Drawings as SVG/]) {
    await press(button('Files'));
    await page.getByRole('menuitem', { name: item }).focus();
    await page.keyboard.press('Enter');
    await escape(page);
    await expect(button('Files')).toBeFocused();
  }
  for (const [opener, close] of [
    [/Gross weight/, 'Close checks'],
    [/^\$/, 'Close money'],
  ] as const) {
    await press(button(opener));
    await press(button(close));
    await expect(button(opener)).toBeFocused();
    await press(button(opener));
    await expect(button(close)).toBeVisible();
    await page.keyboard.press('Escape');
    await expect(button(opener)).toBeFocused();
  }
});

test('the focus stays near what a press has taken away', async ({ page }) => {
  await newDepartment(page, 'Focus district');
  await newBuild(page, 'Focus district', 'Near engine', 'Pumper');
  const panel = page.getByRole('complementary');
  await press(panel.getByRole('button', { name: /^assumed: confirm/ }).first());
  await expectFocusWithin(panel);
  const open = page.getByRole('button', { name: /choices still assumed/ });
  await press(open);
  await press(panel.getByRole('button', { name: 'Confirm all of Chassis' }));
  await expectFocusWithin(panel);
  await press(panel.getByRole('button', { name: 'Close what is assumed' }));
  await expect(open).toBeFocused();

  await page.getByRole('button', { name: /Rear axle/ }).focus();
  await page.keyboard.press('Enter');
  await expect(panel.getByRole('heading', { name: 'Checks' })).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(page.getByRole('button', { name: /Rear axle/ })).toBeFocused();

  await page.goto('/');
  const fresh = page.getByRole('button', { name: 'New department' });
  await press(fresh);
  await escape(page);
  await expect(fresh).toBeFocused();
  await find(page, 'Near engine');
  const more = page.getByRole('button', { name: 'More for Near engine' });
  await press(more);
  await page.getByRole('menuitem', { name: 'Rename' }).focus();
  await page.keyboard.press('Enter');
  await escape(page);
  await expect(more).toBeFocused();
});

test('titles say the build and the screen; a link leads past the bar and the steps to the choices', async ({
  page,
}) => {
  await page.goto('/');
  await expect(page).toHaveTitle('Departments and builds – Baros');
  await page.goto(`/builds/${await copyOf(page, 'Grass truck', 'Titled truck')}`);
  await expect(page).toHaveTitle('Titled truck, bench – Baros');
  await page.keyboard.press('Tab');
  await page.keyboard.press('Tab');
  const skip = page.getByRole('link', { name: 'To the choices' });
  await expect(skip).toBeFocused();
  await page.keyboard.press('Enter');
  await expectFocusWithin(page.getByRole('complementary'));
  await page.getByRole('link', { name: 'Analysis' }).click();
  await expect(page).toHaveTitle('Titled truck, analysis: Weight sheet – Baros');
  await page.getByRole('link', { name: 'History' }).click();
  await expect(page).toHaveTitle('Titled truck, history – Baros');
  await page.goto('/catalogue');
  await expect(page).toHaveTitle('Catalog – Baros');
});

test('keys work wherever the focus is but in a field, and single ones can be switched off', async ({
  page,
}) => {
  await page.goto(`/builds/${await copyOf(page, 'River pumper', 'Keyed engine')}`);
  const panel = (name: string) => page.getByRole('complementary', { name, exact: true });
  await expect(panel('Chassis')).toBeVisible();
  // On a choice, on a slider, on a view: all but fields of text.
  await page.getByRole('radio', { checked: true }).first().focus();
  await page.keyboard.press('7');
  await expect(panel('Tank')).toBeVisible();
  await page.getByRole('slider', { name: 'Water, slider' }).focus();
  await page.keyboard.press('m');
  await expect(panel('Money')).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(panel('Tank')).toBeVisible();
  const water = page.getByRole('textbox', { name: 'Water', exact: true });
  await water.fill('640');
  await page.keyboard.press('1');
  await expect(panel('Tank')).toBeVisible();
  await water.blur();
  // The same keys lead from screen to screen.
  for (const [key, title] of [
    ['h', /history/],
    ['w', /analysis/],
    ['b', /bench/],
  ] as const) {
    await page.keyboard.press(key);
    await expect(page).toHaveTitle(title);
  }
  await page.keyboard.press('?');
  const keys = page.getByRole('dialog', { name: 'Keys' });
  await keys.getByRole('switch', { name: /^Single keys work/ }).click();
  await page.keyboard.press('Escape');
  await expect(keys).toBeHidden();
  await page.keyboard.press('m');
  await page.keyboard.press('Alt+ArrowDown');
  await expect(panel('Cab and crew')).toBeVisible();
});

test('the keys of the bench lead there from the other screens of a build', async ({ page }) => {
  const id = await copyOf(page, 'River pumper', 'Keyed engine');
  const panel = (name: string) => page.getByRole('complementary', { name });
  for (const [screen, key, name] of [
    ['history', '4', 'Pump'],
    ['analysis/limits', 'a', 'Still assumed'],
    ['analysis/filling', 'm', 'Money'],
    ['history', 'f', 'Checks'],
  ] as const) {
    await page.goto(`/builds/${id}/${screen}`);
    await expect(page.getByRole('heading', { level: 1, name: 'Keyed engine' })).toBeVisible();
    await page.keyboard.press(key);
    await expect(panel(name)).toBeVisible();
  }
});
