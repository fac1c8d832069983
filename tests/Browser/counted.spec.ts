import { readFileSync } from 'node:fs';
import { expect, type Page, test } from '@playwright/test';
import { aMoment, drop, hands, onePixel } from './hands';
import { OwnServer } from './ownServer';
import { MOST_PRESSES } from './presses';

// The whole job, from a new pattern to the same bait on another body, with every click and every key counted.

const server = new OwnServer(8795);
test.use({ baseURL: server.url });
test.afterEach(() => server.kill());

/** Counts what the browser itself was given: presses of the pointer, and keys, letters of a name among them. */
async function counted(page: Page) {
  await page.addInitScript(() => {
    const count = (what: string) => (event: Event) => {
      if (event.isTrusted) localStorage.setItem(what, String(Number(localStorage.getItem(what) ?? 0) + 1));
    };
    addEventListener('pointerdown', count('clicks'), true);
    addEventListener('keydown', count('keys'), true);
  });
  // Lists of the browser are pressed outside of the page: one press opens, one chooses.
  let chosen = 0;
  return {
    choose: async (label: string, option: RegExp) => {
      const list = page.getByLabel(label, { exact: true });
      const value = await list.locator('option', { hasText: option }).first().getAttribute('value');
      await list.selectOption(value);
      chosen += 2;
    },
    presses: async () => {
      const [clicks, keys] = await page.evaluate(() => [localStorage.getItem('clicks'), localStorage.getItem('keys')]);
      return { clicks: Number(clicks) + chosen, keys: Number(keys) };
    },
  };
}

test('the whole job takes no more clicks and keys than it may', async ({ page }) => {
  test.setTimeout(300_000);
  await server.start('demo');
  const count = await counted(page);
  const h = hands(page);
  const rungs = page.locator('.ladder-rung');
  const press = (role: 'button' | 'link' | 'option' | 'radio', name: string | RegExp) =>
    page
      .getByRole(role, { name, exact: typeof name === 'string' })
      .first()
      .click();
  /** Calls up the menu of steps by its key. */
  const menu = async () => {
    await expect(page.getByRole('button', { name: 'Add a step', exact: true })).toBeEnabled();
    await page.keyboard.press('a');
    await expect(page.getByRole('textbox', { name: /^Find a step/ })).toBeFocused();
  };
  /** One more step, called up by its key and chosen by its picture, with a paint out of the list. */
  const coat = async (way: string, paint: string) => {
    const before = await rungs.count();
    await menu();
    await press('option', way);
    await expect(rungs).toHaveCount(before + 1);
    await h.saved();
    const open = page.getByRole('button', { name: /^Paint: / });
    if (((await open.getAttribute('aria-label')) ?? '').includes(paint)) return;
    await open.click();
    await page.getByRole('option', { name: new RegExp(`^${paint}`) }).click();
    await h.saved();
  };
  const named = async (words: string, shown: RegExp, steps: number) => {
    await menu();
    await page.keyboard.type(words);
    await expect(page.getByRole('listbox').getByRole('option', { name: shown }).first()).toBeVisible();
    await page.keyboard.press('Enter');
    await expect(rungs).toHaveCount(steps);
    await h.saved();
  };

  await test.step('a new pattern of ten steps', async () => {
    await page.goto('/patterns');
    await press('button', 'New pattern');
    await expect(page.getByRole('textbox', { name: /^Name/ })).toBeFocused();
    await page.keyboard.type('Ide');
    await page.keyboard.press('Enter');
    await expect(page.getByLabel('Name of the pattern')).toHaveValue('Ide');
    await coat('Free-hand spray', 'Bench white');
    await coat('Free-hand spray', 'Frost pearl');
    await coat('Free-hand spray', 'Moss');
    await coat('Free-hand spray', 'Smoke');
    await named('eye', /^(Add: )?Eye/i, 9);
    await named('epo', /^Add: /, 10);
  });

  await test.step('its looks and its advice', async () => {
    await press('radio', 'Matte');
    await press('radio', 'Both sides');
    await press('radio', 'Plate');
    const next = page.getByRole('button', { name: /to look at$/ });
    if ((await next.count()) > 0) await next.click();
  });

  await test.step('a plan of three baits', async () => {
    await press('link', 'Plan a run');
    await page.getByLabel('Baits').click();
    await page.keyboard.press('Backspace');
    await page.keyboard.type('3');
    await expect(page.getByText(/for 3|3 baits/).first()).toBeVisible();
    await press('button', /^Start/);
    await expect(page).toHaveURL(/\/bench\//);
  });

  await test.step('the bench, with a fault, a note and a photograph', async () => {
    const heading = page.getByRole('heading', { level: 1 });
    const where = page.locator('.bench-where');
    const on = async (times: number) => {
      for (let i = 0; i < times; i++) {
        const before = (await where.textContent()) ?? '';
        await page.keyboard.press('Space');
        await aMoment(page);
        await expect(where).not.toHaveText(before);
      }
    };
    await expect(heading).toHaveText('Inspect');
    await on(4);
    await expect(heading).toHaveText('Bench white');
    await press('button', /^Something is wrong/);
    await press('button', /^spit/i);
    await press('button', 'That helped');
    await press('button', /^(Use it|Leave it as it was)$/);
    await press('button', /^Note/);
    await expect(page.getByRole('textbox', { name: /^What to remember/ })).toBeFocused();
    await page.keyboard.type('thin');
    await press('button', 'Keep');
    const choosing = page.waitForEvent('filechooser');
    await press('button', /^Photo/);
    await (await choosing).setFiles({ name: 'bait.png', mimeType: 'image/png', buffer: onePixel() });
    await on(12);
    await expect(heading).toHaveText('Eyes');
    await on(6);
    await press('button', 'Finish the run');
    const wet = page.getByRole('button', { name: 'Finish all the same' });
    if (await wet.isVisible()) await wet.click();
    await expect(page).toHaveURL(/\/log$/);
  });

  await test.step('stamped, repeated on another body, taken along and brought back', async () => {
    await press('link', /^H-.*bait 1 of 3/);
    await press('button', 'Stamp it proven');
    await expect(page.locator('.seal')).toHaveText('Proven');
    await press('link', 'Repeat this bait');
    await count.choose('Body', /^Plover 90/);
    await press('button', 'Keep for later');
    await expect(page.getByText(/repeats H-/).first()).toBeVisible();
    await press('link', 'Ide');
    const download = page.waitForEvent('download');
    await press('link', 'Export');
    const file = readFileSync(await (await download).path());
    await drop(page, 'ide.json', 'application/json', file);
    await expect(page.getByText('You have this pattern already, unchanged: here it is.')).toBeVisible();
  });

  // A file from its folder: pressed, and let go over the page.
  const { clicks, keys } = await count.presses();
  expect(clicks + 1).toBeLessThanOrEqual(MOST_PRESSES.wholeJob.clicks);
  expect(keys).toBeLessThanOrEqual(MOST_PRESSES.wholeJob.keys);
});
