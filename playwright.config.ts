import { defineConfig } from '@playwright/test';
import { chromiumOptions } from './e2e/chromium';

// The server is started by ./ivrek test browser (or any other way) and named by IVREK_URL.
export default defineConfig({
  testDir: 'e2e',
  fullyParallel: true,
  workers: 2,
  timeout: 180_000,
  expect: { timeout: 30_000 },
  reporter: [['list'], ['json']],
  outputDir: '.data/test/playwright',
  use: {
    baseURL: process.env.IVREK_URL ?? 'http://127.0.0.1:4680',
    viewport: { width: 1280, height: 800 },
    launchOptions: chromiumOptions(),
    trace: 'off',
    // Screens come from the server, as they are; the specs without a network allow the service worker again.
    serviceWorkers: 'block',
  },
});
