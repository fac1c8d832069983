import { readFileSync } from 'node:fs';
import { expect, type Page, test } from '@playwright/test';
import { choosePattern, FLANK, paletteOfReeds } from './hands';

// The rack, the cup and the card, as a painter uses them.

async function openBottle(page: Page, name: string) {
  await page.goto('/stores');
  await page.getByRole('link', { name, exact: true }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(name);
}

test.describe('the rack', () => {
  test('puts a paint on it in a moment, seen over black and white', async ({ page }) => {
    await page.goto('/stores');
    await page.getByRole('button', { name: 'Add a paint' }).click();
    await page.getByRole('dialog').getByLabel('Name').fill('Lichen');
    await page.getByLabel(/^Swatch/).fill('#8a9a5b');
    await page.getByRole('dialog').getByLabel('Kind').selectOption('semi-opaque');
    await page.getByRole('button', { name: 'Add paint' }).click();
    const bottle = page.locator('.stores-rack li', { hasText: 'Lichen' });
    await expect(bottle).toContainText('semi-opaque · guessed');
    await expect(bottle.getByRole('img')).toHaveAttribute('aria-label', /over black #.* over white #/);
  });

  test('says which bottle is low, and restocks it', async ({ page }) => {
    await page.goto('/stores');
    const bottle = page.locator('.stores-rack li', { hasText: 'Heron blue pearl' });
    await expect(bottle).toContainText('low:');
    await bottle.getByRole('button', { name: 'Restock' }).click();
    await expect(bottle).not.toContainText('low:');
    await expect(bottle.getByRole('button', { name: 'Restock' })).toBeDisabled();
  });

  test('finds bottles by words, kind and order', async ({ page }) => {
    await page.goto('/stores');
    const names = page.locator('.stores-rack-name b');
    await page.getByRole('searchbox').fill('shimmer');
    await expect(names).toHaveText(['Beetle shift', 'Frost pearl', 'Heron blue pearl']);
    await page.getByRole('searchbox').fill('ink matte');
    await expect(names).toHaveText(['Lamp ink']);
    await page.getByRole('searchbox').fill('tartan');
    await expect(page.getByText('No paint found.')).toBeVisible();
    await page.getByRole('searchbox').fill('');
    await page.getByLabel('Kind').selectOption('metallic');
    await expect(names).toHaveText(['Brass']);
    await page.getByLabel('Kind').selectOption('');
    await page.getByLabel('Which').selectOption('mixed');
    await expect(names).toHaveText(['Reed olive']);
    await page.getByLabel('Which').selectOption('on the rack');
    await page.getByLabel('Order').selectOption('light to dark');
    await expect(names.first()).toHaveText('Bench white');
    await expect(names.last()).toHaveText(/Stove black|Lamp ink/);
  });

  test('edits a bottle where it stands, uses it up, archives it and brings it back', async ({ page }) => {
    await openBottle(page, 'Signal orange');
    const form = page.getByRole('form', { name: 'About this bottle' });
    await form.getByLabel('Finish').fill('satin');
    await form.getByLabel('Finish').press('Tab');
    await expect(form).toContainText('saved');
    await form.getByLabel(/^Solids/).fill('30');
    await form.getByLabel(/^Solids/).press('Tab');
    await expect(form).toHaveAttribute('data-busy', 'false');
    await form.getByLabel(/^Solids/).fill('300');
    await form.getByLabel(/^Solids/).press('Tab');
    await expect(form).toContainText('From 0 to 100. Still 30.');
    await form.getByLabel(/^Solids/).fill('31');
    await expect(form).not.toContainText('From 0 to 100');
    await form.getByRole('button', { name: 'Used up' }).click();
    await expect(form.getByLabel(/^Left/)).toHaveValue('0');
    await page.getByRole('button', { name: 'Archive' }).click();
    await expect(page.getByText('still in every pattern and run that uses it')).toBeVisible();
    await page.goto('/stores');
    await expect(page.locator('.stores-rack li', { hasText: 'Signal orange' })).toHaveCount(0);
    await page.getByLabel('Which').selectOption('archived');
    const bottle = page.locator('.stores-rack li', { hasText: 'Signal orange' });
    await expect(bottle).toContainText('satin');
    await bottle.getByRole('button', { name: 'Bring back' }).click();
    await page.getByLabel('Which').selectOption('on the rack');
    await expect(page.locator('.stores-rack li', { hasText: 'Signal orange' })).toContainText('empty');
  });

  test('goes out as a table and comes in again', async ({ page }) => {
    await page.goto('/stores');
    await page.getByRole('button', { name: 'Files' }).click();
    const download = page.waitForEvent('download');
    await page.getByRole('link', { name: 'Save the rack as a table' }).click();
    const csv = readFileSync(await (await download).path(), 'utf8');
    expect(csv).toContain('Name,Kind,Swatch (hex)');
    await page.getByLabel('A table').setInputFiles({
      name: 'rack.csv',
      mimeType: 'text/csv',
      buffer: Buffer.from(`${csv}Sloe,transparent,#3a2f55\r\n`),
    });
    await expect(page.getByRole('status').filter({ hasText: '1 added' })).toBeVisible();
    await page.getByLabel('A table').setInputFiles({
      name: 'rack.csv',
      mimeType: 'text/csv',
      buffer: Buffer.from('Name,Kind\r\nSloe,opaque\r\n'),
    });
    await expect(page.getByRole('alert')).toContainText('Swatch (hex)');
    await page.keyboard.press('Escape');
    await expect(page.locator('.stores-rack li', { hasText: 'Sloe' })).toBeVisible();
  });

  test('takes swatches out of a palette', async ({ page }) => {
    const dialog = await paletteOfReeds(page);
    await dialog.getByLabel('Dry reed').check();
    await dialog.getByRole('button', { name: 'Put 1 onto the rack' }).click();
    await expect(page.locator('.stores-rack li', { hasText: 'Dry reed' })).toContainText('empty');
    await expect(page.locator('.stores-rack li', { hasText: 'Wet reed' })).toHaveCount(0);
  });
});

test.describe('a bottle', () => {
  test('says how many coats it takes, and why never', async ({ page }) => {
    await openBottle(page, 'Moss');
    const coats = page.getByRole('region', { name: 'How many coats' });
    await expect(coats.getByRole('status')).toContainText('It never hides in its own colour');
    await openBottle(page, 'Slate grey');
    await expect(coats.getByRole('status')).toContainText(/\d+ coats? Then it hides black and white alike/);
    await coats.getByLabel('until').selectOption('colour');
    await coats.getByLabel('Wanted colour', { exact: true }).fill('#c02020');
    await expect(coats.getByRole('status')).toContainText('It never gets there');
  });

  test('is replaced by what comes nearest on the finished bait, and put back', async ({ page }) => {
    await openBottle(page, 'Peat brown');
    const replace = page.getByRole('region', { name: 'Replace it' });
    await replace.getByLabel('mixes too').check();
    await replace.getByRole('button', { name: 'Find what comes nearest' }).click();
    const offers = replace.locator('.paint-offers li');
    await expect(offers.first()).toBeVisible({ timeout: 20_000 });
    const figures = (await offers.locator('button > span:nth-child(2)').allTextContents()).map(Number);
    expect(figures).toEqual([...figures].sort((a, b) => a - b));
    await offers.first().getByRole('button').click();
    const beside = replace.locator('.paint-beside').first();
    await expect(beside.locator('canvas[data-drawn="yes"]')).toHaveCount(2);
    await beside.getByRole('button', { name: 'Change this pattern' }).click();
    await beside.getByRole('link', { name: 'Changed; look at it' }).click();
    await expect(page.locator(FLANK)).toHaveAttribute('data-drawn', 'yes');
    await page.getByRole('region', { name: 'Ladder' }).getByRole('button', { name: 'Undo' }).click();
    await expect(page.locator('.sheet')).toHaveAttribute('data-busy', 'false');
  });
});

test.describe('a card', () => {
  test('teaches a paint, after it was looked at, and refuses one that no paint makes', async ({ page }) => {
    await openBottle(page, 'Wine red');
    await page.getByRole('button', { name: 'Teach it from a card' }).click();
    const dialog = page.getByRole('dialog');
    // Before both painted halves are given nothing is said of the paint, and nothing can be kept.
    const saying = dialog.getByText('shows here once both painted halves are given');
    await expect(saying).toBeVisible();
    await expect(dialog.getByRole('button', { name: 'Use this from now on' })).toBeDisabled();
    await dialog.getByRole('textbox', { name: /^Painted, on the white/ }).fill('#5c5050');
    await expect(saying).toBeVisible();
    await dialog.getByRole('textbox', { name: /^Painted, on the black/ }).fill('#c86060');
    await expect(dialog.getByRole('alert')).toContainText('The black half is lighter');
    await expect(dialog.getByRole('button', { name: 'Use this from now on' })).toBeDisabled();
    await dialog.getByRole('textbox', { name: /^Painted, on the white/ }).fill('#c86060');
    await dialog.getByRole('textbox', { name: /^Painted, on the black/ }).fill('#6c4444');
    await expect(dialog.getByRole('region', { name: 'What the card says' })).toContainText('It hides');
    await expect(dialog.getByRole('img', { name: /: found #/ })).toHaveCount(18);
    await expect(dialog).not.toContainText('stays mostly as it was assumed');
    await dialog.getByRole('textbox', { name: /^Painted, on the black/ }).fill('#c86060');
    await expect(dialog).toContainText('stays mostly as it was assumed');
    await dialog.getByRole('textbox', { name: /^Painted, on the black/ }).fill('#6c4444');
    await expect(dialog).not.toContainText('stays mostly as it was assumed');
    await dialog.getByRole('button', { name: 'Use this from now on' }).click();
    await expect(page.locator('.seal', { hasText: 'measured' })).toBeVisible();
  });

  test('is read with the colorimeter, film and all', async ({ page }) => {
    await openBottle(page, 'Fjord blue');
    await page.getByRole('button', { name: 'Teach it from a card' }).click();
    const dialog = page.getByRole('dialog');
    await dialog.getByLabel('With a colorimeter').check();
    await expect(dialog.getByLabel('Put down on the card of')).toContainText('Fjord blue (40 µm wet');
    const refused: string[] = [];
    page.on('response', (answer) => answer.status() >= 400 && refused.push(answer.url()));
    await dialog.getByRole('button', { name: 'Read all four' }).click();
    await expect(dialog.getByLabel('Wet film, µm')).toHaveValue('40');
    await expect(dialog.getByRole('region', { name: 'What the card says' })).toContainText('The film is 12.8 µm dry');
    expect(refused).toEqual([]);
    await dialog.getByRole('button', { name: 'Use this from now on' }).click();
    await expect(page.locator('.seal', { hasText: 'measured' })).toBeVisible();
    await page.goto('/stores');
    await page.getByRole('button', { name: 'Files' }).click();
    const download = page.waitForEvent('download');
    await page.getByRole('link', { name: 'Save the measured cards' }).click();
    expect(readFileSync(await (await download).path(), 'utf8')).toContain('"Fjord blue, on white"');
  });

  test('is read off a photograph, spot by spot, with the keys alone', async ({ page }) => {
    await openBottle(page, 'Rowan orange');
    await page.getByRole('button', { name: 'Teach it from a card' }).click();
    const dialog = page.getByRole('dialog');
    await dialog.getByLabel('Off a photograph').check();
    // A card drawn in the page: white, black, painted on white, painted on black.
    const png = await page.evaluate(() => {
      const canvas = document.createElement('canvas');
      canvas.width = 400;
      canvas.height = 300;
      const context = canvas.getContext('2d');
      for (const [x, y, colour] of [
        [0, 0, '#d8d4cc'],
        [200, 0, '#302e2a'],
        [0, 150, '#cf7a34'],
        [200, 150, '#7c4a22'],
      ] as const) {
        if (context === null) break;
        context.fillStyle = colour;
        context.fillRect(x, y, 200, 150);
      }
      return canvas.toDataURL('image/png').split(',')[1] ?? '';
    });
    await dialog.getByLabel('Photograph of the card').setInputFiles({
      name: 'card.png',
      mimeType: 'image/png',
      buffer: Buffer.from(png, 'base64'),
    });
    await expect(dialog.locator('.teach-half b').nth(0)).toHaveText('#eceded');
    const first = await dialog.locator('.teach-half b').nth(2).textContent();
    const spot = dialog.getByRole('button', { name: 'Spot 3: Painted, on the white' });
    await spot.focus();
    await expect(dialog).toContainText('Now the painted, on the white');
    for (let i = 0; i < 40; i++) await spot.press('ArrowUp');
    await expect(dialog.locator('.teach-half b').nth(2)).not.toHaveText(first ?? '');
    for (let i = 0; i < 40; i++) await spot.press('ArrowDown');
    await expect(dialog.locator('.teach-half b').nth(2)).toHaveText(first ?? '');
    expect(first).toMatch(/^#(d|e)/);
    await expect(dialog.getByRole('region', { name: 'What the card says' })).toContainText('It hides');
  });
});

test.describe('the cup', () => {
  test('shows a mix before it is mixed, and keeps it as a paint', async ({ page }) => {
    await page.goto('/stores/mixing');
    await page.getByLabel('Add a paint to it').selectOption({ label: 'Bench white (opaque)' });
    await page.getByLabel('Add a paint to it').selectOption({ label: 'Wine red (transparent)' });
    const film = page.getByRole('img', { name: /^3 coats/ });
    await expect(film).toHaveCount(3);
    const before = await film.last().getAttribute('aria-label');
    await page.getByLabel('Drops of Bench white').fill('6');
    await expect(film.last()).not.toHaveAttribute('aria-label', before ?? '');
    await choosePattern(page, 'over: ground', 'Roach, first frost');
    await page.getByLabel('Zone').selectOption('back');
    await expect(page.getByRole('rowheader', { name: 'over there' })).toBeVisible();
    await page.getByLabel('Called').fill('Club pink');
    await page.getByLabel(/^Poured together/).fill('3');
    await page.getByRole('button', { name: 'Keep this mix' }).click();
    await page.getByRole('link', { name: 'Club pink' }).click();
    await expect(page.getByText('Worked out from what it was mixed of: 6 Bench white, 1 Wine red.')).toBeVisible();
  });

  test('is asked for a colour by a swatch, by a step of a pattern and off its photograph', async ({ page }) => {
    await page.goto('/stores/mixing');
    await page.getByLabel('Wanted swatch', { exact: true }).fill('#8a7b3c');
    await page.getByRole('button', { name: 'Find mixes' }).click();
    const offers = page.locator('.mixing-mix-offers li');
    await expect(offers).toHaveCount(6, { timeout: 20_000 });
    await offers.first().getByRole('button').click();
    await expect(page.locator('.mixing-cup-parts li').nth(1)).toBeVisible();

    // A colour that the rack has nothing of: no greys, but what looks most like it.
    await page.getByLabel('Wanted swatch', { exact: true }).fill('#d31b9a');
    await page.getByRole('button', { name: 'Find mixes' }).click();
    await expect(page.getByText('Nothing on this rack comes near that colour')).toBeVisible({ timeout: 20_000 });
    const further = page.getByRole('list', { name: 'Mixes further off, the nearest first' }).getByRole('listitem');
    await expect(further).toHaveCount(6);
    for (const one of await further.all()) await expect(one).toContainText('Wine red');
    await expect(further.first()).toContainText(/\d+ (yellower|greener)/);

    await page.getByLabel('by', { exact: true }).selectOption('bait');
    await choosePattern(page, 'on: ground', 'Rudd, brass and rowan');
    await page.getByRole('button', { name: 'Find mixes' }).click();
    await expect(offers.first().getByRole('img')).toHaveAttribute('aria-label', /wanted (?!#8a7b3c)/);

    await page.getByLabel('by', { exact: true }).selectOption('photo');
    await choosePattern(page, 'Pattern', 'Roach, first frost');
    const spot = page.getByRole('button', { name: /Spot on the photograph/ });
    await spot.focus();
    for (let i = 0; i < 12; i++) await spot.press('ArrowUp');
    await page.getByRole('button', { name: 'Find mixes' }).click();
    await expect(offers.first()).toContainText('off');
  });
});

test.describe('the sheet', () => {
  test.beforeEach(async ({ page }) => {
    await page.goto('/patterns');
    await page.getByRole('link', { name: /Roach, first frost/ }).click();
    await expect(page.locator(FLANK)).toHaveAttribute('data-drawn', 'yes');
  });

  test('tells a coat with its share of the light, and scrubs the colour from coat to coat', async ({ page }) => {
    const core = page.getByRole('region', { name: 'Core' });
    await core.getByRole('button', { name: /Frost pearl/ }).click();
    await expect(core.locator('dl')).toContainText('takes');
    await expect(core).toContainText(/\d+ % of the bench white still shows through the frost pearl/);
    const travel = page.getByRole('slider', { name: 'Colour from coat to coat' });
    await travel.focus();
    await travel.press('ArrowLeft');
    await expect(page.locator('.plate-caption')).toContainText('after step 6 of');
    await travel.press('ArrowLeft');
    await expect(page.locator('.plate-caption')).toContainText('after step 3 of');
    await travel.press('ArrowLeft');
    await expect(page.locator('.plate-caption')).toContainText('after step 2 of');
    await expect(travel).toHaveAttribute('aria-valuetext', /after 2 Bench white/);
  });

  test('flashes where the light is moved', async ({ page }) => {
    const still = () => page.locator(FLANK).evaluate((c: HTMLCanvasElement) => c.toDataURL().length);
    await page.getByText('Glint', { exact: true }).click();
    const before = await still();
    const along = page.getByRole('slider', { name: 'Light along' });
    await along.focus();
    for (let i = 0; i < 40; i++) await along.press('ArrowRight');
    await expect(along).toHaveAttribute('aria-valuetext', '20 degrees towards tail');
    expect(await still()).not.toBe(before);
  });

  test('is turned in the hand with the keys', async ({ page }) => {
    await page.getByText('In the hand').click();
    const hand = page.getByRole('application', { name: /In the hand/ });
    await expect(hand.locator('canvas')).toBeVisible({ timeout: 15_000 });
    await hand.focus();
    await hand.press('ArrowRight');
    await hand.press('ArrowDown');
    await expect(hand).toHaveAttribute('data-turned', '8 8');
    await hand.press('Home');
    await expect(hand).toHaveAttribute('data-turned', '0 0');
    await page.getByText('Plate', { exact: true }).click();
    await expect(page.locator(FLANK)).toBeVisible();
  });

  test('takes a colour off its photograph, and a photograph away and back', async ({ page }) => {
    await page.getByRole('button', { name: 'Reference' }).click();
    const reference = page.getByRole('region', { name: 'Reference' });
    const spot = reference.getByRole('button', { name: /Spot on the photograph/ });
    await spot.press('ArrowRight');
    await expect(reference).toContainText(/there #[0-9a-f]{6}/);
    await reference.getByRole('button', { name: 'Remove' }).click();
    await expect(reference).toContainText('No photograph yet');
    await page.getByRole('button', { name: 'Undo' }).last().click();
    await expect(spot).toBeVisible();
  });

  test('shows its variants side by side and keeps one', async ({ page }) => {
    await page.getByRole('link', { name: 'Variants' }).click();
    await page.locator('summary', { hasText: 'Heron blue pearl' }).click();
    await page.locator('details[open] label', { hasText: 'Brass' }).click();
    await page.locator('details[open] label', { hasText: 'Frost pearl' }).click();
    const family = page.getByRole('list', { name: 'The family' }).locator('li');
    await expect(family).toHaveCount(3);
    await expect(page.locator('ul[aria-label="The family"] canvas[data-drawn="yes"]')).toHaveCount(3);
    await family.nth(1).getByRole('button', { name: 'Keep as a new pattern' }).click();
    await page.getByLabel('Name of the variant').fill('Roach, brass light');
    await page.getByRole('button', { name: 'Keep', exact: true }).click();
    await expect(page.getByLabel('Name of the pattern')).toHaveValue('Roach, brass light');
    await expect(page.getByRole('link', { name: 'Roach, first frost' })).toBeVisible();
  });
});
