import { expect, test } from '@playwright/test';
import { isAccessible } from './axe';
import { pressDone } from './hands';

// What can hurt is said before it can: once a session, the gravest at each step.

test.use({ storageState: { cookies: [], origins: [] } });

test('says what can hurt before the step that needs it, once, and isocyanate every time', async ({ page }) => {
  test.setTimeout(120_000);
  // A pattern of two coats of urethane after a coat of paint.
  const headers = { 'X-Hawkbrush': '1' };
  const { paints } = await (await page.request.get('/api/v1/paints')).json();
  const { bodies } = await (await page.request.get('/api/v1/bodies')).json();
  const form = { name: 'Char in urethane', body_id: bodies[0].id, prepare: false };
  let { version } = await (await page.request.post('/api/v1/patterns', { headers, data: form })).json();
  const add = async (step: object) => {
    const data = { revision: version.revision, change: { op: 'add', step } };
    version = (await (await page.request.post(`/api/v1/versions/${version.id}/edits`, { headers, data })).json())
      .version;
  };
  const mix = [{ paint: paints[0].id, drops: 1 }];
  const coat = { type: 'paint', mix, technique: { name: 'spray' }, where: { zone: 'whole' } };
  await add({ ...coat, title: 'First coat' });
  await add({ ...coat, title: 'Second coat' });
  await add({ type: 'clear', title: 'Dip', clear: 'moisture-cure urethane dip', coats: 1 });
  await add({ type: 'clear', title: 'Dip again', clear: 'moisture-cure urethane dip', coats: 1 });
  const plan = { version_id: version.id, baits: 1, air_c: 21, humidity_percent: 50 };
  const run = await (await page.request.post('/api/v1/runs', { headers, data: plan })).json();
  await page.request.post(`/api/v1/runs/${run.id}/start`, { headers });

  await page.goto(`/bench/${run.id}`);
  const before = page.getByRole('dialog', { name: 'Before you begin' });
  const heading = page.getByRole('heading', { level: 1 });
  await expect(before).toContainText('respirator');
  await isAccessible(page);
  // It is acknowledged, not closed, and nothing is done behind it.
  await page.keyboard.press('Escape');
  await page.keyboard.press('l');
  await expect(before).toBeVisible();
  await before.getByRole('button', { name: 'Ready, I’m protected' }).click();
  await expect(before).toBeHidden();
  await expect(page.getByRole('button', { name: 'Left side' })).toHaveAttribute('aria-pressed', 'false');
  await page.reload();
  await expect(heading).toHaveText('First coat');
  await expect(before).toBeHidden();
  const next = async (title: string) => {
    await pressDone(page);
    await expect(heading).toHaveText(title);
  };
  await next('Second coat');
  await expect(before).toBeHidden();
  for (const title of ['Dip', 'Dip again']) {
    await next(title);
    await expect(before).toContainText('not for asthmatics');
    await expect(before).toContainText('Not at all with asthma');
    await before.getByRole('button', { name: 'Ready, I’m protected' }).click();
  }
});

test('has all of it on one page to print', async ({ page }) => {
  await page.goto('/stores/cautions');
  await expect(page.getByRole('heading', { name: 'molten vinyl' })).toBeVisible();
  await isAccessible(page);
  await page.emulateMedia({ media: 'print' });
  await expect(page.getByRole('button', { name: 'Print' })).toBeHidden();
  await page.setViewportSize({ width: 390, height: 800 });
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
});
