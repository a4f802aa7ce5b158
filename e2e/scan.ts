import { expect } from '@playwright/test';
import type { Page } from '@playwright/test';
import axe from 'axe-core';
import type { RunOptions } from 'axe-core';

/** What axe is asked: its own groups of rules, or rules by name. */
type Asked = { type: 'tag' | 'rule'; values: string[] };

const OF_ALL: Asked = {
  type: 'tag',
  values: ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa', 'best-practice'],
};
/** In dark colors everything is as in light ones but the colors: these rules look at them. */
const OF_COLORS: Asked = { type: 'rule', values: ['color-contrast', 'link-in-text-block'] };

async function look(page: Page, what: string, part: string | undefined, runOnly: Asked) {
  // Things that fade in or out are scanned when they stand still.
  await page.evaluate(() => {
    for (const animation of document.getAnimations())
      if (Number.isFinite(animation.effect?.getComputedTiming().endTime)) animation.finish();
  });
  // Brought into a page once.
  if (await page.evaluate(() => !('axe' in window))) await page.evaluate(axe.source);
  const wrong = await page.evaluate(
    async ([where, options]) => {
      const { violations } = await (window as unknown as { axe: typeof axe }).axe.run(where, options);
      return violations.map(
        ({ id, nodes }) => `${id} ${nodes.map(({ target }) => target.join(' ')).join(' | ')}`,
      );
    },
    // Of what holds nobody reads a list.
    [part ?? 'html', { runOnly, resultTypes: ['violations'] }] satisfies [string, RunOptions],
  );
  expect(wrong, what).toEqual([]);
}

/** Looks for what keeps people out, in what is on the screen now or a part of it, in light colors. */
export const scanLight = (page: Page, what: string, part?: string): Promise<void> =>
  look(page, what, part, OF_ALL);

/** The same, and once more by night, where it stands: the screen is the same but for its colors. */
export async function scan(page: Page, what: string, part?: string): Promise<void> {
  await scanLight(page, what, part);
  await page.emulateMedia({ colorScheme: 'dark' });
  await expect(page.locator('html')).toHaveAttribute('data-mantine-color-scheme', 'dark');
  await look(page, `${what}, dark`, part, OF_COLORS);
  await page.emulateMedia({ colorScheme: 'light' });
  await expect(page.locator('html')).toHaveAttribute('data-mantine-color-scheme', 'light');
}
