import { expect, type Page, test } from '@playwright/test';

// A page that was open while Hawkbrush was exchanged for a newer one, whose parts are gone from the server.

/** From now on the server has none of the parts that are named so. */
async function gone(page: Page, parts: string): Promise<void> {
  await page.route(`**/build/assets/${parts}`, (route) => route.fulfill({ status: 404, body: 'gone' }));
}

test('offers to reload a page that does not come, in its frame', async ({ page }) => {
  await page.goto('/patterns');
  await expect(page.getByRole('heading', { name: 'Patterns' })).toBeVisible();
  await gone(page, 'Runs-*.js');
  await page.getByRole('link', { name: 'Runs' }).click();
  await expect(page.getByRole('heading', { name: 'This page did not load' })).toBeVisible();
  await expect(page.getByText('Failed to fetch')).toBeHidden();
  // The frame is there still, and says what happened.
  await expect(page.getByRole('link', { name: 'Log' })).toBeVisible();
  await expect(page.getByText('Hawkbrush was updated while this page was open')).toBeVisible();
  await page.unrouteAll();
  await page.getByRole('main').getByRole('button', { name: 'Reload' }).click();
  await expect(page.getByRole('heading', { name: 'Runs' })).toBeVisible();
});

test('keeps what was typed where a part of the page does not come, and names it', async ({ page }) => {
  await page.goto('/stores/bodies/new');
  await page.getByLabel('Name').fill('Wren 50');
  await gone(page, 'RoomForm-*.js');
  await page.getByRole('button', { name: /^Room/ }).click();
  await expect(page.getByText('This part did not load')).toBeVisible();
  await expect(page.getByText('Hawkbrush was updated while this page was open')).toBeVisible();
  await expect(page.getByText(/Not saved yet: .*body/i)).toBeVisible();
  await expect(page.getByLabel('Name')).toHaveValue('Wren 50');
});

test('does not speak of an update while the server is away', async ({ page }) => {
  await page.goto('/patterns');
  await expect(page.getByRole('heading', { name: 'Patterns' })).toBeVisible();
  await page.route('**/*', (route) => route.abort());
  await page.getByRole('link', { name: 'Runs' }).click();
  await expect(page.getByRole('heading', { name: 'This page did not load' })).toBeVisible();
  await expect(page.getByText('Hawkbrush was updated while this page was open')).toBeHidden();
});
