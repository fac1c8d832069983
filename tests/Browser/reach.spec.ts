import { expect, type Page, test } from '@playwright/test';
import { drawn, onTheClamps } from './hands';

// Every control can be pressed at every size: the page is asked what lies at each one's middle.

const WIDTHS = [320, 390, 640, 768, 1024, 1280, 1366, 1920];
const HEIGHTS = [600, 650, 720, 800, 1200];
/** Where a size is not tried with every other. */
const CORNERS = [
  [320, 600],
  [390, 800],
  [1024, 600],
  [1366, 650],
  [1920, 1200],
] as const;

/** Controls of which something else lies on top, in words. */
async function covered(page: Page): Promise<string[]> {
  return page.evaluate(() => {
    const out: string[] = [];
    const all = document.querySelectorAll<HTMLElement>(
      'button, a[href], input, select, textarea, summary, [role=option]',
    );
    for (const control of all) {
      const style = getComputedStyle(control);
      // What is for screen readers only, or is shown once it is focused, is not pressed.
      if (control.closest('.visually-hidden, .skip, [inert], [aria-hidden=true]') || control.hidden) continue;
      if (style.visibility === 'hidden' || style.pointerEvents === 'none' || style.opacity === '0') continue;
      control.scrollIntoView({ block: 'center', inline: 'center', behavior: 'instant' });
      const box = control.getBoundingClientRect();
      if (box.width < 2 || box.height < 2) continue;
      const there = document.elementFromPoint(box.left + box.width / 2, box.top + box.height / 2);
      const own = (control as HTMLInputElement).labels?.[0] ?? control.closest('label') ?? control;
      if (there === null || !(own.contains(there) || control.contains(there) || there.contains(control))) {
        const name = control.getAttribute('aria-label') ?? control.textContent ?? '';
        out.push(`${name.trim() || control.tagName} under ${there?.className || there?.tagName || 'nothing'}`);
      }
    }
    return out;
  });
}

async function tried(page: Page, sizes: readonly (readonly [number, number])[]): Promise<string[]> {
  const found: string[] = [];
  for (const [width, height] of sizes) {
    await page.setViewportSize({ width, height });
    // Pictures are drawn anew to the new size.
    await drawn(page, 12);
    for (const one of await covered(page)) found.push(`${width} x ${height}: ${one}`);
  }
  return found;
}

test('everything at the bench can be pressed with a knuckle, its dialogs too', async ({ page }) => {
  const small = () =>
    page.evaluate(() =>
      [...document.querySelectorAll<HTMLElement>('main button, main a[href], main summary, [role=dialog] button')]
        .filter((one) => one.checkVisibility({ visibilityProperty: true }) && one.getBoundingClientRect().height < 44)
        .map((one) => `${one.textContent || one.getAttribute('aria-label')} ${one.getBoundingClientRect().height}`),
    );
  await page.goto(await onTheClamps(page));
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
  expect(await small()).toEqual([]);
  for (const opens of ['Note', 'Used other figures', 'Pedal', 'Something is wrong', 'H-00']) {
    await page.getByRole('button', { name: opens }).first().click();
    await expect(page.getByRole('dialog')).toBeVisible();
    expect(await small()).toEqual([]);
    await page.keyboard.press('Escape');
    await expect(page.getByRole('dialog')).toBeHidden();
  }
});

test('the pattern sheet can be worked at every size, whichever of its parts is open', async ({ page, request }) => {
  const { patterns } = await (await request.get('/api/v1/patterns')).json();
  const roach = patterns.find((p: { name: string }) => p.name === 'Roach, first frost');
  await page.goto(`/patterns/${roach.id}`);
  await expect(page.locator('.ladder-rung').first()).toBeVisible();
  const every = WIDTHS.flatMap((width) => HEIGHTS.map((height) => [width, height] as const));
  expect(await tried(page, every)).toEqual([]);
  await page.locator('.ladder-rung').nth(3).click();
  expect(await tried(page, every)).toEqual([]);
});

for (const path of [
  '/patterns',
  '/runs',
  '/runs/new',
  '/bench',
  '/log',
  '/stores',
  '/stores/bodies',
  '/stores/masks',
  '/stores/mixing',
]) {
  test(`${path} can be worked at every size`, async ({ page }) => {
    await page.goto(path === '/bench' ? await onTheClamps(page) : path);
    await page.waitForLoadState('networkidle');
    await expect(page.locator('h1').first()).toBeVisible();
    expect(await tried(page, CORNERS)).toEqual([]);
  });
}
