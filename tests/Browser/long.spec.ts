import { expect, type Locator, type Page, test } from '@playwright/test';

// Ten years of work on a page: what is in sight is there, what is not costs nothing. The pages of the lists are made of the
// first one, so that the suite need not paint for ten years.

const PAGES = 30;
const MOST_NODES = 3000;

/** Answers a list with so many pages, each the first one under other ids, numbered. */
async function manyPages(page: Page, list: string, number: (thing: Record<string, unknown>, at: number) => void) {
  const first = await (await page.request.get(`/api/v1/${list}`)).json();
  const things = first[list] as Record<string, unknown>[];
  await page.route(
    (url) => url.pathname === `/api/v1/${list}`,
    async (route) => {
      const at = Number(new URL(route.request().url()).searchParams.get('after') ?? 0);
      const these = things.map((thing, i) => {
        const other = { ...structuredClone(thing), id: `${thing.id}-${at}` };
        number(other, at * things.length + i);
        return other;
      });
      await route.fulfill({ json: { [list]: these, next: at + 1 < PAGES ? String(at + 1) : null } });
    },
  );
  return things.length * PAGES;
}

/** Scrolls down, page after page however long each takes to come, until the last thing of the list is in sight. */
async function toTheEnd(page: Page, last: Locator) {
  await expect(async () => {
    await page.evaluate(() => window.scrollTo(0, document.documentElement.scrollHeight));
    await expect(last).toBeInViewport({ timeout: 500 });
  }).toPass({ timeout: 45_000, intervals: [100] });
}

const nodes = (page: Page) => page.evaluate(() => document.querySelectorAll('*').length);

test('a shelf of hundreds is scrolled to its end, page after page, with few of them there at once', async ({
  page,
}) => {
  const all = await manyPages(page, 'patterns', (pattern, at) => {
    pattern.name = `Pattern ${at}`;
  });
  await page.goto('/patterns');
  await expect(page.getByText('Pattern 0', { exact: true })).toBeVisible();
  await toTheEnd(page, page.getByText(`Pattern ${all - 1}`, { exact: true }));
  await expect(page.getByText('Pattern 0', { exact: true })).toHaveCount(0);
  expect(await nodes(page)).toBeLessThan(MOST_NODES);
  await page.evaluate(() => window.scrollTo(0, 0));
  await expect(page.getByText('Pattern 0', { exact: true })).toBeInViewport();
});

test('a log of hundreds keeps each run together', async ({ page }) => {
  const all = await manyPages(page, 'baits', (bait, at) => {
    bait.label = `B-${at}`;
    // Three baits a run, so that runs lie across the ends of pages.
    bait.run = { ...(bait.run as object), number: 5000 - Math.floor(at / 3) };
  });
  await page.goto('/log');
  await expect(page.getByText('B-0', { exact: true })).toBeVisible();
  await toTheEnd(page, page.getByText(`B-${all - 1}`, { exact: true }));
  const run = page.getByRole('region', { name: `Run ${5000 - Math.floor((all - 4) / 3)}`, exact: true });
  await expect(run.getByRole('listitem')).toHaveCount(3);
  expect(await nodes(page)).toBeLessThan(MOST_NODES);
});

test('hundreds of runs are lines of one table', async ({ page }) => {
  const all = await manyPages(page, 'runs', (run, at) => {
    run.number = 9000 - at;
  });
  await page.goto('/runs');
  await expect(page.getByRole('link', { name: 'Run 9000' })).toBeVisible();
  await toTheEnd(page, page.getByRole('link', { name: `Run ${9001 - all}` }));
  expect(await nodes(page)).toBeLessThan(MOST_NODES);
});

test('a rack of hundreds is loaded whole, and what is added comes into sight', async ({ page }) => {
  const all = await manyPages(page, 'paints', (paint, at) => {
    paint.name = `Paint ${String(at).padStart(4, '0')}`;
  });
  await page.goto('/stores');
  await expect(page.getByText(`${all} of ${all}`)).toBeVisible();
  await expect(page.getByText('Paint 0000')).toBeVisible();
  expect(await nodes(page)).toBeLessThan(MOST_NODES);
  await page.getByRole('searchbox').fill(`Paint ${String(all - 1).padStart(4, '0')}`);
  await expect(page.getByText(`Paint ${String(all - 1).padStart(4, '0')}`)).toBeVisible();
});
