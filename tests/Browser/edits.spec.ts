import { expect, type Page, test } from '@playwright/test';
import { hands } from './hands';
import { OwnServer } from './ownServer';

// Edits of a ladder: nothing is let go unasked, and what is said to be saved is.

const server = new OwnServer(8796);
test.use({ baseURL: server.url });
test.beforeAll(() => server.start());
test.afterAll(() => server.kill());

interface Sheet {
  pattern: { id: string; name: string };
  version: { id: string; steps: { document: { id: string; type: string; psi?: number; title: string } }[] };
}

/** A pattern of its own: five coats on a body of the demo. */
async function pattern(): Promise<Sheet> {
  const api = await server.api();
  const { bodies } = await (await api.get('/api/v1/bodies')).json();
  const { paints } = await (await api.get('/api/v1/paints')).json();
  const body = bodies.find((b: { name: string }) => b.name === 'Plover 65');
  const form = { name: `Ladder ${Date.now()}`, body_id: body.id, prepare: false };
  let sheet: Sheet = await (await api.post('/api/v1/patterns', { data: form })).json();
  for (let i = 1; i <= 5; i++) {
    const coat = {
      type: 'paint',
      title: `Coat ${i}`,
      mix: [{ paint: paints[0].id, drops: 1 }],
      technique: { name: 'spray' },
      where: { zone: 'flank' },
    };
    const edit = { revision: i, change: { op: 'add', step: coat } };
    const answer = await api.post(`/api/v1/versions/${sheet.version.id}/edits`, { data: edit });
    sheet = { ...sheet, version: (await answer.json()).version };
  }
  return sheet;
}

async function now(sheet: Sheet): Promise<Sheet> {
  return (await (await server.api()).get(`/api/v1/patterns/${sheet.pattern.id}`)).json();
}

async function pressures(sheet: Sheet): Promise<(number | undefined)[]> {
  return (await now(sheet)).version.steps.map((s) => s.document.psi);
}

/** Opens a step of the ladder and types a pressure; the field is left at once. */
async function setPsi(page: Page, coat: number, psi: number): Promise<void> {
  await page
    .locator('.ladder-rung', { hasText: `Coat ${coat}` })
    .first()
    .click();
  await (await hands(page).field('psi')).fill(String(psi));
}

async function openSheet(page: Page, sheet: Sheet): Promise<void> {
  await page.goto(`/patterns/${sheet.pattern.id}`);
  await expect(page.locator('.ladder-rung')).toHaveCount(sheet.version.steps.length);
}

/** A sheet that is open, with one edit saved, as the server goes away. */
async function openThenGone(page: Page): Promise<Sheet> {
  const sheet = await pattern();
  await openSheet(page, sheet);
  await setPsi(page, 5, 33);
  await hands(page).saved();
  await server.kill();
  return sheet;
}

test('five quick edits in a stale tab are one question, and all five are kept on top', async ({ context }) => {
  const sheet = await pattern();
  const [mine, theirs] = [await context.newPage(), await context.newPage()];
  await openSheet(mine, sheet);
  await openSheet(theirs, sheet);
  await setPsi(theirs, 1, 31);
  await hands(theirs).saved();
  // The stale tab goes on; it asks nothing of the server in between.
  let go = () => {};
  const all = new Promise<void>((typed) => {
    go = typed;
  });
  await mine.route('**/edits', async (route) => {
    await all;
    await route.continue();
  });
  for (let coat = 1; coat <= 5; coat++) await setPsi(mine, coat, 20 + coat);
  await expect(mine.locator('[data-due]')).toHaveCount(0);
  go();
  const dialog = mine.getByRole('dialog', { name: 'Changed elsewhere' });
  await expect(dialog.getByRole('checkbox')).toHaveCount(5);
  await dialog.getByRole('checkbox').first().uncheck();
  await mine.unroute('**/edits');
  await dialog.getByRole('button', { name: 'Make 4 of 5 on top' }).click();
  await expect(dialog).toBeHidden();
  await expect.poll(() => pressures(sheet)).toEqual([31, 22, 23, 24, 25]);
});

test('edits wait for a server that is away, and leaving them asks', async ({ page }) => {
  const sheet = await openThenGone(page);
  await setPsi(page, 2, 18);
  await setPsi(page, 3, 19);
  await expect(page.getByText(/2 changes not saved yet: held on this page/)).toBeVisible();
  await page.getByRole('link', { name: 'Log' }).click();
  const ask = page.getByRole('dialog', { name: 'Unsaved changes. Leave and lose them?' });
  await expect(ask.getByText('2 changes of this pattern')).toBeVisible();
  await ask.getByRole('button', { name: 'Stay here' }).click();
  await server.start('again');
  await expect.poll(() => pressures(sheet), { timeout: 15_000 }).toEqual([15, 18, 19, 15, 33]);
  await expect(page.getByText(/not saved yet/)).toBeHidden();
});

test('edits left behind are kept, and sent when the pattern is opened again', async ({ page }) => {
  const sheet = await openThenGone(page);
  await setPsi(page, 2, 18);
  await expect(page.getByText(/1 change not saved yet/)).toBeVisible();
  await page.getByRole('link', { name: 'Log' }).click();
  await page.getByRole('button', { name: 'Leave', exact: true }).click();
  await expect(page.getByText('not saved yet')).toBeHidden();
  await server.start('again');
  await page.goto('/log');
  expect(await pressures(sheet)).toEqual([15, 15, 15, 15, 33]);
  await openSheet(page, sheet);
  await expect.poll(() => pressures(sheet)).toEqual([15, 18, 15, 15, 33]);
});

test('what is typed just before the page is left is kept', async ({ page }) => {
  const sheet = await pattern();
  await openSheet(page, sheet);
  await setPsi(page, 4, 27);
  await page.goto('about:blank');
  await expect.poll(() => pressures(sheet)).toEqual([15, 15, 15, 27, 15]);

  // With the server away it is kept in the browser, and sent when the sheet is opened again.
  await openSheet(page, sheet);
  await setPsi(page, 1, 15);
  await hands(page).saved();
  await server.kill();
  page.on('dialog', (dialog) => void dialog.accept());
  await setPsi(page, 1, 12);
  await page.goto('about:blank');
  await server.start('again');
  await openSheet(page, sheet);
  await expect.poll(() => pressures(sheet)).toEqual([12, 15, 15, 27, 15]);
});

test('what an older page had left in the browser is sent', async ({ page }) => {
  const sheet = await pattern();
  const step = sheet.version.steps[2]?.document.id;
  const left = {
    ask: false,
    changes: [{ key: `left-${Date.now()}`, change: { op: 'change', step, set: { psi: 17 } } }],
  };
  await page.goto('/log');
  await page.evaluate(([name, value]) => localStorage.setItem(name, value), [
    `hawkbrush-edits-${sheet.pattern.id}-older`,
    JSON.stringify(left),
  ] as const);
  await openSheet(page, sheet);
  await expect.poll(() => pressures(sheet)).toEqual([15, 15, 17, 15, 15]);
  expect(await page.evaluate(() => Object.keys(localStorage).filter((key) => key.includes('edits')))).toEqual([]);
});

test('notes left by Escape are kept; a name that was not kept says so', async ({ page }) => {
  const sheet = await pattern();
  await openSheet(page, sheet);
  await page.getByRole('button', { name: /^Species, water, notes/ }).click();
  await page.getByRole('textbox', { name: 'Notes' }).fill('Larger spots next time.');
  await page.keyboard.press('Escape');
  const notes = async () => ((await now(sheet)) as Sheet & { pattern: { notes: string } }).pattern.notes;
  await expect.poll(notes).toBe('Larger spots next time.');

  await page.getByLabel('Name of the pattern').fill('Ruffe at dusk');
  await page.route(`**/patterns/${sheet.pattern.id}`, (route) =>
    route.request().method() === 'PATCH' ? route.abort() : route.continue(),
  );
  await page.getByLabel('Name of the pattern').press('Enter');
  await expect(page.getByText('The name was not kept.')).toBeVisible();
  await expect(page.getByLabel('Name of the pattern')).toHaveValue('Ruffe at dusk');
  await page.unrouteAll();
  await page.getByRole('button', { name: 'Keep it now' }).click();
  await expect.poll(async () => (await now(sheet)).pattern.name).toBe('Ruffe at dusk');
});

test('a lost answer and a second press make one run', async ({ page }) => {
  const api = await server.api();
  const runs = async () => (await (await api.get('/api/v1/runs')).json()).runs.length as number;
  const before = await runs();
  await page.goto('/runs/new');
  const keep = page.getByRole('button', { name: 'Keep for later' });
  await page.route(
    '**/api/v1/runs',
    async (route) => {
      if (route.request().method() !== 'POST') return route.continue();
      await route.fetch();
      await route.abort();
    },
    { times: 1 },
  );
  await keep.click();
  await expect(page.getByText('Hawkbrush does not answer.')).toBeVisible();
  await keep.click();
  await expect(page).toHaveURL(/\/runs\/[0-9a-z]{26}$/);
  expect(await runs()).toBe(before + 1);
});

test('a lesson written elsewhere meanwhile is shown beside the own', async ({ page }) => {
  const api = await server.api();
  const { baits } = await (await api.get('/api/v1/baits')).json();
  await page.goto(`/log/${baits[0].id}`);
  await page.getByRole('textbox', { name: 'Lesson' }).fill('Mine');
  await api.patch(`/api/v1/baits/${baits[0].id}`, { data: { revision: baits[0].revision, lesson: 'Theirs' } });
  await page.getByRole('button', { name: 'Keep' }).click();
  await expect(page.getByText('Changed elsewhere meanwhile: “Theirs”.')).toBeVisible();
  await page.getByRole('link', { name: 'Runs' }).click();
  await page.getByRole('dialog').getByRole('button', { name: 'Stay here' }).click();
  await page.getByRole('button', { name: 'Keep mine instead' }).click();
  await expect(page.getByText('Meanwhile')).toBeHidden();
  const lesson = async () => (await (await api.get(`/api/v1/baits/${baits[0].id}`)).json()).lesson;
  await expect.poll(lesson).toBe('Mine');
});

test('a stamp comes off with its reason, and versions are opened, painted and gone on from', async ({ page }) => {
  const api = await server.api();
  const { baits } = await (await api.get('/api/v1/baits')).json();
  const proven = baits.find((b: { proven: boolean }) => b.proven);
  const { bodies } = await (await api.get('/api/v1/bodies')).json();
  const other = bodies.find((b: { id: string }) => b.id !== proven.version.body_id);
  const form = { repeat_of: proven.id, body_id: other.id, baits: 1, air_c: 20, humidity_percent: 50 };
  await api.post('/api/v1/runs', { data: form });

  await page.goto(`/log/${proven.id}`);
  await page.getByRole('link', { name: 'version 1' }).click();
  await expect(page.getByText('Proven on 4 baits')).toBeVisible();
  await page.getByRole('button', { name: 'version 1' }).click();
  await page.getByRole('link', { name: /^version 1 \(figures of/ }).click();
  await expect(page.getByText('This copy was fitted for a run and stays as it is.')).toBeVisible();
  await expect(page.getByRole('button', { name: 'version 1, fitted for a run' })).toBeVisible();
  await page.getByRole('button', { name: 'Go on from this version' }).click();
  await expect(page.getByRole('button', { name: /^version 2/ })).toBeVisible();
  await page.getByRole('link', { name: /version 1 is proven on/ }).click();
  await expect(page.getByText('Proven on 4 baits')).toBeVisible();
  await expect(page.getByText('This is an older version; it stays as it is.')).toBeVisible();
  await page.goto('/patterns');
  await expect(page.getByText(/version 1 proven on/)).toBeVisible();

  await page.goto(`/log/${proven.id}`);
  await page.getByRole('button', { name: 'Take the stamp off' }).click();
  await page.getByLabel('Why').fill('The clear yellowed.');
  await page.getByRole('button', { name: 'Take it off' }).click();
  await expect(page.getByText(/Stamp taken off: The clear yellowed./)).toBeVisible();
  await expect(page.getByRole('button', { name: 'Stamp it proven' })).toBeVisible();
});
