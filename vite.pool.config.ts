import { fileURLToPath } from 'node:url';
import { defineConfig } from 'vite';

/** The entry of the server and the processes that work things out, a file each beside it: the bundler of the application knows nothing of them. */
export default defineConfig({
	publicDir: false,
	resolve: { alias: { $core: fileURLToPath(new URL('src/core', import.meta.url)) } },
	ssr: { noExternal: true, external: ['sharp'] },
	build: {
		ssr: true,
		outDir: 'build/pool',
		emptyOutDir: true,
		target: 'node20',
		rolldownOptions: {
			input: { worker: 'src/lib/server/pool/worker.ts', serve: 'src/lib/server/entry/serve.ts' },
			output: { entryFileNames: '[name].js' },
			checks: { circularDependency: false, pluginTimings: false }
		}
	}
});
