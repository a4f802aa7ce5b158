import { AxeBuilder } from '@axe-core/playwright';
import { expect } from '@playwright/test';
import type { Page } from '@playwright/test';

/** In dark colors everything is as in light ones but the colors: these rules look at them. */
const OF_COLORS = ['color-contrast', 'link-in-text-block'];
const OF_ALL = ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa', 'best-practice'];

async function look(
  page: Page,
  what: string,
  part: string | undefined,
  rules: (axe: AxeBuilder) => AxeBuilder,
) {
  // Things that fade in or out are scanned when they stand still.
  await page.evaluate(() => {
    for (const animation of document.getAnimations())
      if (Number.isFinite(animation.effect?.getComputedTiming().endTime)) animation.finish();
  });
  const axe = new AxeBuilder({ page });
  if (part) axe.include(part);
  const { violations } = await rules(axe).analyze();
  expect(
    violations.map((v) => `${what}: ${v.id} ${v.nodes.map((node) => node.target.join(' ')).join(' | ')}`),
  ).toEqual([]);
}

/** Looks for what keeps people out, in what is on the screen now or a part of it, in light colors. */
export const scanLight = (page: Page, what: string, part?: string): Promise<void> =>
  look(page, what, part, (axe) => axe.withTags(OF_ALL));

/** The same, and once more by night, where it stands: the screen is the same but for its colors. */
export async function scan(page: Page, what: string, part?: string): Promise<void> {
  await scanLight(page, what, part);
  await page.emulateMedia({ colorScheme: 'dark' });
  await expect(page.locator('html')).toHaveAttribute('data-mantine-color-scheme', 'dark');
  await look(page, `${what}, dark`, part, (axe) => axe.withRules(OF_COLORS));
  await page.emulateMedia({ colorScheme: 'light' });
  await expect(page.locator('html')).toHaveAttribute('data-mantine-color-scheme', 'light');
}
