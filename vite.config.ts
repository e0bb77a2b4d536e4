import { sveltekit } from '@sveltejs/kit/vite';
import tailwindcss from '@tailwindcss/vite';
import { svelteTesting } from '@testing-library/svelte/vite';
import { defineConfig } from 'vitest/config';

export default defineConfig({
	plugins: [tailwindcss(), sveltekit()],
	worker: { format: 'es' },
	/** Found only once the worker runs: told beforehand, the page is not reloaded under the painter's hands. */
	optimizeDeps: {
		include: [
			'comlink',
			'culori',
			'clipper2-ts',
			'mutative',
			'svgpath',
			'pure-rand/distribution/uniformInt',
			'pure-rand/generator/xoroshiro128plus'
		]
	},
	/** What the bundler says of packages that are not ours is noise. */
	build: { rolldownOptions: { checks: { circularDependency: false, pluginTimings: false, emptyImportMeta: false } } },
	server: { watch: { ignored: ['**/.workshop/**', '**/.cache/**'] } },
	test: {
		/** By itself it leaves one core to others, and of two there are not many. */
		maxWorkers: '100%',
		projects: [
			{
				extends: './vite.config.ts',
				test: {
					name: 'core and server',
					environment: 'node',
					globalSetup: ['tests/bundle-pool.ts'],
					setupFiles: ['tests/setup-properties.ts'],
					include: ['src/**/*.test.ts', 'tests/*.test.ts'],
					exclude: ['src/lib/ui/**'],
					/** Nothing of core keeps a state: its files are read once for all tests. */
					isolate: false,
					testTimeout: 30_000,
					hookTimeout: 60_000
				}
			},
			{
				extends: './vite.config.ts',
				plugins: [svelteTesting()],
				test: {
					name: 'components',
					environment: 'jsdom',
					include: ['src/lib/ui/**/*.test.ts'],
					setupFiles: ['tests/setup-components.ts'],
					/** A component keeps nothing of its own beside its page: read once for all files they take half the time. */
					isolate: false,
					/** Beside all others on a machine of two cores. */
					testTimeout: 30_000
				}
			}
		]
	}
});
