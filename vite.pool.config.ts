import { fileURLToPath } from 'node:url';
import { defineConfig } from 'vite';

/** The threads of the server as one file beside it: the bundler of the application knows nothing of them. */
export default defineConfig({
	publicDir: false,
	resolve: { alias: { $core: fileURLToPath(new URL('src/core', import.meta.url)) } },
	ssr: { noExternal: true },
	build: {
		ssr: 'src/lib/server/pool/worker.ts',
		outDir: 'build/pool',
		emptyOutDir: true,
		target: 'node20',
		rolldownOptions: { output: { entryFileNames: 'worker.js' }, checks: { circularDependency: false, pluginTimings: false } }
	}
});
