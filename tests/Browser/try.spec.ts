import { expect, test } from '@playwright/test';
import { hands } from './hands';

// Trying the next coat on a card first: put into the ladder, done at the bench, and found again in the log.

test('what is found on a card becomes the figures of the coat', async ({ page }) => {
  test.setTimeout(180_000);
  await page.goto('/patterns');
  await page.getByRole('button', { name: 'New pattern' }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByLabel('Name').fill('Sand eel on trial');
  await dialog.getByLabel('Begin with its preparation').uncheck();
  await page.getByRole('button', { name: 'Begin', exact: true }).click();
  await expect(page.getByLabel('Name of the pattern')).toHaveValue('Sand eel on trial');
  const h = hands(page);
  await h.addStep('Try');
  await expect(h.form).toContainText('there is nothing to try');
  await h.paint('Moss on the back', 'Moss');
  await h.set('psi', 15);
  await page.locator('.ladder-rung').first().click();
  await h.choose('Sprayed on', 'a glove');
  await h.set('What to look for', 'no spider legs');
  await expect(h.form).toContainText('becomes psi and thinning of the next paint step');

  await page.getByRole('link', { name: 'Plan a run' }).click();
  await page.getByRole('button', { name: 'Start at the bench' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Try it on a glove');
  const bench = page.locator('.bench-now');
  await expect(bench).toContainText('15psi, to begin with');
  await expect(bench).toContainText('Look for: no spider legs.');
  await expect(bench).toContainText('drops for all: Moss');
  await expect(bench).toContainText('Spray mist');
  await page.keyboard.press('f');
  const slip = page.getByRole('dialog', { name: 'Figures that gave it' });
  await slip.getByRole('textbox', { name: 'psi' }).fill('8');
  await slip.getByRole('textbox', { name: 'Thinned, %' }).fill('60');
  await slip.getByRole('button', { name: 'Keep these' }).click();
  await expect(bench).toContainText('8psi, found');
  // A reload in the same moment would be asked about: nothing has reached the disk yet.
  const sent = page.waitForResponse((answer) => answer.url().endsWith('/events') && answer.ok());
  await page.getByRole('button', { name: 'Done, next step' }).click();
  await sent;
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Moss on the back');
  await expect(bench).toContainText('8psi, as used');
  await page.reload();
  await expect(bench).toContainText('8psi, as used');
});
