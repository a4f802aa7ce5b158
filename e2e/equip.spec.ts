import { expect, test } from '@playwright/test';
import type { Locator, Page } from '@playwright/test';
import { copyOf, newBuild, newDepartment, openStep, saved, step } from './hands.js';

const panel = (page: Page) => page.getByRole('complementary', { name: 'Equipment', exact: true });

/** Counts what a person presses: buttons, boxes, options; what is typed into a field is no press. */
function counting() {
  let presses = 0;
  return {
    press: async (what: Locator) => {
      presses += 1;
      await what.click();
    },
    choose: async (what: Locator, value: string) => {
      presses += 1;
      await what.selectOption(value);
    },
    sofar: () => presses,
  };
}

test('a brush truck comes from an empty department to nothing assumed in 15 presses, and 30 pieces in 45', async ({
  page,
}) => {
  await page.goto('/');
  const { press, choose, sofar } = counting();
  await press(page.getByRole('button', { name: 'New department' }));
  await page.getByRole('dialog').getByLabel('Name').fill('Pressed district');
  await page.getByRole('dialog').getByLabel('District', { exact: true }).fill('Grass and one road');
  await press(page.getByRole('button', { name: 'Create' }));
  await press(page.getByRole('button', { name: 'New build for Pressed district' }));
  await page.getByRole('dialog').getByLabel('Name').fill('Pressed brush truck');
  await press(page.getByRole('dialog').getByRole('radio', { name: 'Brush truck' }));
  await press(page.getByRole('dialog').getByRole('button', { name: 'Start' }));
  const open = page.getByRole('button', { name: /choices still assumed/ });
  await press(open);
  const list = page.getByRole('complementary', { name: 'Still assumed' });
  await expect(list).toContainText('Water260 gal');
  await press(list.getByRole('button', { name: /^Confirm all \d+$/ }));
  await expect(open).toBeHidden();
  await expect(list).toContainText('Every choice of this build has been made or confirmed.');
  expect(sofar()).toBeLessThanOrEqual(15);

  const before = sofar();
  await press(step(page, 'Equipment'));
  const start = await pieces(page);
  const field = panel(page).getByRole('combobox', { name: 'Pieces' });
  const PIECES_AT_ONCE = 10;
  for (const [at, place] of ['L1', 'R1', 'cab'].entries()) {
    await press(field);
    for (let i = 0; i < PIECES_AT_ONCE; i++)
      await press(
        page
          .getByRole('listbox')
          .getByRole('option')
          .nth(at * PIECES_AT_ONCE + i),
      );
    await choose(panel(page).getByLabel('Into'), place);
    await press(panel(page).getByRole('button', { name: `Add ${PIECES_AT_ONCE}` }));
  }
  expect(await pieces(page)).toBe(start + 30);
  expect(sofar() - before).toBeLessThanOrEqual(45);
  await saved(page);
});

/** How many pieces the sentence of the step counts. */
async function pieces(page: Page): Promise<number> {
  const said = panel(page).getByText(/pieces? of loose equipment|No loose equipment/);
  return Number(/(\d+) pieces?/.exec(await said.innerText())?.[1] ?? 0);
}

test('a long list is filtered, listed by compartment, counted in place, and moved and taken off many at once', async ({
  page,
}) => {
  const id = await copyOf(page, 'River pumper', 'Listed engine');
  await page.goto(`/builds/${id}`);
  await openStep(page, 'Equipment');
  const lines = () => panel(page).getByRole('button', { name: / lb$/ });
  await expect(lines().first()).toBeVisible();
  const all = await lines().count();
  await panel(page).getByLabel('Filter the list').fill('saw');
  await expect(panel(page).getByRole('status')).toHaveText(new RegExp(`^\\d+ of ${all} lines$`));
  const found = await lines().count();
  expect(found).toBeLessThan(all);
  await panel(page).getByLabel('Filter the list').fill('');

  await panel(page).getByLabel('List by').selectOption('By compartment');
  const l1 = panel(page).getByRole('region', { name: 'Compartment L1' });
  const r3 = panel(page).getByRole('region', { name: 'Compartment R3' });
  const moved = await l1.getByRole('button', { name: / lb$/ }).count();
  const there = await r3.getByRole('button', { name: / lb$/ }).count();
  await l1.getByRole('checkbox', { name: 'Pick all of Compartment L1' }).check();
  await panel(page).getByLabel('Move them to').selectOption('R3');
  await expect(l1).toBeHidden();
  expect(await r3.getByRole('button', { name: / lb$/ }).count()).toBe(there + moved);
  await page.keyboard.press('Control+z');
  await expect(l1).toBeVisible();

  const count = panel(page).getByRole('textbox', { name: 'How many: Spare air cylinder, L1' });
  await count.fill('10');
  await count.blur();
  await expect(panel(page).getByRole('button', { name: /^Spare air cylinder.*150 lb$/ })).toBeVisible();
  await count.fill('900');
  await expect(panel(page)).toContainText('How many must be from 1 to 200, whole');
  await count.fill('2');

  await panel(page).getByRole('checkbox', { name: 'Pick all of Cab' }).check();
  await panel(page)
    .getByRole('group', { name: 'Picked pieces' })
    .getByRole('button', { name: 'Take off' })
    .click();
  await expect(panel(page).getByRole('region', { name: 'Cab' })).toBeHidden();
  await page.getByRole('button', { name: 'Undo', exact: true }).last().click();
  await expect(panel(page).getByRole('region', { name: 'Cab' })).toBeVisible();
  await saved(page);
});

test('a weight written in the sheet is the one that the list shows', async ({ page }) => {
  const id = await copyOf(page, 'River pumper', 'Weighed list', (build) => {
    const line = build.equipment.lines.find(({ partId }) => partId === 'portable-pump')!;
    return {
      ...build,
      weights: {
        ...build.weights,
        weighed: [
          {
            id: `equipment.${line.id}`,
            partId: 'portable-pump',
            count: 1,
            weightLb: 118,
            basis: 'weighed' as const,
          },
        ],
      },
    };
  });
  await page.goto(`/builds/${id}`);
  await openStep(page, 'Equipment');
  const line = panel(page).getByRole('button', { name: /^Portable pump/ });
  await expect(line).toContainText('118 lb');
  await line.click();
  await expect(panel(page)).toContainText('118 lb as written in the weight sheet; the catalog says 95 lb.');
});

test('a piece that is found by name asks for its compartment; words of the field find it', async ({
  page,
}) => {
  const id = await copyOf(page, 'River pumper', 'Asked engine');
  await page.goto(`/builds/${id}/analysis`);
  await expect(page.getByRole('heading', { level: 1, name: 'Asked engine' })).toBeVisible();
  await page.keyboard.press('Control+k');
  await page.keyboard.type('bottle');
  await page.getByRole('option', { name: /^Spare air cylinder 15 lb$/ }).click();
  await page.getByPlaceholder('Spare air cylinder: into which place?').fill('r2');
  await page.keyboard.press('Enter');
  await expect(panel(page).getByRole('button', { name: /^Spare air cylinder\s*R2/ })).toBeVisible();
  for (const [typed, leads] of [
    ['GVWR', /^Gross weight/],
    ['gawr', /^Front axle/],
    ['speedlay', /^Crosslay 1/],
    ['cross lay', /^Crosslay 1/],
    ['payload', /^Payload left/],
    ['jaws', /^Battery spreader/],
    ['scba', /^Breathing apparatus pack/],
    ['siren', /^Lights and fittings/],
    ['print', /as PDF/],
    ['export', /as CSV/],
    ['compare', /^History of this build/],
  ] as const) {
    await page.keyboard.press('Control+k');
    await page.keyboard.type(typed);
    await expect(page.getByRole('option', { name: leads }).first(), typed).toBeVisible();
    await page.keyboard.press('Escape');
    await expect(page.getByRole('dialog')).toBeHidden();
  }
});

test('a choice that is missing because of another says so, and is found by name', async ({ page }) => {
  await newDepartment(page, 'Missing district');
  await newBuild(page, 'Missing district', 'Missing engine', 'Pumper');
  await openStep(page, 'Pump');
  await page.getByRole('radio', { name: /^Midship 1,250 gpm, side panel/ }).check();
  const words = 'Crosslay 3 needs a pump that carries 3 crosslays: this one carries 2.';
  await page.keyboard.press('/');
  await page.keyboard.type('crosslay 3');
  await page.getByRole('option', { name: /^Crosslay 3 needs a pump/ }).click();
  await expect(page.getByRole('complementary', { name: 'Hose loads' })).toContainText(words);
  await saved(page);
});

test('all checks are listed, worst first, with how far each is from its limit', async ({ page }) => {
  const id = await copyOf(page, 'River pumper', 'Checked engine');
  await page.goto(`/builds/${id}`);
  await page.getByRole('button', { name: /^All \d+ checks/ }).click();
  const findings = page.getByRole('complementary', { name: 'Checks' });
  const heads = findings.getByRole('button', { expanded: false });
  await expect(heads.nth(0)).toHaveAccessibleName(/^over a limit ?Corners and gateways ?6\.3 in short/);
  await expect(heads.nth(1)).toHaveAccessibleName(/^over a limit ?Front axle ?75 lb over/);
  await expect(findings).toContainText('Gross weight1,241 lb under');
  await heads.first().click();
  await expect(findings).toContainText('What would fix it');
});
