import { expect, test } from '@playwright/test';
import { OwnServer } from './ownServer';

// A clear of one's own: kept, planned in mixes, and counted down at the bench.

const server = new OwnServer(8803);
test.use({ baseURL: server.url });
test.beforeAll(() => server.start());
test.afterAll(() => server.kill());

test('keeps a clear, divides it into mixes, and counts a mix down at the bench', async ({ page }) => {
  test.setTimeout(120_000);
  await page.goto('/stores/clears');
  await page.getByRole('button', { name: 'Add a clear' }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByLabel('Name').fill('Quick epoxy');
  await dialog.getByLabel('Minutes on its label').fill('15');
  await dialog.getByRole('button', { name: 'Into the store' }).click();
  const quick = page.locator('[data-clear="Quick epoxy"]');
  await quick.getByRole('radio', { name: 'Quick epoxy in use' }).click();
  await expect(page.getByRole('radio', { name: 'Half-hour epoxy in use' })).not.toBeChecked();
  await quick.getByLabel('Left, ml').fill('3');
  await quick.getByLabel('Left, ml').press('Tab');

  await page.goto('/patterns');
  await page.getByRole('link', { name: 'Roach, first frost' }).click();
  await page.getByRole('link', { name: 'Plan a run' }).click();
  await page.getByLabel('Baits').fill('4');
  const clear = page.getByRole('region', { name: /^Clear:/ });
  await expect(clear.getByRole('listitem').nth(1)).toContainText(/for \d baits?: [\d.]+ ml A and [\d.]+ ml B/);
  await expect(page.getByRole('region', { name: 'Short on the rack' })).toContainText('Quick epoxy');
  await page.getByLabel('Baits').fill('1');
  await page.getByRole('button', { name: 'Start at the bench' }).click();
  const heading = page.getByRole('heading', { level: 1 });
  const all = page.getByRole('button', { name: /all the same/ });
  for (let i = 0; i < 20 && (await heading.textContent()) !== 'Two-part epoxy'; i++) {
    await page.waitForTimeout(750);
    await page.getByRole('button', { name: /^Done/ }).click();
    await page.waitForTimeout(150);
    if (await all.isVisible()) await all.click();
  }
  await expect(page.locator('.bench-now')).toContainText('Mix 1 of 1');
  await page.getByRole('button', { name: /^It is mixed/ }).click();
  await expect(page.locator('.bench-timer').filter({ hasText: 'mix 1 of 1' })).toContainText(/[67]:\d\d/);
  await page.waitForTimeout(750);
  await page.getByRole('button', { name: /^Done/ }).click();
  await page.waitForTimeout(150);
  if (await all.isVisible()) await all.click();
  await expect(page.locator('.bench-timer').filter({ hasText: 'mix 1 of 1' })).toHaveCount(0);
});
