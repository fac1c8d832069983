import { expect, test } from '@playwright/test';
import { choosePattern, drawn, hands, openSheet } from './hands';

test.describe('the shelf', () => {
  test('finds a pattern by any of its words, and by its state', async ({ page }) => {
    await page.goto('/patterns');
    const search = page.getByRole('searchbox');
    await search.fill('rudd');
    await expect(page.locator('.shelf-lying')).toHaveCount(1);
    await search.fill('brass stained');
    await expect(page.getByText('Rudd, brass and rowan')).toBeVisible();
    await search.fill('nothing like it');
    await expect(page.getByText('No pattern found.')).toBeVisible();
    await search.fill('');
    await page.getByLabel('proven').click();
    await expect(page.getByText('Roach, first frost')).toBeVisible();
    await expect(page.getByText('Burbot, under ice')).toHaveCount(0);
  });

  test('draws every bait that comes into sight', async ({ page }) => {
    await page.goto('/patterns');
    const lying = page.locator('.shelf-lying');
    await expect(lying.first()).toBeVisible();
    const { patterns } = await (await page.request.get('/api/v1/patterns')).json();
    const names = new Set(patterns.map((pattern: { name: string }) => pattern.name));
    const seen = new Set<string>();
    // What lies far below the window is not there until it is scrolled to.
    for (let turn = 0; turn < 60 && seen.size < names.size; turn++) {
      await expect(page.locator('.shelf-lying canvas[data-drawn="no"]')).toHaveCount(0);
      for (const name of await lying.locator('b').allTextContents()) seen.add(name);
      await page.mouse.wheel(0, 400);
      await drawn(page);
    }
    expect(names).toEqual(seen);
  });

  test('lays two side by side, picked with the keys alone, and another in place of one', async ({ page }) => {
    await page.goto('/patterns');
    await page.getByRole('button', { name: 'Compare two' }).press('Enter');
    await expect(page.getByRole('status').filter({ hasText: 'Pick the one for the left' })).toBeVisible();
    const roach = page.getByRole('button', { name: /Roach, first frost/ });
    await roach.press('Enter');
    await expect(roach).toHaveAttribute('aria-pressed', 'true');
    await page.getByRole('button', { name: /Rudd, brass/ }).press('Enter');
    const zones = page.getByRole('region', { name: 'Zone by zone' }).locator('tbody tr');
    const figures = async () => (await zones.locator('td:nth-child(4)').allTextContents()).map(Number);
    await expect(zones.filter({ hasText: 'tail' })).toContainText('darker');
    expect(await figures()).toEqual((await figures()).sort((a, b) => b - a));
    await expect(page.locator('canvas[data-drawn="yes"]')).toHaveCount(2);
    await choosePattern(page, 'Right pattern', 'Roach, first frost');
    await expect(zones.first()).toContainText('the same to the eye');
    expect(new Set(await figures())).toEqual(new Set([0]));
  });

  test('retires a pattern and takes it back', async ({ page }) => {
    await openSheet(page, 'bleak');
    await page.getByRole('button', { name: 'Retire', exact: true }).click();
    await expect(page.getByText('Retired: it is off the shelf.')).toBeVisible();
    // It can be undone where it was done.
    await page.getByRole('alert').getByRole('button', { name: 'Undo' }).click();
    await expect(page.getByRole('button', { name: 'Retire', exact: true })).toBeVisible();
    await page.getByRole('button', { name: 'Retire', exact: true }).click();
    await expect(page.getByRole('button', { name: 'Take back into use' })).toBeVisible();
    await page.goto('/patterns');
    await expect(page.getByText('Roach, first frost')).toBeVisible();
    await expect(page.getByText('Bleak, moonlight')).toHaveCount(0);
    await page.getByLabel('retired').click();
    await page.getByRole('link', { name: /Bleak/ }).click();
    await page.getByRole('button', { name: 'Take back into use' }).click();
    await expect(page.getByRole('button', { name: 'Retire', exact: true })).toBeVisible();
  });
});

test.describe('the pattern sheet', () => {
  test('moves the Stage along the ladder with the arrow keys alone', async ({ page }) => {
    await openSheet(page, 'rudd');
    const h = hands(page);
    await page.locator('.ladder-rung').first().click();
    await expect(page.locator('.plate-caption')).toContainText('after step 1 of');
    const bare = await h.still();
    await page.keyboard.press('ArrowRight');
    await expect(page.locator('.plate-caption')).toContainText('after step 2 of');
    expect((await h.still()) === bare).toBe(false);
    await page.keyboard.press('End');
    await expect(page.locator('.ladder-rung.on')).toContainText('Two-part epoxy');
    await expect(page.locator('.ladder-rung.on')).toBeFocused();
    await page.keyboard.press('Home');
    expect((await h.still()) === bare).toBe(true);
  });

  test('moves the spot with the arrow keys, and the Core follows', async ({ page }) => {
    await openSheet(page, 'roach');
    await page.getByRole('button', { name: /^Spot, / }).focus();
    const core = page.getByRole('region', { name: 'Core' });
    for (let i = 0; i < 20; i++) await page.keyboard.press('ArrowUp');
    await expect(core).toContainText('on the back ridge');
    await expect(core).toContainText('Smoke');
    for (let i = 0; i < 45; i++) await page.keyboard.press('ArrowDown');
    await expect(core).toContainText('on the keel');
    await expect(core).not.toContainText('Smoke');
  });

  test('says that a swatch is a guess', async ({ page }) => {
    await openSheet(page, 'roach');
    await expect(page.getByRole('region', { name: 'Core' })).toContainText('some paints are not measured yet');
  });

  test('puts white under a colour that the ground swallows', async ({ page }) => {
    await openSheet(page, 'burbot');
    const h = hands(page);
    await page.locator('.ladder-rung').nth(1).click();
    await h.addStep('Free-hand spray');
    await h.takePaint('Rowan orange');
    const advice = page.getByRole('region', { name: 'Advice' });
    await expect(advice.getByText(/Brighter with white under it|A light coat over a dark one/).first()).toBeVisible();
    const before = await page.locator('.ladder-rung').count();
    const mend = advice.getByRole('button', { name: 'Put white under it' }).first();
    if (await mend.isVisible()) {
      await mend.click();
      await expect(page.locator('.ladder-rung')).toHaveCount(before + 1);
    } else {
      // There is no white in this pattern: the only mend is to leave the coat out.
      await advice.locator('[data-rule="brighter-over-white"]').getByRole('button', { name: 'Switch it off' }).click();
      await expect(page.locator('.ladder-rung.ladder-off')).toHaveCount(1);
    }
  });

  test('takes a mix of two paints in drops', async ({ page }) => {
    await openSheet(page, 'rudd');
    const h = hands(page);
    await page.locator('.ladder-rung').nth(4).click();
    await page.getByRole('button', { name: /^Edit step/ }).click();
    const before = await h.still();
    await h.form.getByRole('button', { name: 'Mix another paint in' }).click();
    await h.saved();
    await h.takePaint('Bench white', 'Paint 2');
    await h.form.getByLabel('Drops 2').fill('3');
    await h.saved();
    expect((await h.still()) === before).toBe(false);
    await h.form.getByRole('button', { name: 'Take paint 2 out of the mix' }).click();
    await h.saved();
    expect((await h.still()) === before).toBe(true);
  });

  test('refuses a figure out of bounds by keeping the one that was', async ({ page }) => {
    await openSheet(page, 'rudd');
    const h = hands(page);
    await page.locator('.ladder-rung').nth(4).click();
    await page.getByRole('button', { name: /^Edit step/ }).click();
    const psi = await h.field('psi');
    const was = await psi.inputValue();
    await psi.fill('');
    await psi.press('Tab');
    await expect(psi).toHaveValue(was);
    // One that was typed is left standing, to be put right; it is not saved, nor bent to what could be.
    await psi.fill('900');
    await psi.press('Tab');
    await expect(h.form).toContainText(`Still ${was}.`);
    await expect(psi).toHaveAttribute('aria-invalid', 'true');
    await page.reload();
    await page.locator('.ladder-rung').nth(4).click();
    await h.open();
    await h.field('psi');
    await expect(psi).toHaveValue(was);
  });

  test('renames the pattern where its name stands', async ({ page }) => {
    await openSheet(page, 'zander');
    const name = page.getByLabel('Name of the pattern');
    await name.fill('Zander, reed bed');
    await name.press('Enter');
    await page.reload();
    await expect(name).toHaveValue('Zander, reed bed');
    await name.fill('Zander, reed edge');
    await name.press('Enter');
  });

  test('keeps an edit when a sheet asked for before it comes after it', async ({ page }) => {
    await page.clock.install();
    await openSheet(page, 'gudgeon');
    const before = await page.locator('.ladder-rung').count();
    await page.getByRole('navigation').getByRole('link', { name: 'Patterns' }).click();
    // Long enough for the sheet to be asked for again.
    await page.clock.fastForward(2200);
    let release = () => {};
    const held = new Promise<void>((resolve) => {
      release = resolve;
    });
    let late = 0;
    await page.route(/\/api\/v1\/patterns\/\w+$/, async (route) => {
      const response = await route.fetch();
      await held;
      await route.fulfill({ response });
      late += 1;
    });
    await page
      .getByRole('link', { name: /Gudgeon/ })
      .first()
      .click();
    await expect(page.locator('.ladder-rung')).toHaveCount(before);
    await hands(page).addStep('Wait');
    expect(late).toBe(0);
    release();
    await expect.poll(() => late).toBe(1);
    await drawn(page, 12);
    await expect(page.locator('.ladder-rung')).toHaveCount(before + 1);
    await page.unroute(/\/api\/v1\/patterns\/\w+$/);
    await page.getByRole('button', { name: 'Undo', exact: true }).click();
    await expect(page.locator('.ladder-rung')).toHaveCount(before);
  });

  test('goes by night when the painter says so, and remembers it', async ({ page }) => {
    await openSheet(page, 'roach');
    await page.goto('/settings');
    await page.getByLabel('Theme', { exact: true }).selectOption('dark');
    await expect(page.locator('html')).toHaveAttribute('data-mantine-color-scheme', 'dark');
    await page.reload();
    await expect(page.locator('html')).toHaveAttribute('data-mantine-color-scheme', 'dark');
  });
});

test.describe('a run', () => {
  test('says what is short on the rack, and what the room forbids', async ({ page }) => {
    const paints = (await (await page.request.get('/api/v1/paints')).json()).paints as {
      id: string;
      name: string;
      revision: number;
    }[];
    const white = paints.find((p) => p.name === 'Bench white');
    const change = (revision: number, left_ml: number) =>
      page.request.patch(`/api/v1/paints/${white?.id}`, {
        data: { revision, left_ml },
        headers: { 'X-Hawkbrush': '1' },
      });
    await change(white?.revision ?? 0, 0.2);
    await page.goto('/runs/new');
    await choosePattern(page, 'Pattern', 'Rudd, brass and rowan');
    await page.getByLabel('Baits').fill('40');
    await expect(page.getByRole('region', { name: 'Short on the rack' })).toContainText('Bench white: needs');
    await expect(page.getByText(/Only \d+ of these bodies are in the drawer/)).toBeVisible();
    await page.getByLabel('Humidity, %').fill('100');
    await expect(page.getByText(/Too damp for clear/)).toBeVisible();
    await change((white?.revision ?? 0) + 1, 38);
  });

  test('has a bench card with a box for each side of each bait', async ({ page }) => {
    const runs = (await (await page.request.get('/api/v1/runs')).json()).runs as { id: string; bait_count: number }[];
    const run = runs.find((r) => r.bait_count === 4);
    await page.goto(`/runs/${run?.id}`);
    await expect(page.getByRole('img', { name: '4 pairs of boxes' }).first()).toBeVisible();
    await page.emulateMedia({ media: 'print' });
    await expect(page.getByRole('button', { name: 'Print the bench card' })).toBeHidden();
    await expect(page.getByRole('region', { name: 'Bench card' })).toBeVisible();
  });
});

test.describe('the log', () => {
  test('is by run, and finds baits by words', async ({ page }) => {
    await page.goto('/log');
    const baits = page.getByRole('region', { name: /^Run / }).locator('li');
    await expect(baits.first()).toBeVisible();
    await page.getByRole('searchbox').fill('roach h-0002');
    await expect(baits).toHaveCount(1);
    await expect(baits).toContainText('H-0002');
    await page.getByRole('searchbox').fill('tartan');
    await expect(page.getByText('No bait found.')).toBeVisible();
    await page.getByRole('searchbox').fill('run 1');
    await expect(page.getByRole('region', { name: 'Run 1', exact: true }).locator('li').first()).toBeVisible();
  });

  test('refuses the stamp while a step has no record, saying which', async ({ page }) => {
    await page.goto('/log');
    await page.getByRole('link', { name: /Bleak.*bait 2 of 2/ }).click();
    await expect(page.getByRole('row', { name: /Lateral line/ })).toContainText('no record');
    await page.getByRole('button', { name: 'Stamp it proven' }).click();
    await expect(page.getByRole('alert')).toContainText('no record of step 7 (Lateral line)');
  });

  test('keeps a lesson', async ({ page }) => {
    await page.goto('/log');
    await page.getByRole('link', { name: /Bleak.*bait 1 of 2/ }).click();
    await page.getByRole('textbox', { name: 'Lesson' }).fill('Less blue on the shoulder');
    await page.getByRole('button', { name: 'Keep' }).click();
    await expect(page.getByRole('button', { name: 'Keep' })).toBeDisabled();
    await page.goto('/log');
    await expect(page.getByText('Less blue on the shoulder')).toBeVisible();
  });
});

test('shows the keys of a page under a question mark', async ({ page }) => {
  await openSheet(page, 'rudd');
  await page.locator('body').press('?');
  const keys = page.getByRole('dialog', { name: 'Keys' });
  await expect(keys).toContainText('undo');
  await expect(keys).toContainText('duplicate it');
  await page.keyboard.press('Escape');
  await expect(keys).toBeHidden();
  // In a field it is a letter.
  await page.getByRole('button', { name: /^Edit step/ }).click();
  await (await hands(page).field('Called')).press('?');
  await expect(keys).toBeHidden();
});
