import { defineConfig } from '@playwright/test';
import { CHROMIUM } from './e2e/browser.ts';

export default defineConfig({
  testDir: 'e2e',
  testMatch: '*.spec.ts',
  timeout: 240_000,
  expect: { timeout: 30_000 },
  workers: 2,
  // What passes only the second time is named at the end of `nabbet test`.
  retries: 1,
  fullyParallel: false,
  reporter: [['list'], ['json']],
  outputDir: 'test-results',
  use: {
    baseURL: process.env.NABBET_URL ?? 'http://127.0.0.1:4300',
    actionTimeout: 30_000,
    viewport: { width: 1280, height: 800 },
    // What is pressed stands where it will stand.
    contextOptions: { reducedMotion: 'reduce' },
    launchOptions: CHROMIUM,
  },
});
