import { defineConfig } from '@playwright/test';
import tests from './playwright.config';

/** `npm run soak`: what takes too long for every run. */
export default defineConfig({ ...tests, testDir: './soak', timeout: 1_200_000, workers: 1, fullyParallel: false });
