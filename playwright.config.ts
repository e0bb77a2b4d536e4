import { defineConfig } from '@playwright/test';
import { LAUNCH } from './tests/e2e/launch';

/** The built application in Debian's Chromium. Each worker has a workshop of its own: one workshop has one painter. */
export default defineConfig({
	testDir: 'tests/e2e',
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
		trace: 'retain-on-failure',
		launchOptions: LAUNCH
	}
});
