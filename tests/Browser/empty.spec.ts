import { expect, test } from '@playwright/test';

// Runs before the job carries a pattern into the empty installation.
test.describe('with nothing in it', () => {
  test.use({ baseURL: 'http://127.0.0.1:8791' });

  for (const [path, words] of [
    ['/patterns', 'How do you want to start?'],
    ['/runs', 'Nothing is planned'],
    ['/bench', 'No run in progress'],
    ['/log', 'No bait is finished yet'],
    ['/stores', 'The rack is empty'],
    ['/stores/mixing', 'Nothing to mix from'],
    ['/stores/bodies', 'The drawer is empty'],
  ] as const) {
    test(`${path} says what belongs there and offers the first step`, async ({ page }) => {
      await page.goto(path);
      await expect(page.getByText(words).first()).toBeVisible();
      expect(await page.locator('main a, main button').count()).toBeGreaterThan(0);
    });
  }
});
