import { readFileSync } from 'node:fs';
import { expect, test } from '@playwright/test';
import { isAccessible } from './axe';
import { drop, onePixel, openSheet } from './hands';

// A recipe as one picture: saved, dropped, known again.

test('a recipe leaves as a picture that says what it carries, and comes back by being dropped', async ({ page }) => {
  await openSheet(page, 'roach');
  await page.getByRole('button', { name: 'As a picture' }).click();
  const dialog = page.getByRole('dialog', { name: 'Recipe as a picture' });
  await expect(dialog.getByText(/^Inside: \d+ steps, \d+ paints/)).toContainText('no customer');
  await isAccessible(page);
  const coming = page.waitForEvent('download');
  await dialog.getByRole('link', { name: /^Save picture/ }).click();
  const picture = readFileSync(await (await coming).path());
  const printed = page.waitForEvent('download');
  await dialog.getByRole('link', { name: /^Save PDF/ }).click();
  const pdf = readFileSync(await (await printed).path());
  await page.keyboard.press('Escape');
  const before = (await (await page.request.get('/api/v1/patterns?q=roach')).json()).patterns.length;

  await page.goto('/log');
  await expect(page.getByRole('heading', { name: 'Log' })).toBeVisible();
  await drop(page, 'roach.png', 'image/png', picture);
  await expect(page.getByText('You have this pattern already, unchanged: here it is.')).toBeVisible();
  await expect(page).toHaveURL(/\/patterns\//);
  expect((await (await page.request.get('/api/v1/patterns?q=roach')).json()).patterns.length).toBe(before);

  await page.goto('/log');
  await expect(page.getByRole('heading', { name: 'Log' })).toBeVisible();
  await drop(page, 'roach.pdf', 'application/pdf', pdf);
  await expect(page.getByText('You have this pattern already, unchanged: here it is.')).toBeVisible();
  expect((await (await page.request.get('/api/v1/patterns?q=roach')).json()).patterns.length).toBe(before);
  await drop(page, 'bill.pdf', 'application/pdf', Buffer.from('%PDF-1.7\n'));
  await expect(page.getByText('bill.pdf is a PDF that carries no recipe.')).toBeVisible();
});

test('a table, a palette, an outline and a photograph find their place from any page', async ({ page }) => {
  await page.goto('/log');
  await expect(page.getByRole('heading', { name: 'Log' })).toBeVisible();
  await drop(page, 'rack.csv', 'text/csv', Buffer.from('Name,Kind,Swatch (hex)\nDropped olive,transparent,#556b2f\n'));
  await expect(page.getByText('rack.csv: 1 paint added to the rack, 0 brought up to date.')).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  const names = async () => (await page.request.get('/api/v1/rack.csv')).text();
  await expect.poll(names).not.toContain('Dropped olive');

  await drop(page, 'lake.gpl', '', Buffer.from('GIMP Palette\nName: Lake\n#\n 85 107 47\tReed\n'));
  await expect(page.getByRole('dialog').getByRole('checkbox', { name: 'Reed' })).toBeVisible();
  await page.keyboard.press('Escape');

  const svg =
    '<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 100 40"><path d="M2 20 Q30 2 98 18 Q60 40 2 20Z"/></svg>';
  await drop(page, 'bait.svg', 'image/svg+xml', Buffer.from(svg));
  await expect(page.getByRole('heading', { name: 'New body' })).toBeVisible();
  await page.getByRole('button', { name: 'Take these stations' }).click();
  await expect(page.getByRole('region', { name: 'Trace a body' })).toBeHidden();

  await page.goto('/log');
  await page.getByRole('link', { name: /^H-0/ }).first().click();
  await expect(page.getByText('Planned and done')).toBeVisible();
  await drop(page, 'bait.png', 'image/png', onePixel());
  await expect(page.getByText('bait.png is kept with this bait.')).toBeVisible();
});

test('what is dropped and is nothing here is named, with what can be', async ({ page }) => {
  await page.goto('/log');
  await expect(page.getByRole('heading', { name: 'Log' })).toBeVisible();
  await drop(page, 'list.txt', 'text/plain', Buffer.from('a, b'));
  await expect(page.getByText(/^list\.txt: drop a recipe/)).toBeVisible();
  await drop(page, 'broken.json', 'application/json', Buffer.from('{'));
  await expect(page.getByText(/broken\.json is no pattern file/)).toBeVisible();
});
