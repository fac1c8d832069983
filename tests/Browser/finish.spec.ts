import { expect, type Page, test } from '@playwright/test';
import { isAccessible } from './axe';
import { hands } from './hands';
import { OwnServer } from './ownServer';

// The end of a bait: an eye painted by a small recipe of its own, glitter stirred into the clear, a soft body dipped.

const server = new OwnServer(8798);
test.use({ baseURL: server.url });
test.beforeAll(() => server.start());
test.afterAll(() => server.kill());

async function slipOf(page: Page, pattern: string, step: string) {
  await page.goto('/patterns');
  await page.getByRole('link', { name: pattern }).click();
  await page.locator('[data-step]', { hasText: step }).click();
  const h = hands(page);
  if (!(await h.form.isVisible())) await h.open();
  return h;
}

test('paints an eye with paints of the rack, disc by disc', async ({ page }) => {
  const h = await slipOf(page, 'Roach, first frost', 'Eyes');
  await h.form.getByLabel('Kind').selectOption('painted');
  await h.saved();
  await expect(h.form.getByLabel('Set with')).toHaveCount(0);
  await h.form.getByRole('button', { name: 'Paint it with paints of the rack' }).click();
  await expect(h.form.locator('[data-rings]')).toHaveAttribute('data-rings', '3');
  await expect(h.form.getByRole('group', { name: '1. disc' })).toContainText('Bench white');
  await h.form.getByLabel('A spark of white').click();
  await h.saved();
  await expect(h.form.getByRole('group', { name: '3. pupil' })).toContainText('Stove black');
  await expect(h.form.locator('[data-eye-fit]')).toContainText('Lies flush');
  await isAccessible(page);
  await h.form.getByRole('button', { name: 'Leave pupil out' }).click();
  await expect(h.form.locator('[data-rings]')).toHaveAttribute('data-rings', '2');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(h.form.locator('[data-rings]')).toHaveAttribute('data-rings', '3');
});

test('stirs glitter into the clear, and sees it on the rung and in the plan', async ({ page }) => {
  const h = await slipOf(page, 'Roach, first frost', 'Two-part epoxy');
  const rung = page.locator('[data-step]', { hasText: 'Two-part epoxy' });
  await expect(rung.locator('.chip')).toHaveCount(0);
  await h.form.getByRole('button', { name: 'Stir glitter or pearl in' }).click();
  await expect(h.form.locator('[data-stirred]')).toHaveAttribute('data-stirred', '1');
  await expect(rung.locator('.chip')).toHaveCount(1);
  await h.form.getByLabel('Where').selectOption('back');
  await h.form.getByLabel('Of the clear, %').fill('2');
  await h.saved();
  await isAccessible(page);
  await page.getByRole('link', { name: 'Plan a run' }).click();
  await expect(page.getByRole('region', { name: /^Clear:/ })).toContainText(/Stirred in, in its own part: [\d.]+ ml/);
  await expect(page.getByRole('region', { name: 'In short' })).toContainText(/Materials € [\d.]+ each/);
});

test('dips a soft body: as far as is said, heated by the clock, with its cautions every time', async ({ page }) => {
  test.setTimeout(120_000);
  const h = await slipOf(page, 'Sand eel, tide race', 'Pearl skin');
  await h.form.getByLabel('In up to, %').fill('70');
  await h.saved();
  // Its one handle stands where it ends.
  await expect(page.locator('[data-handle="depth"]').first()).toBeVisible();
  await isAccessible(page);
  await page.getByRole('link', { name: 'Plan a run' }).click();
  await page.getByLabel('Baits').fill('1');
  const dip = page.getByRole('region', { name: 'Dip: Pearl skin' });
  await expect(dip).toContainText(/Heat 60 s, \d × 30 s/);
  await expect(dip).toContainText('166 °C and 171 °C');
  await expect(dip).toContainText('18 ml Frost pearl');
  await page.getByRole('button', { name: 'Start at the bench' }).click();
  const heading = page.getByRole('heading', { level: 1 });
  await expect(heading).toHaveText('Wash');
  await page.getByRole('button', { name: /^Done/ }).click();
  await expect(heading).toHaveText('Pearl skin');
  const before = page.getByRole('dialog', { name: 'Before you begin' });
  await expect(before).toContainText('Molten vinyl burns');
  await expect(before).toContainText('Not alone');
  await before.getByRole('button', { name: 'Ready, I’m protected' }).click();
  await page.getByRole('button', { name: 'Start 60 s' }).click();
  await expect(page.locator('.timers-timer').filter({ hasText: 'heat 1 of' })).toContainText(/0:5\d|1:00/);
  await expect(page.locator('.bench-now')).toContainText('Heat 2 of');
  await isAccessible(page);
});

test('keeps the days of a clear, typed, taken from the calendar, and taken away', async ({ page }) => {
  await page.goto('/stores/clears');
  const clear = page.locator('[data-thing="Half-hour epoxy"]');
  const open = () => clear.getByRole('button', { name: 'Half-hour epoxy' }).click();
  await open();
  const expires = clear.getByRole('textbox', { name: 'Expires on' });
  const kept = () => page.waitForResponse((answer) => answer.request().method() === 'PATCH' && answer.ok());
  const typed = kept();
  await expires.fill('3 Nov 2025');
  await typed;
  await expires.press('Tab');
  await expect(clear).toContainText('Past its date.');
  // What is no day is not kept: the last one comes back.
  await expires.fill('sometime');
  await expires.press('Tab');
  await expect(expires).toHaveValue(/2025/);
  await expires.click();
  const picked = kept();
  await page.getByRole('button', { name: /^28 November 2025/ }).click();
  await picked;
  await expect(expires).toHaveValue(/28/);
  const away = kept();
  await clear.getByRole('button', { name: 'No day for “Expires on”' }).click();
  await away;
  await page.reload();
  await open();
  await expect(expires).toHaveValue('');
  await expect(clear).not.toContainText('Past its date.');
});
