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
		files: ['**/*.svelte', '**/*.svelte.ts'],
		languageOptions: { parserOptions: { projectService: false, extraFileExtensions: ['.svelte'], parser: ts.parser, svelteConfig } }
	},
	{
		files: ['src/core/formats/formats.test.ts', 'src/lib/ui/coats/CoatPanel.svelte'],
		rules: { '@typescript-eslint/no-explicit-any': 'off' }
	}
);
