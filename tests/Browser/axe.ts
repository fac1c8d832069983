import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { expect, type Page } from '@playwright/test';
import type { AxeResults } from 'axe-core';

const AXE = readFileSync(createRequire(import.meta.url).resolve('axe-core/axe.min.js'), 'utf8');
const ALL = ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa', 'best-practice'];

/** Holds what the page shows to WCAG 2.2 AA and to good practice, by day and by night. */
export async function isAccessible(page: Page) {
  await page.evaluate(AXE);
  expect(await violations(page, { type: 'tag', values: ALL })).toEqual([]);
  // By night only the colours are others.
  await page.emulateMedia({ colorScheme: 'dark' });
  expect(await violations(page, { type: 'rule', values: ['color-contrast'] })).toEqual([]);
}

/** What is wrong, and where; of what passes only the count is worked out, which takes half the time. */
async function violations(page: Page, runOnly: { type: string; values: string[] }): Promise<string[]> {
  const options = JSON.stringify({ runOnly, resultTypes: ['violations'] });
  const results = await page.evaluate<AxeResults>(`axe.run(document, ${options})`);
  return results.violations.map((v) => `${v.id}: ${v.nodes.map((n) => n.target.join(' ')).join(', ')}`);
}
