import { defineConfig } from '@playwright/test';

const server = (port: number, data: string, demo: boolean) => ({
  command: `bash tests/Browser/serve.sh ${port} ${data} ${demo ? 'demo' : 'empty'}`,
  url: `http://127.0.0.1:${port}/api/v1/settings`,
  reuseExistingServer: false,
  timeout: 60_000,
});

export default defineConfig({
  testDir: 'tests/Browser',
  timeout: 120_000,
  workers: 1,
  // A loaded machine may be slow to answer once; what fails twice has failed.
  retries: 1,
  reporter: [['list'], ['json', { outputFile: 'test-results/report.json' }]],
  use: {
    baseURL: 'http://127.0.0.1:8790',
    viewport: { width: 1280, height: 800 },
    actionTimeout: 10_000,
    launchOptions: {
      executablePath: process.env.CHROMIUM ?? '/usr/bin/chromium',
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
  // The demo, and a second installation with nothing in it.
  webServer: [
    server(8790, 'storage/framework/testing/demo', true),
    server(8791, 'storage/framework/testing/empty', false),
  ],
});
