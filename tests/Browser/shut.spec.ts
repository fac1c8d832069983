import { expect, test } from '@playwright/test';

// A page of another name whose name was rebound to this machine: its scripts may send any header but Host.

const ABOUT_THE_HOST = [
  {},
  { 'X-Forwarded-Host': 'localhost' },
  { 'X-Forwarded-Host': '127.0.0.1:8790', 'X-Forwarded-Proto': 'http' },
  { Forwarded: 'host=localhost;proto=http' },
  { 'X-Original-Host': 'localhost' },
  { 'X-Host': 'localhost' },
  { 'X-HTTP-Host-Override': 'localhost' },
  { X_Forwarded_Host: 'localhost' },
];

test('answers nothing to a page whose name was rebound to this machine', async ({ playwright }, { project }) => {
  const { launchOptions } = project.use;
  const browser = await playwright.chromium.launch({
    ...launchOptions,
    args: [...(launchOptions?.args ?? []), '--host-resolver-rules=MAP rebound.example 127.0.0.1'],
  });
  const page = await browser.newPage();
  expect((await page.goto('http://rebound.example:8790/patterns'))?.status()).toBe(403);
  for (const path of ['/api/v1/patterns', '/api/v1/backups', '/api/v1/settings', '/up']) {
    for (const headers of ABOUT_THE_HOST) {
      const status = await page.evaluate(([at, sent]) => fetch(at, { headers: sent }).then((a) => a.status), [
        path,
        headers as Record<string, string>,
      ] as const);
      expect(status, `${path} ${JSON.stringify(headers)}`).toBe(403);
    }
  }
  await browser.close();
  // Under its own name it does.
  const own = await playwright.request.newContext({ baseURL: 'http://localhost:8790' });
  expect((await own.get('/api/v1/patterns')).status()).toBe(200);
});
