import { expect, test } from '@playwright/test';
import { aMoment, finishRun, pressDone } from './hands';
import { OwnServer } from './ownServer';

// The bench with a bait that goes wrong, a foot pedal, and a clear of one's own in mixes.

const server = new OwnServer(8797);
test.use({ baseURL: server.url });
test.beforeAll(() => server.start());
test.afterAll(() => server.kill());

test('skips a bait, rejects one with its reason, takes it back, and finishes without it', async ({ page }) => {
  test.setTimeout(120_000);
  const run = await server.run(3);
  await page.goto(`/bench/${run.id}`);
  const baits = page.locator('footer li button');
  const dialog = page.getByRole('dialog');
  const first = run.steps.findIndex((step) => step.document.type === 'paint');
  await expect(page.getByRole('button', { name: /^Done/ })).toBeVisible();
  for (let i = 0; i < first; i++) await pressDone(page);
  await expect(page.getByText(/bait 1 of 3/)).toBeVisible();
  await baits.nth(0).click();
  await dialog.getByRole('button', { name: 'Skip it for now' }).click();
  await expect(page.getByText(/bait 2 of 3/)).toBeVisible();
  await baits.nth(0).click();
  await dialog.getByRole('button', { name: 'it leaks' }).click();
  await expect(baits.nth(0)).toContainText('rejected: it leaks');
  await baits.nth(0).click();
  await dialog.getByRole('button', { name: 'Take it back' }).click();
  await expect(baits.nth(0)).not.toContainText('rejected');
  await baits.nth(0).click();
  await dialog.getByLabel('Another reason').fill('crooked tie');
  await dialog.getByRole('button', { name: 'Reject', exact: true }).click();
  await expect(baits.nth(0)).toContainText('rejected: crooked tie');
  for (let i = 0; i < 60 && !(await page.getByText('All steps done').isVisible()); i++) {
    await pressDone(page);
  }
  await finishRun(page);
  await expect(page).toHaveURL(/\/log$/);
  await expect(page.getByText('Rejected: crooked tie')).toBeVisible();
});

test('a foot pedal means next, once its key is set, after a reload too', async ({ page }) => {
  const run = await server.run(1);
  await page.goto(`/bench/${run.id}`);
  await page.getByRole('button', { name: 'Pedal' }).click();
  await expect(page.getByText('Press the pedal.')).toBeVisible();
  await page.keyboard.press('PageDown');
  await expect(page.getByRole('dialog')).toBeHidden();
  const heading = page.getByRole('heading', { level: 1 });
  const first = await heading.textContent();
  await aMoment(page);
  const sent = page.waitForResponse((answer) => answer.url().endsWith('/events') && answer.ok());
  await page.keyboard.press('PageDown');
  await sent;
  await expect(heading).not.toHaveText(first ?? '');
  const second = await heading.textContent();
  await page.reload();
  await expect(heading).toHaveText(second ?? '');
  await aMoment(page);
  await page.keyboard.press('PageDown');
  await expect(heading).not.toHaveText(second ?? '');
});

test('keeps a clear, divides it into mixes, and counts a mix down at the bench', async ({ page }) => {
  test.setTimeout(120_000);
  await page.goto('/stores/clears');
  await page.getByRole('button', { name: 'Add a clear' }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByLabel('Name').fill('Quick epoxy');
  await dialog.getByLabel('Minutes on its label').fill('15');
  await dialog.getByRole('button', { name: 'Save clear' }).click();
  const quick = page.locator('[data-thing="Quick epoxy"]');
  await quick.getByRole('radio', { name: 'Quick epoxy in use' }).click();
  await expect(page.getByRole('radio', { name: 'Half-hour epoxy in use' })).not.toBeChecked();
  const saved = page.waitForResponse((answer) => answer.request().method() === 'PATCH' && answer.ok());
  await quick.getByRole('button', { name: 'Quick epoxy' }).click();
  await quick.getByLabel('Left, ml').fill('3');
  await quick.getByLabel('Left, ml').press('Tab');
  await saved;

  await page.goto('/patterns');
  await page.getByRole('link', { name: 'Roach, first frost' }).click();
  await page.getByRole('link', { name: 'Plan a run' }).click();
  await page.getByLabel('Baits').fill('4');
  const clear = page.getByRole('region', { name: /^Clear:/ });
  await expect(clear.getByRole('listitem').nth(1)).toContainText(/for \d baits?: [\d.]+ ml A and [\d.]+ ml B/);
  await expect(page.getByRole('region', { name: 'Short on the rack' })).toContainText('Quick epoxy');

  // One run stands at its clear: of the first of two mixes one bait is left.
  await page.goto('/bench');
  await page.getByRole('link', { name: /Gudgeon/ }).click();
  const bench = page.locator('.bench-now');
  const timer = page.locator('.timers-timer');
  await expect(bench).toContainText('Mix 1 of 2');
  await expect(bench).toContainText('1 bait still to do from it');
  await page.getByRole('button', { name: 'Stop' }).click();
  await page.getByRole('button', { name: /^It is mixed/ }).click();
  await expect(timer.filter({ hasText: 'mix 1 of 2' })).toContainText(/1[12]:\d\d/);
  await pressDone(page);
  await expect(bench).toContainText('Mix 2 of 2');
  await expect(bench).toContainText('2 baits still to do from it');
  await pressDone(page);
  await pressDone(page);
  await expect(timer.filter({ hasText: /mix \d of 2/ })).toHaveCount(0);
});
