import { expect, type Page } from '@playwright/test';

/** What of a slip opens by what it is for. */
const PART_OF: { [label: string]: string } = {
  psi: 'Air and paint',
  'Thinned, %': 'Air and paint',
  'Strokes a side': 'Air and paint',
  Aim: 'Aim and width',
  'Spray width, mm': 'Aim and width',
  Side: 'Sides',
  'Set by': 'How it is set',
  'Wait, min': 'How it is set',
  Called: 'Name and check',
  'Place from, mm from the nose': 'Edges of the place',
  'Place to, mm from the nose': 'Edges of the place',
  'Edge fades, %': 'Edges of the place',
};

/** The flank on the plate. */
export const FLANK = 'figure[data-view="left"] canvas';

/** Lets a moment pass for the bench's clock only: two presses so close are one, and nobody waits for it here. */
export async function aMoment(page: Page): Promise<void> {
  await page.evaluate(() => {
    const now = performance.now.bind(performance);
    performance.now = () => now() + 750;
  });
}

/** What a press opens is on the screen after a few frames, however long the machine takes for them. */
export async function drawn(page: Page, frames = 4): Promise<void> {
  await page.evaluate(async (count) => {
    for (let i = 0; i < count; i++) await new Promise(requestAnimationFrame);
  }, frames);
}

/** Presses Done as a painter would, not twice within a moment, and answers “all the same” where it asks for the rest. */
export async function pressDone(page: Page): Promise<void> {
  await aMoment(page);
  await page.getByRole('button', { name: /^Done/ }).click();
  await allTheSame(page);
}

export async function finishRun(page: Page): Promise<void> {
  await page.getByRole('button', { name: 'Finish the run' }).click();
  await allTheSame(page);
}

async function allTheSame(page: Page): Promise<void> {
  const all = page.getByRole('button', { name: /all the same/ });
  await drawn(page);
  if (await all.isVisible()) await all.click();
}

/** Where the run that was started last is at the bench. */
export async function onTheClamps(page: Page): Promise<string> {
  const { runs } = (await (await page.request.get('/api/v1/runs')).json()) as { runs: { id: string }[] };
  return `/bench/${runs[0]?.id}`;
}

/** Opens the sheet of a demo pattern by its species. */
export async function openSheet(page: Page, species: string) {
  const answer = await (await page.request.get(`/api/v1/patterns?q=${encodeURIComponent(species)}`)).json();
  const pattern = (answer.patterns as { id: string; species: string }[]).find((p) => p.species === species);
  await page.goto(`/patterns/${pattern?.id}`);
  await expect(page.locator(FLANK)).toHaveAttribute('data-drawn', 'yes');
}

/** Chooses a pattern by its name, in the field whose label begins so. */
export async function choosePattern(page: Page, label: string, name: string) {
  await page.getByRole('button', { name: new RegExp(`^${label}:`) }).click();
  await page.getByRole('textbox', { name: 'Find a pattern' }).fill(name);
  await page.getByRole('option', { name, exact: true }).click();
}

/** What a painter does on the pages, in their words. */
export function hands(page: Page) {
  const form = page.locator('[data-step-form]');
  const saved = async () => {
    // What is typed is due until it stands still; then it leaves, and comes back.
    await expect(page.locator('[data-due]')).toHaveCount(0);
    await expect(page.locator('.sheet')).toHaveAttribute('data-busy', 'false');
  };
  const chosen = async (button: RegExp, find: string, what: string) => {
    await form.getByRole('button', { name: button }).first().click();
    await page.getByRole('textbox', { name: find }).fill(what);
    await page.keyboard.press('Enter');
    await saved();
  };

  return {
    form,
    saved,

    /** Opens the slip of the step that is chosen. */
    async open() {
      await page.getByRole('button', { name: /^Edit step/ }).click();
      await expect(form).toBeVisible();
    },

    /** A field of the slip; the part it stands in is opened. */
    async field(label: string, part = PART_OF[label]) {
      const opener = form.getByRole('button', { name: new RegExp(`^${part}:`) });
      if (part !== undefined && (await opener.getAttribute('aria-expanded')) !== 'true') await opener.click();
      return form.getByLabel(label, { exact: true });
    },

    async addStep(what: string) {
      const before = await page.locator('.ladder-rung').count();
      await page.getByRole('button', { name: 'Add a step', exact: true }).click();
      await page.getByRole('textbox', { name: 'Find a step' }).fill(what);
      await page.keyboard.press('Enter');
      const usual = page.getByRole('button', { name: 'Put it where it usually stands' });
      await expect(page.locator('.ladder-rung').nth(before).or(usual)).toBeVisible();
      if (await usual.isVisible()) await usual.click();
      await expect(page.locator('.ladder-rung')).toHaveCount(before + 1);
      await expect(form).toBeVisible();
      await saved();
    },

    async choose(label: string, option: string) {
      if (label === 'Put on') return chosen(/^Put on:/, 'How is it put on?', option);
      await (await this.field(label)).selectOption({ label: option });
      return saved();
    },

    async set(label: string, value: string | number, part?: string) {
      const field = await this.field(label, part ?? PART_OF[label]);
      await field.fill(String(value));
      await field.press('Tab');
      await saved();
    },

    async paint(name: string, paint: string, technique = 'Free-hand spray') {
      await this.addStep(technique);
      await this.set('Called', name);
      await this.takePaint(paint);
    },

    async takePaint(paint: string, which = 'Paint') {
      await chosen(new RegExp(`^${which}:`), 'Find a paint', paint);
    },

    /** The main picture once it no longer changes. */
    async still() {
      let before = '';
      let now = await this.picture();
      while (now !== before) {
        await expect(page.locator(FLANK)).toHaveAttribute('data-drawn', 'yes');
        await drawn(page, 12);
        before = now;
        now = await this.picture();
      }
      return now;
    },

    /** The colours of the main picture, to tell whether it changed. */
    async picture() {
      return page.locator(FLANK).evaluate((canvas: HTMLCanvasElement) => canvas.toDataURL());
    },
  };
}

/** Two swatches out of a palette, offered to be put onto the rack. */
export async function paletteOfReeds(page: Page) {
  await page.goto('/stores');
  await page.getByRole('button', { name: 'Files' }).click();
  await page.getByLabel('A palette').setInputFiles({
    name: 'reeds.gpl',
    mimeType: 'text/plain',
    buffer: Buffer.from('GIMP Palette\nName: Reeds\n#\n120 110 60\tDry reed\n60 90 70\tWet reed\n'),
  });
  return page.getByRole('dialog', { name: 'Reeds' });
}

/** The smallest photograph. */
export function onePixel(): Buffer {
  return Buffer.from(
    'iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mP8z8BQDwAEhQGAhKmMIQAAAABJRU5ErkJggg==',
    'base64',
  );
}

/** Drops a file onto the page. */
export async function drop(page: Page, name: string, type: string, bytes: Buffer) {
  await page.evaluate(
    ([name, type, base64]) => {
      const data = new DataTransfer();
      const bytes = Uint8Array.from(atob(base64 ?? ''), (c) => c.charCodeAt(0));
      data.items.add(new File([bytes], name ?? '', { type: type ?? '' }));
      window.dispatchEvent(new DragEvent('drop', { dataTransfer: data, bubbles: true, cancelable: true }));
    },
    [name, type, bytes.toString('base64')],
  );
}
