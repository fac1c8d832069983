import { expect, type Page } from '@playwright/test';

/** What a painter does on the pages, in their words. */
export function hands(page: Page) {
  const form = page.locator('[data-step-form]');
  const saved = async () => {
    // An edit goes out a moment after the last key; wait for it to leave and to come back.
    await page.waitForTimeout(260);
    await expect(page.locator('.sheet')).toHaveAttribute('data-busy', 'false');
  };

  return {
    form,
    saved,

    async addStep(kind: string) {
      const before = await page.locator('.ladder-rung').count();
      await page.getByLabel('Add a step').selectOption({ label: kind });
      await expect(page.locator('.ladder-rung')).toHaveCount(before + 1);
      await expect(form).toBeVisible();
      await saved();
    },

    async choose(label: string, option: string) {
      await form.getByLabel(label, { exact: true }).selectOption({ label: option });
      await saved();
    },

    async set(label: string, value: string | number) {
      const field = form.getByLabel(label, { exact: true });
      await field.fill(String(value));
      await field.press('Tab');
      await saved();
    },

    async paint(name: string, paint: string) {
      await this.addStep('Paint');
      await this.set('Called', name);
      const select = form.getByLabel('Paint', { exact: true });
      const option = await select.locator('option', { hasText: paint }).first().getAttribute('value');
      await select.selectOption(option);
      await saved();
    },

    /** The main picture once it no longer changes. */
    async still() {
      let before = '';
      let now = await this.picture();
      while (now !== before) {
        await page.waitForLoadState('networkidle');
        await page.waitForTimeout(250);
        before = now;
        now = await this.picture();
      }
      return now;
    },

    /** The colours of the main picture, to tell whether it changed. */
    async picture() {
      return page.locator('.stage-main canvas').evaluate((canvas: HTMLCanvasElement) => canvas.toDataURL());
    },
  };
}

/** Two swatches out of a palette, offered to be put onto the rack. */
export async function paletteOfReeds(page: Page) {
  await page.goto('/stores');
  await page.getByRole('button', { name: 'Files' }).click();
  await page.getByLabel('A palette').setInputFiles({
    name: 'reeds.gpl',
    mimeType: 'text/plain',
    buffer: Buffer.from('GIMP Palette\nName: Reeds\n#\n120 110 60\tDry reed\n60 90 70\tWet reed\n'),
  });
  return page.getByRole('dialog', { name: 'Reeds' });
}
