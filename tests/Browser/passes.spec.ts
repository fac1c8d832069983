import { expect, test } from '@playwright/test';
import { isAccessible } from './axe';
import { OwnServer } from './ownServer';
import { SEEN_TO } from './seenTo';

// One more pass? The same place after each coat, in the slip and at the bench.

const server = new OwnServer(8795);
test.use({ baseURL: server.url });
test.beforeAll(() => server.start());
test.afterAll(() => server.kill());

test('a slip shows each coat drawn, and one press plans so many', async ({ page }) => {
  await page.goto('/patterns');
  await page
    .getByRole('link', { name: /Roach, first frost/ })
    .first()
    .click();
  await page.locator('[data-step]', { hasText: 'Moss ink, dusted' }).click();
  await page.getByRole('button', { name: 'One more?' }).click();
  const asked = page.getByRole('dialog', { name: 'Moss ink, dusted: one more coat?' });
  const row = asked.getByRole('list', { name: 'After each coat' });
  await expect(row.getByRole('listitem')).toHaveCount(7);
  await expect(row.locator('canvas[data-drawn="yes"]')).toHaveCount(7);
  await expect(row).toContainText('3 coats: the plan');
  await expect(row).toContainText('turns green');
  await isAccessible(page);
  await row.getByRole('button', { name: 'Plan: 2 coats' }).click();
  await expect(asked).toBeHidden();
  await expect(page.getByRole('textbox', { name: 'Coats' })).toHaveValue('2');
  await page.getByRole('button', { name: 'Undo', exact: true }).click();
  await expect(page.getByRole('textbox', { name: 'Coats' })).toHaveValue('3');
});

test('at the bench, the picture that looks like the bait in hand is recorded as the coats really laid', async ({
  page,
}) => {
  const run = await server.run(1);
  await page.addInitScript(({ name, value }) => localStorage.setItem(name, value), SEEN_TO);
  await page.goto(`/bench/${run.id}`);
  const paint = run.steps.findIndex((s) => s.document.type === 'paint');
  for (let i = 0; i < paint; i++) {
    await page.getByRole('button', { name: /^Done/ }).click();
    await expect(page.locator('.bench-where')).toContainText(`Step ${i + 2} of`);
  }
  await page.keyboard.press('o');
  const asked = page.getByRole('dialog', { name: /one more pass/ });
  await asked.getByRole('button', { name: 'Mine looks like: 3 coats' }).click();
  await expect(asked).toBeHidden();
  const id = run.steps[paint]?.document.id ?? '';
  await expect.poll(async () => (await server.record(run)).figures[id]?.coats).toBe(3);
  await page.getByRole('button', { name: /One more pass/ }).click();
  await expect(asked).toContainText('3 coats · yours');
});
