import { join, resolve } from 'node:path';
import { build } from 'vite';

/** What the pool runs, bundled once for all tests as it is beside the built server: from the sources each process would take seconds to begin. */
export async function setup(): Promise<void> {
	const outDir = resolve('node_modules/.cache/ember-ribbon/pool');
	await build({ configFile: 'vite.pool.config.ts', logLevel: 'error', build: { outDir } });
	process.env['EMBER_POOL'] = join(outDir, 'worker.js');
}
