import { expect, test } from '@playwright/test';

test('the catalog keeps the heads of its columns in sight, and every row has its figures', async ({
  page,
}) => {
  await page.goto('/catalogue');
  await page.getByRole('button', { name: /^Equipment/ }).click();
  const rows = page.getByRole('row');
  await rows.last().scrollIntoViewIfNeeded();
  await expect(page.getByRole('columnheader', { name: 'Weight' })).toBeInViewport({ ratio: 0.99 });
  await expect(rows.last().getByRole('checkbox')).toBeInViewport();
  await expect(rows.last()).toContainText(/\d/);

  await page.getByRole('textbox', { name: 'Filter by words' }).fill('ground monitor');
  await expect(rows).toHaveCount(2);
  await rows.last().getByRole('checkbox').check();
  await expect(page.getByRole('table').first()).toContainText('Light ground monitor');
});
