import { readFileSync } from 'node:fs';
import { expect, test } from '@playwright/test';
import type { Page } from '@playwright/test';
import { house } from '#core/subjects';
import { copiedProfile, withLimit, withOwnProfile } from '#core/subjects/limits';
import { pagesOf } from '../server/test/pages-of.js';
import { copyOf, files, newBuild, newDepartment, pounds, reading, saved, section } from './hands.js';

const search = (page: Page) => page.getByRole('button', { name: /^Search/ }).click();
const advice = (page: Page) => page.getByRole('list', { name: 'Advice' }).getByRole('listitem');

test('the pumper is mended by a pair of changes, and its weight sheet is printed', async ({ page }) => {
  // Of its weights alone: what its district asks of it, and how high its hose lies, are other matters.
  const id = await copyOf(page, 'River pumper', 'Pumper to mend', (build) =>
    withLimit(
      house.limits,
      withOwnProfile(
        { ...build, brief: { version: build.brief.version } },
        copiedProfile(house.limits, build, 'ours', 'Ours'),
      ),
      'gripIn',
      { value: 100 },
    ),
  );
  await page.goto(`/builds/${id}`);
  const before = await pounds(page, 'Front axle');
  await reading(page, 'Front axle').click();
  await page.getByRole('link', { name: 'Search pairs of changes' }).click();
  await search(page);
  await expect(
    page.getByText(/changes and pairs of changes looked at, \d+ of them weighed as whole trucks/),
  ).toBeVisible();
  const pair = advice(page).filter({ hasText: ', and ' }).filter({ hasText: 'Makes nothing worse' }).first();
  const [, from, to, limit] = /([\d,]+) lb → ([\d,]+) lb of ([\d,]+) lb/
    .exec(await pair.innerText())!
    .map((text) => Number(text.replaceAll(',', ''))) as [number, number, number, number];
  expect(from).toBe(before);
  expect(to).toBeLessThan(limit);
  await pair.getByRole('button', { name: /^Apply/ }).click();
  await expect(page.getByText('Every check holds, with its reserve: there is nothing to fix.')).toBeVisible();
  // The very figure that was promised, on the bench and on paper; and it can be taken back.
  const [file] = await Promise.all([page.waitForEvent('download'), files(page, /^Weight sheet as PDF/)]);
  expect(file.suggestedFilename()).toBe('pumper-to-mend-weights.pdf');
  const pages = await pagesOf(readFileSync(await file.path()));
  expect(pages[0]).toContain('Revision 2 of');
  expect(pages[0]).toContain(to.toLocaleString('en-US'));
  expect(pages.at(-1)).toContain(`Page ${pages.length} of ${pages.length}`);
  await page.getByRole('link', { name: 'Bench' }).click();
  expect(await pounds(page, 'Front axle')).toBe(to);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect.poll(() => pounds(page, 'Front axle')).toBe(before);
  await saved(page);
});

test('what may be changed is chosen, by keyboard; a search is watched and left', async ({ page }) => {
  // The first worker never hears of its work: however slow the machine, a person can change their mind.
  await page.addInitScript(() => {
    const post = Worker.prototype.postMessage;
    const deaf = new WeakSet<Worker>();
    let first = true;
    Worker.prototype.postMessage = function (this: Worker, ...message: unknown[]) {
      if (first) deaf.add(this);
      first = false;
      if (!deaf.has(this)) post.apply(this, message as never);
    };
  });
  const id = await copyOf(page, 'Mill ladder', 'Ladder to mend');
  await page.goto(`/builds/${id}/analysis/advice`);
  await page.getByRole('checkbox', { name: 'Place of the tank' }).focus();
  await page.keyboard.press('Space');
  await page.getByRole('button', { name: 'Search changes and pairs' }).focus();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('progressbar', { name: 'Search' })).toBeAttached();
  await page.getByRole('button', { name: 'Cancel' }).click();
  await expect(page.getByText('The search was canceled.')).toBeVisible();
  await expect(page.getByRole('list', { name: 'Advice' })).toHaveCount(0);
  await search(page);
  await expect(advice(page).first()).toBeVisible();
  for (const one of await advice(page).all()) await expect(one).not.toContainText('Move the tank');
  for (const box of await page.getByRole('group', { name: 'Fix' }).getByRole('checkbox').all())
    await box.uncheck();
  await expect(page.getByRole('button', { name: 'Search again' })).toBeDisabled();
});

test('where nothing mends it, the nearest of each kind of change is told', async ({ page }) => {
  const anvil = {
    id: 'anvil',
    name: 'Anvil',
    weightLb: 20_000,
    xIn: -60,
    yIn: 0,
    zIn: 40,
    basis: 'weighed' as const,
    priceCents: 0,
  };
  const id = await copyOf(page, 'River pumper', 'Pumper with an anvil', (build) => ({
    ...build,
    items: { ...build.items, lines: [anvil] },
  }));
  await page.goto(`/builds/${id}/analysis/advice`);
  await expect(page.getByRole('checkbox', { name: /Front axle/ })).toBeChecked();
  for (const box of await page.getByRole('group', { name: 'Fix' }).getByRole('checkbox').all())
    await box.setChecked(
      await box.evaluate(
        (input: HTMLInputElement) => input.labels?.[0]?.innerText.includes('Front axle') ?? false,
      ),
    );
  await search(page);
  await expect(page.getByText('Nothing was found that fixes what was asked.')).toBeVisible();
  const why = page.getByRole('region', { name: 'Why nothing fixes it: Front axle' });
  await expect(why.getByRole('row', { name: /^Two changes/ })).toContainText('over a limit');
  await expect(why.getByRole('row', { name: /^Wheelbase/ })).toContainText(/[\d,]+ lb/);
});

test('limits are copied, changed with basis and note, held against, and taken over by another build', async ({
  page,
}) => {
  await newDepartment(page, 'Limits district');
  await newBuild(page, 'Limits district', 'Strict engine', 'Pumper');
  await page.keyboard.press('w');
  await section(page, 'Limits');
  await expect(page.getByRole('row', { name: /^Side to side/ })).toContainText('7 %');
  await page.getByRole('button', { name: 'Copy and change' }).click();
  const value = page.getByRole('textbox', { name: 'Side to side, share of the axle’s load', exact: true });
  await value.fill('0.6');
  await page.getByLabel('Basis of: Side to side').fill('Chief’s letter of May');
  await page.getByLabel('Note on: Side to side').fill('Steep lanes');
  await page.getByRole('button', { name: 'Remove: Attack hose' }).click();
  await expect(page.getByLabel('Attack hose', { exact: true })).toHaveCount(0);
  await page.getByLabel('Name of these limits').fill('Limits of the district');
  await section(page, 'Sides');
  await expect(page.getByRole('region', { name: 'Side to side, rear' })).toContainText('What would');
  await page.getByRole('link', { name: 'Bench' }).click();
  await reading(page, 'Side to side, rear').click();
  await expect(page.getByText(/Limit: 0\.6 %\. Chief’s letter of May/)).toBeVisible();
  await expect(page.getByRole('button', { name: /Attack hose/ })).toHaveCount(0);
  await saved(page);

  await newBuild(page, 'Limits district', 'Second engine', 'Pumper');
  await page.keyboard.press('w');
  await section(page, 'Limits');
  await page
    .getByLabel('Limit profile', { exact: true })
    .selectOption({ label: 'Limits of the district (Strict engine)' });
  await expect(value).toHaveValue('0.6 %');
  await expect(page.getByLabel('Note on: Side to side')).toHaveValue('Steep lanes');
  await page.getByLabel('Add a limit').selectOption({ label: 'Attack hose' });
  await expect(page.getByRole('textbox', { name: 'Attack hose', exact: true })).toHaveValue('400 ft');
  // A value beyond belief is not taken.
  await value.fill('80');
  await value.blur();
  await expect(value).toHaveAccessibleDescription(/must be from 0.5 % to 50 %/);
  await value.fill('0.6');
  await expect(page.getByText('must be from 0.5 %')).toBeHidden();
  // Nor an empty basis: the last one stays.
  await page.getByLabel('Basis of: Side to side').fill('');
  await page.getByLabel('Basis of: Side to side').blur();
  await expect(page.getByLabel('Basis of: Side to side')).toHaveValue('Chief’s letter of May');
  await saved(page);
  await page.reload();
  await expect(value).toHaveValue('0.6 %');
  await page.getByLabel('Limit profile', { exact: true }).selectOption('us-pumper');
  await expect(page.getByRole('row', { name: /^Side to side/ })).toContainText('7 %');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(value).toHaveValue('0.6 %');
});
