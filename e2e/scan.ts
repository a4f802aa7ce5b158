import { AxeBuilder } from '@axe-core/playwright';
import { expect } from '@playwright/test';
import type { Page } from '@playwright/test';

/** In dark colors everything is as in light ones but the colors: these rules look at them. */
const OF_COLORS = ['color-contrast', 'link-in-text-block'];

/** Looks for what keeps people out, in what is on the screen now or a part of it. */
export async function scan(page: Page, what: string, part?: string): Promise<void> {
  // Things that fade in or out are scanned when they stand still.
  await page.evaluate(() => {
    for (const animation of document.getAnimations())
      if (Number.isFinite(animation.effect?.getComputedTiming().endTime)) animation.finish();
  });
  const axe = new AxeBuilder({ page });
  if (part) axe.include(part);
  const dark = await page.evaluate(() => matchMedia('(prefers-color-scheme: dark)').matches);
  const { violations } = await (
    dark
      ? axe.withRules(OF_COLORS)
      : axe.withTags(['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa', 'best-practice'])
  ).analyze();
  expect(
    violations.map((v) => `${what}: ${v.id} ${v.nodes.map((node) => node.target.join(' ')).join(' | ')}`),
  ).toEqual([]);
}
