import { defineConfig } from '@playwright/test';
import { LAUNCH } from './tests/e2e/launch';

/** The built application in Debian's Chromium. Each worker has a workshop of its own: one workshop has one painter. */
export default defineConfig({
	testDir: 'tests/e2e',
	globalSetup: './tests/e2e/seed.ts',
	/** By itself it leaves half of the cores idle. */
	workers: 2,
	/** What a server bears is asked of it with nobody beside: its processes stand back behind every browser. */
	projects: [
		{ name: 'pages', testIgnore: 'endure.test.ts', workers: 2 },
		{ name: 'server', testMatch: 'endure.test.ts', workers: 1 }
	],
	timeout: 90_000,
	expect: { timeout: 10_000 },
	/** As JSON where somebody counts them. */
	reporter: process.env['PLAYWRIGHT_JSON_OUTPUT_FILE'] ? [['list'], ['json']] : [['list']],
	outputDir: 'test-results/browser',
	use: {
		viewport: { width: 1280, height: 800 },
		contextOptions: { reducedMotion: 'reduce' },
		/** A trace of every step takes a third of the time: a picture of the end tells most. `--trace on` where that is not enough. */
		screenshot: 'only-on-failure',
		launchOptions: LAUNCH
	}
});
