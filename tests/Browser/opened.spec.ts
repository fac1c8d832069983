import { expect, type Page, test } from '@playwright/test';
import { isAccessible } from './axe';
import { FLANK, onTheClamps, paletteOfReeds } from './hands';

// What a view shows only once something is pressed: dialogs, forms, answers, refusals.

async function sheet(page: Page, name: string) {
  await page.goto('/patterns');
  await page
    .getByRole('link', { name: new RegExp(name) })
    .first()
    .click();
  await expect(page.locator(FLANK)).toHaveAttribute('data-drawn', 'yes');
}

async function provenBait(page: Page) {
  await page.goto('/log');
  await page
    .getByRole('link', { name: /Proven/ })
    .first()
    .click();
}

async function card(page: Page) {
  await page.goto('/stores');
  await page.getByRole('link', { name: 'Moss', exact: true }).click();
  await page.getByRole('button', { name: 'Teach it from a card' }).click();
  return page.getByRole('dialog');
}

const OPENED: [string, (page: Page) => Promise<void>][] = [
  [
    'a new pattern',
    async (page) => {
      await page.goto('/patterns');
      await page.getByRole('button', { name: 'New pattern' }).click();
      await expect(page.getByRole('dialog').getByLabel('Species')).toBeVisible();
    },
  ],
  [
    'the first of two picked',
    async (page) => {
      await page.goto('/patterns');
      await page.getByRole('button', { name: 'Compare two' }).click();
      await page.getByRole('button', { name: /Roach, first frost/ }).click();
      await expect(page.getByText('Now pick the one for the right')).toBeVisible();
    },
  ],
  [
    'a calendar',
    async (page) => {
      await page.goto('/runs/new');
      await page.getByLabel('Starts on').click();
      await expect(page.getByRole('button', { name: 'Month after' })).toBeVisible();
    },
  ],
  [
    'the room',
    async (page) => {
      await page.goto('/patterns');
      await page.getByRole('button', { name: /^Room/ }).click();
      await expect(page.getByRole('dialog')).toBeVisible();
    },
  ],
  [
    'a palette',
    async (page) => {
      await expect(await paletteOfReeds(page)).toBeVisible();
    },
  ],
  [
    'an early step, those after it faded',
    async (page) => {
      await sheet(page, 'Ruffe, harbour wall');
      await page.locator('.ladder-rung').nth(2).click();
      await page.getByRole('button', { name: /^Edit step/ }).click();
      await expect(page.locator('.ladder-rung.ladder-faded').first()).toBeVisible();
    },
  ],
  [
    'a removed step',
    async (page) => {
      await sheet(page, 'Burbot, under ice');
      await page.locator('.ladder-rung').nth(4).click();
      await page.keyboard.press('Delete');
      await page.getByRole('alert').getByRole('button', { name: 'Undo' }).waitFor();
    },
  ],
  [
    'a reference',
    async (page) => {
      await sheet(page, 'Roach, first frost');
      await page.getByRole('button', { name: 'Reference' }).click();
      await expect(page.getByRole('button', { name: /Spot on the photograph/ })).toBeVisible();
    },
  ],
  [
    'both sides',
    async (page) => {
      await sheet(page, 'Smelt, estuary');
      await page.getByText('Both sides').click();
      await expect(page.getByText('DeltaE00 on average')).toBeVisible();
    },
  ],
  [
    'a card that teaches',
    async (page) => {
      const dialog = await card(page);
      await dialog.getByRole('textbox', { name: /^Painted, on the white/ }).fill('#c86060');
      await dialog.getByRole('textbox', { name: /^Painted, on the black/ }).fill('#6c4444');
      await expect(dialog.getByRole('region', { name: 'What the card says' })).toContainText('It hides');
    },
  ],
  [
    'a card that is refused',
    async (page) => {
      const dialog = await card(page);
      await dialog.getByRole('textbox', { name: /^Painted, on the white/ }).fill('#5c5050');
      await dialog.getByRole('textbox', { name: /^Painted, on the black/ }).fill('#c86060');
      await expect(dialog.getByRole('alert')).toBeVisible();
    },
  ],
  [
    'a replacement',
    async (page) => {
      await page.goto('/stores');
      await page.getByRole('link', { name: 'Peat brown', exact: true }).click();
      await page.getByRole('button', { name: 'Find what comes nearest' }).click();
      await page.locator('.paint-offers li button').first().click({ timeout: 20_000 });
      await expect(page.locator('.paint-beside canvas[data-drawn="yes"]').first()).toBeVisible();
    },
  ],
  [
    'mixes on offer',
    async (page) => {
      await page.goto('/stores/mixing');
      await page.getByLabel('Wanted swatch', { exact: true }).fill('#8a7b3c');
      await page.getByRole('button', { name: 'Find mixes' }).click();
      await page.locator('.mixing-mix-offers li button').first().click({ timeout: 20_000 });
      await expect(page.locator('.mixing-cup-parts li').nth(1)).toBeVisible();
    },
  ],
  [
    'a traced body',
    async (page) => {
      await page.goto('/stores/bodies/new');
      await page.getByText(/^More:/).click();
      await page.getByRole('button', { name: 'Trace it from a photograph' }).click();
      await page.getByLabel('SVG outline, From the side').setInputFiles({
        name: 'side.svg',
        mimeType: 'image/svg+xml',
        buffer: Buffer.from(
          '<svg xmlns="http://www.w3.org/2000/svg" width="120mm" height="60mm" viewBox="0 0 120 60"><ellipse cx="60" cy="30" rx="50" ry="15"/></svg>',
        ),
      });
      await expect(page.getByRole('button', { name: 'Upper point 7' })).toBeVisible();
    },
  ],
  [
    'a lot being looked over',
    async (page) => {
      await page.goto('/stores/bodies');
      await page.getByRole('link', { name: 'Tern 75' }).click();
      await page.getByRole('button', { name: /^Two Sheds Moulding/ }).click();
      await expect(page.getByLabel('What is wrong with it')).toBeVisible();
    },
  ],
  [
    'a mask being made',
    async (page) => {
      await page.goto('/stores/masks');
      await page.getByRole('button', { name: 'Make a mask' }).click();
      await page.getByRole('dialog').getByLabel('What it is').selectOption({ label: 'Through a punched card' });
      await expect(page.getByRole('dialog').getByText(/^Middle of the hole:/)).toBeVisible();
    },
  ],
  [
    'a larger body',
    async (page) => {
      await sheet(page, 'Ruffe, harbour wall');
      await page.getByRole('link', { name: 'Other body' }).click();
      await page.getByLabel('On the body').selectOption({ label: 'Bittern 140, resin, 140 mm' });
      await expect(page.getByText(/times as large/)).toBeVisible();
    },
  ],
  [
    'figures at the bench',
    async (page) => {
      await page.goto(await onTheClamps(page));
      await page.getByRole('heading', { level: 1 }).waitFor();
      await page.keyboard.press('f');
      await expect(page.getByRole('dialog')).toBeVisible();
    },
  ],
  [
    'the versions of a pattern',
    async (page) => {
      await sheet(page, 'Roach, first frost');
      await page.getByRole('button', { name: /^version/ }).click();
      await expect(page.getByRole('list', { name: 'Versions' })).toBeVisible();
    },
  ],
  [
    'a stamp coming off',
    async (page) => {
      await provenBait(page);
      await page.getByRole('button', { name: 'Take the stamp off' }).click();
      await expect(page.getByRole('dialog').getByLabel('Why')).toBeVisible();
    },
  ],
  [
    'a lesson left unsaved',
    async (page) => {
      await provenBait(page);
      await page.getByRole('textbox', { name: 'Lesson' }).fill('Not kept yet');
      await page.getByRole('link', { name: 'Runs' }).click();
      await expect(page.getByRole('dialog').getByText('The lesson of H-')).toBeVisible();
    },
  ],
  [
    'an entry of the bench that was not taken',
    async (page) => {
      await page.goto(await onTheClamps(page));
      await page.getByRole('heading', { level: 1 }).waitFor();
      const refused = { type: 'urn:hawkbrush:problem:run-finished', title: 'No', status: 409, detail: 'Not taken.' };
      await page.route('**/events', (route) => route.fulfill({ status: 409, body: JSON.stringify(refused) }));
      await page.keyboard.press('n');
      await page.getByRole('dialog').getByRole('textbox').fill('A note');
      await page.getByRole('button', { name: 'Keep', exact: true }).click();
      await page.getByRole('button', { name: 'See why' }).click();
      await expect(page.getByRole('dialog').getByText('Not taken.')).toBeVisible();
    },
  ],
];

for (const [name, open] of OPENED) {
  test(`${name}: accessible by day and by night`, async ({ page }) => {
    await open(page);
    await page.waitForLoadState('networkidle');
    await isAccessible(page);
    // On a telephone nothing of it is cut off; tables and ladders that may be pushed aside say so by their class.
    await page.setViewportSize({ width: 390, height: 844 });
    await expect.poll(() => page.evaluate(cutOff)).toEqual([]);
  });
}

/** What is wider inside than it is, and so scrolls sideways. */
function cutOff(): string[] {
  return [document.documentElement, ...document.body.querySelectorAll('*')]
    .filter((one) => one.scrollWidth > one.clientWidth + 1 && /auto|scroll/.test(getComputedStyle(one).overflowX))
    .filter((one) => !one.matches('.table-scroll, .ladder-rungs'))
    .map((one) => one.className || one.tagName);
}
