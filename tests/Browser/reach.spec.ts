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

/** Controls of which something else lies on top, in words; of a menu or a dialog only its own. */
async function covered(page: Page, within: string): Promise<string[]> {
  return page.evaluate((within) => {
    const out: string[] = [];
    const open = [...document.querySelectorAll<HTMLElement>(within)].at(-1);
    if (open === undefined) return [`nothing open: ${within}`];
    const all = open.querySelectorAll<HTMLElement>('button, a[href], input, select, textarea, summary, [role=option]');
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
  }, within);
}

async function tried(page: Page, sizes: readonly (readonly [number, number])[], within = 'body'): Promise<string[]> {
  const found: string[] = [];
  for (const [width, height] of sizes) {
    await page.setViewportSize({ width, height });
    // Pictures are drawn anew to the new size.
    await drawn(page, 12);
    for (const one of await covered(page, within)) found.push(`${width} x ${height}: ${one}`);
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
  for (const opens of ['Note', 'Other settings', 'Pedal', 'Something is wrong', 'H-00']) {
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

const DIALOG = '[role=dialog], [role=alertdialog]';

test('every control of an open menu, list or dialog can be pressed at its middle', async ({ page, request }) => {
  const { patterns } = await (await request.get('/api/v1/patterns')).json();
  const roach = patterns.find((p: { name: string }) => p.name === 'Roach, first frost');
  const { version } = await (await request.get(`/api/v1/patterns/${roach.id}`)).json();
  const paint = version.steps.find((step: { document: { type: string } }) => step.document.type === 'paint');
  const sheet = `/patterns/${roach.id}`;
  const slip = `${sheet}?open=slip&step=${paint.document.id}`;
  const open: [path: string, press: string | RegExp, within: string][] = [
    [sheet, 'Add a step', '[role=listbox]'],
    [slip, /^Paint: /, '[role=listbox]'],
    [slip, /^Put on: /, '[role=listbox]'],
    [slip, 'Mix', '[data-step-form]'],
    [sheet, 'As a picture', DIALOG],
    [sheet, 'Reference', '[aria-label=Reference]'],
    ['/patterns', 'New pattern', DIALOG],
    ['/stores', 'Files', DIALOG],
    ['/stores', 'Add a paint', DIALOG],
    ['/log', /^Find/, '[role=listbox]'],
  ];
  for (const [path, press, within] of open) {
    await page.goto(path);
    await page.getByRole('button', { name: press }).first().click();
    await expect(page.locator(within).last(), `${path} ${press}`).toBeVisible();
    expect(await tried(page, CORNERS, within), `${path} ${press}`).toEqual([]);
  }
});

test('six clocks and a lost server push nothing of the bench out of the window', async ({ page }) => {
  await page.setViewportSize({ width: 1280, height: 720 });
  await page.route(/\/api\/v1\/runs\/[^/]+$/, async (route) => {
    const response = await route.fetch();
    const run = await response.json();
    const { bait } = run.record.position;
    const others = run.baits.filter((one: { position: number }) => one.position !== bait);
    run.record.timers = [1, 2, 3, 4, 5, 6].map((n) => ({
      id: `clock-${n}`,
      step: run.steps[4].document.id,
      bait: others[n % others.length].position,
      at: new Date().toISOString(),
      seconds: 400 * n,
      label: 'dry to the touch',
    }));
    await route.fulfill({ response, json: run });
  });
  await page.goto(await onTheClamps(page));
  await expect(page.getByText(/^5 more: /)).toBeVisible();
  await page.route('**/api/**', (route) => route.abort());
  await page.keyboard.press('n');
  await page.getByLabel('What to remember of this step').fill('the server is away');
  await page.keyboard.press('Control+Enter');
  await expect(page.getByText(/1 entry of the bench is kept on this device/)).toBeVisible();
  const out = () =>
    page.evaluate(() =>
      [...document.querySelectorAll<HTMLElement>('main button, main summary')]
        .filter(
          (one) => one.checkVisibility() && one.closest('details:not([open]) > :not(summary), footer ul') === null,
        )
        .filter((one) => {
          const box = one.getBoundingClientRect();
          return box.bottom > window.innerHeight || box.right > window.innerWidth || box.top < 0;
        })
        .map((one) => one.textContent),
    );
  await expect.poll(out).toEqual([]);
});
