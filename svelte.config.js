import adapter from '@sveltejs/adapter-node';
import { vitePreprocess } from '@sveltejs/vite-plugin-svelte';

/** @type {import('@sveltejs/kit').Config} */
export default {
	preprocess: vitePreprocess(),
	compilerOptions: { runes: ({ filename }) => (filename.includes('node_modules') ? undefined : true) },
	kit: {
		adapter: adapter({ out: 'build' }),
		/** Nothing that did not come with the page is run, and no page of another site may frame it. Styles are set on elements by the drawings. */
		csp: {
			directives: {
				'default-src': ['self'],
				'script-src': ['self'],
				'style-src': ['self', 'unsafe-inline'],
				'img-src': ['self', 'data:', 'blob:'],
				'font-src': ['self', 'data:'],
				'worker-src': ['self', 'blob:'],
				'connect-src': ['self'],
				'object-src': ['none'],
				'base-uri': ['none'],
				'form-action': ['self'],
				'frame-ancestors': ['none']
			}
		},
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
