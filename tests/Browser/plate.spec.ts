import { expect, type Page, test } from '@playwright/test';
import { drawn, FLANK, hands, openSheet } from './hands';

// The plate, worked by mouse, by keys alone and by touch.

async function begin(page: Page, name: string) {
  await page.goto('/patterns');
  await page.getByRole('button', { name: 'New pattern' }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByLabel('Name').fill(name);
  await dialog.getByLabel('Body').selectOption({ label: 'Linnet 110, clear plastic, 110 mm' });
  await dialog.getByLabel('Begin with its preparation').uncheck();
  await page.getByRole('button', { name: 'Begin', exact: true }).click();
  await expect(page.getByLabel('Name of the pattern')).toHaveValue(name);
  // A dialog that is still closing takes the keys.
  await expect(dialog).toBeHidden();
  await expect(page.locator(FLANK)).toHaveAttribute('data-drawn', 'yes');
}

async function middle(page: Page, what: string) {
  const box = await page.locator(what).boundingBox();
  if (box === null) throw new Error(`${what} is not there`);
  return { x: box.x + box.width / 2, y: box.y + box.height / 2, width: box.width };
}

const held = (page: Page, id: string) => page.locator(`[data-handle="${id}"]`);

test('pulls an edge of a place with the mouse: picture, slip and words go with it, and one undo takes it back', async ({
  page,
}) => {
  await begin(page, 'Plate by mouse');
  const h = hands(page);
  await h.addStep('Free-hand spray');
  const flank = await h.still();
  const rear = await middle(page, '[data-handle="place rear"]');
  const nose = await middle(page, '[data-handle="place front"]');
  await page.mouse.move(rear.x, rear.y);
  await page.mouse.down();
  await page.mouse.move(rear.x - (rear.x - nose.x) / 2, rear.y, { steps: 8 });
  await expect(held(page, 'place rear')).toHaveAttribute('aria-label', /in front of|behind/);
  // The slip says the same while it is pulled.
  await expect(h.form.getByLabel('Place', { exact: true })).toHaveValue('own range');
  // Where the edge stands is told anew once it is kept.
  const told = page.waitForResponse((answer) => answer.url().includes('/steps/') && answer.ok());
  await page.mouse.up();
  await told;
  await h.still();
  const words = await held(page, 'place rear').getAttribute('aria-label');
  const to = await (await h.field('Place to, mm from the nose')).inputValue();
  expect(Math.abs(Number(to) - 55)).toBeLessThan(4);
  expect((await h.still()) === flank).toBe(false);
  await page.getByRole('button', { name: 'Undo', exact: true }).click();
  await h.saved();
  expect((await h.still()) === flank).toBe(true);
  await page.getByRole('button', { name: 'Redo', exact: true }).click();
  await h.saved();
  await expect(held(page, 'place rear')).toHaveAttribute('aria-label', words ?? '');
});

test('leaves a handle where it was when the pull is given up', async ({ page }) => {
  await begin(page, 'Plate given up');
  const h = hands(page);
  await h.addStep('Free-hand spray');
  const before = await h.still();
  const rear = await middle(page, '[data-handle="place rear"]');
  await page.mouse.move(rear.x, rear.y);
  await page.mouse.down();
  await page.mouse.move(rear.x - 150, rear.y, { steps: 6 });
  await expect(held(page, 'place rear')).not.toHaveAttribute('aria-label', /at the end of the tail/);
  await page.keyboard.press('Escape');
  await page.mouse.up();
  await h.saved();
  expect((await h.still()) === before).toBe(true);
  await expect(page.getByRole('button', { name: 'Redo', exact: true })).toBeDisabled();
});

test('puts a spot where the bait is pressed, in two clicks, and snaps to the gill edge', async ({ page }) => {
  await begin(page, 'Plate with a spot');
  const h = hands(page);
  await h.addStep('Free-hand spray');
  await page.getByRole('button', { name: 'Add a step', exact: true }).click();
  await page.getByRole('option', { name: 'Spot', exact: true }).click();
  await expect(page.getByText('click the bait where it should go')).toBeVisible();
  const picture = await middle(page, FLANK);
  // The gill edge of this body lies at 22 of 110 mm.
  const tail = await middle(page, '[data-view="left"] canvas');
  await page.mouse.click(picture.x - tail.width * 0.2, picture.y - 6);
  await expect(held(page, 'mark')).toBeVisible();
  const mark = held(page, 'mark');
  await mark.focus();
  for (let i = 0; i < 60 && !((await mark.getAttribute('aria-label')) ?? '').includes('at the gill edge'); i++) {
    const before = (await mark.getAttribute('aria-label')) ?? '';
    await mark.press('ArrowLeft');
    await expect(mark).not.toHaveAttribute('aria-label', before);
  }
  await expect(mark).toHaveAttribute('aria-label', /at the gill edge/);
  await expect(page.getByRole('button', { name: 'Marks: at' })).toBeVisible();
});

test('does all of it by keys alone: adds, chooses a paint, moves half a millimetre, closes', async ({ page }) => {
  await begin(page, 'Plate by keys');
  const h = hands(page);
  await page.locator('body').press('a');
  await expect(page.getByRole('textbox', { name: 'Find a step' })).toBeFocused();
  await page.keyboard.type('free-hand');
  await page.keyboard.press('Enter');
  await expect(h.form).toBeVisible();
  // Arrow keys in the menu add nothing until it is confirmed.
  await page.keyboard.press('Escape');
  await page.locator('body').press('a');
  for (let i = 0; i < 4; i++) await page.keyboard.press('ArrowDown');
  await page.keyboard.press('Escape');
  await expect(page.locator('.ladder-rung')).toHaveCount(1);
  await page.locator('.ladder-rung').focus();
  await page.keyboard.press('Enter');
  await h.form.getByRole('button', { name: /^Paint:/ }).press('Enter');
  await expect(page.getByRole('textbox', { name: 'Find a paint' })).toBeFocused();
  await page.keyboard.type('smoke');
  await page.keyboard.press('Enter');
  await h.saved();
  await expect(page.locator('.ladder-rung.on')).toContainText('Smoke');
  const lower = held(page, 'place lower');
  await lower.focus();
  const before = (await lower.getAttribute('aria-label'))?.match(/[\d.]+ mm/)?.[0];
  await lower.press('ArrowUp');
  await h.saved();
  await expect(lower).not.toHaveAttribute('aria-label', new RegExp(before ?? 'nothing'));
  await page.keyboard.press('Escape');
  await page.locator('[data-step-form]').getByRole('button', { name: 'Close the slip' }).press('Enter');
  await expect(h.form).toHaveCount(0);
});

test.describe('on a telephone', () => {
  test.use({ viewport: { width: 390, height: 844 }, hasTouch: true });

  test('brings the slip into view, and pulls a handle by touch', async ({ page }) => {
    await begin(page, 'Plate by touch');
    const h = hands(page);
    await h.addStep('Free-hand spray');
    await expect(h.form).toBeInViewport();
    await held(page, 'place rear').scrollIntoViewIfNeeded();
    const rear = await middle(page, '[data-handle="place rear"]');
    const touch = await page.context().newCDPSession(page);
    const at = (x: number, y: number) => [{ x, y, id: 1, force: 1, radiusX: 4, radiusY: 4 }];
    await touch.send('Input.dispatchTouchEvent', { type: 'touchStart', touchPoints: at(rear.x, rear.y) });
    for (let i = 1; i <= 6; i++) {
      await touch.send('Input.dispatchTouchEvent', { type: 'touchMove', touchPoints: at(rear.x - 15 * i, rear.y) });
      await drawn(page);
    }
    await touch.send('Input.dispatchTouchEvent', { type: 'touchEnd', touchPoints: [] });
    await h.saved();
    await expect(h.form.getByLabel('Place', { exact: true })).toHaveValue('own range');
  });
});

test('holds the same handles in the hand', async ({ page }) => {
  await begin(page, 'Plate in the hand');
  const h = hands(page);
  await h.addStep('Free-hand spray');
  await page.getByText('In the hand', { exact: true }).click();
  const rear = held(page, 'place rear').first();
  await expect(rear).toBeVisible({ timeout: 15_000 });
  const box = await rear.boundingBox();
  await page.mouse.move((box?.x ?? 0) + 13, (box?.y ?? 0) + 13);
  await page.mouse.down();
  await page.mouse.move((box?.x ?? 0) - 120, (box?.y ?? 0) + 13, { steps: 8 });
  await page.mouse.up();
  await h.saved();
  await expect(h.form.getByLabel('Place', { exact: true })).toHaveValue('own range');
});

test('shows in the hand the whole face of an eye that lies in its socket', async ({ page }) => {
  await openSheet(page, 'smelt');
  await page.getByText('In the hand', { exact: true }).click();
  const hand = page.getByRole('application', { name: /In the hand/ });
  await expect(hand.locator('canvas')).toBeVisible({ timeout: 15_000 });
  for (let i = 0; i < 5; i++) await hand.press('ArrowRight');
  const ofItsIris = async () => {
    const seen = (await hand.screenshot()).toString('base64');
    return page.evaluate(async (png) => {
      const bytes = Uint8Array.from(atob(png), (c) => c.charCodeAt(0));
      const picture = await createImageBitmap(new Blob([bytes], { type: 'image/png' }));
      const context = new OffscreenCanvas(picture.width, picture.height).getContext('2d');
      context?.drawImage(picture, 0, 0);
      const { data } = context?.getImageData(0, 0, picture.width, picture.height) ?? { data: [] };
      let count = 0;
      for (let i = 0; i < data.length; i += 4) count += (data[i] ?? 0) > 195 && (data[i + 2] ?? 0) > 195 ? 1 : 0;
      return count;
    }, seen);
  };
  // A pale iris of 5 mm on a bait of 75, turned halfway to the painter.
  await expect.poll(ofItsIris).toBeGreaterThan(500);
});

test('a ten-step pattern from nothing takes at most forty clicks and thirty keys', async ({ page }) => {
  test.setTimeout(120_000);
  let clicks = 0;
  let keys = 0;
  const click = async (target: ReturnType<Page['locator']>) => {
    clicks += 1;
    await target.click();
  };
  await begin(page, 'Plate in ten');
  const h = hands(page);
  const add = async (what: string, usual = false) => {
    const before = await page.locator('.ladder-rung').count();
    await click(page.getByRole('button', { name: 'Add a step', exact: true }));
    await click(page.getByRole('option', { name: what, exact: true }));
    if (usual) {
      const flank = await middle(page, FLANK);
      clicks += 1;
      await page.mouse.click(flank.x, flank.y);
    }
    await expect(page.locator('.ladder-rung')).toHaveCount(before + 1);
    await h.saved();
  };
  const paint = async (letters: string) => {
    await click(h.form.getByRole('button', { name: /^Paint:/ }));
    keys += letters.length + 1;
    await expect(page.getByRole('textbox', { name: 'Find a paint' })).toBeFocused();
    await page.keyboard.type(letters);
    await page.keyboard.press('Enter');
    await h.saved();
  };
  await add('Prepare');
  await add('Free-hand spray');
  await add('Free-hand spray');
  await add('Free-hand spray');
  await paint('peat');
  await add('Through scale mesh');
  await paint('slate');
  await add('Free-hand spray');
  await paint('smoke');
  await add('Bars through a stencil', true);
  await add('Spot', true);
  await add('Eye');
  await add('Clear coat');
  expect(await page.locator('.ladder-rung').count()).toBe(10);
  expect(clicks).toBeLessThanOrEqual(40);
  expect(keys).toBeLessThanOrEqual(30);
  await expect(page.locator('.ladder-rung').nth(1)).toContainText('Bench white');
  await expect(page.locator('.ladder-rung').nth(2)).toContainText('Frost pearl');
});

test('sixty rungs and the longest names break nothing', async ({ page, request }) => {
  test.setTimeout(120_000);
  const long = 'Wetterleuchtenabendlicht';
  const { paints } = await (await request.get('/api/v1/paints')).json();
  const { bodies } = await (await request.get('/api/v1/bodies')).json();
  const headers = { 'X-Hawkbrush': '1' };
  const made = await (
    await request.post('/api/v1/patterns', {
      headers,
      data: { name: `${long} ${long}`, species: long, body_id: bodies[0].id, prepare: false },
    })
  ).json();
  let version = made.version;
  for (let i = 0; i < 60; i++) {
    const step = {
      type: 'paint',
      title: `${long} ${i}`,
      mix: [{ paint: paints[0].id }],
      technique: { name: 'spray' },
      where: { zone: 'lateral line' },
    };
    const answer = await request.post(`/api/v1/versions/${version.id}/edits`, {
      headers,
      data: { revision: version.revision, change: { op: 'add', step } },
    });
    version = (await answer.json()).version;
  }
  for (const [width, height, size] of [
    [1280, 800, 16],
    [320, 640, 16],
    [1280, 800, 32],
  ] as const) {
    await page.setViewportSize({ width, height });
    await page.goto(`/patterns/${made.pattern.id}`);
    await page.evaluate((px) => {
      document.documentElement.style.fontSize = `${px}px`;
    }, size);
    await expect(page.locator('.ladder-rung')).toHaveCount(60);
    await page.locator('.ladder-rung').nth(30).click();
    await expect(page.locator('[data-step-form]')).toBeVisible();
    expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(width);
  }
});
