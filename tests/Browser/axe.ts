import { AxeBuilder } from '@axe-core/playwright';
import { expect, type Page } from '@playwright/test';

/** Holds what the page shows to WCAG 2.2 AA and to good practice, by day and by night. */
export async function isAccessible(page: Page) {
  const all = ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa', 'best-practice'];
  // Without frames of others, all can be looked at in this page; else a blank one is opened for each look.
  const axe = () => new AxeBuilder({ page }).setLegacyMode(true);
  const found = async (look: AxeBuilder) =>
    (await look.analyze()).violations.map((v) => `${v.id}: ${v.nodes.map((n) => n.target.join(' ')).join(', ')}`);
  expect(await found(axe().withTags(all))).toEqual([]);
  // By night only the colours are others.
  await page.emulateMedia({ colorScheme: 'dark' });
  expect(await found(axe().withRules(['color-contrast']))).toEqual([]);
}
