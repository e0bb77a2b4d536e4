import js from '@eslint/js';
import svelte from 'eslint-plugin-svelte';
import ts from 'typescript-eslint';
import svelteConfig from './svelte.config.js';

export default ts.config(
	{ ignores: ['build/', '.svelte-kit/', 'node_modules/', '.workshop/', 'test-results/', '.dependency-cruiser.cjs'] },
	js.configs.recommended,
	...ts.configs.recommended,
	...svelte.configs.recommended,
	{
		rules: {
			'no-undef': 'off',
			'@typescript-eslint/no-unused-vars': ['error', { argsIgnorePattern: '^_' }],
			'@typescript-eslint/consistent-type-imports': ['error', { fixStyle: 'inline-type-imports', disallowTypeAnnotations: false }],
			eqeqeq: 'error',
			'no-restricted-syntax': [
				'error',
				{
					selector: "MemberExpression[object.name='Math'][property.name='random']",
					message: 'Randomness is an argument: use a seeded generator.'
				}
			],
			'svelte/no-navigation-without-resolve': 'off',
			'svelte/prefer-svelte-reactivity': 'off'
		}
	},
	{
		files: ['src/core/**/*.ts'],
		ignores: ['**/*.test.ts'],
		rules: { 'no-restricted-globals': ['error', 'Date', 'performance', 'crypto', 'fetch', 'window', 'document', 'process'] }
	},
	{
		/** More than four are told by their names. Points, cells and pixels by the hundred thousand pass through these rooms and files: nothing is made for one there. */
		files: ['src/**/*.ts', 'src/**/*.svelte'],
		ignores: [
			'**/*.test.ts',
			'src/core/geometry/**',
			'src/core/preview/**',
			'src/core/layout/zones/{areasByRefining,lengthsOnGrid,placeOfCell,slabLevel}.ts',
			'src/core/layout/lays/colourRounds.ts',
			'src/core/layout/arrangements/scheme/layField.ts'
		],
		rules: { 'max-params': ['error', 4] }
	},
	{
		files: ['**/*.svelte', '**/*.svelte.ts'],
		languageOptions: { parserOptions: { projectService: false, extraFileExtensions: ['.svelte'], parser: ts.parser, svelteConfig } }
	},
	{
		files: ['src/core/formats/formats.test.ts', 'src/lib/ui/coats/CoatPanel.svelte'],
		rules: { '@typescript-eslint/no-explicit-any': 'off' }
	}
);
