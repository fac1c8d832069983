// One current picture of each main view, for docs/screenshots. Run by bin/screenshots.
import { chromium } from '@playwright/test';

const base = process.argv[2];
const browser = await chromium.launch({
  executablePath: process.env.CHROMIUM ?? '/usr/bin/chromium-headless-shell',
  args: [
    '--no-sandbox',
    '--enable-unsafe-swiftshader',
    '--no-first-run',
    '--disable-background-networking',
    '--disable-component-update',
    '--disable-sync',
  ],
});
const list = async (kind) => (await (await fetch(`${base}/api/v1/${kind}`)).json())[kind];
const patterns = await list('patterns');
const pattern = (species) => patterns.find((p) => p.species === species);
const proven = (await list('baits')).find((b) => b.lesson !== '');
const bodies = await list('bodies');

async function shot(name, path, { width = 1280, height = 800, colorScheme = 'light', act } = {}) {
  const page = await browser.newPage({ viewport: { width, height }, colorScheme });
  await page.goto(base + path);
  await page.waitForLoadState('networkidle');
  if (act !== undefined) await act(page);
  await page.waitForLoadState('networkidle');
  await page.waitForTimeout(400);
  await page.screenshot({ path: `docs/screenshots/${name}.png` });
  await page.close();
}

await shot('patterns', '/patterns');
await shot('pattern-sheet', `/patterns/${pattern('roach').id}`);
await shot('pattern-step', `/patterns/${pattern('Arctic char').id}`, {
  act: async (page) => {
    await page.locator('.ladder-rung').nth(5).click();
    await page.getByRole('button', { name: 'Edit step' }).click();
  },
});
await shot('pattern-night', `/patterns/${pattern('sand eel').id}`, {
  colorScheme: 'dark',
  act: async (page) => {
    await page.locator('.ladder-rung').nth(1).click();
    await page.getByRole('button', { name: 'Edit step' }).click();
  },
});
await shot('plan-run', `/runs/new?version=${pattern('rudd').version.id}`);
await shot('habits', '/stores/habits');
await shot('faults', '/stores/faults');
await shot('clears', '/stores/clears');
const atItsClear = (await list('runs')).find((run) => run.pattern.name.startsWith('Gudgeon'));
await shot('bench', `/bench/${atItsClear.id}`, {
  colorScheme: 'dark',
  act: (page) => page.getByRole('button', { name: 'Ready, I’m protected' }).click(),
});
await shot('log', '/log');
await shot('bait', `/log/${proven.id}`);
await shot('stores', '/stores');
const paints = await list('paints');
await shot('paint', `/stores/paints/${paints.find((p) => p.name === 'Peat brown').id}`, {
  act: async (page) => {
    await page.getByRole('button', { name: 'Find what comes nearest' }).click();
    await page.locator('.paint-offers button').first().click();
  },
});
await shot('mixing', '/stores/mixing', {
  act: async (page) => {
    await page.getByLabel('Wanted swatch', { exact: true }).fill('#8a7b3c');
    await page.getByRole('button', { name: 'Find mixes' }).click();
    await page.locator('.mixing-mix-offers button').nth(1).click();
  },
});
await shot('in-hand', `/patterns/${pattern('rudd').id}`, {
  act: async (page) => {
    await page.getByText('In the hand').click();
    await page.getByText('Glint', { exact: true }).click();
    await page.locator('.hand-in-hand canvas').waitFor();
    await page.locator('.hand-in-hand').focus();
    for (const key of ['ArrowDown', 'ArrowDown', 'ArrowRight', 'ArrowRight', 'ArrowRight'])
      await page.keyboard.press(key);
    await page.waitForTimeout(800);
  },
});
await shot('pattern-sheet-phone', `/patterns/${pattern('zander').id}`, { width: 390, height: 800 });
await shot('body', `/stores/bodies/${bodies.find((b) => b.name === 'Heron 180').id}`, {
  act: async (page) => {
    await page.getByText('Zones', { exact: true }).click();
    await page.getByRole('button', { name: /^shoulder/ }).click();
  },
});
await shot('masks', '/stores/masks', {
  act: async (page) => {
    for (const name of ['Nine bars, Linnet', 'Crescent, Heron']) await page.getByLabel(`${name} on the sheet`).check();
  },
});
await shot('fit', `/patterns/${pattern('zander').id}/fit`, {
  act: async (page) => {
    await page.getByText('times as large').waitFor();
  },
});
await browser.close();
