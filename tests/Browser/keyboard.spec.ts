import { expect, test } from '@playwright/test';
import { drawn, hands, openSheet } from './hands';

// A pattern by keys alone: the focus goes into what was opened and comes back to what opened it.

test('a step said in words stands on the ladder, with its paint one Tab away', async ({ page }) => {
  await openSheet(page, 'roach');
  const rungs = page.locator('.ladder-rung');
  await expect(page.getByRole('button', { name: 'Add a step', exact: true })).toBeEnabled();
  await page.keyboard.press('a');
  await expect(page.getByRole('textbox', { name: /^Find a step/ })).toBeFocused();
  await page.keyboard.type('smoke mesh flank 9 psi');
  const said = page.getByRole('option', { name: /^Add: / });
  await expect(said).toContainText('Through scale mesh');
  await expect(said).toContainText('9 psi');
  const before = await rungs.count();
  await page.keyboard.press('Enter');
  await expect(rungs).toHaveCount(before + 1);
  const { form, saved } = hands(page);
  await expect(form.getByRole('heading', { level: 2 })).toBeFocused();
  await page.keyboard.press('Tab');
  await expect(form.getByRole('button', { name: /^Paint: Smoke/ })).toBeFocused();
  // Escape closes one thing: the list of paints, then the slip.
  await page.keyboard.press('Enter');
  await expect(page.getByRole('listbox', { name: 'Paint' })).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(page.getByRole('listbox', { name: 'Paint' })).toBeHidden();
  await expect(form).toBeVisible();
  // From its slip a handle is one key away, and moves by the arrows.
  await page.getByRole('heading', { level: 2, name: /Smoke/ }).first().focus();
  await page.keyboard.press('h');
  await expect(page.locator('[data-handle]').first()).toBeFocused();
  await page.getByRole('button', { name: /^Paint: Smoke/ }).focus();
  await page.keyboard.press('Escape');
  await expect(form).toBeHidden();
  await expect(page.locator('.ladder-rung[aria-selected="true"]')).toBeFocused();
  await page.keyboard.press('Control+z');
  await expect(rungs).toHaveCount(before);
  await saved();
});

test('words that name no step, and figures that nobody sprays, are said', async ({ page }) => {
  await openSheet(page, 'roach');
  await expect(page.getByRole('button', { name: 'Add a step', exact: true })).toBeEnabled();
  await page.keyboard.press('a');
  await expect(page.getByRole('textbox', { name: /^Find a step/ })).toBeFocused();
  await page.keyboard.type('smoke mesh 900 psi');
  await expect(page.getByRole('option', { name: /^Add: / })).toContainText(/0\.5 to 120/);
  await page.keyboard.press('Control+a');
  await page.keyboard.type('wibble wobble');
  await expect(page.getByText('No match')).toBeVisible();
});

test('one key finds a step, a paint, a bait and a page', async ({ page }) => {
  await openSheet(page, 'roach');
  const find = async (words: string, what: RegExp) => {
    await page.keyboard.press('/');
    await expect(page.getByRole('textbox', { name: /^Find a step, pattern/ })).toBeFocused();
    await page.keyboard.type(words);
    await expect(page.getByRole('option', { name: what }).first()).toBeVisible();
    await page.getByRole('option', { name: what }).first().click();
  };
  await find('gill edge', /^Gill edge/);
  await expect(page).toHaveURL(/step=.*open=slip/);
  await expect(page.locator('[data-step-form]')).toContainText('Gill edge');
  await find('smoke', /^Smoke transparent/);
  await expect(page).toHaveURL(/\/stores\/paints\//);
  await find('airbrushes', /^Rig/);
  await expect(page.getByRole('heading', { name: 'Rig', exact: true })).toBeVisible();
});

test('a sheet comes back as it was left: chosen step, open slip, view and look', async ({ page }) => {
  await openSheet(page, 'roach');
  await page.locator('.ladder-rung').nth(2).click();
  await page.getByRole('radio', { name: 'Matte' }).check({ force: true });
  await page.getByRole('radio', { name: 'Both sides' }).check({ force: true });
  await expect(page).toHaveURL(/view=sides/);
  await page.reload();
  await expect(page.locator('.ladder-rung').nth(2)).toHaveAttribute('aria-selected', 'true');
  await expect(page.locator('[data-step-form]')).toBeVisible();
  await expect(page.getByRole('radio', { name: 'Both sides' })).toBeChecked();
  await expect(page.getByRole('radio', { name: 'Matte' })).toBeChecked();
});

test('Ctrl and Enter keep a note', async ({ page }) => {
  await page.goto('/bench');
  await page.getByRole('link', { name: /Gudgeon/ }).click();
  await expect(page.getByRole('button', { name: 'Note' })).toBeVisible();
  const known = page.getByRole('dialog').getByRole('button').last();
  await drawn(page);
  while (await known.isVisible()) await known.click();
  await page.keyboard.press('n');
  const dialog = page.getByRole('dialog', { name: 'Note' });
  await dialog.getByRole('textbox').fill('thin at the tail');
  await page.keyboard.press('Control+Enter');
  await expect(dialog).toBeHidden();
  await expect(page.locator('.bench-notes')).toContainText('thin at the tail');
});
