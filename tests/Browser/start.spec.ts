import { expect, type Page, test } from '@playwright/test';
import { FLANK, hands } from './hands';
import { OwnServer } from './ownServer';
import { MOST_PRESSES } from './presses';

// The first hour: from nothing to the first predicted coat and to the bench, with the presses counted.

const server = new OwnServer(8795);
test.use({ baseURL: server.url });
test.afterEach(() => server.kill());

async function begin(page: Page) {
  await server.start('empty');
  await page.goto('/');
  let presses = 0;
  return {
    press: async (role: 'button' | 'option' | 'link', name: string | RegExp) => {
      presses += 1;
      await page
        .getByRole(role, { name, exact: typeof name === 'string' })
        .first()
        .click();
    },
    count: () => presses,
  };
}

async function nameIt(page: Page, name: string) {
  await page.getByRole('dialog').getByRole('textbox', { name: /^Name/ }).fill(name);
}

test('a starter shop leads to a white base and on to the bench', async ({ page }) => {
  const { press, count } = await begin(page);
  await press('button', 'Set up a starter shop');
  await nameIt(page, 'First one');
  await press('button', 'Begin');
  await press('button', 'Add a step');
  await press('option', 'Free-hand spray');
  await expect(page.getByRole('button', { name: 'Paint: White' })).toBeVisible();
  await hands(page).saved();
  await expect(page.locator(FLANK)).toHaveAttribute('data-drawn', 'yes');
  expect(count()).toBeLessThanOrEqual(MOST_PRESSES.toFirstCoat);
  await press('link', 'Plan a run');
  await press('button', /^Start/);
  await expect(page).toHaveURL(/\/bench\//);
  expect(count()).toBeLessThanOrEqual(MOST_PRESSES.toTheBench);
});

test('with nothing, body and paint are made where they are missed', async ({ page }) => {
  const { press, count } = await begin(page);
  await press('button', /^minnow/);
  await nameIt(page, 'From nothing');
  await press('button', 'Begin');
  await press('button', 'Add a step');
  await press('option', 'Free-hand spray');
  await press('button', 'Add paint');
  await expect(page.getByRole('button', { name: 'Paint: White' })).toBeVisible();
  expect(count()).toBeLessThanOrEqual(MOST_PRESSES.toFirstCoat);
  // A second paint, out of the list of paints.
  await page.getByRole('button', { name: 'Paint: White' }).click();
  await page.getByRole('button', { name: 'Add a paint' }).click();
  await nameIt(page, 'Reed green');
  await page.getByRole('button', { name: 'Add paint' }).click();
  await expect(page.getByRole('button', { name: 'Paint: Reed green' })).toBeVisible();
});

test('samples are looked at and thrown away, or kept', async ({ page }) => {
  const { press } = await begin(page);
  await press('button', 'Look at samples');
  await expect(page.getByText('6 sample patterns')).toBeVisible();
  await expect(page.getByRole('link', { name: /Roach, first frost/ })).toBeVisible();
  await press('button', 'Throw them away');
  await page.getByRole('dialog').getByRole('button', { name: 'Throw them away' }).click();
  await expect(page.getByRole('heading', { name: 'How do you want to start?' })).toBeVisible();
  await press('button', 'Look at samples');
  await press('button', 'Keep them');
  await expect(page.getByText('sample pattern')).toBeHidden();
  await expect(page.getByRole('link', { name: /Roach, first frost/ })).toBeVisible();
});

test('a body is a shape and a length, and a pattern begins on it; the shelf stands in its address', async ({
  page,
}) => {
  const { press } = await begin(page);
  await page.goto('/stores/bodies');
  await press('link', 'Add a body');
  await page.getByLabel('Shape').selectOption('glide bait');
  await page.getByLabel('Its length, mm').fill('160');
  await expect(page.getByPlaceholder('Glide bait 160')).toBeVisible();
  await press('button', 'Save body');
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Glide bait 160');
  await press('link', 'Begin a pattern on it');
  await nameIt(page, 'Long one');
  await expect(page.getByRole('dialog').getByLabel('Body')).toHaveValue(/.+/);
  await press('button', 'Begin');
  await expect(page.locator('option:checked', { hasText: 'Glide bait 160' })).toHaveCount(1);
  await page.goto('/patterns');
  await page.getByLabel('Search by name, species or water').fill('long');
  await expect(page).toHaveURL(/q=long/);
  await page.getByRole('link', { name: /Long one/ }).click();
  await page.goBack();
  await expect(page.getByLabel('Search by name, species or water')).toHaveValue('long');
});
