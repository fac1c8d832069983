import { expect, test } from '@playwright/test';

test('says how old the last good backup is and what all of them take, and makes one', async ({ page }) => {
  await page.goto('/settings');
  await page.getByRole('button', { name: 'Back up now' }).click();
  await expect(page.getByText('The last good one is under an hour old.')).toBeVisible();
  await expect(page.getByText(/under “backups”: \d+\.\d MB in all/)).toBeVisible();
  // What is downloaded holds everything in one file.
  const coming = page.waitForEvent('download');
  await page
    .getByRole('link', { name: /\d:\d\d/ })
    .first()
    .click();
  expect((await coming).suggestedFilename()).toMatch(/^hawkbrush-by-hand-.*\.zip$/);
});

test('says on every page that there was no backup for days, and why, until there is one', async ({ page }) => {
  const days = (5 * 24 + 1) * 3_600_000;
  await page.route('**/api/v1/backups', async (route) => {
    if (route.request().method() !== 'GET') return route.fallback();
    const response = await route.fetch();
    const state = await response.json();
    const old = {
      last_good_at: new Date(Date.now() - days).toISOString(),
      overdue: true,
      trouble: 'The disk is full.',
    };
    return route.fulfill({ response, json: { ...state, ...old } });
  });
  for (const path of ['/patterns', '/log', '/stores/rack']) {
    await page.goto(path);
    await expect(
      page.getByRole('alert').filter({ hasText: 'The last backup is 5 days old. The disk is full.' }),
    ).toBeVisible();
  }
  await page.unrouteAll();
  await page.getByRole('button', { name: 'Back up now' }).click();
  await expect(page.getByText('The last backup is')).toBeHidden();
});
