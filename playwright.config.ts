import { defineConfig } from '@playwright/test';
import { seenTo } from './tests/Browser/seenTo';

/**
 * Files that only look, on a demo of their own, or start servers of their own, so that they run beside those that work
 * with their hands.
 */
const LOOKING = ['views', 'opened', 'geometry', 'reach', 'keeping', 'edits'].map((name) => `${name}.spec.ts`);

const server = (port: number, data: string, demo: boolean) => ({
  command: `bash tests/serve.sh ${port} ${data} ${demo ? 'demo' : 'empty'}`,
  url: `http://127.0.0.1:${port}/api/v1/settings`,
  reuseExistingServer: false,
  timeout: 60_000,
});

export default defineConfig({
  testDir: 'tests/Browser',
  timeout: 120_000,
  // As long as a loaded machine may take; who sees it at once waits for nothing.
  expect: { timeout: 12_000 },
  workers: 2,
  projects: [
    { name: 'hands', testIgnore: LOOKING, workers: 1 },
    { name: 'eyes', testMatch: LOOKING, workers: 1, use: { baseURL: 'http://127.0.0.1:8792' } },
  ],
  // A loaded machine may be slow to answer once; what fails twice has failed.
  retries: 1,
  reporter: [['list'], ['json', { outputFile: 'test-results/report.json' }]],
  use: {
    baseURL: 'http://127.0.0.1:8790',
    // The cautions of the bench are known; the test that is about them begins without.
    storageState: seenTo([8790, 8791, 8792, 8794, 8795, 8796, 8797, 8798, 8799]),
    viewport: { width: 1280, height: 800 },
    // One window after the other in the same browser, emptied in between: it need not compile the pages anew for each test.
    reuseContext: true,
    actionTimeout: 15_000,
    // What goes through a service worker cannot be held back by a test; those that are about it let it in.
    serviceWorkers: 'block',
    launchOptions: {
      // Debian's Chromium without a window: the one with a window starts pages of its own beside every page of a test.
      executablePath: process.env.CHROMIUM ?? '/usr/bin/chromium-headless-shell',
      args: [
        '--no-sandbox',
        // No graphics card: three dimensions are drawn by the processor.
        '--enable-unsafe-swiftshader',
        '--disable-quic',
        '--no-first-run',
        '--disable-background-networking',
        '--disable-component-update',
        '--disable-sync',
      ],
    },
  },
  // The demo, one more for those that look, and an installation with nothing in it.
  webServer: [
    server(8790, 'storage/framework/testing/demo', true),
    server(8792, 'storage/framework/testing/looked-at', true),
    server(8791, 'storage/framework/testing/empty', false),
  ],
});
