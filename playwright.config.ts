import { defineConfig } from '@playwright/test';
import { LAUNCH } from './tests/e2e/launch';

/** The built application in Debian's Chromium. Each worker has a workshop of its own: one workshop has one painter. */
export default defineConfig({
	testDir: 'tests/e2e',
	workers: 2,
	timeout: 90_000,
	expect: { timeout: 10_000 },
	reporter: [['list'], ['json', { outputFile: 'test-results/browser.json' }]],
	outputDir: 'test-results/browser',
	use: {
		viewport: { width: 1280, height: 800 },
		trace: 'retain-on-failure',
		launchOptions: LAUNCH
	}
});
