import { expect, type Locator, type Page, test } from '@playwright/test';
import { hands, openSheet } from './hands';

// Figures of a step as they are typed, saved, undone and covered.

/** Types into several fields within a moment, however slow the machine: what is set so is one edit. */
async function inOneGo(page: Page, ...typed: [Locator, string][]) {
  const fields = await Promise.all(typed.map(async ([field, value]) => ({ at: await field.elementHandle(), value })));
  await page.evaluate((all) => {
    for (const { at, value } of all) {
      // As a browser does it when a key is pressed; React hears only what goes past its own setter.
      Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value')?.set?.call(at, value);
      at?.dispatchEvent(new Event('input', { bubbles: true }));
    }
  }, fields);
}

test('a figure that was typed is sent once', async ({ page }) => {
  const edits: string[] = [];
  page.on('request', (request) => {
    if (request.url().endsWith('/edits')) edits.push(request.postData() ?? '');
  });
  await openSheet(page, 'rudd');
  await page.locator('.ladder-rung').nth(4).click();
  await page.getByRole('button', { name: /^Edit step/ }).click();
  const h = hands(page);
  const psi = await h.field('psi');
  const other = (await psi.inputValue()) === '13' ? '14' : '13';
  await psi.fill(other);
  await h.saved();
  await psi.press('Tab');
  await h.saved();
  expect(edits.filter((edit) => edit.includes(`"psi":${other}`))).toHaveLength(1);
});

test('a figure typed digit by digit, slower than it is saved, loses no digit', async ({ page }) => {
  await openSheet(page, 'rudd');
  await page.locator('.ladder-rung').nth(4).click();
  await page.getByRole('button', { name: /^Edit step/ }).click();
  const h = hands(page);
  const psi = await h.field('psi');
  await psi.fill('');
  await psi.pressSequentially('37.5', { delay: 95 });
  await h.saved();
  await expect(psi).toHaveValue('37.5');
  await expect(page.locator('.ladder-rung.on')).toContainText('37.5');
  await page.getByRole('region', { name: 'Ladder' }).getByRole('button', { name: 'Undo' }).click();
  await h.saved();
  await expect(page.locator('.ladder-rung.on')).not.toContainText('37.5');
});

test('an undone figure stays undone, however slow the page', async ({ page }) => {
  let edits = 0;
  page.on('request', (request) => {
    if (request.url().endsWith('/edits')) edits += 1;
  });
  await openSheet(page, 'rudd');
  await page.locator('.ladder-rung').nth(4).click();
  await page.getByRole('button', { name: /^Edit step/ }).click();
  const h = hands(page);
  const ladder = page.getByRole('region', { name: 'Ladder' });
  const psi = await h.field('psi');
  const before = await psi.inputValue();
  await (await page.context().newCDPSession(page)).send('Emulation.setCPUThrottlingRate', { rate: 8 });
  await psi.fill(before === '21' ? '22' : '21');
  // Undone before it stood still: it is saved first, then undone.
  await ladder.getByRole('button', { name: 'Undo' }).click();
  await expect(ladder.getByRole('button', { name: 'Redo' })).toBeEnabled();
  await expect(psi).toHaveValue(before);
  await psi.press('Tab');
  await h.saved();
  await expect(ladder.getByRole('button', { name: 'Redo' })).toBeEnabled();
  expect(edits).toBe(1);
});

test('two figures of one range, changed in one go, are both kept', async ({ page }) => {
  await openSheet(page, 'Arctic char');
  const h = hands(page);
  await page.locator('.ladder-rung').nth(5).click();
  await page.getByRole('button', { name: /^Edit step/ }).click();
  await page.route('**/edits', async (route) => {
    await new Promise((later) => setTimeout(later, 400));
    await route.continue();
  });
  const from = await h.field('Place from, mm from the nose');
  const fades = await h.field('Edge fades, %');
  await inOneGo(page, [from, '33'], [fades, '60']);
  await h.saved();
  await page.reload();
  await page.locator('.ladder-rung').nth(5).click();
  await h.field('Edge fades, %');
  await expect(from).toHaveValue('33');
  await expect(fades).toHaveValue('60');
  // Set in one go, they are undone in one.
  await page.getByRole('region', { name: 'Ladder' }).getByRole('button', { name: 'Undo' }).click();
  await expect(from).toHaveValue('0');
});

test('an own range moves what is covered', async ({ page }) => {
  await openSheet(page, 'Arctic char');
  const h = hands(page);
  await page.locator('.ladder-rung').nth(5).click();
  await page.getByRole('button', { name: /^Edit step/ }).click();
  const before = await h.still();
  const from = await h.field('Place from, mm from the nose');
  const at = await from.inputValue();
  await from.fill('55');
  await h.saved();
  expect((await h.still()) === before).toBe(false);
  await from.fill(at);
  await h.saved();
  expect((await h.still()) === before).toBe(true);
});
