import { expect } from '@playwright/test';
import type { Page } from '@playwright/test';
import type { Build } from '#core/build';
import type { BuildView, DepartmentView, YardPage } from '#core/exchange';

/** What a person does on the screens, by the names that they read. */

export async function newDepartmentByHand(
  page: Page,
  name: string,
  kind = 'Village or suburb with hydrants',
): Promise<void> {
  await page.goto('/');
  await page.getByRole('button', { name: 'New department' }).click();
  await page.getByRole('dialog').getByLabel('Name').fill(name);
  await page.getByRole('dialog').getByLabel('District', { exact: true }).fill('Hills and one long valley');
  await page.getByRole('dialog').getByLabel('Kind of district').selectOption({ label: kind });
  await page.getByRole('button', { name: 'Create' }).click();
  await expect(page.getByRole('heading', { name })).toBeVisible();
}

export async function newBuildByHand(
  page: Page,
  department: string,
  name: string,
  type: keyof typeof TYPES,
): Promise<void> {
  await page.goto('/');
  await page.getByRole('button', { name: `New build for ${department}` }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByLabel('Name').fill(name);
  await dialog.getByRole('radio', { name: type }).check();
  await dialog.getByRole('button', { name: 'Start' }).click();
  await expect(page.getByRole('heading', { level: 1, name })).toBeVisible();
}

/** A department that is there when a job begins. */
export async function newDepartment(page: Page, name: string): Promise<void> {
  const made = await page.request.post('/api/departments', {
    data: { name, district: 'Hills and one long valley', kind: 'village' },
  });
  expect(made.status(), await made.text()).toBe(201);
}

const TYPES = { Pumper: 'pumper', Aerial: 'aerial', 'Brush truck': 'brush' } as const;

/** A build that is there when a job begins, opened on the bench. */
export async function newBuild(
  page: Page,
  department: string,
  name: string,
  type: keyof typeof TYPES,
): Promise<void> {
  const all = (await (await page.request.get('/api/departments')).json()) as DepartmentView[];
  const { id: departmentId } = all.find((one) => one.name === department)!;
  const made = await page.request.post('/api/builds', { data: { departmentId, name, type: TYPES[type] } });
  expect(made.status(), await made.text()).toBe(201);
  await page.goto(`/builds/${((await made.json()) as BuildView).id}`);
  await expect(page.getByRole('heading', { level: 1, name })).toBeVisible();
}

/** Looks for a build or a department in the yard. */
export async function find(page: Page, text: string): Promise<void> {
  await page.getByRole('searchbox', { name: 'Search builds and departments' }).fill(text);
  await expect(
    page
      .getByRole('link', { name: text })
      .or(page.getByRole('heading', { name: text }))
      .first(),
  ).toBeVisible();
}

export const step = (page: Page, name: string) =>
  page
    .getByRole('navigation', { name: 'Order of work' })
    .getByRole('button', { name: new RegExp(`(holds|close|over a limit) ?${name}`) });

export async function openStep(page: Page, name: string): Promise<void> {
  await step(page, name).click();
  await expect(page.getByRole('complementary', { name })).toBeVisible();
}

/** The sentence of a step, as the specification says it. */
export async function expectSentence(page: Page, name: string, words: string | RegExp): Promise<void> {
  await openStep(page, name);
  await expect(page.getByRole('complementary', { name })).toContainText(words);
}

/** A reading of the scale, with its words. */
export const reading = (page: Page, name: string) =>
  page.getByRole('region', { name: 'Scale' }).getByRole('button', { name: new RegExp(name) });

/** The pounds that the scale shows for an axle or the gross. */
export async function pounds(page: Page, name: string): Promise<number> {
  const text = await reading(page, name).innerText();
  return Number(/([\d,]+) of/.exec(text)![1]!.replaceAll(',', ''));
}

export const scale = async (page: Page) => ({
  front: await pounds(page, 'Front axle'),
  rear: await pounds(page, 'Rear (axle|tandem)'),
  gross: await pounds(page, 'Gross weight'),
});

export const saved = (page: Page) => expect(page.getByTitle('Saved', { exact: true })).toBeVisible();

/** Types a figure into the field of an amount. */
export async function amount(page: Page, title: string, value: number): Promise<void> {
  const field = page.getByRole('textbox', { name: title, exact: true });
  await field.fill(String(value));
  await field.blur();
}

/** A copy of a demonstration build to work on, so that no other test sees what becomes of it; gives its id. */
export async function copyOf(
  page: Page,
  build: string,
  name: string,
  change: (build: Build) => Build = (same) => same,
): Promise<string> {
  const { builds } = (await (
    await page.request.get(`/api/builds?text=${encodeURIComponent(build)}`)
  ).json()) as YardPage;
  const { id } = builds.find((other) => other.name === build)!;
  const { build: whole } = (await (await page.request.get(`/api/builds/${id}`)).json()) as BuildView;
  const copy = await page.request.post(`/api/builds/${id}/copies`, { data: { name, build: change(whole) } });
  expect(copy.status()).toBe(201);
  return ((await copy.json()) as BuildView).id;
}

/** Opens a section of the analysis. */
export const section = async (page: Page, name: string) => {
  await page
    .getByRole('navigation', { name: 'Sections of the analysis' })
    .getByRole('link', { name, exact: true })
    .click();
  await expect(page.getByRole('region', { name, exact: true })).toBeVisible();
};

/** Chooses something of the Files menu. */
export const files = async (page: Page, item: RegExp) => {
  await page.getByRole('button', { name: 'Files' }).click();
  await page.getByRole('menuitem', { name: item }).click();
};
