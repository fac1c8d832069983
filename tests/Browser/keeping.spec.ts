import { type BrowserContext, expect, type Page, test } from '@playwright/test';
import { aMoment } from './hands';
import { finished, OwnServer, type StartedRun } from './ownServer';
import { SEEN_TO, seenTo } from './seenTo';

// What is done at the bench is never lost and never doubled, whatever becomes of server, pages and storage.

const server = new OwnServer(8794);
test.use({ baseURL: server.url, serviceWorkers: 'allow' });
test.beforeAll(() => server.start());
test.afterAll(() => server.kill());

/** Opens the bench and waits until it can do without the server. */
async function bench(page: Page, run: StartedRun): Promise<void> {
  await page.addInitScript(({ name, value }) => localStorage.setItem(name, value), SEEN_TO);
  await page.goto(`/bench/${run.id}`);
  await expect(page.getByRole('button', { name: /^Done/ })).toBeVisible();
  await page.waitForFunction(async () => (await navigator.serviceWorker.ready) && navigator.serviceWorker.controller);
}

async function prefetched(page: Page, run: StartedRun): Promise<void> {
  await expect
    .poll(async () => page.evaluate(async () => (await (await caches.open('answers')).keys()).length))
    .toBeGreaterThan(run.steps.length);
}

/** Presses Done as a painter would: not twice within a moment. */
async function done(page: Page, times = 1): Promise<void> {
  for (let i = 0; i < times; i++) {
    await aMoment(page);
    await page.getByRole('button', { name: /^Done/ }).click();
  }
}

test('two tabs share one box: neither takes from the other, and all of it arrives once', async ({ context }) => {
  const run = await server.run(1);
  const [one, two] = [await context.newPage(), await context.newPage()];
  await bench(one, run);
  await bench(two, run);
  await prefetched(two, run);
  await server.kill();
  await done(one, 3);
  await two.reload();
  await expect(two.getByRole('button', { name: /^Done/ })).toBeVisible();
  await done(two, 2);
  await expect(two.getByText(/entries of the bench are kept on this device/)).toBeVisible();
  await two.close();
  await one.reload();
  await expect(one.getByText('Step', { exact: false }).first()).toBeVisible();
  await server.start('again');
  await expect(one.getByText(/kept on this device/)).toBeHidden({ timeout: 15_000 });
  expect(finished(await server.record(run))).toBe(5);
});

test('the bench goes on without a connection, photographs too, through a closed browser', async ({
  playwright,
}, info) => {
  const run = await server.run(2);
  const options = { ...info.project.use.launchOptions, baseURL: server.url, viewport: { width: 1280, height: 800 } };
  const open = () => playwright.chromium.launchPersistentContext(info.outputPath('browser'), options);
  let browser: BrowserContext = await open();
  let page = await browser.newPage();
  await bench(page, run);
  await prefetched(page, run);
  await server.kill();
  await done(page, 2);
  const before = await page.locator('.bench-where').textContent();
  await browser.close();

  browser = await open();
  page = await browser.newPage();
  await page.goto(`/bench/${run.id}`);
  await expect(page.getByText(/Hawkbrush does not answer. This is what was here/)).toBeVisible();
  await expect(page.locator('.bench-where')).toHaveText(before ?? '');
  await expect(page.getByLabel(/Left flank after/)).toBeVisible();
  await page.getByLabel('Photograph').setInputFiles('docs/screenshots/body.png');
  await page.keyboard.press('n');
  await page.getByRole('dialog').getByRole('textbox').fill('Written without a server.');
  await page.getByRole('button', { name: 'Keep' }).click();
  await done(page, 1);
  await browser.close();

  browser = await open();
  page = await browser.newPage();
  await page.goto('/patterns');
  await server.start('again');
  // From any page, for every run.
  await expect
    .poll(async () => (await server.record(run)).notes.map((n) => n.text), { timeout: 20_000 })
    .toEqual(['Written without a server.']);
  const record = await server.record(run);
  expect(record.photos).toHaveLength(1);
  expect(finished(record)).toBeGreaterThanOrEqual(3);
  await browser.close();
});

test('two devices at one run: what each did without a connection arrives once, in its order', async ({ browser }) => {
  const run = await server.run(1);
  const devices = [
    await browser.newContext({ baseURL: server.url, storageState: seenTo([8794]) }),
    await browser.newContext({ baseURL: server.url, storageState: seenTo([8794]) }),
  ];
  const pages: Page[] = [];
  for (const device of devices) {
    const page = await device.newPage();
    await bench(page, run);
    pages.push(page);
  }
  await server.kill();
  for (const [i, page] of pages.entries()) {
    for (const word of ['first', 'second', 'third']) {
      await page.keyboard.press('n');
      await page.getByRole('dialog').getByRole('textbox').fill(`${i} ${word}`);
      await page.getByRole('button', { name: 'Keep', exact: true }).click();
      await expect(page.getByText(`${i} ${word}`)).toBeVisible();
    }
  }
  await server.start('again');
  const notes = async () => (await server.record(run)).notes.map((n) => n.text);
  await expect.poll(async () => (await notes()).length, { timeout: 15_000 }).toBe(6);
  for (const i of [0, 1]) {
    expect((await notes()).filter((n) => n.startsWith(`${i} `))).toEqual([`${i} first`, `${i} second`, `${i} third`]);
  }
  for (const device of devices) await device.close();
});

test('what the server will not take is set aside with its reason, and can be kept as a note', async ({ page }) => {
  const run = await server.run(1);
  await bench(page, run);
  const api = await server.api();
  await api.post(`/api/v1/runs/${run.id}/finish`);
  await done(page);
  await expect(page.getByText('1 entry of the bench was not taken')).toBeVisible();
  await page.reload();
  await page.getByRole('button', { name: 'See why' }).click();
  const dialog = page.getByRole('dialog');
  await expect(dialog.getByText('This run is finished; its record is closed.')).toBeVisible();
  await dialog.getByRole('button', { name: 'Send it again' }).click();
  await expect(dialog.getByText('This run is finished; its record is closed.')).toBeVisible();
  await dialog.getByRole('button', { name: 'Keep it as a note' }).click();
  await expect(dialog.getByText('All done.')).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(page.getByRole('heading', { name: 'This run is finished' })).toBeVisible();
  await expect(page.getByText('was not taken')).toHaveCount(0);
  await expect.poll(async () => (await server.record(run)).notes[0]?.text).toContain(': done');
});

test('storage that is blocked or full is said, and every press still counts', async ({ page }) => {
  for (const kind of ['blocked', 'full']) {
    const run = await server.run(4);
    const own = await page.context().newPage();
    await own.addInitScript((how) => {
      if (how === 'blocked') {
        IDBFactory.prototype.open = () => {
          throw new DOMException('no', 'SecurityError');
        };
      } else {
        IDBObjectStore.prototype.put = () => {
          throw new DOMException('no', 'QuotaExceededError');
        };
      }
    }, kind);
    await own.goto(`/bench/${run.id}`);
    await done(own, 4);
    await expect(own.getByText(kind === 'full' ? /no room left/ : /does not let Hawkbrush keep/)).toBeVisible();
    await expect.poll(async () => Object.keys((await server.record(run)).done).length).toBeGreaterThan(0);
    // All but when the run ends, which moves on with the clock.
    const where = (await own.locator('.bench-where').textContent())?.split(', ends about')[0];
    await own.reload();
    await expect(own.locator('.bench-where')).toContainText(where ?? '');
    await own.close();
  }
});

test('a held key and a double tap do a thing once', async ({ page }) => {
  const run = await server.run(4);
  await bench(page, run);
  const first = run.steps.findIndex((s) => s.document.type === 'paint');
  await done(page, first);
  await aMoment(page);
  const where = page.locator('.bench-where');
  await expect(where).toContainText('bait 1 of 4');
  await page.keyboard.down('Space');
  for (let i = 0; i < 15; i++) {
    await page.keyboard.down('Space');
  }
  await page.keyboard.up('Space');
  await expect(where).toContainText('bait 2 of 4');
  await aMoment(page);
  await page.getByRole('button', { name: /^Done/ }).dblclick();
  await expect(where).toContainText('bait 3 of 4');
});

for (const [words, off] of [
  ['an hour ahead', 3_600_000],
  ['three minutes behind', -180_000],
] as const) {
  test(`a timer runs by the server's clock on a device that is ${words}`, async ({ page }) => {
    await page.addInitScript((by) => {
      const real = Date;
      class Shifted extends real {
        constructor(...given: unknown[]) {
          if (given.length === 0) super(real.now() + by);
          else super(...(given as [number]));
        }
        static now() {
          return real.now() + by;
        }
      }
      window.Date = Shifted as DateConstructor;
    }, off);
    const run = await server.run(1);
    await bench(page, run);
    const first = run.steps.findIndex((s) => s.document.type === 'paint');
    await done(page, first);
    await page.keyboard.press('t');
    const left = page.locator('.timers-timer b').last();
    await expect(left).toHaveText(/^\d+:\d\d$/);
    const planned =
      (await page.locator('.timers-timer span').last().textContent())?.match(/of ((?:\d+:)+\d+)/)?.[1] ?? '';
    const seconds = (clock: string) => clock.split(':').reduce((sum, part) => sum * 60 + Number(part), 0);
    const shown = seconds((await left.textContent()) ?? '');
    expect(shown).toBeGreaterThan(seconds(planned) - 6);
    expect(shown).toBeLessThanOrEqual(seconds(planned));
    await expect.poll(async () => (await server.record(run)).timers.length).toBe(1);
    const at = Date.parse((await server.record(run)).timers[0]?.at ?? '');
    expect(Math.abs(Date.now() - at)).toBeLessThan(10_000);
  });
}

test('a wet bait is asked about, by its own clock, and waits unless the painter goes on', async ({ page }) => {
  const run = await server.run(2);
  await bench(page, run);
  await expect(page).toHaveTitle(`Bench, run ${run.number} · Hawkbrush`);
  const line = page.getByRole('heading', { level: 1, name: 'Lateral line' });
  for (let i = 0; i < 20 && !(await line.isVisible()); i++) await done(page);
  await done(page, 2);
  await expect(page.getByRole('heading', { level: 1, name: 'Gill edge' })).toBeVisible();
  const clocks = page.locator('.timers');
  await expect(clocks).toContainText(`Lateral line, ${run.baits[0]?.label}`);
  await expect(clocks.locator('summary')).toContainText(`1 more: ${run.baits[1]?.label}`);
  // As soon as the step opens on that bait, not after it was sprayed.
  const asked = page.getByRole('dialog', { name: 'Still wet' });
  await expect(asked).toContainText(`Lateral line, ${run.baits[0]?.label}: `);
  // The pedal pressed again waits.
  await page.keyboard.press('Space');
  await expect(asked).toBeHidden();
  await expect(page.locator('.bench-where')).toContainText('bait 1 of 2');
  // Asked once for a clock: not again for the same, nor after a reload.
  await page.reload();
  await expect(page.getByRole('heading', { level: 1, name: 'Gill edge' })).toBeVisible();
  await expect(clocks).toContainText(`Lateral line, ${run.baits[0]?.label}`);
  await expect(asked).toBeHidden();
  await page.keyboard.press('d');
  await expect(clocks.getByRole('button', { name: 'Dry to the touch' })).toHaveCount(0);
  await done(page);
  await expect(asked).toContainText(run.baits[1]?.label ?? '');
  await asked.getByRole('button', { name: 'Go on all the same' }).click();
  await expect(page.locator('.bench-where')).toContainText('bait 2 of 2');
});

test('a bait that is tapped is worked on next, and the others are not forgotten', async ({ page }) => {
  const run = await server.run(3);
  await bench(page, run);
  const first = run.steps.findIndex((s) => s.document.type === 'paint');
  await done(page, first);
  const where = page.locator('.bench-where');
  await expect(where).toContainText('bait 1 of 3');
  const third = page.getByRole('button', { name: new RegExp(`^${run.baits[2]?.label}`) });
  await third.click();
  await page.getByRole('button', { name: 'Work on it' }).click();
  await expect(where).toContainText('bait 3 of 3');
  await done(page);
  await expect(where).toContainText('bait 1 of 3');
  await done(page);
  await expect(where).toContainText('bait 2 of 3');
  await expect(page.getByRole('button', { name: /^Done/ })).toContainText('next step');
  await third.click();
  await expect(page.getByRole('button', { name: 'Work on it' })).toBeDisabled();
});
