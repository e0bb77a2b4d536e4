import adapter from '@sveltejs/adapter-node';
import { vitePreprocess } from '@sveltejs/vite-plugin-svelte';

/** @type {import('@sveltejs/kit').Config} */
export default {
	preprocess: vitePreprocess(),
	compilerOptions: { runes: ({ filename }) => (filename.includes('node_modules') ? undefined : true) },
	kit: {
		adapter: adapter({ out: 'build' }),
		/** Programs may send plain text to the API; who may send at all is decided in hooks.server.ts. */
		csrf: { trustedOrigins: ['*'] },
		alias: { $core: 'src/core' },
		typescript: {
			config: (config) => ({
				...config,
				include: [...config.include, '../bench/**/*.ts', '../demo/**/*.ts', '../scripts/**/*.ts', '../tests/**/*.ts', '../*.config.ts']
			})
		}
	}
};
