import { AxeBuilder } from '@axe-core/playwright';
import { expect, type Page } from '@playwright/test';

/** Holds what the page shows to WCAG 2.2 AA and to good practice, by day and by night. */
export async function isAccessible(page: Page) {
  const found = async (axe: AxeBuilder) =>
    (await axe.analyze()).violations.map((v) => `${v.id}: ${v.nodes.map((n) => n.target.join(' ')).join(', ')}`);
  const all = ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa', 'best-practice'];
  expect(await found(new AxeBuilder({ page }).withTags(all))).toEqual([]);
  // By night only the colours are others.
  await page.emulateMedia({ colorScheme: 'dark' });
  expect(await found(new AxeBuilder({ page }).withRules(['color-contrast']))).toEqual([]);
}
