import { readFileSync } from 'node:fs';
import { expect, test } from '@playwright/test';
import { hands } from './hands';

// The body drawer and the mask box, as a painter uses them.

const SVG = (inside: string) =>
  Buffer.from(
    `<svg xmlns="http://www.w3.org/2000/svg" width="120mm" height="60mm" viewBox="0 0 120 60">${inside}</svg>`,
  );

test.describe('the body drawer', () => {
  test('measures a body with calipers, its form following, and prepares it', async ({ page }) => {
    await page.goto('/stores/bodies');
    await page.getByRole('link', { name: 'Add a body' }).click();
    const area = page.locator('.bodies-body-figures div', { hasText: 'area to paint' }).locator('dd');
    await expect(area).toContainText('cm²');
    const before = await area.textContent();
    await page.getByLabel('Name').fill('Whinchat 72');
    await page.getByLabel('How many').fill('4');
    await page.getByLabel('Its length, mm').fill('72');
    await page.getByText(/^More:/).click();
    await page.getByLabel('Comes as').selectOption('raw wood');
    await page.getByLabel('fixed bill').check();
    await page.getByLabel('Weight, g').fill('11.5');
    await page.getByLabel('Station 4, up, mm').fill('14');
    await page.getByLabel('Station 4, width, mm').fill('18');
    await expect(area).not.toHaveText(before ?? '');
    await page.getByRole('button', { name: 'Another station, in the widest gap' }).click();
    await expect(page.getByLabel('Station 9, up, mm')).toBeVisible();
    await page.getByRole('button', { name: 'Save body' }).click();
    await expect(page.getByRole('heading', { level: 1 })).toHaveText('Whinchat 72');
    await expect(page.getByRole('region', { name: 'Preparation' })).toContainText('Seal all of it twice');
    await page.getByRole('link', { name: 'Body drawer' }).click();
    await expect(page.locator('.stores-drawer li', { hasText: 'Whinchat 72' })).toContainText(
      'raw wood, 72 mm, 11.5 g · 4 left',
    );
  });

  test('says what is wrong with a measure, and loses nothing', async ({ page }) => {
    await page.goto('/stores/bodies/new');
    await page.getByText(/^More:/).click();
    for (const part of ['up', 'down', 'width'])
      for (let i = 1; i <= 8; i++) await page.getByLabel(`Station ${i}, ${part}, mm`).fill('0');
    await expect(page.getByRole('alert')).toContainText('no thickness anywhere');
    await page.getByLabel('Station 4, up, mm').fill('9');
    await page.getByLabel('Station 4, down, mm').fill('9');
    await page.getByLabel('Station 4, width, mm').fill('10');
    await expect(page.getByRole('alert')).toHaveCount(0);
  });

  test('traces a body from an SVG outline, its points moved with keys', async ({ page }) => {
    await page.goto('/stores/bodies/new');
    await page.getByLabel('Its length, mm').fill('100');
    await page.getByText(/^More:/).click();
    await page.getByRole('button', { name: 'Trace it from a photograph' }).click();
    await page.getByLabel('SVG outline, From the side').setInputFiles({
      name: 'side.svg',
      mimeType: 'image/svg+xml',
      buffer: SVG('<script>1</script><ellipse cx="60" cy="30" rx="50" ry="15"/>'),
    });
    await expect(page.getByText('Left out of the file: <script>.')).toBeVisible();
    const point = page.getByRole('button', { name: 'Upper point 7' });
    await point.focus();
    const circle = point.locator('circle').last();
    const before = Number(await circle.getAttribute('cy'));
    await page.keyboard.press('ArrowUp');
    await expect.poll(async () => Number(await circle.getAttribute('cy'))).toBeLessThan(before);
    await page.getByRole('button', { name: 'Take these stations' }).click();
    await expect(page.getByLabel('Station 8, down, mm')).toHaveValue(/^1[45]/);
  });

  test('shows a zone on the body, and keeps it as it is set by hand', async ({ page }) => {
    await page.goto('/stores/bodies');
    await page.getByRole('link', { name: 'Sandpiper 95' }).click();
    await page.getByText('Zones', { exact: true }).click();
    await page.getByRole('button', { name: /^throat/ }).click();
    await expect(page.getByText('by the body’s own marks').first()).toBeVisible();
    await page.getByLabel('To, from the nose, mm').fill('38');
    await expect(page.locator('.bodies-body-zone')).toContainText('set by hand');
    await page.getByRole('button', { name: 'Save', exact: true }).click();
    await expect(page.getByRole('button', { name: 'Saved', exact: true })).toBeDisabled();
    await page.reload();
    await page.getByText('Zones', { exact: true }).click();
    await expect(page.getByRole('button', { name: /^throat \*/ })).toBeVisible();
  });

  test('looks a lot over bait by bait; rejects leave the drawer', async ({ page }) => {
    await page.goto('/stores/bodies');
    await page.getByRole('link', { name: 'Tern 75' }).click();
    await expect(page.getByText('15 left')).toBeVisible();
    await page.getByRole('button', { name: /^Two Sheds Moulding/ }).click();
    await page.getByRole('button', { name: 'Good', exact: true }).click();
    await expect(page.getByRole('button', { name: 'Body 1, good' })).toBeVisible();
    await page.getByLabel('What is wrong with it').fill('plating lifts');
    await page.getByRole('button', { name: 'Reject', exact: true }).click();
    await expect(page.getByText('14 left')).toBeVisible();
    await expect(page.getByText('1 of 2 rejected, 50 %')).toBeVisible();
    await page.getByRole('button', { name: 'A new lot' }).click();
    await page.getByRole('dialog').getByLabel('From whom').fill('Quayside Blanks');
    await page.getByRole('dialog').getByLabel('How many').fill('6');
    await page.getByRole('button', { name: 'Save lot' }).click();
    await expect(page.getByText('20 left')).toBeVisible();
    // What stood open in the form is kept, and the rejects stay out.
    await page.getByLabel('Weight, g').fill('12.5');
    await page.getByRole('button', { name: 'Save', exact: true }).click();
    await expect(page.getByRole('button', { name: 'Saved', exact: true })).toBeDisabled();
    await expect(page.getByText('20 left')).toBeVisible();
  });
});

test('a body put away is offered nowhere, and comes back', async ({ page }) => {
  await page.goto('/stores/bodies');
  await page.getByRole('link', { name: 'Plover 90' }).click();
  await page.getByRole('button', { name: 'Archive' }).click();
  await expect(page.getByRole('button', { name: 'Bring back to the drawer' })).toBeVisible();
  await page.getByRole('link', { name: 'Body drawer' }).click();
  await expect(page.getByRole('link', { name: 'Plover 90' })).toHaveCount(0);
  await page.getByRole('button', { name: '1 archived' }).click();
  await page.getByRole('link', { name: 'Plover 90' }).click();
  await page.getByRole('button', { name: 'Bring back to the drawer' }).click();
  await expect(page.getByRole('button', { name: 'Archive' })).toBeVisible();
});

test.describe('the mask box', () => {
  test('makes a mask for a body and lays it out left and right, at true size', async ({ page }) => {
    await page.goto('/stores/masks');
    await page.getByRole('button', { name: 'Make a mask' }).click();
    const dialog = page.getByRole('dialog');
    await dialog.getByLabel('Name').fill('Big spot');
    await dialog.getByLabel('What it is').selectOption({ label: 'Through a punched card' });
    await dialog.getByLabel('Length, mm').fill('37');
    await expect(dialog.getByText(/^Middle of the hole:/)).toBeVisible();
    await dialog.getByRole('button', { name: 'Save mask' }).click();
    const card = page.locator('.masks li', { hasText: 'Big spot' });
    await expect(card).toContainText('37 × 37 mm');
    await card.getByRole('checkbox').check();
    const download = page.waitForEvent('download');
    await page.getByRole('link', { name: 'SVG for a cutter' }).click();
    const svg = readFileSync(await (await download).path(), 'utf8');
    expect(svg.match(/<rect/g)).toHaveLength(2);
    const figures = [...(svg.match(/<path d="(M[^"]*Z)"/)?.[1] ?? '').matchAll(/[ML]([\d.]+) /g)].map((m) =>
      Number(m[1]),
    );
    expect(Math.max(...figures) - Math.min(...figures)).toBeCloseTo(37, 1);
    await expect(page.getByRole('link', { name: 'PDF to print' })).toHaveAttribute(
      'href',
      /sheet\.pdf\?ids=.+&pair=1&paper=A4/,
    );
  });

  test('counts wear, and puts a mask out of use', async ({ page }) => {
    await page.goto('/stores/masks');
    const card = page.locator('.masks li', { hasText: 'Drop, Tern' });
    await card.getByRole('button', { name: 'About it' }).click();
    await card.getByLabel('Good for how many baits').fill('5');
    await card.getByLabel('Good for how many baits').press('Tab');
    await expect(card).toContainText('worn: 6 of 5 baits');
    await card.getByRole('button', { name: 'Worn out' }).click();
    await expect(card).toHaveCount(0);
    await page.getByLabel('worn out ones too').click({ force: true });
    await expect(card).toContainText('out of use');
  });
});

test.describe('a pattern on its bodies', () => {
  const sheet = async (page: import('@playwright/test').Page, name: string) => {
    await page.goto('/patterns');
    await page
      .getByRole('link', { name: new RegExp(name) })
      .first()
      .click();
    await expect(page.locator('.ladder-rung').first()).toBeVisible();
  };

  test('is carried to a larger body, and says which masks are to be cut', async ({ page }) => {
    await sheet(page, 'Ruffe, harbour wall');
    await page.getByRole('link', { name: 'Other body' }).click();
    await page.getByLabel('On the body').selectOption({ label: 'Bittern 140, resin, 140 mm' });
    await expect(page.getByText(/times as large/)).toBeVisible();
    await expect(page.getByRole('heading', { name: /masks are to be cut/ })).toBeVisible();
    const fin = page.locator('tr', { hasText: 'Spiny fin, cut' }).filter({ hasText: 'length, mm' }).first();
    await expect(fin.locator('td').nth(2)).toHaveText('17');
    await page.getByText('Marks stay as large').click();
    await expect(fin).toHaveCount(0);
    await page.getByText('Marks grow with it').click();
    await page.getByRole('button', { name: 'Paint it on this body' }).click();
    await expect(page.locator('.sheet-body option:checked')).toHaveText('Bittern 140');
    await page.getByRole('button', { name: 'Undo' }).click();
    await expect(page.locator('.sheet-body option:checked')).toHaveText('Dipper 50');
  });

  test('takes an own outline in, says where it is laid, and puts its mask into the box', async ({ page }) => {
    await sheet(page, 'Ruffe, harbour wall');
    await page.locator('.ladder-rung', { hasText: 'Spiny fin' }).click();
    const h = hands(page);
    const { form } = h;
    await h.field('Length, mm', 'Marks');
    await form.getByLabel('Outline, SVG file').setInputFiles({
      name: 'fin.svg',
      mimeType: 'image/svg+xml',
      buffer: SVG('<path d="M0 8L6 0L12 6L18 1L21 8Z"/>'),
    });
    await expect(form.getByText('21 × 8 mm.')).toBeVisible();
    await expect(form.getByLabel('Length, mm')).toHaveValue('21');
    await expect(form).toContainText(/Middle of the outline: .* mm .*, left and right alike/);
    await form.getByRole('button', { name: 'Put it into the box' }).click();
    await expect(form.getByRole('link', { name: 'Ruffe, harbour wall: Spiny fin, cut' })).toBeVisible();
  });

  test('shows where its sides differ, and puts a step on one side only', async ({ page }) => {
    await sheet(page, 'Smelt, estuary');
    await page.getByText('Both sides').click();
    await expect(page.getByText('Brass glitter, lower side: by chance')).toBeVisible();
    await page.locator('.ladder-rung', { hasText: 'Green back' }).click();
    await expect(page.getByText('0.0 DeltaE00 on average')).toBeVisible();
    await (await hands(page).field('Side')).selectOption('left');
    await expect(page.getByText('Green back: on the left side only')).toBeVisible();
    await page.getByRole('button', { name: 'Undo' }).click();
    await expect(page.getByText('0.0 DeltaE00 on average')).toBeVisible();
  });

  test('begins with the preparation of its body', async ({ page }) => {
    await page.goto('/patterns');
    await page.getByRole('button', { name: 'New pattern' }).click();
    await page.getByRole('dialog').getByLabel('Name').fill('Sand eel, trial');
    await page.getByRole('dialog').getByLabel('Body').selectOption({ label: 'Sandpiper 95, lime wood, 95 mm' });
    await page.getByRole('button', { name: 'Begin', exact: true }).click();
    await expect(page.locator('.ladder-rung b')).toHaveText(['Inspect', 'Sand back', 'Wipe']);
  });
});
