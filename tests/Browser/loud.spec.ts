import { expect, type Page, test } from '@playwright/test';
import { drawn } from './hands';
import { OwnServer } from './ownServer';

// The bench speaks and beats; a plan is deleted, and money has its currency.

const server = new OwnServer(8793);
test.use({ baseURL: server.url });
test.beforeAll(async () => server.start('demo'));
test.afterAll(() => server.kill());

/** Keeps what the browser's voice would say. */
async function listening(page: Page) {
  await page.addInitScript(() => {
    const said: string[] = [];
    Object.assign(window, {
      said,
      SpeechSynthesisUtterance: class {
        lang = '';
        constructor(public text: string) {}
      },
    });
    Object.defineProperty(window, 'speechSynthesis', {
      value: { speak: (one: { text: string }) => said.push(one.text), cancel: () => {} },
    });
  });
  return () => page.evaluate(() => (window as unknown as { said: string[] }).said);
}

async function ready(page: Page) {
  await expect(page.getByRole('button', { name: 'Note' })).toBeVisible();
  await drawn(page);
  const known = page.getByRole('dialog').getByRole('button').last();
  while (await known.isVisible()) await known.click();
}

test('speaks the next step once it is switched on, and is silent before', async ({ page }) => {
  const said = await listening(page);
  const run = await server.run(1);
  await page.goto(`/bench/${run.id}`);
  await ready(page);
  expect(await said()).toEqual([]);
  await page.getByRole('button', { name: 'Speak' }).click();
  await expect.poll(said).toHaveLength(1);
  expect((await said())[0]).toMatch(/^Step 1: .+/);
  await page.getByRole('button', { name: /^Done/ }).click();
  await expect.poll(async () => (await said()).at(-1)).toMatch(/^Step 2: .+ psi/);
});

test('beats the strokes of a side, and records the pace', async ({ page }) => {
  const run = await server.run(1);
  await page.goto(`/bench/${run.id}`);
  await ready(page);
  const beat = page.getByRole('button', { name: 'Beat' });
  if (await beat.isDisabled()) await page.getByRole('button', { name: /^Done/ }).click();
  await ready(page);
  await page.keyboard.press('m');
  const dialog = page.getByRole('dialog', { name: 'Beat for even strokes' });
  for (let i = 0; i < 4; i++) await dialog.getByRole('button', { name: 'Faster' }).click();
  await expect(dialog).toContainText(/\d+ of 0\.5 s/);
  await dialog.getByRole('button', { name: 'Start' }).click();
  await expect(dialog).toContainText('Ready');
  await expect(dialog).toContainText(/Stroke 1 of \d+/);
  await expect(dialog).toBeHidden();
  await expect
    .poll(async () => Object.values((await server.record(run)).paced ?? {}))
    .toEqual([expect.objectContaining({ seconds: 0.5 })]);
});

test('deletes a plan that was not started, and shows money in the currency of the shop', async ({ page }) => {
  await page.goto('/settings');
  await page.getByLabel('Sign or letters').fill('kr');
  await page.getByLabel('Sign or letters').blur();
  await expect(page.getByText('Prices and costs read: 12.50 kr.')).toBeVisible();
  await page.goto('/patterns');
  await page.getByRole('link', { name: 'Roach, first frost' }).click();
  await page.getByRole('link', { name: 'Plan a run' }).click();
  await expect(page.getByRole('region', { name: 'In short' })).toContainText(/Materials [\d.]+ kr each/);
  await page.getByRole('button', { name: 'Keep for later' }).click();
  await page.getByRole('button', { name: 'Delete this plan' }).click();
  await expect(page.getByText('The plan is deleted.')).toBeVisible();
  await expect(page).toHaveURL(/\/runs$/);
});
